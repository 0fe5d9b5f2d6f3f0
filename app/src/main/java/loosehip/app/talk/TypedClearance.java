package loosehip.app.talk;

/**
 * A clearance as typed, so that it stays in its fields after a problem.
 *
 * @param subject id of what it was to clear
 * @param problem what kept it from being recorded, in words; empty when nothing was typed yet
 */
public record TypedClearance(
    String subject, String clinician, String on, String limits, String review, String problem) {
  static final TypedClearance NONE = new TypedClearance("", "", "", "", "", "");

  /** The same for one subject: blank when it was typed for another. */
  TypedClearance of(String asked) {
    return subject.equals(asked) ? this : new TypedClearance(asked, "", "", "", "", "");
  }

  /** Whether it was typed and not recorded. */
  public boolean refused() {
    return !problem.isEmpty();
  }
}
