package loosehip.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.measure.Screen;
import loosehip.core.safety.Health;

/**
 * What is done in the eight to ten minutes before a round, in order, without what a caution blocks.
 * Source: domain/05, ours from practice.
 *
 * @param parts what is done
 * @param out what is left out, with the reason
 * @param seconds how long it takes, as a session is counted
 */
public record PreRoundReset(List<Part> parts, List<LeftOut> out, int seconds) {

  /**
   * One thing to do.
   *
   * @param exercise its id in the catalogue
   * @param reps how often, on each side where it is done on both
   * @param counted what is counted: {@code times}, {@code breaths} or {@code each side}
   */
  public record Part(String exercise, int reps, String counted) {
    /** How much in words: {@code 10 each side}. */
    public String told() {
      return reps + " " + counted;
    }
  }

  private static final List<Part> WHOLE =
      List.of(
          new Part("lying-tilts", 8, "times"),
          new Part("four-point-arch-round", 8, "breaths"),
          new Part("club-hinge", 10, "times"),
          new Part("one-leg-turn-held", 10, "each side"),
          new Part("side-squat-foot-sweeps", 5, "each side"),
          new Part("low-side-steps", 10, "times"),
          new Part("long-lunge", 10, "each side"));

  /** The reset of one golfer. */
  public static PreRoundReset of(Catalogue catalogue, Screen screen, Handed handed, Health health) {
    List<Part> parts = new ArrayList<>();
    List<LeftOut> out = new ArrayList<>();
    List<PlanItem> items = new ArrayList<>();
    for (Part part : WHOLE) {
      Optional<String> blocked =
          Planner.blockedBy(catalogue, part.exercise(), screen, handed, health);
      if (blocked.isPresent()) {
        out.add(new LeftOut(part.exercise(), blocked.get()));
      } else {
        parts.add(part);
        items.add(item(catalogue.find(part.exercise()).orElseThrow(), part.reps()));
      }
    }
    return new PreRoundReset(List.copyOf(parts), List.copyOf(out), Session.length(items));
  }

  private static PlanItem item(Exercise exercise, int reps) {
    Dose.Prescribed much = new Dose.Prescribed(1, reps, exercise.dose().holdLow());
    return new PlanItem(
        exercise.id(),
        Optional.of(exercise),
        exercise.dose(),
        much,
        exercise.dose().seconds(much),
        "");
  }
}
