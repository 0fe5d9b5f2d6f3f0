package loosehip.core.follow;

import java.time.temporal.ChronoUnit;
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

  /** Pain from which an item is made easier. */
  public static final int STEP_BACK_PAIN = 3;

  private static final int EASY_EFFORT = 6;
  private static final int IN_A_ROW = 3;
  private static final int MISSES = 2;
  private static final int GOOD_AGAIN = 3;
  private static final int HELD_DAYS = 7;

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
   * @param because why
   */
  public record Verdict(Step step, Because because) {}

  /** Why a step follows, as data. */
  public sealed interface Because {
    /** Nothing was said yet. */
    record NothingSaid() implements Because {}

    /** Pain this high was named in it. */
    record PainInIt(int pain) implements Because {}

    /** Pain was higher on the day after than on the day. */
    record WorseNextDay() implements Because {}

    /** Pain this high was named, and fewer than three sessions went well since. */
    record Pain(int pain) implements Because {}

    /** Hands or a lean were needed, and fewer than three sessions went well since. */
    record Leaned() implements Because {}

    /** Less than the low dose so many times in a row, and fewer than three went well since. */
    record Missed(int times) implements Because {}

    /** So many easy sessions in a row at the top dose, of those that move up. */
    record Easy(int sessions, int of) implements Because {}

    /** It has held for so many days, of those after which the next drill follows. */
    record Held(int days, int of) implements Because {}
  }

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
      return new Verdict(Step.HOLD, new Because.NothingSaid());
    }
    Optional<Because> back = steppedBack(newest);
    if (back.isPresent()) {
      return new Verdict(Step.STEP_BACK, back.get());
    }
    int easy =
        (int)
            newest.stream().limit(run(newest, RungRule::easy)).map(ItemLog::on).distinct().count();
    Because run = new Because.Easy(Math.min(easy, IN_A_ROW), IN_A_ROW);
    return new Verdict(easy >= IN_A_ROW ? Step.MOVE_UP : Step.HOLD, run);
  }

  /**
   * The step that follows for a practice drill: as for an exercise, but the next of its line comes
   * only once this one has held for a week, whatever the number of its sessions.
   *
   * @param log what was said about one drill, in any order
   */
  public static Verdict ofDrill(List<ItemLog> log) {
    Verdict verdict = of(log);
    if (verdict.step() != Step.MOVE_UP) {
      return verdict;
    }
    List<ItemLog> newest =
        log.stream().sorted(Comparator.comparing(ItemLog::on).reversed()).toList();
    ItemLog first = newest.get(run(newest, RungRule::easy) - 1);
    int days = (int) ChronoUnit.DAYS.between(first.on(), newest.get(0).on()) + 1;
    Because held = new Because.Held(Math.min(days, HELD_DAYS), HELD_DAYS);
    return new Verdict(days >= HELD_DAYS ? Step.MOVE_UP : Step.HOLD, held);
  }

  /** A step back stays in force until three sessions since went well. */
  private static Optional<Because> steppedBack(List<ItemLog> newest) {
    int good = 0;
    for (int i = 0; i < newest.size() && good < GOOD_AGAIN; i++) {
      Optional<Because> because = back(newest.subList(i, newest.size()));
      if (because.isPresent()) {
        return because;
      }
      good += wentWell(newest.get(i)) ? 1 : 0;
    }
    return Optional.empty();
  }

  /** Why the newest of these calls for a step back, if it does. */
  private static Optional<Because> back(List<ItemLog> newest) {
    ItemLog last = newest.get(0);
    if (last.pain().filter(p -> p >= STEP_BACK_PAIN).isPresent()) {
      return Optional.of(new Because.Pain(last.pain().get()));
    } else if (last.leaned()) {
      return Optional.of(new Because.Leaned());
    }
    return run(newest, l -> l.done() == Done.UNDER) >= MISSES
        ? Optional.of(new Because.Missed(MISSES))
        : Optional.empty();
  }

  private static boolean wentWell(ItemLog log) {
    return log.done().counts() && log.goodForm();
  }

  private static Because stopped(ItemLog log) {
    return log.pain().filter(p -> p >= STOP_PAIN).isPresent()
        ? new Because.PainInIt(log.pain().get())
        : new Because.WorseNextDay();
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
