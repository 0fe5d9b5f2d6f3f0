package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.time.LocalDate;
import java.util.regex.Pattern;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Slot;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * A new golfer from the name to the end of Quick, every tap counted: the field, each letter, each
 * digit. What is tapped stands in the window already; nobody scrolls for it.
 */
@Order(3)
class QuickByTapsJourneyTest extends MeasureJourney {
  private int taps;

  @ParameterizedTest(name = "{0} × {1}, {2} tries a hip turn: at most {3} taps")
  @CsvSource({"1180, 820, 1, 60", "820, 1180, 3, 90", "390, 844, 1, 60"})
  void aNewGolferIsThroughQuick(int width, int height, int tries, int most) {
    taps = 0;
    page.setViewportSize(width, height);
    page.navigate("/");
    tap(page, "#new-name");
    for (char letter : "Ada".toCharArray()) {
      page.keyboard().type(String.valueOf(letter));
      taps++;
    }
    tap(page, ".add-golfer button");
    if (width < 500) {
      assertThat(((Number) page.evaluate("document.documentElement.scrollHeight")).intValue())
          .as("nobody has answered anything yet: two and a half screens at most")
          .isLessThanOrEqualTo(5 * height / 2);
    }
    tap(page, "label:has(#consent)");
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
    tap(page, "label:has(#who-handed-right)");
    assertThat(page.locator(".in-hand-who, #work")).not().hasCount(0);
    tap(page, "[data-all-no] button");
    assertThat(page.locator(".signs-fold summary")).containsText("All eight asked");
    tap(page, "[data-station='2']");
    String id = page.url().replaceAll(".*/golfers/([^/]+)/.*", "$1");
    while (!page.url().contains("/set-up")) {
      card(page, tries);
    }
    Workup now = Workup.of(file(id), LocalDate.now());
    assertThat(RunningOrder.QUICK.cards(Handed.RIGHT))
        .allMatch(c -> c.taken(now.golfer().screen()));
    assertThat(
            now.golfer()
                .screen()
                .reading(Slot.parse("standing-turn.left.external").orElseThrow())
                .orElseThrow()
                .tries())
        .hasSize(tries);
    assertThat(taps).as("taps").isLessThanOrEqualTo(most);
  }

  /** One card, with what it asks for, and on to the next with the same tap that takes the last. */
  private void card(Page page, int tries) {
    String before = page.url();
    String title = page.locator("h1").textContent();
    assertThat(((Number) page.evaluate("document.documentElement.scrollWidth")).intValue())
        .as("wide")
        .isLessThanOrEqualTo(page.viewportSize().width);
    if (page.locator("#entry").count() == 0) {
      for (Locator row : page.locator(".word-row").all()) {
        tap(page, row.locator("label").first());
      }
      tap(page, "[data-next]");
    } else if (title.contains("eyes open")) {
      tap(page, "[data-reached]");
      tap(page, ".pad-next");
    } else {
      int wanted = title.contains("Standing turn") ? tries : 1;
      for (int i = 1; i <= wanted; i++) {
        tap(page, "[data-digit='2']");
        tap(page, "[data-digit='" + (5 + i) + "']");
        if (i < wanted) {
          tap(page, ".pad-take");
        }
      }
      if (title.contains("arching") || title.contains("Hinge")) {
        tap(page, page.locator(".words-beside label").first());
      }
      tap(page, ".pad-next");
    }
    page.waitForURL(url -> !url.equals(before));
  }

  private void tap(Page page, String what) {
    tap(page, page.locator(what).first());
  }

  private void tap(Page page, Locator what) {
    BoundingBox box = what.boundingBox();
    while (box == null) {
      // An answer that comes meanwhile brings a fresh page under the finger.
      page.waitForCondition(what::isVisible);
      box = what.boundingBox();
    }
    assertThat(box.y).as("in the window").isGreaterThanOrEqualTo(0);
    assertThat(box.y + box.height)
        .as("in the window: " + what)
        .isLessThanOrEqualTo(page.viewportSize().height);
    what.click();
    taps++;
  }
}
