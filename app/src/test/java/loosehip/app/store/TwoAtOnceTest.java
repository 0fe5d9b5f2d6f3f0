package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.time.Instant;
import java.util.Optional;
import loosehip.app.golfer.GolferText;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Two people on one golfer: nothing is covered unseen, and undo keeps to one's own first. */
class TwoAtOnceTest extends StoreTest {
  private static final String FLARE = "setup.trailFlare";

  private Account moss;

  @BeforeEach
  void somebodyElse() {
    moss = accounts.addHelper(wren, "Moss", "moss", "hash");
  }

  private void note(Account by, String value, Seen seen) {
    Optional<String> kept = Optional.of(value).filter(v -> !v.isEmpty());
    journal.note(file(), by, new Note(FLARE, kept, true, "flare: " + value, "set-up"), seen);
  }

  private Seen drawnNow() throws InterruptedException {
    Thread.sleep(2);
    Seen seen = new Seen(Optional.of(Instant.now()), Optional.empty());
    Thread.sleep(2);
    return seen;
  }

  private Optional<String> flare() {
    return GolferText.noted(file(), FLARE);
  }

  @Test
  void whatSomebodyElseSaidSinceIsNotCoveredUnseen() throws InterruptedException {
    note(wren, "5", Seen.ANYTHING);
    Seen page = drawnNow();
    note(moss, "15", Seen.ANYTHING);
    Clash clash = catchThrowableOfType(Clash.class, () -> note(wren, "25", page));
    assertThat(clash.both().by()).isEqualTo("Moss");
    assertThat(clash.both().theirs()).contains("15");
    assertThat(clash.both().mine()).contains("25");
    assertThat(flare()).contains("15");

    note(wren, "25", new Seen(page.drawn(), Optional.of(clash.both().row())));
    assertThat(flare()).contains("25");
  }

  @Test
  void somebodyWhoSaidStillMoreMeanwhileIsHeardAgain() throws InterruptedException {
    Seen page = drawnNow();
    note(moss, "15", Seen.ANYTHING);
    Clash first = catchThrowableOfType(Clash.class, () -> note(wren, "25", page));
    note(moss, "", Seen.ANYTHING);
    Clash second =
        catchThrowableOfType(
            Clash.class,
            () -> note(wren, "25", new Seen(page.drawn(), Optional.of(first.both().row()))));
    assertThat(second.both().theirs()).isEmpty();
    assertThat(flare()).isEmpty();
  }

  @Test
  void whatWasSeenOrIsOnesOwnOrIsTheSameIsNoClash() throws InterruptedException {
    note(moss, "15", Seen.ANYTHING);
    Seen page = drawnNow();
    note(wren, "20", page);
    note(wren, "25", page);
    assertThat(flare()).contains("25");
    note(moss, "10", Seen.ANYTHING);
    note(wren, "10", page);
    assertThat(flare()).contains("10");
  }

  @Test
  void valuesOfThePracticeAreNotCoveredUnseenEither() throws InterruptedException {
    PracticeValues values = new PracticeValues(database, clock);
    Seen page = drawnNow();
    values.set(moss, "figure.x", Optional.of("1.5"));
    assertThatThrownBy(() -> values.set(wren, "figure.x", Optional.of("2.5"), page))
        .isInstanceOf(Clash.class);
    assertThat(values.ofPractice(wren.practiceId()).get("figure.x").value()).isEqualTo("1.5");
  }

  @Test
  void undoTakesBackOnesOwnFirstAndNamesWhoseTheRestIs() {
    note(wren, "5", Seen.ANYTHING);
    journal.note(file(), moss, new Note("x", Optional.of("1"), true, "x", "talk"));
    assertThat(journal.next(id, wren).orElseThrow().whose()).isEmpty();
    assertThat(journal.undo(file(), wren).orElseThrow().label()).isEqualTo("flare: 5");
    assertThat(GolferText.noted(file(), "x")).contains("1");
    assertThat(journal.next(id, wren).orElseThrow().whose()).contains("Moss");
    assertThat(journal.undo(file(), wren)).isPresent();
    assertThat(GolferText.noted(file(), "x")).isEmpty();
    assertThat(journal.undo(file(), wren)).isEmpty();
  }

  /** One's own under somebody else's: theirs stands, and comes off first. */
  @Test
  void undoNeverPullsOnesOwnOutFromUnderSomebodyElses() {
    note(wren, "5", Seen.ANYTHING);
    note(wren, "10", Seen.ANYTHING);
    note(moss, "15", Seen.ANYTHING);
    assertThat(journal.next(id, wren).orElseThrow().whose()).contains("Moss");
    journal.undo(file(), wren);
    assertThat(flare()).contains("10");
    journal.undo(file(), wren);
    assertThat(flare()).contains("5");
    journal.undo(file(), wren);
    assertThat(flare()).isEmpty();
  }
}
