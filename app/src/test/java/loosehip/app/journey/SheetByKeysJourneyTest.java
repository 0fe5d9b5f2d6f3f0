package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.regex.Pattern;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import org.junit.jupiter.api.Test;

/** A new golfer from the name to the last entry of Quick by keyboard alone, on the sheet. */
class SheetByKeysJourneyTest extends MeasureJourney {
  private int groups;

  private void keys(String typed, String key) {
    page.keyboard().type(typed);
    if (!key.isEmpty()) {
      page.keyboard().press(key);
    }
    groups++;
  }

  @Test
  void fromTheNameToTheLastEntryWithoutATab() {
    page.navigate("/");
    keys("", "n");
    keys("Ada Muir", "Enter");
    assertThat(page).hasURL(Pattern.compile(".*/talk"));
    String id = page.url().replaceAll(".*/golfers/([^/]+)/.*", "$1");
    page.waitForLoadState();
    keys("", "c");
    assertThat(page.locator("#consent")).isChecked();
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
    keys("", "r");
    assertThat(page.locator("#who-handed-right")).isChecked();
    assertThat(page.locator(".in-hand")).containsText("Ada Muir");
    keys("", "n");
    assertThat(page.locator(".signs-fold summary")).containsText("All eight asked");
    page.waitForLoadState();
    keys("", "2");
    assertThat(page.locator("#try-form")).isVisible();
    page.waitForLoadState();
    keys("", "m");
    for (String position : new String[] {"standing", "seated", "on the back"}) {
      assertThat(page.locator(".positions a[aria-current]")).containsText(position);
      page.waitForFunction("() => document.activeElement.closest('[data-stop]') !== null");
      for (String at = at(); !at.equals("onward"); at = at()) {
        answer(at);
      }
      if (position.equals("standing")) {
        everyKeyStaysHere();
      }
      keys("", "Enter");
      page.waitForLoadState();
    }
    assertThat(page).hasURL(Pattern.compile(".*/set-up"));
    Workup now = Workup.of(file(id), LocalDate.now());
    assertThat(RunningOrder.QUICK.cards(Handed.RIGHT))
        .allMatch(c -> c.taken(now.golfer().screen()));
    assertThat(groups).as("groups").isLessThanOrEqualTo(70);
  }

  /** Letters and digits beside the fields open no other station and no other mode. */
  private void everyKeyStaysHere() {
    String here = page.url();
    for (String key : new String[] {"1", "7", "o", "m", "u", "/", "n", "k"}) {
      page.keyboard().press(key);
    }
    assertThat(page).hasURL(here);
    page.evaluate("document.querySelector('[data-onward]').focus()");
  }

  private String at() {
    return (String)
        page.evaluate(
            "(() => { const s = document.activeElement.closest('[data-stop]');"
                + " return s ? (s.dataset.card || s.dataset.slot || 'onward') : 'none'; })()");
  }

  private void answer(String at) {
    if (at.endsWith("quality")) {
      keys("", "s");
    } else if (at.endsWith("lost") || at.startsWith("glute")) {
      keys("", "h");
    } else if (at.endsWith("cramp")) {
      keys("", "n");
    } else {
      keys(at.startsWith("tilt") ? "9" : "28", "Enter");
    }
  }
}
