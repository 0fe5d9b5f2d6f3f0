package loosehip.core.pivot;

import java.util.ArrayList;
import java.util.List;

/**
 * How a set-up change is taken out again while training buys range: every 5° gained takes 5° of
 * flare, 10° of straightening (which buys 5°) or one release step back. Gains are expected at 6° in
 * six weeks, between 3° and 10° (ours, at full adherence).
 *
 * @param parts what goes when, range by range, in the order it goes
 */
public record Bridge(List<Part> parts) {
  /** Degrees of range that take one part back (ours). */
  public static final double STEP = 5;

  private static final double BLOCK_WEEKS = 6;
  private static final double GAIN = 6;
  private static final double GAIN_SLOW = 3;
  private static final double GAIN_FAST = 10;

  /** A range whose gain takes a part out. */
  public enum Range {
    TRAIL_IN("trail hip, inward"),
    LEAD_OUT("lead hip, outward"),
    LEAD_IN("lead hip, inward");

    private final String words;

    Range(String words) {
      this.words = words;
    }

    /** The words shown. */
    public String words() {
      return words;
    }
  }

  /**
   * One part of the change.
   *
   * @param lever what is taken back
   * @param from where the lever stands before it, in degrees or release steps
   * @param to where it stands after it
   * @param range the range that pays for it
   * @param gain degrees that range must have gained
   * @param reached whether it has gained them
   */
  public record Part(
      SetupOption.Lever lever, double from, double to, Range range, double gain, boolean reached) {
    /** Weeks until then at the expected gain. */
    public double weeks() {
      return gain * BLOCK_WEEKS / GAIN;
    }

    /** Weeks until then when it goes fast. */
    public double weeksFast() {
      return gain * BLOCK_WEEKS / GAIN_FAST;
    }

    /** Weeks until then when it goes slowly. */
    public double weeksSlow() {
      return gain * BLOCK_WEEKS / GAIN_SLOW;
    }
  }

  /**
   * Degrees gained since the change was taken on.
   *
   * @param trailIn trail hip, inward
   * @param leadOut lead hip, outward
   * @param leadIn lead hip, inward
   */
  public record Gained(double trailIn, double leadOut, double leadIn) {
    /** Nothing gained yet. */
    public static final Gained NOTHING = new Gained(0, 0, 0);

    private double of(Range range) {
      return switch (range) {
        case TRAIL_IN -> trailIn;
        case LEAD_OUT -> leadOut;
        case LEAD_IN -> leadIn;
      };
    }
  }

  /** The way back from a changed set-up to the one before it. Pinch and tilt are not put back. */
  public static Bridge of(Setup before, Setup changed, Gained gained) {
    List<Part> parts = new ArrayList<>();
    double trail = 0;
    trail =
        steps(
            parts,
            SetupOption.Lever.TRAIL_FLARE,
            changed.trailFlare(),
            before.trailFlare(),
            STEP,
            Range.TRAIL_IN,
            trail,
            gained);
    steps(
        parts,
        SetupOption.Lever.STRAIGHTENING,
        changed.straightening(),
        before.straightening(),
        2 * STEP,
        Range.TRAIL_IN,
        trail,
        gained);
    double lead = 0;
    lead =
        steps(
            parts,
            SetupOption.Lever.RELEASE,
            changed.release().ordinal(),
            before.release().ordinal(),
            1,
            Range.LEAD_OUT,
            lead,
            gained);
    if (changed.leadFlare() < before.leadFlare()) {
      steps(
          parts,
          SetupOption.Lever.LEAD_FLARE,
          -changed.leadFlare(),
          -before.leadFlare(),
          STEP,
          Range.LEAD_OUT,
          lead,
          gained);
    } else {
      steps(
          parts,
          SetupOption.Lever.LEAD_FLARE,
          changed.leadFlare(),
          before.leadFlare(),
          STEP,
          Range.LEAD_IN,
          0,
          gained);
    }
    return new Bridge(List.copyOf(parts));
  }

  /** Adds the steps of one lever down to where it was; answers the gain they need together. */
  private static double steps(
      List<Part> parts,
      SetupOption.Lever lever,
      double from,
      double to,
      double step,
      Range range,
      double gainBefore,
      Gained gained) {
    double gain = gainBefore;
    double at = from;
    while (at - to > 1e-9) {
      double next = Math.max(to, at - step);
      gain += STEP * (at - next) / step;
      parts.add(
          new Part(
              lever, Math.abs(at), Math.abs(next), range, gain, gained.of(range) >= gain - 1e-9));
      at = next;
    }
    return gain;
  }

  /** Whether there is nothing to take back. */
  public boolean empty() {
    return parts.isEmpty();
  }
}
