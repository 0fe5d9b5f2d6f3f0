package loosehip.app.casefile;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.TestCard;

/**
 * Notes on tests, which no judgement reads: they stand beside the case and not in it. A note
 * belongs to the card its entry is of; one on a test that was not taken is an entry with nothing
 * else.
 */
final class ScreenNotes {
  private ScreenNotes() {}

  /** The notes of a list of entries; of several on one card the last. */
  static Map<TestCard, String> of(List<CaseDocument.Entry> entries) {
    Map<TestCard, String> notes = new LinkedHashMap<>();
    for (CaseDocument.Entry entry : entries) {
      if (entry.note() != null && !entry.note().isBlank()) {
        card(entry).ifPresent(card -> notes.put(card, entry.note()));
      }
    }
    return notes;
  }

  /** The entries with these notes on them. */
  static List<CaseDocument.Entry> with(
      List<CaseDocument.Entry> entries, Map<TestCard, String> notes) {
    List<CaseDocument.Entry> noted = new ArrayList<>(entries);
    Map<TestCard, String> inOrder = new TreeMap<>(Comparator.comparing(TestCard::key));
    inOrder.putAll(notes);
    inOrder.forEach(
        (card, words) -> {
          for (int i = 0; i < noted.size(); i++) {
            if (card(noted.get(i)).filter(card::equals).isPresent()) {
              noted.set(i, noted.get(i).noted(words));
              return;
            }
          }
          noted.add(EntriesOfScreen.empty(card).noted(words));
        });
    return noted;
  }

  private static Optional<TestCard> card(CaseDocument.Entry entry) {
    return TestCard.of(entry.test(), Side.RIGHT).stream()
        .filter(c -> c.side().equals(Optional.ofNullable(entry.side())))
        .filter(c -> c.part().map(p -> names(entry, p)).orElse(true))
        .findFirst();
  }

  /** Whether an entry is about a part: by its direction or eyes, or by numbers under its key. */
  private static boolean names(CaseDocument.Entry entry, Part part) {
    return switch (part) {
      case INTERNAL, EXTERNAL -> entry.direction() != null && entry.direction().part() == part;
      case EYES_OPEN, EYES_CLOSED -> part.id().equals(entry.eyes());
      case ARCH -> entry.arch() != null || entry.flatten() == null;
      case FLATTEN -> entry.flatten() != null;
      case TOTAL -> entry.total() != null || entry.held() == null;
      case HELD -> entry.held() != null;
      default -> false;
    };
  }
}
