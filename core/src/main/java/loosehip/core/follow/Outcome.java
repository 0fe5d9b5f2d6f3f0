package loosehip.core.follow;

import loosehip.core.named.Named;

/** What a golfer came for, in figures they know (domain/09). Ranges are ours. */
public enum Outcome implements Named {
  /** How far a named club carries, metres. */
  CARRY("carry", "Carry", "m", 20, 350, true),
  /** Fairways hit of those that can be, percent. */
  FAIRWAYS("fairways", "Fairways hit", "%", 0, 100, true),
  /** Strokes of a round of eighteen. */
  SCORE("score", "Score of a round", "", 50, 180, false),
  /** Soreness after a round, 0 to 10. */
  SORENESS("soreness", "Soreness after a round", "", 0, 10, false);

  private final String id;
  private final String title;
  private final String unit;
  private final double least;
  private final double most;
  private final boolean moreIsBetter;

  Outcome(String id, String title, String unit, double least, double most, boolean moreIsBetter) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.least = least;
    this.most = most;
    this.moreIsBetter = moreIsBetter;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** Its unit; empty for none. */
  public String unit() {
    return unit;
  }

  /** The least that can be. */
  public double least() {
    return least;
  }

  /** The most that can be. */
  public double most() {
    return most;
  }

  /** Whether more of it is better. */
  public boolean moreIsBetter() {
    return moreIsBetter;
  }

  /** Whether a figure can be one of these. */
  public boolean accepts(double value) {
    return value >= least && value <= most;
  }
}
