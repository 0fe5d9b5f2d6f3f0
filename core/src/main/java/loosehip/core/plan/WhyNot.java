package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.link.LimitKind;

/** Says why what might have been in a block is not, and what had to go. */
final class WhyNot {
  private static final int NAMED = 3;

  private final Wishes wishes;
  private final Set<LimitKind> needs;
  private final List<PlanItem> all;
  private final Set<String> chosen;
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

  /** Ladders that could have been climbed and are not, by their first rung. */
  List<LeftOut> unchosen(Collection<List<Exercise>> ladders) {
    List<LeftOut> out = new ArrayList<>();
    for (List<Exercise> rising : ladders) {
      if (rising.stream().noneMatch(e -> chosen.contains(e.id()))) {
        out.add(new LeftOut(rising.get(0).id(), reason(rising.get(0))));
      }
    }
    return out;
  }

  private String reason(Exercise exercise) {
    int seconds = exercise.dose().seconds(exercise.dose().in(1, wishes.weeks()));
    if (seconds + Session.SET_UP > wishes.minutesPerDay() * 60) {
      return "no time left: it alone takes "
          + seconds
          + " s of "
          + wishes.minutesPerDay()
          + " minutes";
    }
    return "no time left: "
        + seconds
        + " s would go past "
        + wishes.minutesPerDay()
        + " minutes, and the rest serves more";
  }

  /** Needs that nothing in the plan serves, days that are all gone, and minutes that stay free. */
  List<String> notes() {
    List<String> notes = new ArrayList<>();
    List<String> unserved =
        needs.stream()
            .filter(
                kind ->
                    all.stream()
                        .noneMatch(i -> i.exercise().filter(e -> e.service(kind) > 0).isPresent()))
            .map(kind -> kind.title().toLowerCase(Locale.ROOT))
            .toList();
    if (!unserved.isEmpty()) {
      notes.add(
          "Not served in these minutes, with these tools and cautions: "
              + String.join(", ", unserved));
    }
    if (weeks.stream().allMatch(w -> TrainingDays.of(wishes, w.number()).isEmpty())) {
      notes.add("Every day of the block is blacked out");
    }
    if (needs.isEmpty() && !all.isEmpty()) {
      notes.add("No body work: nothing measured falls short behind these faults");
    }
    free().ifPresent(notes::add);
    return notes;
  }

  /** Minutes left on the fullest day, where a test not taken might fill them. */
  private Optional<String> free() {
    int longest =
        weeks.stream()
            .flatMap(w -> w.sessions().stream())
            .mapToInt(Session::seconds)
            .max()
            .orElse(0);
    int free = wishes.minutesPerDay() - (longest + 59) / 60;
    if (longest == 0 || untested.isEmpty() || free * 3 < wishes.minutesPerDay()) {
      return Optional.empty();
    }
    List<String> named =
        untested.stream().limit(NAMED).map(k -> k.title().toLowerCase(Locale.ROOT)).toList();
    return Optional.of(
        free
            + " of the "
            + wishes.minutesPerDay()
            + " minutes stay free; not measured, so not trained yet: "
            + String.join(", ", named));
  }
}
