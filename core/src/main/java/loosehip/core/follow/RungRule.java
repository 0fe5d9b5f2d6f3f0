package loosehip.core.follow;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What follows from the log of one item. Source of every figure: domain/05, practice. The stop
 * comes before the step back, that before the move up; anything else holds.
 */
public final class RungRule {
  /** Pain in an exercise from which it is stopped and the trainer told. */
  public static final int STOP_PAIN = 5;

  /** Pain up to which a session still counts as easy. */
  public static final int EASY_PAIN = 2;

  private static final int STEP_BACK_PAIN = 3;
  private static final int EASY_EFFORT = 6;
  private static final int IN_A_ROW = 3;
  private static final int MISSES = 2;

  private RungRule() {}

  /** What to do with an item next. */
  public enum Step {
    /** Not again before the trainer has decided. */
    STOP("stop"),
    /** An easier rung, or less of it. */
    STEP_BACK("step back"),
    /** As it is. */
    HOLD("hold"),
    /** The next rung, or more of it. */
    MOVE_UP("move up");

    private final String word;

    Step(String word) {
      this.word = word;
    }

    /** The word shown. */
    public String word() {
      return word;
    }
  }

  /**
   * The step with its reason.
   *
   * @param because why, in words
   */
  public record Verdict(Step step, String because) {}

  /**
   * The step that follows.
   *
   * @param log what was said about one item, in any order; a day said twice counts as said last
   */
  public static Verdict of(List<ItemLog> log) {
    List<ItemLog> newest =
        log.stream().sorted(Comparator.comparing(ItemLog::on).reversed()).toList();
    Optional<ItemLog> stopping = newest.stream().filter(ItemLog::stops).findFirst();
    if (stopping.isPresent()) {
      return new Verdict(Step.STOP, stopped(stopping.get()));
    }
    if (newest.isEmpty()) {
      return new Verdict(Step.HOLD, "nothing said yet");
    }
    ItemLog last = newest.get(0);
    if (last.pain().filter(p -> p >= STEP_BACK_PAIN).isPresent()) {
      return new Verdict(Step.STEP_BACK, "pain " + last.pain().get() + " the last time");
    }
    if (last.leaned()) {
      return new Verdict(Step.STEP_BACK, "hands or a lean were needed the last time");
    }
    if (run(newest, l -> l.done() == Done.UNDER) >= MISSES) {
      return new Verdict(Step.STEP_BACK, "less than the low dose " + MISSES + " times in a row");
    }
    int easy = run(newest, RungRule::easy);
    if (easy >= IN_A_ROW) {
      return new Verdict(Step.MOVE_UP, IN_A_ROW + " easy sessions in a row at the top dose");
    }
    return new Verdict(
        Step.HOLD, easy + " of " + IN_A_ROW + " easy sessions in a row at the top dose");
  }

  private static String stopped(ItemLog log) {
    return log.pain().filter(p -> p >= STOP_PAIN).isPresent()
        ? "pain " + log.pain().get() + " in it"
        : "pain the day after above the day's own";
  }

  /** How many of the newest in a row are so. */
  private static int run(List<ItemLog> newest, Predicate<ItemLog> so) {
    int n = 0;
    while (n < newest.size() && so.test(newest.get(n))) {
      n++;
    }
    return n;
  }

  private static boolean easy(ItemLog log) {
    return log.done() == Done.TOP
        && log.goodForm()
        && log.effort().filter(e -> e <= EASY_EFFORT).isPresent()
        && log.pain().filter(p -> p <= EASY_PAIN).isPresent();
  }
}
