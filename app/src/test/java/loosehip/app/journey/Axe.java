package loosehip.app.journey;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/**
 * What axe finds on a page that is serious or critical. Colours are looked at apart from the rest:
 * they are the same at every width, and each kind of text (colour, large or not, ground) is looked
 * at once where a page repeats it a hundred times. Of lists of many alike the first entries are
 * looked at.
 */
final class Axe {
  private static final String SOURCE = source();
  private static final String RULES =
      """
      () => axe.run({exclude: [['[data-frame]'],
          ['.test-entry:nth-child(n+4)'], ['.exercise-entry:nth-child(n+4)'],
          ['.rule-fault:nth-of-type(n+4)'], ['.fault:nth-of-type(n+3)']]},
        {resultTypes: ['violations'], rules: {'color-contrast': {enabled: false}}})
      """;
  private static final String COLOURS =
      """
      () => {
        getComputedStyle(document.body).color;
        document.getAnimations().forEach(a => a instanceof CSSTransition && a.finish());
        const seen = new Set();
        document.querySelectorAll('[data-looked-at]').forEach(e => delete e.dataset.lookedAt);
        for (const e of document.body.querySelectorAll('*')) {
          const says = [...e.childNodes].some(c => c.nodeType === 3 && c.data.trim());
          if (!says || !e.checkVisibility() || e.closest('[data-frame]')) continue;
          const style = getComputedStyle(e);
          let ground = '';
          for (let a = e; a; a = a.parentElement) {
            const at = getComputedStyle(a);
            ground += at.backgroundColor === 'rgba(0, 0, 0, 0)' ? '' : at.backgroundColor;
            ground += at.opacity;
          }
          const size = parseFloat(style.fontSize);
          const large = size >= 24 || (size >= 18.6 && style.fontWeight >= 700);
          const kind = [style.color, style.fill, large, ground].join();
          if (!seen.has(kind)) e.dataset.lookedAt = '';
          seen.add(kind);
        }
        return axe.run({include: [['[data-looked-at]']]},
          {resultTypes: ['violations'], runOnly: ['color-contrast']});
      }
      """;
  private static final String SERIOUS =
      """
      async () => {
        if (!window.axe) return ['axe is not on the page'];
        const found = await (%s)();
        return found.violations
          .filter(rule => ['serious', 'critical'].includes(rule.impact))
          .map(rule => rule.id + ' ' + rule.nodes.slice(0, 2).map(n => n.html).join(' '));
      }
      """;

  private Axe() {}

  /**
   * What is the same on every station (head, way, view of the pivot, help) is left out from now on,
   * until another page is opened.
   */
  static void workAlone(Page page) {
    page.evaluate(
        "document.querySelectorAll('header, #stations, #plan-view, dialog')"
            + ".forEach(e => e.dataset.frame = '')");
  }

  /** Everything but colours. */
  static List<String> rules(Page page, String where) {
    return found(page, where, RULES);
  }

  /** Whether every text stands out from its ground. */
  static List<String> colours(Page page, String where) {
    return found(page, where, COLOURS);
  }

  private static List<String> found(Page page, String where, String run) {
    if (page.evaluate("window.axe === undefined").equals(true)) {
      page.evaluate(SOURCE);
    }
    return ((List<?>) page.evaluate(SERIOUS.formatted(run)))
        .stream().map(rule -> where + ": " + rule).toList();
  }

  private static String source() {
    try (InputStream in = Axe.class.getResourceAsStream("/axe.min.js")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
