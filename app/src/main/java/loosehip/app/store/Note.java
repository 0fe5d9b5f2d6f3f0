package loosehip.app.store;

import java.util.Optional;

/**
 * A fact on its way into the store.
 *
 * @param topic what it is kept under
 * @param value its text; empty takes back what stands
 * @param ofVisit whether it belongs to the visit in hand, or to the golfer for good
 * @param label what undo calls it
 * @param station where it was noted
 */
public record Note(
    String topic, Optional<String> value, boolean ofVisit, String label, String station) {

  /** The same, called otherwise by undo. */
  public Note called(String words) {
    return words.isBlank() ? this : new Note(topic, value, ofVisit, words, station);
  }
}
