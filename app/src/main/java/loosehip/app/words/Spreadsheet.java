package loosehip.app.words;

import java.util.regex.Pattern;

/** Words on their way into a table that a spreadsheet may open. */
public final class Spreadsheet {
  /** What a spreadsheet takes for a formula, also in its full-width form and behind blanks. */
  private static final Pattern FORMULA = Pattern.compile("(?s)[\\s\\p{Z}\\p{C}]*[=+\\-@＝＋－＠−].*");

  private Spreadsheet() {}

  /** The words on one line; what a spreadsheet would take for a formula gets a quote before it. */
  public static String words(String words) {
    String line = Typed.line(words);
    return FORMULA.matcher(line).matches() ? "'" + line : line;
  }
}
