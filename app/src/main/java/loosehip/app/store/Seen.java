package loosehip.app.store;

import java.time.Instant;
import java.util.Optional;

/**
 * What somebody had before their eyes when they sent something to be saved.
 *
 * @param drawn when the page was drawn that they sent it from; empty when nobody says
 * @param over the row of somebody else's that they were told about and put theirs in the place of
 */
public record Seen(Optional<Instant> drawn, Optional<String> over) {
  /** Nobody says, so nothing is held back. */
  public static final Seen ANYTHING = new Seen(Optional.empty(), Optional.empty());

  /** Whether what somebody else said could not have been seen. */
  boolean missed(String row, String by, String at, Account me) {
    return !by.equals(me.id())
        && !over.equals(Optional.of(row))
        && drawn.filter(d -> Instant.parse(at).isAfter(d)).isPresent();
  }
}
