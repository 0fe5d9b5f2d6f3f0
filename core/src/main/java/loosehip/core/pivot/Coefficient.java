package loosehip.core.pivot;

/**
 * Every figure of the working model that a practice may set for itself, with its unit, its shipped
 * value, the bounds it may lie in and where it comes from.
 */
public enum Coefficient implements ModelFigure {
  ONE_POSITION("one-position", "Variance added when one position only is tested", "°²", 16, 0, 100),
  STANDING_ONLY("standing-only", "Variance added when only standing is tested", "°²", 36, 0, 144),
  STANDING_SHARE("standing-share", "Share of a standing turn below the hip", "°", 15, 0, 30),
  SLACK_ASSUMED("slack-assumed", "Slack taken when none is measured", "°", 10, 0, 25),
  SLACK_MOST("slack-most", "Most slack that counts", "°", 25, 0, 45),
  SLACK_MEASURED("slack-measured", "Variance of measured slack", "°²", 9, 0, 100),
  SLACK_UNKNOWN("slack-unknown", "Variance of assumed slack", "°²", 25, 0, 144),
  ARCH_COST("arch-cost", "Inward turn a degree of arch takes", "°/°", 0.6, 0, 1.5),
  TUCK_GAIN("tuck-gain", "Inward turn a degree of tuck gives", "°/°", 0.5, 0, 1.5),
  TILT_MOST("tilt-most", "Most that tilt takes or gives", "°", 10, 0, 20),
  STRAIGHTENING_SHARE(
      "straightening-share", "Turn a degree of straightening buys", "°/°", 0.5, 0, 1),
  STRAIGHTENING_MOST("straightening-most", "Most that straightening buys", "°", 10, 0, 20),
  RELEASE_KNEE("release-knee", "Turn the lead knee coming in buys", "°", 12, 0, 30),
  RELEASE_HEEL("release-heel", "Turn the lead heel rising buys", "°", 25, 0, 45),
  ROUNDING_COST(
      "rounding-cost", "Trunk turn lost a degree of rounding over 15", "share", 0.012, 0, 0.05),
  ARCHED_COST("arched-cost", "Trunk turn lost a degree of arch over 5", "share", 0.012, 0, 0.05),
  TUCKED_COST("tucked-cost", "Trunk turn lost a degree of tuck over 10", "share", 0.008, 0, 0.05),
  POSTURE_LEAST(
      "posture-least", "Least that posture leaves of the trunk turn", "share", 0.6, 0.3, 1),
  FINISH_ROLL("finish-roll", "Turn the foot's roll adds at the finish", "°", 25, 0, 45),
  PRICE_SHORT("price-short", "Score of a degree that stays short", "", 3, 0, 20),
  PRICE_SHOULDER("price-shoulder", "Score of a degree the shoulders lack", "", 2, 0, 20),
  PRICE_STRAIGHTENING("price-straightening", "Score of a degree of straightening", "", 0.7, 0, 5),
  PRICE_RELEASE_ONE("price-release-one", "Score of one release step", "", 6, 0, 40),
  PRICE_RELEASE_TWO("price-release-two", "Score of two release steps", "", 14, 0, 60),
  PRICE_UNPINCH("price-unpinch", "Score of a degree of pinch let go", "", 0.2, 0, 5),
  PRICE_LEVEL("price-level", "Score of a degree of tilt taken out", "", 0.3, 0, 5),
  FINISH_GRACE("finish-grace", "Degrees a finish may lack unscored", "°", 10, 0, 30),
  CLEAR_LOSER("clear-loser", "Score behind the best at which a school loses", "", 25, 1, 200),
  CLEAR_OF("clear-of", "Margin that is clearly enough or clearly short", "°", 5, 1, 15),
  SETUP_STILL("setup-still", "A set-up measured on a still may be off by", "°", 2, 0, 15),
  SETUP_TOLD("setup-told", "A set-up told or by eye may be off by", "°", 4, 0, 15),
  SETUP_UNNOTED("setup-unnoted", "A flare never noted may be off by", "°", 8, 0, 20),
  GAIN("gain", "Hip turn gained in a six-week block", "°", 6, 1, 20),
  GAIN_SLOW("gain-slow", "The same when it goes slowly", "°", 3, 0.5, 20),
  GAIN_FAST("gain-fast", "The same when it goes fast", "°", 10, 1, 30),
  TRUNK_GAIN("trunk-gain", "Trunk turn gained in a six-week block", "°", 6, 1, 20),
  TRUNK_GAIN_SLOW("trunk-gain-slow", "The same when it goes slowly", "°", 3, 0.5, 20),
  TRUNK_GAIN_FAST("trunk-gain-fast", "The same when it goes fast", "°", 9, 1, 30),
  BRIDGE_STEP("bridge-step", "Turn gained that takes one part of a change back", "°", 5, 1, 15);

  private final String id;
  private final String title;
  private final String unit;
  private final double shipped;
  private final double low;
  private final double high;

  Coefficient(String id, String title, String unit, double shipped, double low, double high) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.shipped = shipped;
    this.low = low;
    this.high = high;
  }

  @Override
  public String id() {
    return id;
  }

  @Override
  public String title() {
    return title;
  }

  @Override
  public String unit() {
    return unit;
  }

  @Override
  public double shipped() {
    return shipped;
  }

  @Override
  public double low() {
    return low;
  }

  @Override
  public double high() {
    return high;
  }

  @Override
  public String source() {
    return switch (this) {
      case ARCH_COST, TUCK_GAIN, TILT_MOST ->
          "ours, near Ross et al. 2014 (10° of forward tilt takes about 6–9° in flexion)";
      default -> "ours, from practice";
    };
  }
}
