package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Talk under the hand: what is fetched or comes with a tap is there when it is wanted. */
class TalkJourneyTest extends MeasureJourney {
  private static final Pattern SAVED = Pattern.compile("saved \\d.*");

  private void open() {
    page.navigate("/golfers/" + golfer + "/talk");
  }

  /** Does something and waits until the days it changes are kept. */
  private void kept(Runnable tap) {
    page.waitForResponse(answer -> answer.url().endsWith("/notes/wish.blackout"), tap);
  }

  /** A tap brings the caution's own note and clearance, and both are kept. */
  @Test
  void aCautionTappedHasANoteAndAClearanceOfItsOwn() {
    open();
    assertThat(page.locator(".caution-note")).hasCount(0);
    page.locator("#caution-search").fill("sciatic");
    page.locator("#c-sciatica").click();
    page.locator("label:has(#caution-sciatica-left)").click();
    assertThat(page.locator("#saved")).hasText(SAVED);
    assertThat(page.getByLabel("Note on Pain below the knee that comes from the back")).isVisible();
    page.locator("#caution-note-sciatica").fill("since March");
    page.locator("#caution-note-sciatica").blur();
    assertThat(page.locator("#saved")).hasText(SAVED);

    page.locator("#c-back").click();
    Locator back = page.locator("li:has(#c-back)");
    back.locator("summary").click();
    assertThat(back.locator(".clear-form form")).isVisible();
    assertThat(page.locator(".caution-note")).hasCount(2);

    open();
    assertThat(page.locator(".caution-note")).hasCount(2);
    assertThat(page.locator("#caution-note-sciatica")).hasValue("since March");
    assertThat(page.locator("#caution-back-yes")).isChecked();
    assertThat(complaints).isEmpty();
  }

  /** One of a few, by a group of its own name, is one fact like any other. */
  @Test
  void aHandSaidIsKept() {
    open();
    page.locator("label:has(#who-handed-left)").click();
    assertThat(page.locator("#saved")).hasText(SAVED);
    open();
    assertThat(page.locator("#who-handed-left")).isChecked();
  }

  @Test
  void daysAwayAreTappedTypedAndCounted() {
    open();
    page.locator(".away summary").click();
    Locator days = page.locator(".away-day");
    kept(days.nth(2)::click);
    assertThat(page.locator("#away-said")).hasText("1 day");
    kept(days.nth(9)::click);
    assertThat(page.locator("#away-said")).hasText("2 days");
    assertThat(page.locator("#saved")).hasText(SAVED);
    String kept = page.locator("#wish-blackout").inputValue();

    open();
    assertThat(page.locator("#away-said")).hasText("2 days");
    page.locator(".away summary").click();
    assertThat(days.nth(9).locator("input")).isChecked();
    page.locator("#wish-blackout").fill(kept.split(" ")[0]);
    page.locator("#wish-blackout").blur();
    assertThat(days.nth(9).locator("input")).not().isChecked();
    assertThat(page.locator("#away-said")).hasText("1 day");
    assertThat(complaints).isEmpty();
  }
}
