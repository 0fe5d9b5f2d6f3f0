package loosehip.app.measure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.golfer.Workup;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.GolferFiles.TryEvent;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells what happened to the tries of a card: taken, corrected, voided, taken back; by whom. */
@Component
class TryHistory {
  private final GolferFiles files;

  TryHistory(GolferFiles files) {
    this.files = files;
  }

  /** One line a change, the oldest first. */
  List<String> of(Workup workup, TestCard card) {
    List<Slot> slots = new ArrayList<>(card.words());
    card.numbers().ifPresent(slots::add);
    List<String> lines = new ArrayList<>();
    for (Slot slot : slots) {
      lines.addAll(lines(files.history(workup.file(), slot)));
    }
    return lines;
  }

  /** The words of these changes to one slot. */
  static List<String> lines(List<TryEvent> events) {
    Map<Integer, TryEvent> now = new HashMap<>();
    List<String> lines = new ArrayList<>();
    for (TryEvent event : events) {
      TryEvent before = now.put(event.ordinal(), event);
      lines.add(
          "Try "
              + event.ordinal()
              + ": "
              + change(before, event)
              + ". "
              + event.by()
              + ", "
              + Dates.moment(event.at()));
    }
    return lines;
  }

  private static String said(TryEvent event) {
    return event.value().map(Numbers::plain).orElse(event.word());
  }

  private static String change(@Nullable TryEvent before, TryEvent now) {
    if (now.withdrawn()) {
      return said(now) + " taken back";
    }
    if (before == null || before.withdrawn()) {
      return said(now)
          + " taken"
          + (now.byPhone() ? " by phone" : "")
          + (now.voided() ? ", void" : "");
    }
    if (!said(before).equals(said(now))) {
      return said(before) + " corrected to " + said(now);
    }
    if (before.voided() != now.voided()) {
      return said(now) + (now.voided() ? " voided" : " counts again");
    }
    return said(now) + " taken again";
  }
}
