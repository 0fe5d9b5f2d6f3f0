package loosehip.core.pivot;

import java.util.Map;

/**
 * How the golfer stands and what the legs allow, in degrees.
 *
 * @param hipFlexion hip bend at address; 40 when not measured
 * @param pelvicTilt beyond the golfer's neutral; positive arched, negative tucked
 * @param rounding between the lower and the upper half of the back at address
 * @param trailFlare toes of the trail foot turned out
 * @param leadFlare toes of the lead foot turned out
 * @param trailPinch trail knee set inside the middle of the foot
 * @param leadPinch lead knee set inside the middle of the foot
 * @param straightening how much the trail knee straightens going back
 * @param release what the lead leg allows going back
 * @param club the club the budget is for
 */
public record Setup(
    double hipFlexion,
    double pelvicTilt,
    double rounding,
    double trailFlare,
    double leadFlare,
    double trailPinch,
    double leadPinch,
    double straightening,
    LeadRelease release,
    Club club) {

  /** Hip bend taken when no still gave one (ours). */
  public static final double USUAL_HIP_FLEXION = 40;

  /** A plain stance: 40 of hip bend, feet square, nothing given or taken. */
  public static final Setup PLAIN =
      new Setup(USUAL_HIP_FLEXION, 0, 0, 0, 0, 0, 0, 0, LeadRelease.HELD, Club.DRIVER);

  /** The least and most each figure may be, by its name in the case file. */
  public static final Map<String, double[]> BOUNDS =
      Map.of(
          "hipFlexion", new double[] {0, 90},
          "pelvicTilt", new double[] {-30, 30},
          "rounding", new double[] {0, 60},
          "trailFlare", new double[] {-20, 60},
          "leadFlare", new double[] {-20, 60},
          "trailPinch", new double[] {-20, 30},
          "leadPinch", new double[] {-20, 30},
          "trailKneeExtension", new double[] {-10, 40});

  /** Pinch in both knees together. */
  public double pinch() {
    return Math.max(0, trailPinch) + Math.max(0, leadPinch);
  }

  /** With these feet, straightening and release; pinch and tilt removed where asked. */
  public Setup with(
      double newTrailFlare,
      double newLeadFlare,
      double newStraightening,
      LeadRelease newRelease,
      boolean unpinch,
      boolean level) {
    return new Setup(
        hipFlexion,
        level ? 0 : pelvicTilt,
        rounding,
        newTrailFlare,
        newLeadFlare,
        unpinch ? Math.min(0, trailPinch) : trailPinch,
        unpinch ? Math.min(0, leadPinch) : leadPinch,
        newStraightening,
        newRelease,
        club);
  }
}
