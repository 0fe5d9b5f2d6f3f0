package loosehip.app.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.document.Problem;
import loosehip.core.measure.BandScales;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Try;
import org.jspecify.annotations.Nullable;

/**
 * Turns the {@code screen} list into a screen. The same test from several dates: the newest counts.
 */
final class ScreenEntries {
  private final List<Problem> problems;
  private final Map<Slot, Reading> readings = new LinkedHashMap<>();
  private final Map<Slot, String> words = new LinkedHashMap<>();
  private final Map<Slot, LocalDate> dates = new HashMap<>();

  private ScreenEntries(List<Problem> problems) {
    this.problems = problems;
  }

  /**
   * The screen of these entries.
   *
   * @param problems where tries voided that are not there are written down
   */
  static Screen read(List<CaseDocument.Entry> entries, BandScales scales, List<Problem> problems) {
    ScreenEntries read = new ScreenEntries(problems);
    for (int i = 0; i < entries.size(); i++) {
      read.entry(entries.get(i), "/screen/" + i);
    }
    return Screen.of(read.readings.values(), read.words, scales);
  }

  private void entry(CaseDocument.Entry entry, String at) {
    ScreenTest test = entry.test();
    if (EntryKeys.tries(test)) {
      keep(entry, at, part(entry), entry.tries());
    }
    for (Part part : EntryKeys.parts(test)) {
      if (test.numeric(Optional.of(part))) {
        keep(entry, at, Optional.of(part), numbers(entry, part));
      } else {
        word(entry, Optional.of(part), said(entry, part));
      }
    }
    if (EntryKeys.mainWord(test).isPresent()) {
      word(
          entry,
          Optional.empty(),
          test == ScreenTest.KNEE_TRACK ? yesOrNo(entry.forward()) : entry.reached());
    }
  }

  /** The part that direction or eyes name; open eyes when nothing is said. */
  private static Optional<Part> part(CaseDocument.Entry entry) {
    if (entry.direction() != null) {
      return Optional.of(entry.direction().part());
    }
    if (entry.test().hasPart(Part.EYES_OPEN)) {
      return Optional.of("closed".equals(entry.eyes()) ? Part.EYES_CLOSED : Part.EYES_OPEN);
    }
    return Optional.empty();
  }

  private static @Nullable List<Double> numbers(CaseDocument.Entry entry, Part part) {
    return switch (part) {
      case ARCH -> entry.arch();
      case FLATTEN -> entry.flatten();
      case TOTAL -> entry.total();
      case HELD -> entry.held();
      default -> null;
    };
  }

  private static @Nullable String said(CaseDocument.Entry entry, Part part) {
    return switch (part) {
      case QUALITY -> entry.quality();
      case LOST -> entry.lost();
      case TALL -> yesOrNo(entry.tall());
      case HINGED -> yesOrNo(entry.hinged());
      case CRAMP -> yesOrNo(entry.cramp());
      case LIMIT -> yesOrNo(entry.heldToLimit());
      case DRIFT -> yesOrNo(entry.kneeDrift());
      case HEELS -> yesOrNo(entry.heelsLifted());
      case KNEES -> yesOrNo(entry.kneesIn());
      default -> null;
    };
  }

  private static @Nullable String yesOrNo(@Nullable Boolean said) {
    return said == null ? null : said ? "yes" : "no";
  }

  private void keep(
      CaseDocument.Entry entry, String at, Optional<Part> part, @Nullable List<Double> numbers) {
    if (numbers == null || numbers.isEmpty()) {
      return;
    }
    Slot slot = new Slot(entry.test(), Optional.ofNullable(entry.side()), part);
    List<Integer> voided = entry.voided() == null ? List.of() : entry.voided();
    if (voided.stream().anyMatch(i -> i >= numbers.size())) {
      problems.add(
          new Problem(
              at + "/voided",
              "names a try that is not there",
              "put places from 0 to " + (numbers.size() - 1)));
      return;
    }
    if (newest(entry, slot)) {
      readings.put(slot, reading(entry, slot, tries(numbers, voided)));
    }
  }

  private static List<Try> tries(List<Double> numbers, List<Integer> voided) {
    List<Try> tries = new ArrayList<>();
    for (int i = 0; i < numbers.size(); i++) {
      tries.add(new Try(numbers.get(i), voided.contains(i)));
    }
    return tries;
  }

  private static Reading reading(CaseDocument.Entry entry, Slot slot, List<Try> tries) {
    Optional<Method> method =
        Optional.ofNullable(entry.method())
            .or(() -> slot.test().methods().stream().findFirst())
            .filter(m -> !slot.test().methods().isEmpty());
    Set<Compensation> seen =
        entry.compensations() == null ? Set.of() : new LinkedHashSet<>(entry.compensations());
    Pain pain =
        new Pain(
            entry.pain() == null ? 0 : entry.pain(),
            entry.painSite() == null ? "" : entry.painSite());
    return entry.tryDeviation() == null
        ? new Reading(slot, method, tries, seen, pain)
        : new Reading(slot, method, tries, seen, pain, entry.tryDeviation());
  }

  private void word(CaseDocument.Entry entry, Optional<Part> part, @Nullable String word) {
    Slot slot = new Slot(entry.test(), Optional.ofNullable(entry.side()), part);
    if (word != null && newest(entry, slot)) {
      words.put(slot, word);
    }
  }

  private boolean newest(CaseDocument.Entry entry, Slot slot) {
    LocalDate date = entry.date() == null ? LocalDate.MIN : LocalDate.parse(entry.date());
    LocalDate before = dates.get(slot);
    if (before != null && date.isBefore(before)) {
      return false;
    }
    dates.put(slot, date);
    return true;
  }
}
