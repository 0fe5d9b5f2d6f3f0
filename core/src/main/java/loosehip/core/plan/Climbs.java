package loosehip.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/** Which rungs of which ladders a golfer may climb in a block. */
final class Climbs {
  private static final double SERIOUS = 0.05;

  private final PlanRequest request;
  private final Allowed allowed;
  private final Map<LimitKind, Double> needs;
  private final Outcomes outcomes;

  /**
   * @param outcomes where rungs that are kept out, or cannot be held, are written down
   */
  Climbs(PlanRequest request, Allowed allowed, Map<LimitKind, Double> needs, Outcomes outcomes) {
    this.request = request;
    this.allowed = allowed;
    this.needs = needs;
    this.outcomes = outcomes;
  }

  /**
   * The rungs each ladder may climb in this block: from the start rung, or the highest easier one
   * that is allowed, upwards. Ladders that serve no need are left out unless something on them is
   * pinned.
   */
  Map<LadderId, List<Exercise>> ladders() {
    Map<LadderId, List<Exercise>> climbing = new LinkedHashMap<>();
    request
        .catalogue()
        .ladders()
        .forEach(
            (ladder, rungs) -> {
              List<Exercise> rising = rising(ladder, rungs);
              if (!rising.isEmpty()) {
                climbing.put(ladder, rising);
              }
            });
    return climbing;
  }

  private List<Exercise> rising(LadderId ladder, List<Exercise> rungs) {
    PlanEdits edits = request.edits();
    Optional<Exercise> pinned =
        rungs.stream().filter(e -> edits.pins().containsKey(e.id())).findFirst();
    if (pinned.isPresent()) {
      Optional<Reason> against = allowed.against(pinned.get());
      if (against.isEmpty()) {
        return List.of(pinned.get());
      }
      outcomes.notHeld(pinned.get().id(), against.get());
    }
    int start =
        Math.min(
            edits.rungs().getOrDefault(ladder, StartRungs.of(ladder, request.body().screen())),
            rungs.size());
    List<Exercise> rising = new ArrayList<>();
    for (int rung = start; rung >= 1 && rising.isEmpty(); rung--) {
      consider(rungs.get(rung - 1), rising);
    }
    if (!rising.isEmpty()) {
      for (int rung = rising.get(0).rung() + 1; rung <= rungs.size(); rung++) {
        Exercise next = rungs.get(rung - 1);
        if (worth(next) >= SERIOUS
            && !edits.out().contains(next.id())
            && allowed.against(next).isEmpty()) {
          rising.add(next);
        }
      }
    }
    return rising;
  }

  private void consider(Exercise exercise, List<Exercise> rising) {
    boolean wanted = worth(exercise) >= SERIOUS || reciprocalFirst(exercise);
    if (!wanted) {
      return;
    }
    Optional<Reason> against =
        request.edits().out().contains(exercise.id())
            ? Optional.of(new Reason.TrainersHand())
            : allowed.against(exercise);
    against.ifPresentOrElse(
        reason -> outcomes.leftOut(exercise.id(), reason), () -> rising.add(exercise));
  }

  private double worth(Exercise exercise) {
    return needs.entrySet().stream()
        .mapToDouble(n -> n.getValue() * exercise.service(n.getKey()))
        .sum();
  }

  /**
   * Seat muscles that switch on tall but not hinged, with a short front of the hip: that is worked
   * first, since it holds the seat back.
   */
  static boolean reciprocal(Body body) {
    boolean tallOnly = false;
    for (Side side : Side.values()) {
      tallOnly |=
          switched(body.screen(), side, Part.TALL, "yes")
              && switched(body.screen(), side, Part.HINGED, "no");
    }
    return tallOnly && body.band(LimitKind.HIP_FLEXOR) == Band.SHORT;
  }

  private static boolean switched(Screen screen, Side side, Part posture, String word) {
    return screen
        .word(Slot.of(ScreenTest.GLUTE_SWITCH, side, posture))
        .filter(word::equals)
        .isPresent();
  }

  private boolean reciprocalFirst(Exercise exercise) {
    return exercise.serves().contains(LimitKind.HIP_FLEXOR) && reciprocal(request.body());
  }

  /** Whether an exercise works the seat muscles. */
  static boolean seat(Exercise exercise) {
    return exercise.serves().contains(LimitKind.GLUTE_SWITCH)
        || exercise.serves().contains(LimitKind.GLUTE_STRENGTH);
  }
}
