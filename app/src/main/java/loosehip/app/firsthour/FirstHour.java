package loosehip.app.firsthour;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.floor.Bags;
import loosehip.app.golfer.GolferCode;
import loosehip.app.store.Account;
import loosehip.app.store.Glance;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.Noted;
import loosehip.app.store.People;
import loosehip.app.store.PlanVersions;
import loosehip.app.store.PracticeValues;
import org.springframework.stereotype.Component;

/**
 * How far a new practice has come. What can be seen in the record is not asked; the rest is kept as
 * it is said, so that a page closed half-way goes on where it was left.
 */
@Component
public class FirstHour {
  private static final String TOPIC = "first-hour.";
  private static final String OVER = TOPIC + "over";
  private static final String PRACTICE_GOLFER = TOPIC + "practice-golfer";
  private static final String KEPT = "kept";
  private static final String LATER = "later";

  /** With more golfers than that nobody is new here. */
  private static final int NEW_WITH = 3;

  private final PracticeValues values;
  private final Bags bags;
  private final People people;
  private final Golfers golfers;
  private final GolferFiles files;
  private final PlanVersions plans;

  FirstHour(
      PracticeValues values,
      Bags bags,
      People people,
      Golfers golfers,
      GolferFiles files,
      PlanVersions plans) {
    this.values = values;
    this.bags = bags;
    this.people = people;
    this.golfers = golfers;
    this.files = files;
    this.plans = plans;
  }

  /** How a step stands. */
  enum State {
    OPEN,
    DONE,
    LATER
  }

  /** How every step stands. */
  Map<Step, State> steps(Account owner) {
    Map<String, Noted> said = values.ofPractice(owner.practiceId());
    Set<Step> seen = seen(owner, said);
    Map<Step, State> steps = new EnumMap<>(Step.class);
    for (Step step : Step.values()) {
      String word = Optional.ofNullable(said.get(TOPIC + step.id())).map(Noted::value).orElse("");
      steps.put(
          step,
          seen.contains(step) || word.equals(KEPT)
              ? State.DONE
              : word.equals(LATER) ? State.LATER : State.OPEN);
    }
    return steps;
  }

  /** Steps the record itself shows to be done. */
  private Set<Step> seen(Account owner, Map<String, Noted> said) {
    Set<Step> seen = EnumSet.noneOf(Step.class);
    if (!bags.of(owner).isEmpty()) {
      seen.add(Step.BAG);
    }
    if (people.of(owner.practiceId()).size() > 1) {
      seen.add(Step.HELPER);
    }
    if (said.containsKey(PRACTICE_GOLFER)) {
      seen.add(Step.GOLFER);
    }
    boolean given =
        golfers.all(owner.practiceId()).stream()
            .limit(NEW_WITH + 1L)
            .anyMatch(g -> plans.current(g.golferId()).isPresent());
    if (given) {
      seen.add(Step.PLAN);
    }
    return seen;
  }

  /**
   * What Today says of it to an owner; empty when the practice is not new, or has closed it.
   *
   * @param count how many golfers there are
   */
  public Optional<String> onToday(Account account, int count) {
    if (!account.owner() || count > NEW_WITH) {
      return Optional.empty();
    }
    if (values.ofPractice(account.practiceId()).containsKey(OVER)) {
      return Optional.empty();
    }
    Map<Step, State> steps = steps(account);
    long left = steps.values().stream().filter(s -> s == State.OPEN).count();
    Optional<Step> next =
        steps.entrySet().stream()
            .filter(e -> e.getValue() == State.OPEN)
            .map(Map.Entry::getKey)
            .findFirst();
    return Optional.of(
        next.map(s -> left + (left == 1 ? " step left, " : " steps left, next: ") + s.title())
            .orElse("all of it done"));
  }

  void kept(Account owner, Step step) {
    values.set(owner, TOPIC + step.id(), Optional.of(KEPT));
  }

  void later(Account owner, Step step) {
    values.set(owner, TOPIC + step.id(), Optional.of(LATER));
  }

  /** Nothing more is said of it on Today. */
  void over(Account owner) {
    values.set(owner, OVER, Optional.of("yes"));
  }

  /** Kept is a code of the id: nothing of whoever is erased may stay, made up or not. */
  void practiceGolfer(Account owner, String golferId) {
    values.set(owner, PRACTICE_GOLFER, Optional.of(GolferCode.of(golferId)));
  }

  /** Whether a golfer is the made-up one, whose figures say nothing of anybody. */
  public boolean madeUp(Account account, String golferId) {
    return Optional.ofNullable(values.ofPractice(account.practiceId()).get(PRACTICE_GOLFER))
        .filter(noted -> noted.value().equals(GolferCode.of(golferId)))
        .isPresent();
  }

  /** The made-up golfer, as long as they are there. */
  Optional<GolferFile> practiceGolfer(Account owner) {
    return Optional.ofNullable(values.ofPractice(owner.practiceId()).get(PRACTICE_GOLFER))
        .flatMap(
            noted ->
                golfers.all(owner.practiceId()).stream()
                    .map(Glance::golferId)
                    .filter(id -> GolferCode.of(id).equals(noted.value()))
                    .findFirst())
        .flatMap(id -> files.load(owner.practiceId(), id));
  }
}
