package loosehip.core.link;

import java.util.EnumSet;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.named.Named;

/** What golfers say goes wrong, and where to look first (ours, from practice). */
public enum Complaint implements Named {
  LOST_DISTANCE(
      "lost-distance",
      "Lost distance",
      EnumSet.of(PivotFault.SHORT_TURN, PivotFault.EARLY_STOP, PivotFault.SWAY)),
  FAT_THIN(
      "fat-thin",
      "Fat and thin",
      EnumSet.of(PivotFault.SWAY, PivotFault.DIP, PivotFault.HANG_BACK)),
  SLICE_PULL(
      "slice-pull",
      "Slice or pull",
      EnumSet.of(PivotFault.OVER_TOP, PivotFault.EARLY_STOP, PivotFault.SHORT_TURN)),
  BLOCK_HOOK(
      "block-hook",
      "Block or hook",
      EnumSet.of(PivotFault.HIP_THRUST, PivotFault.STALL_FLIP, PivotFault.SLIDE)),
  SHANK(
      "shank",
      "Shank",
      EnumSet.of(
          PivotFault.TOE_FALL, PivotFault.PUSH_IN, PivotFault.HIP_THRUST, PivotFault.OVER_TOP)),
  TOE_STRIKE("toe-strike", "Toe strike", EnumSet.of(PivotFault.HIP_THRUST, PivotFault.SHORT_TURN)),
  INCONSISTENT(
      "inconsistent",
      "Never the same twice",
      EnumSet.of(
          PivotFault.EARLY_STOP,
          PivotFault.ARM_WRAP,
          PivotFault.SHORT_TURN,
          PivotFault.HEAD_DRIFT)),
  LOW_BACK_ACHE(
      "low-back-ache",
      "Low back aches",
      Set.of(SetupFault.ARCHED),
      EnumSet.of(PivotFault.STEEP_BEND, PivotFault.REVERSE_TILT),
      Set.of()),
  FALLS_OFF_BALANCE(
      "falls-off-balance",
      "Falls off balance",
      EnumSet.of(PivotFault.HANG_BACK, PivotFault.TOE_FALL)),
  CANNOT_TURN(
      "cannot-turn",
      "Cannot turn",
      Set.of(SetupFault.HUNCHED),
      EnumSet.of(PivotFault.SHORT_TURN, PivotFault.EARLY_STOP),
      EnumSet.of(LimitKind.TRAIL_IR, LimitKind.LEAD_ER, LimitKind.TRUNK_TURN));

  private final String id;
  private final String title;
  private final Set<SetupFault> atAddress;
  private final Set<PivotFault> lookFirst;
  private final Set<LimitKind> limits;

  Complaint(String id, String title, Set<PivotFault> lookFirst) {
    this(id, title, Set.of(), lookFirst, Set.of());
  }

  Complaint(
      String id,
      String title,
      Set<SetupFault> atAddress,
      Set<PivotFault> lookFirst,
      Set<LimitKind> limits) {
    this.id = id;
    this.title = title;
    this.atAddress = atAddress;
    this.lookFirst = lookFirst;
    this.limits = limits;
  }

  @Override
  public String id() {
    return id;
  }

  /** The words shown. */
  public String title() {
    return title;
  }

  /** Whether a fault of set-up or pivot serves this complaint. */
  public boolean names(Fault fault) {
    return fault instanceof SetupFault setup
        ? atAddress.contains(setup)
        : lookFirst.contains(fault);
  }

  /** The set-up faults that serve this complaint. */
  public Set<SetupFault> atAddress() {
    return atAddress;
  }

  /** The limits of the body that this complaint names itself. */
  public Set<LimitKind> limits() {
    return limits;
  }

  /** The pivot faults that serve this complaint. */
  public Set<PivotFault> lookFirst() {
    return lookFirst;
  }
}
