package loosehip.app.letter;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.app.golfer.GolferCode;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Account;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.app.words.NoticeWords;
import loosehip.app.words.Numbers;
import loosehip.app.words.Text;
import loosehip.core.body.Side;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Unit;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;

/**
 * A letter to a clinician. It tells what was asked, heard and measured, with method and error, and
 * asks what the golfer may do; it names no cause and says nothing of what an illness might be.
 *
 * @param code the code their bundle of measurements goes by
 * @param measuredOn the day of the visit it tells of
 * @param why why the golfer is sent, in the trainer's words; may be empty
 * @param signs questions answered yes and not cleared
 * @param told what the golfer told: cautions, pain now
 * @param measured what was measured, a line each
 * @param noticed pain and what gave way while measuring
 * @param asked what the trainer needs to know
 */
public record ClinicianLetter(
    String id,
    String code,
    String golfer,
    String born,
    String practice,
    String trainer,
    String date,
    String measuredOn,
    String why,
    List<String> signs,
    List<String> told,
    List<Line> measured,
    List<String> noticed,
    List<String> asked,
    String notice) {

  /**
   * Something measured.
   *
   * @param what the test, with its part
   * @param side left or right; empty where there is none
   * @param value mean and standard error, or the word that was found
   * @param how with what, and how often
   */
  public record Line(String what, String side, String value, String how) {}

  private static final List<String> ASKED =
      List.of(
          "May they be measured and train: moving in and out of their range, on two legs and on one?",
          "Which movements are to be left alone, or not beyond how many degrees, and until when?",
          "When should you see them again?");

  /** The letter of a golfer. */
  public static ClinicianLetter of(Workup workup, Account by, String why, LocalDate today) {
    return new ClinicianLetter(
        workup.file().id(),
        GolferCode.of(workup.file().id()),
        workup.file().name(),
        born(workup),
        by.practiceName(),
        by.shownName(),
        Dates.day(today),
        Dates.day(workup.file().visitOn()),
        why,
        workup.golfer().health().openWarnings().stream()
            .sorted()
            .map(WarningSign::question)
            .toList(),
        workup.golfer().health().cautions().stream().map(ClinicianLetter::told).toList(),
        measured(workup),
        noticed(workup),
        ASKED,
        NoticeWords.DECISION_AID);
  }

  private static String born(Workup workup) {
    return workup
        .golfer()
        .who()
        .birthDate()
        .map(d -> "born " + Dates.day(d))
        .or(() -> workup.golfer().who().birthYear().map(y -> "born " + y))
        .orElse("");
  }

  private static String told(NotedCaution noted) {
    return noted.caution().asked()
        + noted.side().map(s -> ", " + s.id()).orElse("")
        + noted.detail().painNow().map(p -> ", pain now " + p + " of 10").orElse("")
        + (noted.note().isEmpty() ? "" : ": “" + noted.note() + "”");
  }

  private static List<Line> measured(Workup workup) {
    List<Line> lines = new ArrayList<>();
    for (Reading reading : byTest(workup)) {
      Slot slot = reading.slot();
      workup
          .golfer()
          .screen()
          .measurement(slot)
          .ifPresent(m -> lines.add(new Line(what(slot), side(slot), value(m), how(reading, m))));
    }
    workup
        .golfer()
        .screen()
        .words()
        .forEach((slot, word) -> lines.add(new Line(what(slot), side(slot), word, "seen")));
    return lines;
  }

  /** In the order of the tests, each part's two sides beside each other. */
  private static List<Reading> byTest(Workup workup) {
    return workup.golfer().screen().readings().stream()
        .sorted(
            Comparator.<Reading, ScreenTest>comparing(r -> r.slot().test())
                .thenComparing(r -> r.slot().part().map(Part::ordinal).orElse(-1))
                .thenComparing(ClinicianLetter::sideOf))
        .toList();
  }

  private static String sideOf(Reading reading) {
    return side(reading.slot());
  }

  private static String what(Slot slot) {
    return slot.test().title() + slot.part().map(Part::word).map(w -> ", " + w).orElse("");
  }

  private static String side(Slot slot) {
    return slot.side().map(Side::id).orElse("");
  }

  private static String value(Measurement m) {
    Unit unit = m.slot().test().unit();
    return unit.decimals() == 0
        ? Math.round(m.mean()) + unit.sign()
        : Numbers.tenth(Shown.of(unit).of(m.mean()))
            + Shown.of(unit).sign()
            + " ± "
            + Numbers.tenth(Shown.of(unit).of(m.standardError()));
  }

  private static String how(Reading reading, Measurement m) {
    String tries = m.tries() == 1 ? "1 try" : "mean of " + m.tries() + " tries";
    Optional<String> method =
        reading.method().filter(x -> !reading.slot().test().methods().isEmpty()).map(Method::word);
    return tries
        + method.map(w -> ", " + w).orElse("")
        + (m.stoppedByPain() ? "; ended by pain, not by the end of the range" : "");
  }

  /** Pain first, then what moved along; what was seen in a swing is none of a clinician's. */
  private static List<String> noticed(Workup workup) {
    List<String> lines = new ArrayList<>();
    for (Reading reading : workup.golfer().screen().readings()) {
      Pain pain = reading.pain();
      if (pain.level() > 0) {
        lines.add(
            Text.upper(where(reading.slot()))
                + ": pain "
                + pain.level()
                + " of 10"
                + (pain.site().isEmpty() ? "" : ", “" + pain.site() + "”"));
      }
    }
    for (Reading reading : workup.golfer().screen().readings()) {
      if (!reading.compensations().isEmpty()) {
        lines.add(
            Text.upper(where(reading.slot()))
                + ": "
                + String.join(
                    ", ",
                    reading.compensations().stream().map(Compensation::word).sorted().toList()));
      }
    }
    return lines;
  }

  private static String where(Slot slot) {
    String side = side(slot);
    return what(slot) + (side.isEmpty() ? "" : ", " + side);
  }
}
