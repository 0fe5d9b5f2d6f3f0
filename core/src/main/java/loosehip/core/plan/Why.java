package loosehip.core.plan;

import java.util.List;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
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
   */
  public record Served(LimitKind kind, Band band, boolean fully) {}

  /** It frees the front of the hip before the seat works. */
  public record FreesFirst() implements Purpose {}

  /** It is the drill for a fault. */
  public record ForFault(PivotFault fault) implements Purpose {}

  /** Nothing but the trainer's hand. */
  public record ByHand() implements Purpose {}

  /** As it was written into a plan given before reasons were kept as data. */
  public record AsWritten(String words) implements Purpose {}

  /** For a purpose, both sides alike, not held. */
  public static Why of(Purpose purpose) {
    return new Why(purpose, Optional.empty(), false);
  }
}
