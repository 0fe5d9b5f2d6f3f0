package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.limit.LimitKind;

/** Finds why what might have been in a block is not, and what stays open. */
final class WhyNot {
  private static final int NAMED = 3;

  private final Wishes wishes;
  private final Set<LimitKind> needs;
  private final List<PlanItem> all;
  private final Set<ItemId> chosen;
  private final List<Block.Week> weeks;
  private final List<LimitKind> untested;

  /**
   * @param needs the needs that drive the plan
   * @param untested needs that could drive one but are not measured, the largest first
   */
  WhyNot(Wishes wishes, Set<LimitKind> needs, List<LimitKind> untested, List<Block.Week> weeks) {
    this.wishes = wishes;
    this.needs = needs;
    this.untested = untested;
    this.weeks = weeks;
    this.all =
        weeks.stream()
            .flatMap(w -> w.sessions().stream())
            .flatMap(s -> s.items().stream())
            .toList();
    this.chosen = all.stream().map(PlanItem::id).collect(Collectors.toSet());
  }

  /**
   * Ladders that could have been climbed and are not, by their first rung. What serves no need and
   * was only there to free another exercise is not missed where that one is not in either.
   */
  List<LeftOut> unchosen(Collection<List<Exercise>> ladders) {
    return ladders.stream()
        .filter(rising -> rising.stream().noneMatch(e -> chosen.contains(e.id())))
        .map(rising -> rising.get(0))
        .filter(exercise -> needs.stream().anyMatch(kind -> exercise.service(kind) > 0))
        .map(exercise -> new LeftOut(exercise.id(), noTime(exercise)))
        .toList();
  }

  private Reason noTime(Exercise exercise) {
    int seconds = exercise.dose().seconds(exercise.dose().in(1, wishes.weeks()));
    boolean alone = seconds + Session.SET_UP > wishes.minutesPerDay() * 60;
    return new Reason.NoTime(seconds, wishes.minutesPerDay(), alone);
  }

  /** Needs that nothing in the plan serves, days that are all gone, and minutes that stay free. */
  List<PlanNote> notes() {
    List<PlanNote> notes = new ArrayList<>();
    List<LimitKind> unserved = needs.stream().filter(this::unserved).toList();
    if (!unserved.isEmpty()) {
      notes.add(new PlanNote.NotServed(unserved));
    }
    if (weeks.stream().allMatch(w -> TrainingDays.of(wishes, w.number()).none())) {
      notes.add(new PlanNote.NoFreeDay());
    }
    if (needs.isEmpty() && !all.isEmpty()) {
      notes.add(new PlanNote.NoBodyWork());
    }
    free().ifPresent(notes::add);
    return notes;
  }

  private boolean unserved(LimitKind kind) {
    return all.stream().noneMatch(i -> i.exercise().filter(e -> e.service(kind) > 0).isPresent());
  }

  /** Minutes left on the fullest day, where a test not taken might fill them. */
  private Optional<PlanNote> free() {
    int longest =
        weeks.stream()
            .flatMap(w -> w.sessions().stream())
            .mapToInt(Session::seconds)
            .max()
            .orElse(0);
    int free = wishes.minutesPerDay() - (longest + 59) / 60;
    return longest == 0 || untested.isEmpty() || free * 3 < wishes.minutesPerDay()
        ? Optional.empty()
        : Optional.of(
            new PlanNote.MinutesFree(
                free, wishes.minutesPerDay(), untested.stream().limit(NAMED).toList()));
  }
}
