package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.follow.AtHome;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.TodayGroup;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Method;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.plan.ItemId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is kept of the data base is what stands in it, whatever was written and by whom. */
class AtHandTest extends StoreTest {
  private static final LocalDate START = LocalDate.of(2026, 11, 2);
  private static final List<String> TOPICS =
      List.of(
          "setup.leadFlare",
          "who.handed",
          "warning.night-pain",
          "cleared-warning.night-pain",
          "lapse");
  private static final List<Slot> SLOTS =
      List.of(
          Slot.of(ScreenTest.SEATED_ROTATION, Side.RIGHT, Direction.INTERNAL),
          Slot.of(ScreenTest.SEATED_ROTATION, Side.LEFT, Direction.EXTERNAL));

  private Visits visits;
  private PlanVersions versions;
  private Homework homework;
  private PracticeValues values;
  private People people;
  private Account moss;
  private String another;

  @BeforeEach
  void others() {
    visits = new Visits(database, clock);
    versions = new PlanVersions(database);
    homework = new Homework(database, clock);
    values = new PracticeValues(database, clock);
    people = new People(database, accounts, clock);
    moss = accounts.addHelper(wren, "Moss", "moss", "hash");
    another = golfers.add(wren, "Ada Kerr", LocalDate.of(2026, 11, 2));
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void aFileAtHandIsTheFileReadAnew(int seed) {
    Random random = new Random(seed);
    int changes = 0;
    GolferFile before = file();
    for (int i = 0; i < 60; i++) {
      writeSomething(random);
      GolferFile anew = new GolferFiles(database, clock).load(wren.practiceId(), id).orElseThrow();
      assertThat(file()).as("after write %d of seed %d", i, seed).isEqualTo(anew);
      assertThat(files.loadAnew(wren.practiceId(), id)).contains(anew);
      assertThat(files.loadToWrite(wren.practiceId(), another)).isPresent();
      changes += anew.equals(before) ? 0 : 1;
      before = anew;
    }
    assertThat(changes).as("writes that changed the file").isGreaterThan(25);
  }

  private void writeSomething(Random random) {
    Account by = random.nextBoolean() ? wren : moss;
    GolferFile file = file();
    switch (random.nextInt(9)) {
      case 0, 1 -> note(file, by, random);
      case 2, 3 -> take(file, by, random);
      case 4 -> journal.undo(file, by);
      case 5 -> visits.start(by, file, START.plusDays(random.nextInt(9)));
      case 6 -> close(file, by);
      case 7 -> give(file, by);
      default -> say(file, by, random);
    }
  }

  private void note(GolferFile file, Account by, Random random) {
    String topic = TOPICS.get(random.nextInt(TOPICS.size()));
    Optional<String> value =
        Optional.of(random.nextInt(3)).filter(n -> n > 0).map(n -> n == 1 ? "yes" : "no");
    journal.note(file, by, new Note(topic, value, random.nextBoolean(), topic, "talk"));
    if (random.nextInt(4) == 0 && !file.earlier().isEmpty()) {
      List<Visits.Past> past = visits.history(id);
      String oldest = past.get(past.size() - 1).id();
      journal.note(
          file,
          by,
          new Note(GolferFiles.BASELINE, Optional.of(oldest), true, "baseline", "follow"));
    }
  }

  private void take(GolferFile file, Account by, Random random) {
    double value = 20.0 + random.nextInt(30);
    if (file.tries().isEmpty() || random.nextBoolean()) {
      Slot slot = SLOTS.get(random.nextInt(SLOTS.size()));
      journal.take(file, by, of(slot, value), UUID.randomUUID().toString(), "try");
    } else {
      TakenTry first = file.tries().get(0);
      journal.correct(file, by, first.rowId(), of(first.slot(), value), "corrected");
    }
  }

  private static Journal.NewTry of(Slot slot, double value) {
    return new Journal.NewTry(
        slot,
        Optional.of(value),
        Optional.empty(),
        Optional.of(Method.INCLINOMETER),
        Set.of(),
        false);
  }

  private void close(GolferFile file, Account by) {
    if (file.closed().isPresent()) {
      visits.resume(file);
    } else {
      visits.close(file, by);
    }
  }

  private void give(GolferFile file, Account by) {
    versions.give(
        file,
        by,
        new PlanVersions.New(
            "given",
            "{}",
            "{\"weeks\":[]}",
            START,
            START.plusWeeks(6),
            List.of(ItemId.of("bridge")),
            List.of(START),
            Instant.now()),
        () -> true);
  }

  private void say(GolferFile file, Account by, Random random) {
    file.given()
        .ifPresent(
            given ->
                homework.say(
                    file,
                    by,
                    List.of(
                        new Homework.Said(
                            given.number(),
                            ItemId.of("bridge"),
                            new ItemLog(
                                START.plusDays(random.nextInt(5)),
                                Done.TOP,
                                Optional.of(5),
                                Optional.of(random.nextInt(9)),
                                true,
                                false,
                                false),
                            Homework.Words.of("", ""),
                            "")),
                    "said"));
  }

  /** Another golfer's try is no reason to read, judge and draw this one anew. */
  @Test
  void whatIsWrittenOfAnotherLeavesAFileTheSameObject() {
    GolferFile before = file();
    take(files.load(wren.practiceId(), another).orElseThrow(), moss, new Random(1));
    assertThat(file()).isSameAs(before);
    take(file(), moss, new Random(1));
    assertThat(file()).isNotSameAs(before);
  }

  private Glance glance(String words) {
    return new Glance(
        id,
        golferName(),
        Optional.of(Handed.LEFT),
        Optional.of(1960),
        Optional.of(31.5),
        Optional.empty(),
        Optional.of(20.0),
        Optional.of(44.0),
        TodayGroup.WAITING,
        words,
        START,
        Optional.of(START.plusWeeks(6)),
        AtHome.NOTHING);
  }

  @Test
  void listsAtHandAreTheListsReadAnew() {
    golfers.all(wren.practiceId());
    List<Runnable> writes = new ArrayList<>();
    writes.add(() -> golfers.show(wren.practiceId(), glance("half screened"), 1));
    writes.add(() -> golfers.rename(file(), "Zoe Brodie"));
    writes.add(() -> golfers.show(wren.practiceId(), glance("ready for a plan"), 1));
    writes.add(() -> golfers.add(wren, "Mona Dow"));
    writes.add(() -> golfers.erase(files.load(wren.practiceId(), another).orElseThrow()));
    for (Runnable write : writes) {
      List<Glance> before = golfers.all(wren.practiceId());
      write.run();
      List<Glance> after = golfers.all(wren.practiceId());
      assertThat(after).isNotEqualTo(before);
      if (writes.indexOf(write) != 2) {
        assertThat(after).isEqualTo(new Golfers(database, clock).all(wren.practiceId()));
      }
    }
  }

  /** A glance that did not see the last write does not pass for the newest. */
  @Test
  void whoeverWasWrittenOfIsBehindUntilAGlanceHasSeenAllOfIt() {
    golfers.show(
        wren.practiceId(), glance(""), golfers.behind(wren.practiceId()).getOrDefault(id, 0));
    assertThat(golfers.behind(wren.practiceId())).doesNotContainKey(id);
    take(file(), wren, new Random(1));
    int seen = golfers.behind(wren.practiceId()).get(id);
    take(file(), moss, new Random(2));
    golfers.show(wren.practiceId(), glance("too early"), seen);
    assertThat(golfers.behind(wren.practiceId())).containsKey(id);
    golfers.show(wren.practiceId(), glance("now"), golfers.behind(wren.practiceId()).get(id));
    assertThat(golfers.behind(wren.practiceId())).doesNotContainKey(id);
  }

  @Test
  void whatAPracticeSetAndWhoMayComeInIsHeardAtOnce() {
    assertThat(values.ofPractice(wren.practiceId())).isEmpty();
    values.set(moss, "contact", Optional.of("by the door"));
    assertThat(values.ofPractice(wren.practiceId()).get("contact").value())
        .isEqualTo("by the door");
    values.setOwn(wren, "contact", Optional.of("mine"));
    assertThat(values.ofPerson(wren).get("contact").value()).isEqualTo("mine");
    assertThat(accounts.byId(moss.id()).orElseThrow().disabled()).isFalse();
    people.disable(wren, moss.id(), true);
    assertThat(accounts.byId(moss.id()).orElseThrow().disabled()).isTrue();
    people.disable(wren, moss.id(), false);
    people.position(wren, moss.id(), Position.TRAINER);
    assertThat(accounts.byId(moss.id()).orElseThrow().position()).isEqualTo(Position.TRAINER);
    people.password(moss.id(), "another");
    assertThat(accounts.byId(moss.id()).orElseThrow().passwordHash()).isEqualTo("another");
    assertThat(accounts.people(wren.practiceId())).hasSize(2);
    accounts.addHelper(wren, "Linnet", "linnet", "hash");
    assertThat(accounts.people(wren.practiceId())).hasSize(3);
  }
}
