package loosehip.app.words;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.named.Named;

/** Small forms that all words share. */
public final class Text {
  private Text() {}

  /** Which way somebody stands, in words. */
  public static String hand(Optional<Handed> hand) {
    return hand.map(h -> h.id() + "-handed").orElse("hand not said");
  }

  /** An id as words: blanks in the place of hyphens. */
  public static String spaced(Named named) {
    return named.id().replace('-', ' ');
  }

  /** With a capital first letter. */
  public static String upper(String words) {
    return words.isEmpty()
        ? words
        : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  /** A title within a sentence. */
  public static String lower(String title) {
    return title.toLowerCase(Locale.ROOT);
  }

  /** {@code a, b, c}. */
  public static String list(List<String> words) {
    return String.join(", ", words);
  }
}
