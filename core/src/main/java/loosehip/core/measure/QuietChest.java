package loosehip.core.measure;

import java.util.Optional;
import loosehip.core.named.Named;

/**
 * What the repeat with the chest lightly held says about a pelvis that turns little under it
 * (domain/02): better by eight degrees or more, and the limit is control; the same, and it is
 * range.
 *
 * @param free degrees of the whole turn, chest left to itself
 * @param held the same with the chest lightly held
 */
public record QuietChest(double free, double held) {
  /** From so many degrees better the chest was what moved. */
  public static final double BETTER = 8;

  /** What holds the pelvis back. */
  public enum Limit implements Named {
    CONTROL("control"),
    RANGE("range");

    private final String id;

    Limit(String id) {
      this.id = id;
    }

    @Override
    public String id() {
      return id;
    }
  }

  /** What it is on this screen; empty until both were taken without pain that stops. */
  public static Optional<QuietChest> of(Screen screen) {
    Optional<Double> free = mean(screen, Part.TOTAL);
    Optional<Double> held = mean(screen, Part.HELD);
    return free.flatMap(f -> held.map(h -> new QuietChest(f, h)));
  }

  private static Optional<Double> mean(Screen screen, Part part) {
    return screen.evidence(Slot.of(ScreenTest.PELVIS_UNDER_CHEST, part)).map(Measurement::mean);
  }

  /** What the limit is. */
  public Limit limit() {
    return held - free >= BETTER ? Limit.CONTROL : Limit.RANGE;
  }
}
