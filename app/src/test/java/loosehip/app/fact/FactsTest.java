package loosehip.app.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.app.golfer.GolferText;
import loosehip.core.body.Side;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Slot;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FactsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  @ParameterizedTest(name = "{0} = {1} can be kept")
  @CsvSource({
    "who.birth-year, 1961",
    "who.birth-year, ''",
    "who.height, '171,5'",
    "who.handed, left",
    "wish.minutes, 120",
    "wish.tool-club, yes",
    "wish.start, 2027-01-11",
    "setup.pelvicTilt, -8",
    "setup.pelvicTilt, −8",
    "setup.hipFlexion, 40°",
    "caution.inner-knee, both",
    "warning.night-pain, yes",
    "fault.sway, clear",
    "rehearsal.sway, cannot",
    "school, free-turn",
    "order, quick",
    "pain.seated-rotation.left.internal, 5 front of hip",
  })
  void whatCanBeKept(String key, String value) {
    assertThat(problem(key, value)).isEmpty();
  }

  @ParameterizedTest(name = "{0} = {1}: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "who.birth-year | 2400 | A birth year goes from 1921 to 2021",
        "who.birth-year | nineteen | A birth year is a whole number",
        "who.birth-year | 61 | goes from 1921",
        "who.height | tall | Height is a number from 100 to 230 cm",
        "wish.minutes | 0 | Minutes a day goes from 1 to 120",
        "wish.days | 8 | Days a week goes from 1 to 7",
        "wish.start | soon | A date looks like",
        "wish.start | +999999999-01-01 | more than 20 years away",
        "wish.start | 1066-10-14 | more than 20 years away",
        "wish.blackout | 2027-01-18 soon | A date looks like",
        "setup.trailFlare | 999999999999 | is a number from -20 to 60",
        "setup.trailFlare | 99 | goes from -20 to 60°; you typed 99",
        "setup.trailFlare | NaN | is a number from",
        "warning.night-pain | maybe | Reload it",
        "school | my-own | Reload it",
        "order | longest | Reload it",
        "pain.seated-rotation.left.internal | 11 | Pain is a whole number from 0 to 10",
      })
  void whatIsRefusedAndHowItIsSaid(String key, String value, String words) {
    assertThat(problem(key, value).orElse("")).contains(words);
  }

  @ParameterizedTest
  @CsvSource({
    "nonsense.x",
    "''",
    "WHO.handed",
    "warning.bad-day",
    "fault.wobble",
    "pain.seated-rotation"
  })
  void anUnknownTopicIsNone(String key) {
    assertThat(Facts.parse(key)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"who.history, 401, true", "who.history, 400, false"})
  void longTextsAreRefused(String key, int length, boolean refused) {
    assertThat(problem(key, "x".repeat(length)).isPresent()).isEqualTo(refused);
  }

  private static Optional<String> problem(String key, String typed) {
    return Facts.parse(key).orElseThrow().problem(typed, TODAY);
  }

  @Test
  void aDayKeptThatIsAbsurdCountsAsNone() {
    assertThat(Facts.START.in(GolferText.of("wish.start=+999999999-12-31"))).isEmpty();
    assertThat(Facts.START.in(GolferText.of("wish.start=2027-01-11")))
        .contains(LocalDate.of(2027, 1, 11));
  }

  /** What is written is read back as the same value, and is typed text without a problem. */
  @Test
  void everyFactIsReadBackAsItWasWritten() {
    roundTrip(Facts.BIRTH_YEAR, 1961);
    roundTrip(Facts.HEIGHT, 171.5);
    roundTrip(Facts.BLACKOUT, Set.of(LocalDate.of(2027, 1, 18), LocalDate.of(2027, 1, 19)));
    roundTrip(Facts.WARNING.about(WarningSign.NIGHT_PAIN), true);
    roundTrip(Facts.PAIN.about(Slot.parse("hinge-contact").orElseThrow()), new Pain(4, "back"));
    roundTrip(
        Facts.CLEARED_CAUTION.about(Caution.BACK),
        new Clearance(
            "Dr Imrie, Corrie Brae",
            "surgeon",
            Optional.of(LocalDate.of(2026, 11, 20)),
            "no loads; not yet",
            Optional.of(LocalDate.of(2027, 2, 1)),
            Set.of(Demand.IMPACT),
            Set.of(Demand.HEAVY, Demand.FAST),
            List.of(new Clearance.Degrees(Side.LEFT, Direction.INTERNAL, 22.5))));
    roundTrip(
        Facts.SETUP_TODAY,
        new SetupTaken(
            new SetupTaken.Levers(15, 20, 5, LeadRelease.KNEE),
            new SetupTaken.Levers(0, 20, 0, LeadRelease.HELD),
            true,
            false,
            new SetupTaken.Ranges(22, 38.5, 0, 41.5)));
  }

  private static <T> void roundTrip(Fact<T> fact, T value) {
    String kept = fact.note(value).value().orElseThrow();
    assertThat(fact.codec().read().apply(kept)).contains(value);
    assertThat(Facts.parse(fact.key())).map(Fact::key).contains(fact.key());
  }

  /** The undo bar says what was chosen, not only where. */
  @Test
  void undoSaysWhatWasChosen() {
    assertThat(Facts.FAULT.about(PivotFault.SWAY).note(Level.CLEAR).label())
        .isEqualTo("Sway: clear");
    assertThat(Facts.HEIGHT.noteTyped("171,5").label()).isEqualTo("height");
  }

  @Test
  void lettersThatNoPaperShowsAreNotKept() {
    assertThat(Facts.WANT.noteTyped("straight\u000ber\u0000 ").value()).contains("straighter");
    assertThat(Facts.WANT.noteTyped(" \u000b ").value()).isEmpty();
  }
}
