package loosehip.app.setup;

import java.util.List;
import java.util.Optional;
import loosehip.app.field.NotedField;
import loosehip.app.words.PivotWords;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.School;

/**
 * How the golfer stands, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param shape the shape of the back; empty where the school has only one
 * @param figures the figures to type, with their windows
 * @param groups the faults by eye
 * @param school the pivot worked towards
 * @param schools each with what today's set-up leaves in it, in the order of the choices
 */
public record SetupPage(
    String golfer,
    Optional<NotedField> shape,
    List<StanceViews.FigureView> figures,
    List<StanceViews.Group> groups,
    NotedField school,
    List<SchoolLine> schools) {

  /** A school beside the others: what today's set-up leaves in it. */
  public record SchoolLine(School school, Optional<MarginWord> back, Optional<MarginWord> impact) {}

  /** A margin with its cup. */
  public record MarginWord(String band, String spoken) {
    static MarginWord of(Margin margin) {
      return new MarginWord(margin.band().id(), PivotWords.spoken(margin));
    }
  }
}
