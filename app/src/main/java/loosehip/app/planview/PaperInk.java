package loosehip.app.planview;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The styles of the picture from above for a PDF, whose pictures see no style sheet of the page:
 * the same rules as on the screen, taken out of the sheet that ships, in the light theme's inks.
 */
public final class PaperInk {
  private static final Pattern RULE =
      Pattern.compile("^(\\.[^{}]+)\\{([^{}]*)}$", Pattern.MULTILINE);
  private static final Pattern ROOT = Pattern.compile("^:root \\{([^}]*)}", Pattern.MULTILINE);
  private static final Pattern INK = Pattern.compile("(--[a-z-]+):\\s*([^;]+);");
  private static final Pattern USE = Pattern.compile("var\\((--[a-z-]+)\\)");
  private static final Set<String> OTHERS =
      Set.of(
          ".target-line",
          ".ball",
          ".lead-line",
          ".lead-pale",
          ".panel-fill",
          ".trail-fill",
          ".lead-fill");
  private static final String STYLES = read();

  private PaperInk() {}

  /** The rules, one a line. */
  public static String styles() {
    return STYLES;
  }

  private static String read() {
    try (InputStream in = PaperInk.class.getResourceAsStream("/static/css/paper.css")) {
      return of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException unread) {
      throw new UncheckedIOException(unread);
    }
  }

  /** The rules of the picture in a style sheet. */
  static String of(String sheet) {
    Map<String, String> inks = new HashMap<>();
    ROOT.matcher(sheet)
        .results()
        .flatMap(root -> INK.matcher(root.group(1)).results())
        .forEach(ink -> inks.putIfAbsent(ink.group(1), ink.group(2).strip()));
    return RULE.matcher(sheet)
        .results()
        .filter(rule -> ofPicture(rule.group(1).strip()))
        .map(rule -> rule.group(1) + "{" + inked(rule.group(2), inks) + "}")
        .collect(Collectors.joining("\n"));
  }

  private static boolean ofPicture(String selector) {
    return selector.startsWith(".pv-") || OTHERS.contains(selector);
  }

  private static String inked(String declarations, Map<String, String> inks) {
    Matcher use = USE.matcher(declarations);
    return use.replaceAll(
        found -> {
          String ink = inks.get(found.group(1));
          if (ink == null) {
            throw new IllegalStateException("The style sheet has no " + found.group(1));
          }
          return ink;
        });
  }
}
