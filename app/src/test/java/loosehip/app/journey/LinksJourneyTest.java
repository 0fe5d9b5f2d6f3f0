package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** By eye to threads, the next best test, and the trainer's own verdict beside the sum. */
class LinksJourneyTest extends MeasureJourney {

  @Test
  void theNextBestTestSettlesTheLinkAndTheTrainerOverrulesIt() {
    page.navigate("/golfers/" + golfer + "/swing");
    FirstGolferJourneyTest.tap(page, "#fault-sway-clear");
    page.keyboard().press("a");
    page.locator("#fault-slide-none")
        .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
    page.waitForFunction("() => !document.querySelector('.htmx-added, .htmx-settling')");
    FirstGolferJourneyTest.tap(page, "#fault-slide-none");
    page.navigate("/golfers/" + golfer + "/links");
    assertThat(page.locator("#link-sway .verdict")).hasText("not settled");
    assertThat(page.locator(".next-tests li")).hasCount(3);
    page.locator(".next-tests a[href*='measure']").first().click();
    page.waitForURL(Pattern.compile(".*/measure.*"));
    String test = page.url();
    String title = page.locator("h1").textContent();
    page.keyboard().type(title.contains("Level pelvis") ? "12" : "22");
    page.keyboard().press("Enter");
    assertThat(page.locator(".tries .try")).hasCount(1);
    page.navigate("/golfers/" + golfer + "/links");
    assertThat(page.locator("#link-sway .verdict")).hasText("body first");

    Locator cause = page.locator("#link-sway .cause").first();
    cause.locator("summary").click();
    cause.locator(".decide [name=note]").fill("old injury, full range lying");
    cause.locator("button:has-text('rejected')").click();
    assertThat(page).hasURL(Pattern.compile(".*#sum-sway-.*"));
    assertThat(cause.locator(".decided")).hasText("you: rejected");
    assertThat(cause.locator("details")).hasAttribute("open", "");
    assertThat(cause).containsText("Computed and decided differ");
    assertThat(cause.locator(".decide-history")).containsText("old injury");
    assertThat(file(golfer).facts().values())
        .anyMatch(n -> n.value().equals("rejected old injury, full range lying"));

    cause.locator(".decide [name=note]").fill("fell on it as a child");
    cause.locator(".decide [name=note]").press("Enter");
    assertThat(cause.locator(".decide-history")).containsText("fell on it");
    assertThat(cause.locator(".decided")).hasText("you: rejected");

    page.navigate(test);
    page.keyboard().type(title.contains("Level pelvis") ? "13" : "23");
    page.keyboard().press("Enter");
    assertThat(page.locator(".tries .try")).not().hasCount(0);
    page.navigate("/golfers/" + golfer + "/links");
    assertThat(cause.locator(".decided")).hasText("you: rejected");
    cause.locator("summary").click();
    cause.locator("button:has-text('rejected')").click();
    assertThat(page.locator("#link-sway .decided")).hasCount(0);
    assertThat(cause.locator(".decide [name=note]")).hasValue("fell on it as a child");
    assertThat(complaints).isEmpty();
  }
}
