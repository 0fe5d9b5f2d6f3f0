package loosehip.core.pivot;

import java.util.ArrayList;
import java.util.List;
import loosehip.core.named.Named;

/**
 * How a set-up change is taken out again while training buys range: every 5° gained takes 5° of
 * flare or 10° of straightening (which buys 5°) back; a release step goes when the degrees it buys
 * are gained, never before. Trunk turn gained counts going back as far as it lowers what is asked
 * of the pelvis. Gains are expected at 6° in six weeks, between 3° and 10° (ours, at full
 * adherence).
 *
 * @param parts what goes when, range by range, in the order it goes
 */
public record Bridge(List<Part> parts) {
  private static final double BLOCK_WEEKS = 6;

  /** A range whose gain takes a part out. */
  public enum Range implements Named {
    TRAIL_IN("trail-in", "trail hip inward"),
    LEAD_OUT("lead-out", "lead hip outward"),
    LEAD_IN("lead-in", "lead hip inward");

    private final String id;
    private final String title;

    Range(String id, String title) {
      this.id = id;
      this.title = title;
    }

    @Override
    public String id() {
      return id;
    }

    /** The name shown. */
    public String title() {
      return title;
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
   * @param weeks weeks until then at the expected gain
   * @param weeksFast weeks until then when it goes fast
   * @param weeksSlow weeks until then when it goes slowly
   */
  public record Part(
      SetupOption.Lever lever,
      double from,
      double to,
      Range range,
      double gain,
      boolean reached,
      double weeks,
      double weeksFast,
      double weeksSlow) {
    private static Part of(
        SetupOption.Lever lever,
        double from,
        double to,
        Range range,
        double gain,
        boolean reached,
        Coefficients c) {
      return new Part(
          lever,
          from,
          to,
          range,
          gain,
          reached,
          gain * BLOCK_WEEKS / c.of(Coefficient.GAIN),
          gain * BLOCK_WEEKS / c.of(Coefficient.GAIN_FAST),
          gain * BLOCK_WEEKS / c.of(Coefficient.GAIN_SLOW));
    }
  }

  /**
   * Degrees gained since the change was taken on.
   *
   * @param trailIn trail hip, inward
   * @param leadOut lead hip, outward
   * @param leadIn lead hip, inward
   * @param relief degrees less that are asked of the pelvis since the trunk turns farther
   */
  public record Gained(double trailIn, double leadOut, double leadIn, double relief) {
    /** Nothing gained yet. */
    public static final Gained NOTHING = new Gained(0, 0, 0, 0);

    private double of(Range range) {
      return switch (range) {
        case TRAIL_IN -> trailIn + relief;
        case LEAD_OUT -> leadOut + relief;
        case LEAD_IN -> leadIn;
      };
    }
  }

  /** The way back from a changed set-up to the one before it. Pinch and tilt are not put back. */
  public static Bridge of(Setup before, Setup changed, Gained gained, Coefficients c) {
    double once = c.of(Coefficient.BRIDGE_STEP);
    List<Part> parts = new ArrayList<>();
    double trail = 0;
    trail =
        steps(
            parts,
            SetupOption.Lever.TRAIL_FLARE,
            changed.trailFlare(),
            before.trailFlare(),
            once,
            Range.TRAIL_IN,
            trail,
            gained,
            c);
    steps(
        parts,
        SetupOption.Lever.STRAIGHTENING,
        changed.straightening(),
        before.straightening(),
        2 * once,
        Range.TRAIL_IN,
        trail,
        gained,
        c);
    double lead = 0;
    lead = releases(parts, changed.release(), before.release(), gained, c);
    if (changed.leadFlare() < before.leadFlare()) {
      steps(
          parts,
          SetupOption.Lever.LEAD_FLARE,
          -changed.leadFlare(),
          -before.leadFlare(),
          once,
          Range.LEAD_OUT,
          lead,
          gained,
          c);
    } else {
      steps(
          parts,
          SetupOption.Lever.LEAD_FLARE,
          changed.leadFlare(),
          before.leadFlare(),
          once,
          Range.LEAD_IN,
          0,
          gained,
          c);
    }
    return new Bridge(List.copyOf(parts));
  }

  /** Adds the release steps down to the one before; answers the gain they need together. */
  private static double releases(
      List<Part> parts, LeadRelease from, LeadRelease to, Gained gained, Coefficients c) {
    double gain = 0;
    for (int at = from.ordinal(); at > to.ordinal(); at--) {
      LeadRelease step = LeadRelease.values()[at];
      LeadRelease next = LeadRelease.values()[at - 1];
      gain += c.release(step) - c.release(next);
      boolean reached = gained.of(Range.LEAD_OUT) >= gain - 1e-9;
      parts.add(Part.of(SetupOption.Lever.RELEASE, at, at - 1, Range.LEAD_OUT, gain, reached, c));
    }
    return gain;
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
      Gained gained,
      Coefficients c) {
    double gain = gainBefore;
    double at = from;
    while (at - to > 1e-9) {
      double next = Math.max(to, at - step);
      gain += c.of(Coefficient.BRIDGE_STEP) * (at - next) / step;
      parts.add(
          Part.of(
              lever,
              Math.abs(at),
              Math.abs(next),
              range,
              gain,
              gained.of(range) >= gain - 1e-9,
              c));
      at = next;
    }
    return gain;
  }

  /** Whether there is nothing to take back. */
  public boolean empty() {
    return parts.isEmpty();
  }
}
