package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.app.golfer.GolferText;
import loosehip.app.store.generated.Tables;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class JournalTest extends StoreTest {
  private static final Slot SLOT = Slot.parse("seated-rotation.left.internal").orElseThrow();

  private Visits visits;

  @Override
  String golferName() {
    return "Íslá Bródie";
  }

  @BeforeEach
  void visits() {
    visits = new Visits(database, clock);
  }

  @Test
  void triesComeBackInOrderToTheDecimal() {
    take(24.3, "a");
    take(26, "b");
    assertThat(values()).containsExactly(24.3, 26.0);
    assertThat(file().tries().get(0).by()).isEqualTo("Wren");
  }

  @Test
  void theSameFormTwiceIsTakenOnce() {
    assertThat(take(24, "same")).isEqualTo(Journal.Outcome.SAVED);
    assertThat(take(24, "same")).isEqualTo(Journal.Outcome.ALREADY_TAKEN);
    assertThat(values()).containsExactly(24.0);
  }

  @Test
  void aSixthTryIsNotTaken() {
    for (int i = 0; i < 5; i++) {
      take(20 + i, "k" + i);
    }
    assertThat(take(30, "k6")).isEqualTo(Journal.Outcome.FULL);
    assertThat(values()).hasSize(5);
  }

  @Test
  void aCorrectionSupersedesAndNothingIsOverwritten() {
    take(24, "a");
    String row = file().tries().get(0).rowId();
    assertThat(correct(row, 28)).isEqualTo(Journal.Outcome.SAVED);
    assertThat(values()).containsExactly(28.0);
    assertThat(correct(row, 31)).isEqualTo(Journal.Outcome.CHANGED_MEANWHILE);
    assertThat(values()).containsExactly(28.0);
    assertThat(database.read().fetchCount(Tables.READING)).isEqualTo(2);
  }

  @Test
  void undoTakesBackCorrectionThenTheTryItself() {
    take(24, "a");
    correct(file().tries().get(0).rowId(), 28);
    assertThat(undo()).contains("correct 28.0");
    assertThat(values()).containsExactly(24.0);
    assertThat(undo()).contains("try 24.0");
    assertThat(values()).isEmpty();
    assertThat(undo()).isEmpty();
    take(25, "b");
    assertThat(values()).containsExactly(25.0);
  }

  @Test
  void factsAreSupersededTakenBackAndUndone() {
    note("setup.trailFlare", "5");
    note("setup.trailFlare", "15");
    assertThat(GolferText.noted(file(), "setup.trailFlare")).contains("15");
    assertThat(undo()).contains("setup.trailFlare");
    assertThat(GolferText.noted(file(), "setup.trailFlare")).contains("5");
    note("setup.trailFlare", "");
    assertThat(GolferText.noted(file(), "setup.trailFlare")).isEmpty();
    undo();
    assertThat(GolferText.noted(file(), "setup.trailFlare")).contains("5");
  }

  @Test
  void undoReachesTenStepsAndNoFarther() {
    for (int i = 1; i <= 12; i++) {
      note("setup.leadFlare", String.valueOf(i));
    }
    for (int i = 0; i < Journal.UNDO_REACH; i++) {
      assertThat(undo()).isPresent();
    }
    assertThat(undo()).isEmpty();
    assertThat(GolferText.noted(file(), "setup.leadFlare")).contains("2");
  }

  @Test
  void notingTheSameTwiceIsNoStep() {
    note("setup.leadFlare", "5");
    note("setup.leadFlare", "5");
    undo();
    assertThat(GolferText.noted(file(), "setup.leadFlare")).isEmpty();
  }

  @Test
  void aNewVisitKeepsTheGolfersFactsAndTheEarlierReadings() {
    note("setup.leadFlare", "5");
    journal.note(file(), wren, new Note("who.handed", Optional.of("left"), false, "hand", "talk"));
    take(24, "a");
    visits.start(wren, file(), LocalDate.of(2026, 12, 1));
    assertThat(file().visitNumber()).isEqualTo(2);
    assertThat(GolferText.noted(file(), "who.handed")).contains("left");
    assertThat(GolferText.noted(file(), "setup.leadFlare")).isEmpty();
    assertThat(values()).isEmpty();
    assertThat(file().earlier().get(0).tries()).hasSize(1);
    assertThat(file().earlier().get(0).on()).isEqualTo(LocalDate.of(2026, 11, 1));
  }

  @Test
  void findingIgnoresAccentsCaseAndOrder() {
    golfers.add(wren, "Isla Kerr");
    assertThat(golfers.find(wren.practiceId(), "isla")).hasSize(2);
    assertThat(golfers.find(wren.practiceId(), "BRODIE is"))
        .extracting(Glance::name)
        .containsExactly("Íslá Bródie");
    assertThat(golfers.find(wren.practiceId(), "100%")).isEmpty();
  }

  @Test
  void anotherPracticeSeesNothing() {
    Account other = accounts.addPractice("Elsewhere", "Pip", "pip", "hash");
    assertThat(files.load(other.practiceId(), id)).isEmpty();
    assertThat(golfers.all(other.practiceId())).isEmpty();
    assertThat(golfers.find(other.practiceId(), "isla")).isEmpty();
  }

  @Test
  void erasingLeavesNoRow() {
    take(24, "a");
    note("setup.leadFlare", "5");
    golfers.erase(file());
    assertThat(files.load(wren.practiceId(), id)).isEmpty();
    var db = database.read();
    for (var table :
        List.of(Tables.READING, Tables.OBSERVATION, Tables.VISIT, Tables.STEP, Tables.GLANCE)) {
      assertThat(db.fetchCount(table)).as(table.getName()).isZero();
    }
  }

  @Test
  void aSetUpLinkWorksOnceAndANewOneReplacesIt() {
    String first = accounts.freshSetUpToken();
    String second = accounts.freshSetUpToken();
    assertThat(accounts.setUpOpen(first)).isFalse();
    assertThat(accounts.setUp(second, "P", "A", "owner", "hash")).isTrue();
    assertThat(accounts.setUp(second, "P", "B", "thief", "hash")).isFalse();
    assertThat(accounts.bySignInName("OWNER")).isPresent();
    assertThat(accounts.bySignInName("thief")).isEmpty();
  }

  private Journal.Outcome take(double value, String key) {
    return journal.take(file(), wren, tried(value), key, "try " + value);
  }

  private Journal.Outcome correct(String row, double value) {
    return journal.correct(file(), wren, row, tried(value), "correct " + value);
  }

  private static Journal.NewTry tried(double value) {
    return new Journal.NewTry(
        SLOT,
        Optional.of(value),
        Optional.empty(),
        Optional.of(Method.INCLINOMETER),
        Set.of(),
        false);
  }

  private void note(String topic, String value) {
    Optional<String> kept = Optional.of(value).filter(v -> !v.isEmpty());
    journal.note(file(), wren, new Note(topic, kept, true, topic, "set-up"));
  }

  private Optional<String> undo() {
    return journal.undo(file(), wren).map(Journal.UndoneStep::label);
  }

  private List<Double> values() {
    return file().tries(SLOT).stream().map(t -> t.value().orElseThrow()).toList();
  }
}
