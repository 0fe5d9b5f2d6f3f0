package loosehip.core.plan;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How much of an exercise: from a low to a top dose.
 *
 * @param setsLow fewest sets, at least 1
 * @param setsTop most sets
 * @param repsLow fewest repetitions a set and side
 * @param repsTop most repetitions a set and side
 * @param secondsPerRep tempo of one repetition, up and down together, without the hold
 * @param holdLow shortest hold in each repetition, seconds
 * @param holdTop longest hold in each repetition, seconds
 * @param perSide whether all of it is done on each side
 * @param ways positions or directions each repetition is done in, at least 1
 */
public record Dose(
    int setsLow,
    int setsTop,
    int repsLow,
    int repsTop,
    int secondsPerRep,
    int holdLow,
    int holdTop,
    boolean perSide,
    int ways) {
  private static final int BETWEEN_SETS = 15;
  private static final Pattern TEXT =
      Pattern.compile(
          "(\\d+)(?:-(\\d+))? x (\\d+)(?:-(\\d+))?, (\\d+)(?: \\+ (\\d+)(?:-(\\d+))?)?( ps)?(?: ways (\\d+))?");

  /**
   * Reads {@code 2-3 x 1, 0 + 10-15 ps ways 2}: sets, repetitions, seconds a repetition, hold.
   *
   * @throws IllegalArgumentException when the text is no dose
   */
  public static Dose parse(String text) {
    Matcher m = TEXT.matcher(text);
    if (!m.matches()) {
      throw new IllegalArgumentException("Not a dose: " + text);
    }
    int setsLow = Integer.parseInt(m.group(1));
    int repsLow = Integer.parseInt(m.group(3));
    int holdLow = m.group(6) == null ? 0 : Integer.parseInt(m.group(6));
    return new Dose(
        setsLow,
        m.group(2) == null ? setsLow : Integer.parseInt(m.group(2)),
        repsLow,
        m.group(4) == null ? repsLow : Integer.parseInt(m.group(4)),
        Integer.parseInt(m.group(5)),
        holdLow,
        m.group(7) == null ? holdLow : Integer.parseInt(m.group(7)),
        m.group(8) != null,
        m.group(9) == null ? 1 : Integer.parseInt(m.group(9)));
  }

  /**
   * What is prescribed in a week of a block: low in the first, rising evenly to top in the last.
   */
  public Prescribed in(int week, int weeks) {
    double share = weeks <= 1 ? 0 : (week - 1) / (double) (weeks - 1);
    return new Prescribed(
        between(setsLow, setsTop, share),
        between(repsLow, repsTop, share),
        between(holdLow, holdTop, share));
  }

  private static int between(int low, int top, double share) {
    return (int) Math.round(low + (top - low) * share);
  }

  /**
   * Seconds this much takes: sets × (repetitions × (tempo + hold) × ways) × sides, 15 between sets.
   */
  public int seconds(Prescribed much) {
    int sides = perSide ? 2 : 1;
    int repetition = (secondsPerRep + much.holdSeconds()) * ways;
    return much.sets() * much.reps() * repetition * sides
        + (much.sets() - 1) * BETWEEN_SETS
        + much.extraSets() * (much.reps() * repetition + BETWEEN_SETS);
  }

  /** The whole dose in words: {@code 2–3 sets of 10–15, 5 s hold, each side}. */
  public String told() {
    StringBuilder words = new StringBuilder();
    if (setsTop > 1) {
      words.append(range(setsLow, setsTop)).append(" sets of ");
    }
    words.append(range(repsLow, repsTop));
    if (holdTop > 0) {
      words.append(", hold ").append(range(holdLow, holdTop)).append(" s");
    }
    if (ways > 1) {
      words.append(", ").append(ways).append(" ways");
    }
    return words + (perSide ? ", each side" : "");
  }

  private static String range(int low, int top) {
    return low == top ? String.valueOf(low) : low + "–" + top;
  }

  /** The sides it is done on: 2 when it is done on each, otherwise 1. */
  public int sides() {
    return perSide ? 2 : 1;
  }

  /**
   * So much of it.
   *
   * @param sets sets on each side
   * @param reps repetitions a set
   * @param holdSeconds hold in each repetition; 0 for none
   * @param extraSets sets more on the weaker side only
   */
  public record Prescribed(int sets, int reps, int holdSeconds, int extraSets) {
    /** Without an extra set. */
    public Prescribed(int sets, int reps, int holdSeconds) {
      this(sets, reps, holdSeconds, 0);
    }

    /** With one more set on the weaker side. */
    public Prescribed withExtraSet() {
      return new Prescribed(sets, reps, holdSeconds, extraSets + 1);
    }
  }
}
