package loosehip.core.pivot;

import loosehip.core.named.Named;

/**
 * A figure of the set-up or the leg work that the turn budget works with; degrees. Bounds are what
 * a field accepts, both included (ours). The id is its name in the case file.
 */
public enum BudgetFigure implements Named {
  HIP_FLEXION("hipFlexion", "Hip bend", 0, 90, 40),
  PELVIC_TILT("pelvicTilt", "Pelvic tilt", -30, 30, 0),
  ROUNDING("rounding", "Back rounding", 0, 60, 0),
  TRAIL_FLARE("trailFlare", "Trail foot flare", -20, 60, 0),
  LEAD_FLARE("leadFlare", "Lead foot flare", -20, 60, 0),
  TRAIL_PINCH("trailPinch", "Trail knee pinch", -20, 30, 0),
  LEAD_PINCH("leadPinch", "Lead knee pinch", -20, 30, 0),
  STRAIGHTENING("trailKneeExtension", "Trail knee straightens", -10, 40, 0);

  private final String id;
  private final String title;
  private final double least;
  private final double most;
  private final double usual;

  BudgetFigure(String id, String title, double least, double most, double usual) {
    this.id = id;
    this.title = title;
    this.least = least;
    this.most = most;
    this.usual = usual;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Least it can be. */
  public double least() {
    return least;
  }

  /** Most it can be. */
  public double most() {
    return most;
  }

  /** What counts while nobody gave it (ours). */
  public double usual() {
    return usual;
  }

  /** A value held between the bounds. */
  public double held(double value) {
    return Math.max(least, Math.min(most, value));
  }
}
