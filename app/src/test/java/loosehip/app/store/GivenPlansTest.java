package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.plan.ItemId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Plans given, their logs, templates and a practice's own exercises, as they are kept. */
class GivenPlansTest extends StoreTest {
  private static final LocalDate START = LocalDate.of(2026, 11, 2);

  private PlanVersions versions;
  private PlanTemplates templates;
  private OwnExercises exercises;
  private Homework homework;
  private Account other;

  @BeforeEach
  void anotherPractice() {
    versions = new PlanVersions(database);
    templates = new PlanTemplates(database, clock);
    exercises = new OwnExercises(database, clock);
    homework = new Homework(database, clock);
    other = accounts.addPractice("Elsewhere", "Linnet", "linnet", "hash");
  }

  private static List<ItemId> ids(String... items) {
    return Arrays.stream(items).map(ItemId::of).toList();
  }

  private int give(String label, String... items) {
    return give(label, true, items).orElseThrow();
  }

  private Optional<Integer> give(String label, boolean still, String... items) {
    return versions.give(
        file(),
        wren,
        new PlanVersions.New(
            label,
            "{}",
            "{\"weeks\":[]}",
            START,
            START.plusWeeks(6),
            ids(items),
            List.of(START),
            Instant.now()),
        () -> still);
  }

  private void say(int plan, String item, LocalDate on, Done done, Integer pain) {
    homework.say(
        file(),
        wren,
        List.of(
            new Homework.Said(
                plan,
                ItemId.of(item),
                new ItemLog(
                    on, done, Optional.of(5), Optional.ofNullable(pain), true, false, false),
                Homework.Words.of("far too much", "half of it"),
                "")),
        item);
  }

  @Test
  void aPlanThatMayNoLongerBeGivenIsNotKept() {
    assertThat(give("given", false, "bridge")).isEmpty();
    assertThat(versions.all(id)).isEmpty();
  }

  @Test
  void versionsCountUpAndTheNewestIsInForce() {
    assertThat(file().given()).isEmpty();
    assertThat(versions.current(id)).isEmpty();
    assertThat(give("given", "bridge", "wall-taps")).isEqualTo(1);
    assertThat(give("moved: bridge", "bridge")).isEqualTo(2);
    assertThat(versions.all(id)).extracting(PlanVersions.Version::number).containsExactly(2, 1);
    assertThat(versions.current(id)).map(PlanVersions.Version::label).contains("moved: bridge");
    GolferFile.PlanGiven given = file().given().orElseThrow();
    assertThat(given.number()).isEqualTo(2);
    assertThat(given.items()).containsExactly(ItemId.of("bridge"));
    assertThat(given.span().weeks()).isEqualTo(6);
    assertThat(given.span().week(START)).isEqualTo(1);
    assertThat(given.span().week(START.minusDays(1))).isZero();
    assertThat(given.span().week(START.plusDays(20))).isEqualTo(3);
    assertThat(given.logged()).isEmpty();
  }

  /**
   * Pain told on the phone after a trainer's word is nobody's to take away by undoing that word.
   */
  @Test
  void undoTakesNoPainAwayThatThePhoneToldSince() {
    Account moss = accounts.addHelper(wren, "Moss", "moss", "hash");
    int one = give("given", "bridge");
    say(one, "bridge", START, Done.TOP, 0);
    assertThat(journal.next(id, moss).orElseThrow().whose()).contains("Wren");
    homework.take(
        id,
        wren,
        Map.of(
            "k1",
            new Homework.Said(
                one,
                ItemId.of("bridge"),
                new ItemLog(
                    START, Done.UNDER, Optional.empty(), Optional.of(6), true, false, false),
                new Homework.Words("", "", "groin", Optional.empty(), true),
                "")));
    for (Account who : List.of(wren, moss)) {
      assertThat(journal.next(id, who)).isEmpty();
      assertThat(journal.undo(file(), who)).isEmpty();
      assertThat(homework.of(id).get(0).log().pain()).contains(6);
    }
  }

  @Test
  void aLaterWordAboutADaySupersedesAndTheRowsStay() {
    int one = give("given", "bridge");
    say(one, "bridge", START, Done.UNDER, 0);
    say(one, "bridge", START, Done.TOP, 1);
    say(one, "bridge", START.plusDays(1), Done.BETWEEN, null);
    assertThat(homework.of(id)).hasSize(2);
    Homework.Said first = homework.of(id).get(0);
    assertThat(first.log().done()).isEqualTo(Done.TOP);
    assertThat(first.log().pain()).contains(1);
    assertThat(first.felt()).isEqualTo("far too much");
    assertThat(first.by()).isEqualTo("Wren");
    assertThat(homework.of(id).get(1).log().pain()).isEmpty();
    assertThat(file().given().orElseThrow().logged()).contains(START.plusDays(1));

    homework.takeBack(file(), wren, one, ItemId.of("bridge"), START, "bridge", Seen.ANYTHING);
    assertThat(homework.of(id)).hasSize(1);
    say(one, "bridge", START, Done.BETWEEN, 0);
    assertThat(homework.of(id)).hasSize(2);
    Map<String, Object> all =
        new GolferExports(database).everything(wren.practiceId(), id).orElseThrow();
    assertThat((List<?>) all.get("homework")).hasSize(5);
    assertThat((List<?>) all.get("plans")).hasSize(1);
  }

  @Test
  void undoTakesBackAllThatWasSaidAtOnceAndThenTheWordBefore() {
    int one = give("given", "bridge", "wall-taps");
    say(one, "bridge", START, Done.UNDER, 0);
    ItemLog top = new ItemLog(START, Done.TOP, Optional.of(3), Optional.of(0), true, false, false);
    homework.say(
        file(),
        wren,
        List.of(
            new Homework.Said(one, ItemId.of("bridge"), top, Homework.Words.NONE, ""),
            new Homework.Said(one, ItemId.of("wall-taps"), top, Homework.Words.NONE, "")),
        "all of 2 Nov 2026");
    assertThat(journal.next(id, wren)).map(Journal.UndoneStep::label).contains("all of 2 Nov 2026");
    assertThat(homework.of(id)).hasSize(2);

    assertThat(journal.undo(file(), wren))
        .contains(new Journal.UndoneStep("all of 2 Nov 2026", "follow", Optional.empty()));
    assertThat(homework.of(id)).hasSize(1);
    assertThat(homework.of(id).get(0).log().done()).isEqualTo(Done.UNDER);
    assertThat(homework.of(id).get(0).felt()).isEqualTo("far too much");

    journal.undo(file(), wren);
    assertThat(homework.of(id)).isEmpty();
    assertThat(file().given().orElseThrow().logged()).isEmpty();
    assertThat(journal.undo(file(), wren)).isEmpty();
  }

  @Test
  void painStopsAnItemOfItsOwnVersionAlone() {
    int one = give("given", "bridge", "wall-taps");
    say(one, "bridge", START, Done.UNDER, 5);
    say(one, "wall-taps", START, Done.TOP, 4);
    assertThat(file().given().orElseThrow().stopped()).containsOnlyKeys(ItemId.of("bridge"));
    say(one, "bridge", START, Done.UNDER, 2);
    assertThat(file().given().orElseThrow().stopped()).isEmpty();
    say(one, "bridge", START.plusDays(2), Done.TOP, 7);
    int two = give("planned anew", "wall-taps");
    assertThat(file().given().orElseThrow().stopped()).isEmpty();
    assertThat(homework.of(id)).extracting(Homework.Said::plan).doesNotContain(two);
  }

  @Test
  void erasingAGolferErasesPlansAndLogs() {
    say(give("given", "bridge"), "bridge", START, Done.TOP, 0);
    say(1, "bridge", START, Done.BETWEEN, 0);
    golfers.erase(file());
    assertThat(versions.all(id)).isEmpty();
    assertThat(homework.of(id)).isEmpty();
  }

  @Test
  void templatesBelongToThePracticeAndANameIsTakenOver() {
    templates.save(wren, "winter", ids("bridge"));
    templates.save(wren, "winter", ids("wall-taps", "bridge"));
    assertThat(templates.of(wren.practiceId())).hasSize(1);
    PlanTemplates.Template kept = templates.of(wren.practiceId()).get(0);
    assertThat(kept.items()).isEqualTo(ids("wall-taps", "bridge"));
    assertThat(templates.find(wren.practiceId(), kept.id())).contains(kept);
    assertThat(templates.find(other.practiceId(), kept.id())).isEmpty();
    assertThat(templates.of(other.practiceId())).isEmpty();
  }

  @Test
  void anOwnExerciseOutOfUseIsStillKnownAsItLastStood() {
    byte[] photo = {1, 2, 3};
    exercises.keep(wren, "shed-turn", Optional.of("one"), Optional.of(photo));
    exercises.keep(wren, "shed-turn", Optional.of("two"), Optional.empty());
    assertThat(exercises.of(wren.practiceId()))
        .containsExactly(new OwnExercises.Stored("shed-turn", "two", true));
    assertThat(exercises.photo(wren.practiceId(), "shed-turn")).contains(photo);

    exercises.keep(wren, "shed-turn", Optional.empty(), Optional.empty());
    assertThat(exercises.of(wren.practiceId())).isEmpty();
    assertThat(exercises.ever(wren.practiceId()))
        .extracting(OwnExercises.Stored::content)
        .containsExactly("two");
    assertThat(exercises.ever(other.practiceId())).isEmpty();

    exercises.keep(wren, "shed-turn", Optional.of("three"), Optional.empty());
    assertThat(exercises.of(wren.practiceId()))
        .extracting(OwnExercises.Stored::content)
        .containsExactly("three");
    assertThat(exercises.ever(wren.practiceId())).hasSize(1);
  }
}
