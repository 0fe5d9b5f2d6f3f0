package loosehip.app.research;

/**
 * A column of a table, as the data dictionary tells it.
 *
 * @param name its head
 * @param type {@code string}, {@code integer}, {@code number} or {@code boolean}
 * @param unit what a number counts; empty for none
 * @param holds what it holds, in words
 * @param grouped whether rows are held back by it when under five golfers share its value
 */
record Column(String name, String type, String unit, String holds, boolean grouped) {
  static Column text(String name, String holds) {
    return new Column(name, "string", "", holds, false);
  }

  /** A column whose every value is shared by five golfers at least. */
  static Column shared(String name, String holds) {
    return new Column(name, "string", "", holds, true);
  }

  static Column whole(String name, String unit, String holds) {
    return new Column(name, "integer", unit, holds, false);
  }

  static Column number(String name, String unit, String holds) {
    return new Column(name, "number", unit, holds, false);
  }
}
