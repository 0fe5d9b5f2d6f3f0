package loosehip.core.measure;

import java.util.Optional;
import loosehip.core.body.Side;

/**
 * The whole leg against the hip alone: standing turn less hip-only turn (face down, or seated when
 * that is all there is). Edges are ours, from practice.
 *
 * @param degrees standing less hip-only; may be negative
 * @param kind what it suggests
 */
public record LegSlack(double degrees, Kind kind) {
  private static final double LARGE_ABOVE = 20;
  private static final double SMALL_BELOW = 5;

  /** What the difference suggests. */
  public enum Kind {
    CONTROL(
        "the hip has the range, standing does not use it",
        "control or trust, not range: train turning on one leg, do not stretch"),
    LARGE(
        "foot and knee do much of the turning",
        "watch whether the foot rolls or the knee is dragged; do not count it all as hip"),
    SMALL(
        "hardly any turn below the hip",
        "ankle or foot stiff, or guarded: take Knee to wall before blaming the hip"),
    USUAL("the leg adds its usual share below the hip", "nothing to do about it");

    private final String words;
    private final String follows;

    Kind(String words, String follows) {
      this.words = words;
      this.follows = follows;
    }

    /** What it is, in words. */
    public String words() {
      return words;
    }

    /** What follows from it, in words. */
    public String follows() {
      return follows;
    }
  }

  /** Compares one leg one way; empty until both a standing and a hip-only turn count. */
  public static Optional<LegSlack> of(Screen screen, Side side, Direction direction) {
    Optional<Measurement> standing = screen.turn(ScreenTest.STANDING_TURN, side, direction);
    Optional<Measurement> hip =
        screen
            .turn(ScreenTest.PRONE_ROTATION, side, direction)
            .or(() -> screen.turn(ScreenTest.SEATED_ROTATION, side, direction));
    if (standing.isEmpty() || hip.isEmpty()) {
      return Optional.empty();
    }
    double degrees = standing.get().mean() - hip.get().mean();
    boolean unused = standing.get().band() == Band.SHORT && hip.get().band() == Band.ENOUGH;
    Kind kind =
        unused
            ? Kind.CONTROL
            : degrees > LARGE_ABOVE ? Kind.LARGE : degrees < SMALL_BELOW ? Kind.SMALL : Kind.USUAL;
    return Optional.of(new LegSlack(degrees, kind));
  }
}
