package loosehip.app.fact;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Note;
import loosehip.app.store.Noted;
import loosehip.app.words.Typed;
import loosehip.core.safety.Passage;

/**
 * One thing that can be noted about a golfer.
 *
 * @param key what it is kept under, such as {@code setup.trailFlare}
 * @param scope whether it belongs to one visit or to the golfer for good
 * @param station where it is noted
 * @param label what undo calls it
 * @param codec how its value is checked, read and written
 * @param <T> what its value is
 */
public record Fact<T>(String key, Scope scope, Station station, String label, Codec<T> codec) {
  private static final int TEXT_MOST = 4000;

  /** So many letters can be typed at most. */
  static final int TYPED_MOST = 400;

  /** How long a fact holds. */
  public enum Scope {
    /** At one visit; the next one asks afresh. */
    VISIT,
    /** For good, until it is changed. */
    GOLFER
  }

  /** Its value in a file; empty when it is not noted. */
  public Optional<T> in(GolferFile file) {
    return Optional.ofNullable(file.facts().get(key)).map(Noted::value).flatMap(codec.read());
  }

  /** Whether anything is noted under it. */
  public boolean isIn(GolferFile file) {
    return file.facts().containsKey(key);
  }

  /** Its value as it was typed and is shown again in its field; empty text when not noted. */
  public String typed(GolferFile file) {
    return Optional.ofNullable(file.facts().get(key))
        .map(Noted::value)
        .map(codec.show())
        .orElse("");
  }

  /** Whether it belongs to one visit. */
  public boolean ofVisit() {
    return scope == Scope.VISIT;
  }

  /**
   * What goes through a door with it: somebody moves for a slow rehearsal or a second look after
   * the set-up was changed; what is seen of a stance or a swing needs trail and lead.
   */
  public Passage passage() {
    if (Facts.REHEARSAL.subject(key).isPresent() || Facts.AGAIN.subject(key).isPresent()) {
      return Passage.MOVES;
    }
    return switch (station) {
      case SET_UP, SWING, LINKS -> Passage.SIDED;
      default -> Passage.OPEN;
    };
  }

  /**
   * What is wrong with what was typed, in words; empty when it can be kept. Nothing typed takes the
   * fact back and is always fine.
   */
  public Optional<String> problem(String typed, LocalDate today) {
    if (typed.length() > TYPED_MOST) {
      return Optional.of("Too long: at most " + TYPED_MOST + " letters are kept.");
    }
    String clean = Typed.clean(typed);
    return clean.isEmpty() ? Optional.empty() : codec.check().problem(clean, today);
  }

  /** A note of what was typed and has no problem; nothing typed takes it back. */
  public Note noteTyped(String typed) {
    Optional<String> clean =
        Optional.of(Typed.clean(typed)).filter(t -> !t.isEmpty()).map(codec.keep());
    return note(clean, clean.flatMap(codec.read()).map(this::told).orElse(label));
  }

  /** What undo calls a text as it is kept. */
  public String labelled(String kept) {
    return codec.read().apply(kept).map(this::told).orElse(label);
  }

  /** A note of a value. */
  public Note note(T value) {
    return note(Optional.of(codec.write().apply(value)), told(value));
  }

  private String told(T value) {
    String words = codec.told().apply(value);
    return words.isEmpty() ? label : label + ": " + words;
  }

  /** A note that takes it back. */
  public Note takenBack() {
    return note(Optional.empty(), label);
  }

  private Note note(Optional<String> value, String words) {
    if (value.filter(v -> v.length() > TEXT_MOST).isPresent()) {
      throw new IllegalArgumentException("Too long to be kept: " + key);
    }
    return new Note(key, value, ofVisit(), words, station.id());
  }
}
