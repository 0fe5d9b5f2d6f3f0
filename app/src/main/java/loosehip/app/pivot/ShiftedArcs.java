package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.List;
import loosehip.app.fact.Facts;
import loosehip.app.field.NotedField;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Leg;
import loosehip.core.measure.ArcPattern;

/** The hips whose arc is shifted: what follows, and whether the trainer believes it. */
public final class ShiftedArcs {
  private ShiftedArcs() {}

  /**
   * A hip whose arc is shifted.
   *
   * @param words which, and what follows
   * @param field whether its end range is worked all the same
   */
  public record Line(String words, NotedField field) {}

  /** A line for every such hip. */
  public static List<Line> of(Workup workup) {
    List<Line> lines = new ArrayList<>();
    for (Leg leg : Leg.values()) {
      workup
          .golfer()
          .body()
          .arc(leg)
          .filter(ArcPattern::shifted)
          .ifPresent(
              arc ->
                  lines.add(
                      new Line(
                          workup.spoken(leg) + " hip, " + arc.word() + ": " + arc.follows(),
                          NotedField.mark(
                              workup.file(),
                              Facts.ARC_OVERRULED.about(workup.golfer().handed().side(leg)),
                              "work its end range all the same"))));
    }
    return lines;
  }
}
