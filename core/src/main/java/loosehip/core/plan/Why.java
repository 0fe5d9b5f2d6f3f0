package loosehip.core.plan;

import java.util.List;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Need;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.Band;

/**
 * Why something is in a plan, as data. It is put into words where it is shown.
 *
 * @param purpose what it is for
 * @param weakerFirst the weaker leg, done first and with one more set; empty when both are alike
 * @param held whether the trainer holds it in
 */
public record Why(Purpose purpose, Optional<Leg> weakerFirst, boolean held) {

  /** What an item is for. */
  public sealed interface Purpose {}

  /** It serves needs, the largest first. */
  public record Serves(List<Served> needs) implements Purpose {}

  /**
   * A need served.
   *
   * @param kind the limit
   * @param band how it was measured
   * @param fully whether it is served fully, or by half
   * @param from what asks for it: a fault, a set-up fault, or nothing but the shortage
   */
  public record Served(LimitKind kind, Band band, boolean fully, Need.Family from) {}

  /** It frees the front of the hip before the seat works. */
  public record FreesFirst() implements Purpose {}

  /** It is the drill for faults, the clearest first. */
  public record ForFaults(List<PivotFault> faults) implements Purpose {}

  /** It puts set-up faults right. */
  public record ForSetup(List<SetupFault> faults) implements Purpose {}

  /** Base work: strength nobody has measured short, in minutes that stay free. */
  public record Base() implements Purpose {}

  /** It is easy and comes first. */
  public record Settles() implements Purpose {}

  /** Nothing but the trainer's hand. */
  public record ByHand() implements Purpose {}

  /** As it was written into a plan given before reasons were kept as data. */
  public record AsWritten(String words) implements Purpose {}

  /** Which sort of work it is by its purpose; what the trainer alone wants counts as a fault's. */
  PlanItem.Family family() {
    if (purpose instanceof Base) {
      return PlanItem.Family.BASE;
    }
    if (!(purpose instanceof Serves serves)) {
      return PlanItem.Family.FAULT;
    }
    return switch (serves.needs().get(0).from()) {
      case FAULT -> PlanItem.Family.FAULT;
      case SETUP -> PlanItem.Family.SETUP;
      case GROUNDWORK -> PlanItem.Family.GROUNDWORK;
    };
  }

  /** For a purpose, both sides alike, not held. */
  public static Why of(Purpose purpose) {
    return new Why(purpose, Optional.empty(), false);
  }
}
