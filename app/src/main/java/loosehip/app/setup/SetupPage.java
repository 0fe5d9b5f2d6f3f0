package loosehip.app.setup;

import java.util.List;
import java.util.Optional;
import loosehip.app.field.NotedField;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.words.PivotWords;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.School;

/**
 * How the golfer stands, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param shape the shape of the back; empty where the school has only one
 * @param feet how far the feet are turned out, by eye
 * @param typed how many figures were typed
 * @param figures the figures to type, with their windows
 * @param groups the faults by eye
 * @param repairs what puts right what is seen
 * @param school the pivot worked towards
 * @param schools each with what today's set-up leaves in it, in the order of the choices
 */
public record SetupPage(
    String golfer,
    Optional<NotedField> shape,
    List<NotedField> feet,
    long typed,
    List<StanceViews.FigureView> figures,
    List<StanceViews.Group> groups,
    List<SetupRepairs.Repair> repairs,
    NotedField school,
    List<SchoolLine> schools) {

  /** A school beside the others: what today's set-up leaves in it. */
  public record SchoolLine(School school, List<MarginWord> margins) {}

  /** A margin with its cup. */
  public record MarginWord(String which, String band, String spoken) {
    static MarginWord of(String which, Margin margin) {
      return new MarginWord(which, margin.band().id(), PivotWords.spoken(margin));
    }
  }
}
