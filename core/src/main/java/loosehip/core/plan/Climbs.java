package loosehip.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.link.Limit;
import loosehip.core.link.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/** Which rungs of which ladders a golfer may climb in a block. */
final class Climbs {
  private static final double SERIOUS = 0.05;

  private final Catalogue catalogue;
  private final Screen screen;
  private final Handed handed;
  private final Allowed allowed;
  private final PlanEdits edits;
  private final Map<LimitKind, Double> needs;
  private final Map<String, LeftOut> leftOut;
  private final Set<String> notes;

  /**
   * @param leftOut where rungs that are kept out are written down
   * @param notes where pinned rungs that cannot be held are written down
   */
  Climbs(
      Catalogue catalogue,
      Screen screen,
      Handed handed,
      Allowed allowed,
      PlanEdits edits,
      Map<LimitKind, Double> needs,
      Map<String, LeftOut> leftOut,
      Set<String> notes) {
    this.catalogue = catalogue;
    this.screen = screen;
    this.handed = handed;
    this.allowed = allowed;
    this.edits = edits;
    this.needs = needs;
    this.leftOut = leftOut;
    this.notes = notes;
  }

  /**
   * The rungs each ladder may climb in this block: from the start rung, or the highest easier one
   * that is allowed, upwards. Ladders that serve no need are left out unless something on them is
   * pinned.
   */
  Map<String, List<Exercise>> ladders() {
    Map<String, List<Exercise>> climbing = new LinkedHashMap<>();
    catalogue
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

  private List<Exercise> rising(String ladder, List<Exercise> rungs) {
    Optional<Exercise> pinned =
        rungs.stream().filter(e -> edits.pins().containsKey(e.id())).findFirst();
    if (pinned.isPresent()) {
      Optional<String> against = allowed.against(pinned.get());
      if (against.isEmpty()) {
        return List.of(pinned.get());
      }
      notes.add("Could not be held in: " + pinned.get().id() + ", " + against.get());
      leftOut.putIfAbsent(pinned.get().id(), new LeftOut(pinned.get().id(), against.get()));
    }
    int start =
        Math.min(edits.rungs().getOrDefault(ladder, StartRungs.of(ladder, screen)), rungs.size());
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
    Optional<String> against =
        edits.out().contains(exercise.id())
            ? Optional.of("taken out by the trainer")
            : allowed.against(exercise);
    if (against.isEmpty()) {
      rising.add(exercise);
    } else {
      leftOut.putIfAbsent(exercise.id(), new LeftOut(exercise.id(), against.get()));
    }
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
  static boolean reciprocal(Screen screen, Handed handed) {
    boolean tallOnly = false;
    for (Side side : Side.values()) {
      String tall = screen.word(Slot.of(ScreenTest.GLUTE_SWITCH, side, Part.TALL)).orElse("");
      String hinged = screen.word(Slot.of(ScreenTest.GLUTE_SWITCH, side, Part.HINGED)).orElse("");
      tallOnly |= tall.equals("yes") && hinged.equals("no");
    }
    return tallOnly && Limit.of(LimitKind.HIP_FLEXOR).band(screen, handed) == Band.SHORT;
  }

  private boolean reciprocalFirst(Exercise exercise) {
    return exercise.serves().contains(LimitKind.HIP_FLEXOR) && reciprocal(screen, handed);
  }

  /** Whether an exercise works the seat muscles. */
  static boolean seat(Exercise exercise) {
    return exercise.serves().contains(LimitKind.GLUTE_SWITCH)
        || exercise.serves().contains(LimitKind.GLUTE_STRENGTH);
  }
}
