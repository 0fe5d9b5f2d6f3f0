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
 * What is done in the eight to ten minutes before a round, in order, without what a caution, a gate
 * or the log keeps out. Source: domain/05, ours from practice.
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

  private static final ItemId LYING = ItemId.of("lying-tilts");
  private static final ItemId STANDING = ItemId.of("standing-tilts");

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
   * The reset of one golfer. What drops out is replaced by the rung below it, where that is free.
   *
   * @param stopped what the log of the plan in force has stopped, with the day it did
   */
  public static PreRoundReset of(
      Catalogue catalogue, Health health, Body body, Map<ItemId, LocalDate> stopped) {
    List<Part> parts = new ArrayList<>();
    List<LeftOut> out = new ArrayList<>();
    List<PlanItem> items = new ArrayList<>();
    for (Part whole : WHOLE) {
      for (ItemId id : instead(catalogue, whole.exercise())) {
        Optional<Reason> blocked =
            Planner.blockedBy(catalogue, id, health)
                .or(() -> Optional.ofNullable(stopped.get(id)).map(Reason.Stopped::new))
                .or(() -> catalogue.find(id).flatMap(e -> Allowed.byGates(e, body, false)));
        if (blocked.isPresent()) {
          out.add(new LeftOut(id, blocked.get()));
        } else if (parts.stream().noneMatch(p -> p.exercise().equals(id))) {
          Exercise exercise = catalogue.find(id).orElseThrow();
          int reps = id.equals(whole.exercise()) ? whole.reps() : exercise.dose().repsLow();
          List<Movement.Changed> changed = Planner.changed(catalogue, id, health);
          parts.add(new Part(id, reps, counted(exercise, whole), changed));
          items.add(item(exercise, reps));
          break;
        }
      }
    }
    return new PreRoundReset(List.copyOf(parts), List.copyOf(out), Session.length(items));
  }

  private static Counted counted(Exercise exercise, Part whole) {
    return exercise.id().equals(whole.exercise())
        ? whole.counted()
        : exercise.dose().perSide() ? Counted.EACH_SIDE : Counted.TIMES;
  }

  /** An exercise, then what stands in for it: tilts standing for lying, else the rungs below. */
  private static List<ItemId> instead(Catalogue catalogue, ItemId id) {
    if (id.equals(LYING)) {
      return List.of(id, STANDING);
    }
    List<ItemId> ids = new ArrayList<>(List.of(id));
    Exercise at = catalogue.find(id).orElseThrow();
    for (int rung = at.rung() - 1; rung >= 1; rung--) {
      catalogue.exercises(at.ladder(), rung).forEach(e -> ids.add(e.id()));
    }
    return ids;
  }

  private static PlanItem item(Exercise exercise, int reps) {
    Dose.Prescribed much = new Dose.Prescribed(1, reps, exercise.dose().holdLow());
    return PlanItem.of(PlanItem.Role.EXERCISE, exercise, much, Why.of(new Why.ByHand()));
  }
}
