package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import loosehip.app.golfer.GolferText;
import loosehip.app.store.ReadingFiles.FileRow;
import loosehip.app.store.ReadingFiles.Judged;
import loosehip.app.store.ReadingFiles.Outcome;
import loosehip.core.measure.AngleKind;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability;
import loosehip.core.measure.Slot;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a practice sets, whose tries they were, visits, and readings that come in a file. */
class PracticeStoreTest extends StoreTest {
  private static final Slot HIP = Slot.parse("seated-rotation.left.internal").orElseThrow();
  private static final LocalDate SPRING = LocalDate.of(2026, 3, 3);

  private Visits visits;
  private PracticeValues values;
  private TrySets sets;
  private ReadingFiles brought;
  private FileReadings readings;
  private Account moss;

  @BeforeEach
  void aHelper() {
    visits = new Visits(database, clock);
    values = new PracticeValues(database, clock);
    sets = new TrySets(database);
    brought = new ReadingFiles(database, clock);
    readings = new FileReadings(database, clock);
    moss = accounts.addHelper(wren, "Moss", "moss", "hash");
  }

  private void take(Account by, double value) {
    journal.take(
        file(),
        by,
        new Journal.NewTry(
            HIP,
            Optional.of(value),
            Optional.empty(),
            Optional.of(Method.INCLINOMETER),
            Set.of(),
            false),
        UUID.randomUUID().toString(),
        "try");
  }

  @Test
  void aValueIsSetChangedAndResetAndItsHistoryStays() {
    values.set(wren, "bands.seated-rotation", Optional.of("42 32"));
    values.set(moss, "bands.seated-rotation", Optional.of("41 31"));
    values.set(moss, "bands.seated-rotation", Optional.of("41 31"));
    assertThat(values.ofPractice(wren.practiceId()).get("bands.seated-rotation").value())
        .isEqualTo("41 31");
    values.set(wren, "bands.seated-rotation", Optional.empty());
    assertThat(values.ofPractice(wren.practiceId())).isEmpty();
    assertThat(values.history(wren.practiceId(), "bands.seated-rotation"))
        .extracting(n -> n.by() + " " + n.value())
        .containsExactly("Wren ", "Moss 41 31", "Wren 42 32");
  }

  @Test
  void onesOwnValuesAreNobodyElses() {
    values.setOwn(wren, "order.own", Optional.of("hinge-contact"));
    assertThat(values.ofPerson(wren)).containsKey("order.own");
    assertThat(values.ofPerson(moss)).isEmpty();
    assertThat(values.ofPractice(wren.practiceId())).isEmpty();
  }

  /** Wren 24 26, Moss 30 36: each scatters alone; the voided and the corrected do not count. */
  @Test
  void triesBelongToWhoTookThem() {
    take(wren, 24);
    take(wren, 26);
    take(moss, 30);
    take(moss, 36);
    OwnRepeatability.Of hip = new OwnRepeatability.Of(Method.INCLINOMETER, AngleKind.HIP_TURN);
    assertThat(OwnRepeatability.pooled(sets.newestOf(wren.id())).get(hip).freedom()).isEqualTo(1);
    assertThat(sets.newestOf(wren.id()).get(0).blind()).isFalse();
    assertThat(sets.newestOf(wren.id()).get(0).values()).containsExactlyInAnyOrder(24.0, 26.0);
    assertThat(sets.newestOf(moss.id()).get(0).values()).containsExactlyInAnyOrder(30.0, 36.0);
  }

  /** One try in sight of the others, and the set is blind no more. */
  @Test
  void aSetIsBlindWhenEachOfItsTriesWas() {
    takeBlind(24, true);
    takeBlind(26, true);
    assertThat(sets.newestOf(wren.id()).get(0).blind()).isTrue();
    assertThat(file().tries(HIP).get(1).laidOut()).contains("60: three shafts");
    takeBlind(27, false);
    assertThat(sets.newestOf(wren.id()).get(0).blind()).isFalse();
  }

  private void takeBlind(double value, boolean blind) {
    journal.take(
        file(),
        wren,
        new Journal.NewTry(
            HIP,
            Optional.of(value),
            Optional.empty(),
            Optional.of(Method.INCLINOMETER),
            Set.of(),
            false,
            blind,
            Optional.of("60: three shafts")),
        UUID.randomUUID().toString(),
        "try");
  }

  @Test
  void aVisitIsClosedAndOpenedAgainAndHistoryCountsWhatItHolds() {
    take(wren, 24);
    visits.close(file(), moss);
    assertThat(file().closed().orElseThrow().by()).isEqualTo("Moss");
    visits.resume(file());
    assertThat(file().closed()).isEmpty();
    journal.note(file(), wren, new Note("order", Optional.of("full"), true, "order", "measure"));
    visits.start(wren, file(), LocalDate.of(2026, 11, 20));
    assertThat(GolferText.noted(file(), "order")).contains("full");
    assertThat(visits.history(id)).extracting(Visits.Past::slots).containsExactly(0, 1);
  }

  @Test
  void onlyTheLatestEarlierVisitsAreAtHandAndAnyOtherCanBeChosen() {
    take(wren, 21);
    String first = file().visitId();
    for (int i = 0; i < GolferFile.EARLIER_AT_HAND + 2; i++) {
      visits.start(wren, file(), LocalDate.of(2026, 11, 2 + i));
    }
    assertThat(file().earlier()).hasSize(GolferFile.EARLIER_AT_HAND);
    assertThat(file().earlier()).noneMatch(v -> v.visitId().equals(first));
    journal.note(
        file(), wren, new Note("baseline", Optional.of(first), true, "compare", "measure"));
    assertThat(file().baseline().orElseThrow().tries()).hasSize(1);
    assertThat(
            new GolferFiles(database, clock)
                .loadToWrite(wren.practiceId(), id)
                .map(f -> f.earlier()))
        .contains(List.of());
    assertThat(files.loadToWrite(wren.practiceId(), id)).as("at hand already").contains(file());
  }

  @Test
  void aSlotTellsItsHistoryAndWhoWroteLast() {
    take(wren, 24);
    String row = file().tries(HIP).get(0).rowId();
    journal.correct(
        file(),
        moss,
        row,
        new Journal.NewTry(
            HIP, Optional.of(26.0), Optional.empty(), Optional.empty(), Set.of(), false),
        "try");
    assertThat(files.history(file(), HIP))
        .extracting(e -> e.by() + " " + Math.round(e.value().orElseThrow()))
        .containsExactly("Wren 24", "Moss 26");
    assertThat(files.newestByOthers(file(), wren.id()).orElseThrow().by()).isEqualTo("Moss");
  }

  private static FileRow row(LocalDate on, int ordinal, double value) {
    return new FileRow(
        on,
        HIP,
        ordinal,
        Optional.of(value),
        Optional.empty(),
        Optional.of(Method.INCLINOMETER),
        Set.of(),
        false);
  }

  private Judged judged(int line, Outcome outcome, FileRow row) {
    return new Judged(line, outcome, "words", Optional.of(id), Optional.of(row));
  }

  private String bring(Judged... lines) {
    String fileId = brought.start(wren, "old.csv", 100);
    brought.keep(fileId, List.of(lines));
    return fileId;
  }

  @Test
  void aLineThatRepeatsAnEarlierOneIsRefused() {
    String fileId =
        bring(
            judged(2, Outcome.NEW, row(SPRING, 1, 24)), judged(3, Outcome.NEW, row(SPRING, 1, 25)));
    brought.state(fileId, "checked", "");
    ReadingFiles.FileState standing = brought.find(wren.practiceId(), fileId).orElseThrow();
    assertThat(standing.counts()).containsEntry("new", 1).containsEntry("refused", 1);
    assertThat(brought.lines(fileId, "refused", 0, 10).get(0).words()).contains("repeats");
    assertThat(brought.find("another practice", fileId)).isEmpty();
  }

  @Test
  void takingMakesAClosedVisitOfTheDayAndUndoingRemovesItAgain() {
    String fileId =
        bring(
            judged(2, Outcome.NEW, row(SPRING, 1, 24)), judged(3, Outcome.NEW, row(SPRING, 2, 26)));
    List<Integer> progress = new ArrayList<>();
    readings.take(fileId, wren, progress::add);
    assertThat(progress).containsExactly(2);
    assertThat(visits.history(id)).hasSize(2);
    assertThat(visits.history(id).get(1).closed()).isPresent();
    assertThat(file().earlier().get(0).tries()).extracting(TakenTry::byId).containsOnly("");
    assertThat(sets.newestOf(wren.id())).isEmpty();
    assertThat(readings.standing(id, SPRING)).hasSize(2);
    assertThat(readings.undo(fileId, wren, done -> {})).isZero();
    assertThat(visits.history(id)).hasSize(1);
    assertThat(readings.touched(fileId)).containsExactly(id);
  }

  @Test
  void whatWasCorrectedSinceStaysWhenTheFileIsUndone() {
    take(wren, 24);
    LocalDate on = file().visitOn();
    String fileId =
        bring(judged(2, Outcome.CORRECTS, row(on, 1, 28)), judged(3, Outcome.NEW, row(on, 2, 29)));
    readings.take(fileId, wren, done -> {});
    assertThat(values()).containsExactly(28.0, 29.0);
    String second = file().tries(HIP).get(1).rowId();
    journal.correct(
        file(),
        moss,
        second,
        new Journal.NewTry(
            HIP, Optional.of(30.0), Optional.empty(), Optional.empty(), Set.of(), false),
        "try");
    assertThat(readings.undo(fileId, wren, done -> {})).isEqualTo(1);
    assertThat(values()).containsExactly(24.0, 30.0);
  }

  @Test
  void aFileMovesOnOnlyFromTheStateItIsIn() {
    String fileId = bring(judged(2, Outcome.NEW, row(SPRING, 1, 24)));
    assertThat(brought.move(fileId, "checked", "taking")).isFalse();
    brought.state(fileId, "checked", "");
    assertThat(brought.move(fileId, "checked", "taking")).isTrue();
    assertThat(brought.move(fileId, "checked", "taking")).isFalse();
    brought.drop(wren.practiceId(), fileId);
    assertThat(brought.find(wren.practiceId(), fileId)).isPresent();
    brought.state(fileId, "undone", "");
    brought.drop(wren.practiceId(), fileId);
    assertThat(brought.newest(wren.practiceId())).isEmpty();
  }

  @Test
  void onlyThoseWhoConsentedMayBeWrittenAbout() {
    assertThat(readings.golfers(wren.practiceId()).get(id).consented()).isFalse();
    journal.note(
        file(), wren, new Note("consent", Optional.of("wording 1"), false, "consent", "talk"));
    assertThat(readings.golfers(wren.practiceId()).get(id).consented()).isTrue();
    assertThat(readings.golfers(wren.practiceId()).get(id).nameKey()).isEqualTo("isla brodie");
  }

  private List<Double> values() {
    return file().tries(HIP).stream().map(t -> t.value().orElseThrow()).toList();
  }
}
