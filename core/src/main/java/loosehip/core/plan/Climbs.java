package loosehip.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/**
 * Which rung of which ladder a golfer works on in this stage, and which one follows if it goes
 * well. Nothing rises by the calendar: the next rung waits for the log or the trainer's hand, and
 * where it is blocked the ladder stops.
 */
final class Climbs {
  private static final double SERIOUS = 0.05;

  private final PlanRequest request;
  private final Allowed allowed;
  private final Map<LimitKind, Double> needs;
  private final Set<ItemId> base;
  private final Outcomes outcomes;
  private final ByQuietChest quietChest;

  /**
   * @param base exercises that are base work; they need no need
   * @param outcomes where rungs that are kept out, or cannot be held, are written down
   */
  Climbs(
      PlanRequest request,
      Allowed allowed,
      Map<LimitKind, Double> needs,
      Set<ItemId> base,
      Outcomes outcomes) {
    this.request = request;
    this.allowed = allowed;
    this.needs = needs;
    this.base = base;
    this.outcomes = outcomes;
    this.quietChest = ByQuietChest.of(request.body().screen());
  }

  /**
   * The rung of each ladder in this stage: the start rung, or the highest easier one that is
   * allowed. Ladders that serve no need are left out unless something on them is pinned, or frees
   * something, or is base work.
   */
  Map<LadderId, Exercise> ladders() {
    Map<LadderId, Exercise> climbing = new LinkedHashMap<>();
    request
        .catalogue()
        .ladders()
        .forEach(
            (ladder, rungs) ->
                on(ladder, rungs).ifPresent(exercise -> climbing.put(ladder, exercise)));
    return climbing;
  }

  private Optional<Exercise> on(LadderId ladder, List<Exercise> rungs) {
    PlanEdits edits = request.edits();
    Optional<Exercise> pinned =
        rungs.stream().filter(e -> edits.pins().containsKey(e.id())).findFirst();
    if (pinned.isPresent()) {
      Optional<Reason> against = allowed.against(pinned.get());
      if (against.isEmpty()) {
        return pinned;
      }
      outcomes.notHeld(pinned.get().id(), against.get());
    }
    int highest = rungs.stream().mapToInt(Exercise::rung).max().orElse(0);
    int start =
        Math.min(
            edits.rungs().getOrDefault(ladder, StartRungs.of(ladder, request.body().screen())),
            highest);
    for (int rung = start; rung >= 1; rung--) {
      Optional<Exercise> here = onRung(request.catalogue().exercises(ladder, rung));
      if (here.isPresent()) {
        return here;
      }
    }
    return Optional.empty();
  }

  /** The usual exercise of a rung, or its alternative where that one is kept out. */
  private Optional<Exercise> onRung(List<Exercise> alternatives) {
    for (Exercise exercise : alternatives) {
      if (wanted(exercise)) {
        Optional<Reason> against = against(exercise).or(() -> onlyTheOtherHip(exercise));
        if (against.isEmpty()) {
          return Optional.of(exercise);
        }
        outcomes.leftOut(exercise.id(), against.get());
      }
    }
    return Optional.empty();
  }

  private Optional<Reason> against(Exercise exercise) {
    return request.edits().out().contains(exercise.id())
        ? Optional.of(new Reason.TrainersHand())
        : allowed.against(exercise);
  }

  private boolean wanted(Exercise exercise) {
    double worth =
        needs.entrySet().stream()
            .mapToDouble(n -> n.getValue() * quietChest.service(exercise, n.getKey()))
            .sum();
    return base.contains(exercise.id()) || worth >= SERIOUS || reciprocalFirst(exercise);
  }

  /** A shifted arc leaves an exercise only the hip that does not need it. */
  private Optional<Reason> onlyTheOtherHip(Exercise exercise) {
    List<Leg> legs = allowed.legs(exercise);
    if (legs.size() != 1 || worth(exercise) >= SERIOUS) {
      return Optional.empty();
    }
    Leg leg = legs.get(0) == Leg.TRAIL ? Leg.LEAD : Leg.TRAIL;
    return request.body().arc(leg).map(arc -> new Reason.ShiftedArc(leg, arc));
  }

  /** What an exercise serves of all needs together, on the legs it may be done on. */
  double worth(Exercise exercise) {
    return needs.entrySet().stream()
        .mapToDouble(n -> n.getValue() * service(exercise, n.getKey()))
        .sum();
  }

  /** How much of a need an exercise serves on the legs it may be done on: 1, 0.5 or 0. */
  double service(Exercise exercise, LimitKind limit) {
    Optional<Leg> of =
        switch (limit) {
          case TRAIL_IR, TRAIL_ER -> Optional.of(Leg.TRAIL);
          case LEAD_IR, LEAD_ER -> Optional.of(Leg.LEAD);
          default -> Optional.empty();
        };
    boolean reaches = of.isEmpty() || allowed.legs(exercise).contains(of.get());
    return reaches ? quietChest.service(exercise, limit) : 0;
  }

  /**
   * What follows if it goes well, or why nothing does.
   *
   * @param in what is done in this stage
   */
  List<NextRung> next(List<Exercise> in) {
    List<NextRung> next = new ArrayList<>();
    for (Exercise exercise : in) {
      List<Exercise> above = request.catalogue().rung(exercise, 1);
      Optional<Exercise> follows =
          above.stream().filter(e -> againstWhenHeld(e, exercise).isEmpty()).findFirst();
      if (follows.isPresent()) {
        next.add(new NextRung(exercise.id(), follows.get().id(), follows.get().rung()));
      } else {
        above.stream()
            .findFirst()
            .ifPresent(e -> outcomes.leftOut(e.id(), againstWhenHeld(e, exercise).orElseThrow()));
      }
    }
    return next;
  }

  /** What would keep the next rung out once this one is held. */
  private Optional<Reason> againstWhenHeld(Exercise next, Exercise held) {
    return request.edits().out().contains(next.id())
        ? Optional.of(new Reason.TrainersHand())
        : allowed.holding(held.id()).against(next);
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
    return !exercise.hard()
        && exercise.serves().contains(LimitKind.HIP_FLEXOR)
        && reciprocal(request.body());
  }

  /** Whether an exercise works the seat muscles. */
  static boolean seat(Exercise exercise) {
    return exercise.serves().contains(LimitKind.GLUTE_SWITCH)
        || exercise.serves().contains(LimitKind.GLUTE_STRENGTH);
  }
}
