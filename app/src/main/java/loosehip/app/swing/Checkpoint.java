package loosehip.app.swing;

import java.util.List;
import loosehip.core.link.PivotFault;

/** Where in the swing a fault is looked for. */
enum Checkpoint {
  TAKEAWAY("Takeaway", List.of(PivotFault.PUSH_IN, PivotFault.HEAD_DRIFT)),
  ARM_LEVEL("Going back", List.of(PivotFault.EARLY_STOP, PivotFault.KNEE_DRIFT)),
  TOP(
      "Top",
      List.of(
          PivotFault.SWAY,
          PivotFault.SHORT_TURN,
          PivotFault.ARM_WRAP,
          PivotFault.REVERSE_TILT,
          PivotFault.TRAIL_LOCK,
          PivotFault.DIP,
          PivotFault.OVER_TURN,
          PivotFault.FLAT_SHOULDERS,
          PivotFault.STAYS_FOLDED,
          PivotFault.LEAD_KNEE_DIVE,
          PivotFault.LEAD_KNEE_STUCK,
          PivotFault.TRAIL_KNEE_STUCK)),
  START_DOWN(
      "Start down",
      List.of(
          PivotFault.OVER_TOP,
          PivotFault.SPIN_OUT,
          PivotFault.KNEE_DIVE,
          PivotFault.LEAD_RISE,
          PivotFault.TOE_FALL)),
  IMPACT(
      "Impact",
      List.of(
          PivotFault.HIP_THRUST,
          PivotFault.SLIDE,
          PivotFault.STALL_FLIP,
          PivotFault.STEEP_BEND,
          PivotFault.HANG_BACK)),
  FINISH("Finish", List.of(PivotFault.FINISH_SHORT));

  private final String title;
  private final List<PivotFault> faults;

  Checkpoint(String title, List<PivotFault> faults) {
    this.title = title;
    this.faults = faults;
  }

  /** The name shown. */
  String title() {
    return title;
  }

  /** The faults looked for here, the commonest first. */
  List<PivotFault> faults() {
    return faults;
  }
}
