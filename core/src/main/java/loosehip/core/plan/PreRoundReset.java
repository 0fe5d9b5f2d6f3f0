package loosehip.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.limit.Body;
import loosehip.core.safety.Health;
import loosehip.core.safety.Movement;

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
   * @param counted what is counted
   * @param changed how it is done differently for a caution
   */
  public record Part(ItemId exercise, int reps, Counted counted, List<Movement.Changed> changed) {}

  /** What is counted. */
  public enum Counted {
    TIMES,
    BREATHS,
    EACH_SIDE
  }

  private static final List<Part> WHOLE =
      List.of(
          part("lying-tilts", 8, Counted.TIMES),
          part("four-point-arch-round", 8, Counted.BREATHS),
          part("club-hinge", 10, Counted.TIMES),
          part("one-leg-turn-held", 10, Counted.EACH_SIDE),
          part("side-squat-foot-sweeps", 5, Counted.EACH_SIDE),
          part("low-side-steps", 10, Counted.TIMES),
          part("long-lunge", 10, Counted.EACH_SIDE));

  private static Part part(String exercise, int reps, Counted counted) {
    return new Part(ItemId.of(exercise), reps, counted, List.of());
  }

  /**
   * The reset of one golfer.
   *
   * @param stopped what the log of the plan in force has stopped, with the day it did
   */
  public static PreRoundReset of(
      Catalogue catalogue, Health health, Body body, Map<ItemId, LocalDate> stopped) {
    List<Part> parts = new ArrayList<>();
    List<LeftOut> out = new ArrayList<>();
    List<PlanItem> items = new ArrayList<>();
    for (Part part : WHOLE) {
      Optional<Reason> blocked =
          Planner.blockedBy(catalogue, part.exercise(), health)
              .or(() -> Optional.ofNullable(stopped.get(part.exercise())).map(Reason.Stopped::new))
              .or(() -> catalogue.find(part.exercise()).flatMap(e -> Allowed.byGates(e, body)));
      if (blocked.isPresent()) {
        out.add(new LeftOut(part.exercise(), blocked.get()));
      } else {
        parts.add(
            new Part(
                part.exercise(),
                part.reps(),
                part.counted(),
                Planner.changed(catalogue, part.exercise(), health)));
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
        Why.of(new Why.ByHand()));
  }
}
