package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;

/** Two minutes before practice that put a set-up fault right. Source: domain/05, ours. */
public enum SetupRoutine {
  STANCE_MEASURE("stance-measure", SetupFault.WIDE_STANCE, SetupFault.NARROW_STANCE),
  ROCK_AND_SETTLE("rock-and-settle", SetupFault.TOE_WEIGHTED, SetupFault.HEEL_WEIGHTED),
  LACES_CHECK("laces-check", SetupFault.PINCHED),
  PLUMB_CHECK(
      "plumb-check", SetupFault.DEEP_KNEES, SetupFault.STIFF_KNEES, SetupFault.UPRIGHT_SHINS),
  HINGE_TO_ADDRESS("hinge-to-address", SetupFault.HUNCHED),
  THREE_SHAPES("three-shapes", SetupFault.ARCHED, SetupFault.TUCKED),
  SIDE_TILT_SLIDE("side-tilt-slide", SetupFault.NO_SIDE_TILT),
  HAND_GAP("hand-gap", SetupFault.TOO_CLOSE);

  /** Seconds a routine takes. */
  public static final int SECONDS = 120;

  /** So many at a time; the rest wait. */
  public static final int MOST = 2;

  private final ItemId id;
  private final Set<SetupFault> faults;

  SetupRoutine(String id, SetupFault first, SetupFault... more) {
    this.id = ItemId.of(id);
    this.faults = EnumSet.of(first, more);
  }

  /** The product's id. */
  public ItemId id() {
    return id;
  }

  /** The set-up faults it puts right. */
  public Set<SetupFault> faults() {
    return faults;
  }

  /** The routine that puts a set-up fault right. */
  public static SetupRoutine of(SetupFault fault) {
    return Arrays.stream(values()).filter(r -> r.faults.contains(fault)).findFirst().orElseThrow();
  }

  /**
   * The routines for what is seen at address, in the order of putting right: feet and weight, then
   * knees, then hinge and back shape, then side tilt and distance; each with its faults.
   */
  public static Map<SetupRoutine, List<SetupFault>> of(Seen seen) {
    Map<SetupRoutine, List<SetupFault>> due = new LinkedHashMap<>();
    for (SetupRoutine routine : values()) {
      for (SetupFault fault : routine.faults) {
        if (seen.level(fault).present()) {
          due.computeIfAbsent(routine, r -> new ArrayList<>()).add(fault);
        }
      }
    }
    return due;
  }
}
