package loosehip.app.casefile;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Limits;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Try;

/** Reads the {@code screen} list. The same test from several dates: the newest counts. */
final class ScreenReader {
  private static final List<String> DIRECTIONS = KnownIds.of(Direction.values(), Direction::id);

  private final Map<Slot, Reading> readings = new LinkedHashMap<>();
  private final Map<Slot, String> words = new LinkedHashMap<>();
  private final Map<Slot, LocalDate> dates = new HashMap<>();

  private ScreenReader() {}

  static Screen read(Node file) {
    ScreenReader reader = new ScreenReader();
    file.items("screen").forEach(reader::entry);
    return Screen.of(reader.readings.values(), reader.words);
  }

  private void entry(Node entry) {
    Optional<ScreenTest> test =
        entry.id("test", ScreenTest::parse, KnownIds.of(ScreenTest.values(), ScreenTest::id));
    if (test.isEmpty()) {
      if (!entry.has("test")) {
        entry.wrong("names no test", "add \"test\"");
      }
      return;
    }
    entry.keys(keys(test.get()));
    Optional<Side> side = entry.id("side", Side::parse, KnownIds.of(Side.values(), Side::id));
    if (test.get().sided() && side.isEmpty()) {
      if (!entry.has("side")) {
        entry.wrong(test.get().id() + " needs a side", "add \"side\": \"left\" or \"right\"");
      }
      return;
    }
    numbers(entry, test.get(), side);
    for (Part part : test.get().parts()) {
      if (!test.get().numeric(Optional.of(part))) {
        word(entry, new Slot(test.get(), side, Optional.of(part)), key(part));
      }
    }
    if (test.get().hasWholeNumber() && !test.get().numeric(Optional.empty())) {
      String key = test.get() == ScreenTest.KNEE_TRACK ? "forward" : "reached";
      word(entry, new Slot(test.get(), side, Optional.empty()), key);
    }
  }

  private static String[] keys(ScreenTest test) {
    List<String> keys = new ArrayList<>(List.of("test", "date", "pain", "painSite", "note"));
    if (test.sided()) {
      keys.add("side");
    }
    if (test.hasPart(Part.INTERNAL)) {
      keys.add("direction");
    }
    if (test.hasPart(Part.EYES_OPEN)) {
      keys.add("eyes");
    }
    boolean tries = test.numeric(Optional.empty()) && test != ScreenTest.TILT_CONTROL;
    if (tries) {
      keys.add("tries");
    }
    if (tries && !test.methods().isEmpty()) {
      keys.addAll(List.of("method", "compensations"));
    }
    for (Part part : test.parts()) {
      if (!List.of(Part.INTERNAL, Part.EXTERNAL, Part.EYES_OPEN, Part.EYES_CLOSED).contains(part)) {
        keys.add(key(part));
      }
    }
    if (test.hasWholeNumber() && !test.numeric(Optional.empty())) {
      keys.add(test == ScreenTest.KNEE_TRACK ? "forward" : "reached");
    }
    return keys.toArray(String[]::new);
  }

  /** The key of a part in a case file. */
  static String key(Part part) {
    return switch (part) {
      case DRIFT -> "kneeDrift";
      case HEELS -> "heelsLifted";
      case KNEES -> "kneesIn";
      default -> part.id();
    };
  }

  private void numbers(Node entry, ScreenTest test, Optional<Side> side) {
    if (test == ScreenTest.TILT_CONTROL || test == ScreenTest.PELVIS_UNDER_CHEST) {
      for (Part part : test.parts()) {
        if (test.numeric(Optional.of(part))) {
          Limits limits = test.limits();
          entry
              .number(key(part), limits.hardLow(), limits.hardHigh())
              .ifPresent(
                  n -> keep(entry, new Slot(test, side, Optional.of(part)), List.of(Try.of(n))));
        }
      }
      return;
    }
    if (!test.numeric(Optional.empty())) {
      return;
    }
    Optional<Part> part = part(entry, test);
    if (part.isEmpty() && !test.hasWholeNumber()) {
      return;
    }
    Limits limits = test.limits();
    List<Try> tries = new ArrayList<>();
    List<Node> items = entry.items("tries");
    items.forEach(
        i -> i.number(limits.hardLow(), limits.hardHigh()).ifPresent(n -> tries.add(Try.of(n))));
    if (items.size() > Reading.MOST_TRIES) {
      entry.child("tries").orElseThrow().wrong(items.size() + " tries", "at most five are kept");
      return;
    }
    if (!items.isEmpty()) {
      keep(entry, new Slot(test, side, part), tries);
    }
  }

  private static Optional<Part> part(Node entry, ScreenTest test) {
    if (test.hasPart(Part.INTERNAL)) {
      Optional<String> direction =
          entry.id(
              "direction",
              d -> DIRECTIONS.contains(d) ? Optional.of(d) : Optional.empty(),
              DIRECTIONS);
      if (!entry.has("direction")) {
        entry.wrong(
            test.id() + " needs a direction", "add \"direction\": \"internal\" or \"external\"");
      }
      return direction.flatMap(Part::parse);
    }
    if (test.hasPart(Part.EYES_OPEN)) {
      List<String> eyes = List.of("open", "closed");
      return entry
          .id("eyes", e -> eyes.contains(e) ? Optional.of(e) : Optional.<String>empty(), eyes)
          .or(() -> Optional.of("open"))
          .flatMap(Part::parse);
    }
    return Optional.empty();
  }

  private void keep(Node entry, Slot slot, List<Try> tries) {
    if (!newest(entry, slot)) {
      return;
    }
    Optional<Method> method =
        entry
            .id("method", Method::parse, KnownIds.of(Method.values(), Method::id))
            .or(() -> slot.test().methods().stream().findFirst());
    Set<Compensation> seen =
        new HashSet<>(
            entry.ids(
                "compensations",
                Compensation::parse,
                KnownIds.of(Compensation.values(), Compensation::id)));
    int pain = entry.whole("pain", 0, 10).orElse(0);
    readings.put(
        slot,
        new Reading(slot, method, tries, seen, new Pain(pain, entry.text("painSite").orElse(""))));
  }

  private void word(Node entry, Slot slot, String key) {
    if (!entry.has(key)) {
      return;
    }
    List<String> known = slot.test().words(slot.part());
    Optional<String> word =
        known.equals(List.of("yes", "no"))
            ? entry.yes(key).map(yes -> yes ? "yes" : "no")
            : entry.id(key, w -> known.contains(w) ? Optional.of(w) : Optional.empty(), known);
    if (word.isPresent() && newest(entry, slot)) {
      words.put(slot, word.get());
    }
  }

  private boolean newest(Node entry, Slot slot) {
    Optional<String> text = entry.text("date");
    LocalDate date;
    try {
      date = text.map(LocalDate::parse).orElse(LocalDate.MIN);
    } catch (DateTimeParseException e) {
      entry.child("date").orElseThrow().wrong("is no date", "put a date such as \"2027-01-11\"");
      return false;
    }
    LocalDate before = dates.get(slot);
    if (before != null && date.isBefore(before)) {
      return false;
    }
    dates.put(slot, date);
    return true;
  }
}
