package loosehip.app.library;

import java.util.List;
import loosehip.core.pivot.School;

/**
 * The figures of the turn budget, ready to be shown.
 *
 * @param figures of the model
 * @param schools what each school asks
 */
public record BudgetPage(List<Figure> figures, List<SchoolFigures> schools) {

  /**
   * A figure, the practice's own beside the shipped one.
   *
   * @param value in force, or as typed and refused
   * @param bounds least and most, in words
   * @param words what is looked for, to be searched
   * @param history who set what, the newest first
   * @param problem why a typed one was not kept, in words; empty when nothing was refused
   */
  public record Figure(
      String id,
      String title,
      String unit,
      String value,
      String shipped,
      boolean own,
      String bounds,
      String source,
      String words,
      List<String> history,
      String problem) {
    Figure typed(String typed, String why) {
      return new Figure(id, title, unit, typed, shipped, own, bounds, source, words, history, why);
    }

    /** Whose the value in force is, and its bounds. */
    public String told() {
      return (own ? "own, " : "shipped, ") + bounds;
    }
  }

  /** A school with its numbers. */
  public record SchoolFigures(School school, List<Figure> figures) {}
}
