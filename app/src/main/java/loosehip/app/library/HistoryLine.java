package loosehip.app.library;

import loosehip.app.store.Noted;
import loosehip.app.words.Dates;

/** What a practice value once was, in words. */
final class HistoryLine {
  private HistoryLine() {}

  /** {@code 12. Wren, 3 Mar 2027, 10:42}; an empty value was a reset. */
  static String of(Noted once) {
    String value = once.value().isEmpty() ? "reset" : once.value();
    return value + ". " + once.by() + ", " + Dates.moment(once.at());
  }
}
