package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import loosehip.app.golfer.GolferText;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The pivot page under the hand: dragged, keyed, kept, taken into the plan, thrown away. */
class PivotJourneyTest extends MeasureJourney {

  @BeforeEach
  void aStiffTrailHip() {
    take("seated-rotation.right.internal", 20);
    take("seated-rotation.left.external", 50);
    take("seated-rotation.left.internal", 40);
    take("trunk-turn.right", 42);
    page.navigate("/golfers/" + golfer + "/pivot");
  }

  private double margin() {
    String told = page.locator("#delta-back .delta-now").textContent();
    double degrees = told.equals("just enough") ? 0 : Double.parseDouble(told.split(" ")[0]);
    return told.endsWith("short") ? -degrees : degrees;
  }

  /** Nothing is still to move under the pointer. */
  private void settled() {
    page.waitForFunction("() => document.fonts.status === 'loaded'");
  }

  /** Each move of a hand asks for itself; only the last answer is what stands. */
  private String steady(String handle) {
    String before;
    String now = "";
    do {
      before = now;
      page.waitForTimeout(400);
      now = page.locator(handle).getAttribute("aria-valuenow");
    } while (!now.equals(before));
    return now;
  }

  private double flare() {
    return Double.parseDouble(page.locator("#lever-trailFlare").inputValue());
  }

  @Test
  void draggingTheTrailFootMovesTheMarginByTheDegreesDragged() {
    double before = margin();
    settled();
    BoundingBox toe = page.locator("[data-handle=trailFlare] .pv-toe").boundingBox();
    double x = toe.x + toe.width / 2;
    double y = toe.y + toe.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    for (int i = 1; i <= 8; i++) {
      page.mouse().move(x + 3 * i, y + i * 0.5);
    }
    page.mouse().up();
    assertThat(page.locator("#delta-back")).hasClass(Pattern.compile(".*delta-moved.*"));
    page.waitForFunction(
        "() => document.querySelector('#lever-trailFlare').value !== '0'"
            + " && document.querySelector('[data-handle=trailFlare]').getAttribute('aria-valuenow')"
            + " === document.querySelector('#lever-trailFlare').value");
    assertThat(flare()).isGreaterThan(8);
    assertThat(margin() - before).isCloseTo(flare(), Assertions.within(0.05));
    assertThat(complaints).isEmpty();
  }

  @Test
  void keysDoTheSameAreHeardAndCanBeThrownAwayOrKept() {
    double before = margin();
    page.locator("[data-handle=trailFlare]").focus();
    page.keyboard().press("ArrowUp");
    assertThat(page.locator("#lever-trailFlare")).hasValue("1");
    page.keyboard().press("Shift+ArrowUp");
    assertThat(page.locator("[data-handle=trailFlare]")).hasAttribute("aria-valuenow", "6");
    assertThat(page.locator("[data-handle=trailFlare]")).isFocused();
    assertThat(margin() - before).isCloseTo(6, Assertions.within(0.05));
    assertThat(page.locator("#pivot-live")).containsText("Going back");
    assertThat(page.locator("#delta-back")).containsText("+6.0 from");
    page.locator("#throw-away").click();
    assertThat(page.locator("#lever-trailFlare")).hasValue("0");
    assertThat(GolferText.noted(file(golfer), "setup.trailFlare")).isEmpty();

    page.locator("[data-lever=trailFlare][data-by='5']").click();
    assertThat(page.locator("#lever-trailFlare")).hasValue("5");
    page.locator("text=Keep as how they stand").click();
    assertThat(page.locator(".pivot-acts")).hasCount(0);
    assertThat(GolferText.noted(file(golfer), "setup.trailFlare")).contains("5");
  }

  @Test
  void theCheapestChangeGoesIntoThePlanWithItsBridgeAndASchoolIsChosenWithAReason() {
    assertThat(page.locator(".way-first")).containsText("more of trail flare");
    page.locator(".way-first button").click();
    assertThat(page.locator(".accepted")).containsText("In the plan:");
    assertThat(page.locator(".bridge li").first()).containsText("has gained 5°, about week 5");
    assertThat(page.locator(".accepted")).containsText("more of trail flare");
    note(golfer, "wish.minutes", "15", false);
    note(golfer, "wish.days", "5", false);
    note(golfer, "wish.tool-chair", "yes", false);
    page.navigate("/golfers/" + golfer + "/plan");
    assertThat(page.locator(".setup-today")).containsText("Trail foot flared");
    assertThat(page.locator(".setup-today"))
        .containsText("The first part of it goes again when the trail hip inward has gained 5°.");
    page.navigate("/golfers/" + golfer + "/pivot");
    page.locator(".school-card:not(.school-chosen) [name=why]").first().fill("asks least");
    page.locator(".school-card:not(.school-chosen) button").first().click();
    assertThat(page.locator(".chosen-by")).containsText("“asks least”");
    assertThat(page.locator(".chosen-by")).containsText("Wren");
    page.waitForLoadState();
    page.locator("text=Page for the golfer").click();
    assertThat(page.locator("h1")).hasText("What your hips can pay for");
    assertThat(page.locator(".golfer-says")).containsText("Turning away from the ball");
  }

  @Test
  void besideSetUpTheBeltIsDraggedASaveKeepsTheTrialAndItIsKeptOrThrownAway() {
    page.navigate("/golfers/" + golfer + "/set-up");
    page.locator("[data-handle=pelvicTilt]").scrollIntoViewIfNeeded();
    settled();
    BoundingBox belt = page.locator("[data-handle=pelvicTilt] .pv-knob").boundingBox();
    double x = belt.x + belt.width / 2;
    double y = belt.y + belt.height / 2;
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x, y - 6);
    page.mouse().move(x, y - 9);
    page.mouse().up();
    assertThat(page.locator("#delta-impact")).hasClass(Pattern.compile(".*delta-moved.*"));
    String tilt = steady("[data-handle=pelvicTilt]");
    assertThat(Double.parseDouble(tilt)).isBetween(4.0, 25.0);
    assertThat(GolferText.noted(file(golfer), "setup.pelvicTilt")).isEmpty();

    page.locator("#figures-fold > summary").click();
    page.locator("#setup-rounding").fill("18");
    page.locator("#setup-rounding").press("Tab");
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
    assertThat(page.locator("[data-handle=rounding]")).hasAttribute("aria-valuenow", "18");
    assertThat(page.locator("[data-handle=pelvicTilt]")).hasAttribute("aria-valuenow", tilt);

    page.locator("#throw-away").click();
    assertThat(page.locator("[data-handle=pelvicTilt]")).hasAttribute("aria-valuenow", "0");
    assertThat(page.locator("#throw-away")).hasCount(0);
    page.locator("[data-handle=trailFlare]").focus();
    page.keyboard().press("Shift+ArrowUp");
    assertThat(page.locator("#pivot-live")).containsText("Going back");
    page.locator(".pivot-acts .btn-ink").click();
    assertThat(page).hasURL(Pattern.compile(".*/set-up$"));
    page.locator("#figures-fold > summary").click();
    assertThat(page.locator("#setup-trailFlare")).hasValue("5");
    assertThat(complaints).isEmpty();
  }
}
