package loosehip.app.casefile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import loosehip.core.body.Side;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Try;
import org.jspecify.annotations.Nullable;

/** Turns a screen into the entries of the {@code screen} list: one a set of tries, one of words. */
final class EntriesOfScreen {
  private EntriesOfScreen() {}

  /** The entries, numbers in the order taken, then words test by test. */
  static List<CaseDocument.Entry> of(Screen screen) {
    List<CaseDocument.Entry> entries = new ArrayList<>();
    screen.readings().stream()
        .filter(r -> !r.tries().isEmpty())
        .forEach(r -> entries.add(numbers(r)));
    Map<String, Map<Slot, String>> byTest = new LinkedHashMap<>();
    screen
        .words()
        .forEach(
            (slot, word) ->
                byTest
                    .computeIfAbsent(slot.test().id() + slot.side(), k -> new LinkedHashMap<>())
                    .put(slot, word));
    byTest.values().forEach(words -> entries.add(words(words)));
    return entries;
  }

  private static CaseDocument.Entry numbers(Reading reading) {
    Fields fields = new Fields(reading.slot());
    List<Double> values = reading.tries().stream().map(Try::value).toList();
    List<Integer> voided =
        IntStream.range(0, values.size())
            .filter(i -> reading.tries().get(i).voided())
            .boxed()
            .toList();
    fields.voided = voided.isEmpty() ? null : voided;
    fields.method = reading.method().orElse(null);
    fields.compensations =
        reading.compensations().isEmpty()
            ? null
            : reading.compensations().stream().sorted().toList();
    fields.pain = reading.pain().level() == Pain.NONE.level() ? null : reading.pain().level();
    fields.painSite = reading.pain().site().isEmpty() ? null : reading.pain().site();
    double usual = reading.method().orElse(Method.INCLINOMETER).tryDeviation();
    boolean own = reading.tryDeviation() != usual && !reading.slot().test().methods().isEmpty();
    fields.tryDeviation = own ? reading.tryDeviation() : null;
    if (EntryKeys.inParts(reading.slot().test())) {
      fields.inPart.put(reading.slot().part().orElseThrow(), values);
    } else {
      fields.tries = values;
    }
    return fields.entry();
  }

  /** An entry that says which card it is of and nothing else. */
  static CaseDocument.Entry empty(TestCard card) {
    Fields fields = new Fields(card.numbers().orElseGet(() -> card.words().get(0)));
    return fields.entry();
  }

  private static CaseDocument.Entry words(Map<Slot, String> words) {
    Fields fields = new Fields(words.keySet().iterator().next());
    words.forEach(
        (slot, word) -> {
          if (slot.part().isPresent()) {
            fields.said.put(slot.part().get(), word);
          } else {
            fields.main = word;
          }
        });
    return fields.entry();
  }

  /** An entry while it is put together. */
  private static final class Fields {
    private final ScreenTest test;
    private final @Nullable Side side;
    private final @Nullable Direction direction;
    private final @Nullable String eyes;
    private @Nullable Method method;
    private @Nullable List<Double> tries;
    private @Nullable List<Integer> voided;
    private @Nullable List<Compensation> compensations;
    private @Nullable Integer pain;
    private @Nullable String painSite;
    private @Nullable Double tryDeviation;
    private @Nullable String main;
    private final Map<Part, List<Double>> inPart = new LinkedHashMap<>();
    private final Map<Part, String> said = new LinkedHashMap<>();

    Fields(Slot slot) {
      this.test = slot.test();
      this.side = slot.side().orElse(null);
      this.direction = slot.direction().orElse(null);
      this.eyes =
          slot.part()
              .filter(p -> p == Part.EYES_OPEN || p == Part.EYES_CLOSED)
              .map(Part::id)
              .orElse(null);
    }

    private @Nullable Boolean yes(Part part) {
      return Optional.ofNullable(said.get(part)).map("yes"::equals).orElse(null);
    }

    CaseDocument.Entry entry() {
      boolean forward = test == ScreenTest.KNEE_TRACK;
      return new CaseDocument.Entry(
          test,
          null,
          side,
          direction,
          eyes,
          method,
          tries,
          voided,
          compensations,
          pain,
          painSite,
          null,
          tryDeviation,
          inPart.get(Part.ARCH),
          inPart.get(Part.FLATTEN),
          inPart.get(Part.TOTAL),
          inPart.get(Part.HELD),
          said.get(Part.QUALITY),
          said.get(Part.LOST),
          yes(Part.TALL),
          yes(Part.HINGED),
          yes(Part.CRAMP),
          yes(Part.LIMIT),
          forward ? null : main,
          yes(Part.DRIFT),
          yes(Part.HEELS),
          yes(Part.KNEES),
          forward && main != null ? main.equals("yes") : null);
    }
  }
}
