package loosehip.core.plan;

import java.util.Arrays;
import java.util.Optional;
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
 * @param tempo the repetition's parts, where the pace is part of the work; their sum is {@code
 *     secondsPerRep}
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
    int ways,
    Optional<Tempo> tempo) {
  private static final int BETWEEN_SETS = 15;
  private static final int CHANGE_SIDES = 5;
  private static final int HOLD_STEP = 5;
  private static final Pattern TEXT =
      Pattern.compile(
          "(N)(?:-(N))? x (N)(?:-(N))?, (N|N/N/N)(?: \\+ (N)(?:-(N))?)?( ps)?(?: ways (N))?"
              .replace("N", "\\d{1,3}"));

  /**
   * @throws IllegalArgumentException when tempo and seconds a repetition differ
   */
  public Dose {
    if (tempo.filter(t -> t.seconds() != secondsPerRep).isPresent()) {
      throw new IllegalArgumentException("The tempo does not make up the repetition: " + tempo);
    }
  }

  /** A dose whose pace is left to the golfer. */
  public Dose(
      int setsLow,
      int setsTop,
      int repsLow,
      int repsTop,
      int secondsPerRep,
      int holdLow,
      int holdTop,
      boolean perSide,
      int ways) {
    this(
        setsLow,
        setsTop,
        repsLow,
        repsTop,
        secondsPerRep,
        holdLow,
        holdTop,
        perSide,
        ways,
        Optional.empty());
  }

  /**
   * The pace of a repetition, in seconds.
   *
   * @param out the way out: up, or into the position
   * @param hold the stay there
   * @param back the way back
   */
  public record Tempo(int out, int hold, int back) {
    private static Tempo parse(String text) {
      int[] parts = Arrays.stream(text.split("/")).mapToInt(Integer::parseInt).toArray();
      return new Tempo(parts[0], parts[1], parts[2]);
    }

    /** Seconds of a whole repetition. */
    public int seconds() {
      return out + hold + back;
    }
  }

  /**
   * Reads {@code 2-3 x 1, 0 + 10-15 ps ways 2}: sets, repetitions, seconds a repetition, hold; the
   * seconds may be a tempo, {@code 1/2/4}: out, hold, back.
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
    Optional<Tempo> tempo =
        Optional.of(m.group(5)).filter(t -> t.indexOf('/') > 0).map(Tempo::parse);
    return new Dose(
        setsLow,
        m.group(2) == null ? setsLow : Integer.parseInt(m.group(2)),
        repsLow,
        m.group(4) == null ? repsLow : Integer.parseInt(m.group(4)),
        tempo.map(Tempo::seconds).orElseGet(() -> Integer.parseInt(m.group(5))),
        holdLow,
        m.group(7) == null ? holdLow : Integer.parseInt(m.group(7)),
        m.group(8) != null,
        m.group(9) == null ? 1 : Integer.parseInt(m.group(9)),
        tempo);
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

  /**
   * One step more (1) or less (−1) than now, within what the dose allows: repetitions where they
   * vary, else seconds of a hold, else sets. Empty at its end.
   */
  public Optional<Prescribed> step(Prescribed now, int by) {
    int reps = held(now.reps() + by * repStep(), repsLow, repsTop);
    if (reps != now.reps()) {
      return Optional.of(new Prescribed(now.sets(), reps, now.holdSeconds(), now.extraSets()));
    }
    int hold = held(now.holdSeconds() + by * HOLD_STEP, holdLow, holdTop);
    if (hold != now.holdSeconds()) {
      return Optional.of(new Prescribed(now.sets(), now.reps(), hold, now.extraSets()));
    }
    int sets = held(now.sets() + by, setsLow, setsTop);
    return sets == now.sets()
        ? Optional.empty()
        : Optional.of(new Prescribed(sets, now.reps(), now.holdSeconds(), now.extraSets()));
  }

  private int repStep() {
    return Math.max(1, (repsTop - repsLow) / 4);
  }

  private static int held(int value, int low, int top) {
    return Math.max(low, Math.min(top, value));
  }

  private static int between(int low, int top, double share) {
    return (int) Math.round(low + (top - low) * share);
  }

  /** Seconds this much takes on every side it is done on. */
  public int seconds(Prescribed much) {
    return seconds(much, sides());
  }

  /**
   * Seconds this much takes: sets × (repetitions × (tempo + hold) × ways) × sides, 5 to change
   * sides in each set, 15 between sets.
   *
   * @param sides on how many sides it is done, 1 or 2
   */
  public int seconds(Prescribed much, int sides) {
    int repetition = (secondsPerRep + much.holdSeconds()) * ways;
    return much.sets() * (much.reps() * repetition * sides + (sides - 1) * CHANGE_SIDES)
        + (much.sets() - 1) * BETWEEN_SETS
        + much.extraSets() * (much.reps() * repetition + BETWEEN_SETS);
  }

  /** The most of it. */
  public Prescribed top() {
    return new Prescribed(setsTop, repsTop, holdTop);
  }

  /** The least of it. */
  public Prescribed low() {
    return new Prescribed(setsLow, repsLow, holdLow);
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
