package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A plan given, changed, made unsafe and mended; its sheet, PDF and calendar file. */
@Order(8)
class PlanJourneyTest extends MeasureJourney {

  @BeforeEach
  void aStiffGolferWithTimeAndTools() {
    take("seated-rotation.right.internal", 22);
    take("seated-rotation.left.internal", 24);
    take("seated-rotation.left.external", 45);
    take("trunk-turn.right", 30);
    take("bridge-hold.left", 8);
    take("bridge-hold.right", 9);
    take("side-hip-hold.right", 6);
    note(golfer, "fault.sway", "clear", true);
    note(golfer, "fault.reverse-tilt", "clear", true);
    note(golfer, "wish.minutes", "40", false);
    note(golfer, "wish.days", "5", false);
    note(golfer, "wish.start", LocalDate.now().plusDays(3).toString(), false);
    for (String tool :
        new String[] {
          "club", "chair", "wall", "band", "post", "sticks", "lamp", "balls", "weight"
        }) {
      note(golfer, "wish.tool-" + tool, "yes", false);
    }
  }

  /** The id of something that is not for every day. */
  private String hard() {
    return (String)
        page.evaluate(
            "() => { const days = document.querySelectorAll('.day:not(.day-rest)').length;"
                + " const by = {}; document.querySelectorAll('.day-chip:not(.chip-drill)')"
                + ".forEach(c => by[c.dataset.item] = (by[c.dataset.item] || 0) + 1);"
                + " return Object.keys(by).find(i => by[i] < days); }");
  }

  /** How often, of an amount as the page has it behind the length. */
  private static int times(String amount) {
    Matcher found = Pattern.compile("\\d:\\d\\d(\\d+) times").matcher(amount);
    return found.find() ? Integer.parseInt(found.group(1)) : 0;
  }

  /** Each thing has its buttons and its own cue, though one form stands for all of them. */
  @Test
  void eachThingIsHeldDosedAndGivenAnOwnCueFromItsRow() {
    page.navigate("/golfers/" + golfer + "/plan");
    Locator rows = page.locator(".item");
    String held = rows.nth(1).getAttribute("id");
    rows.nth(1).locator("button:has-text('hold')").click();
    assertThat(page.locator("#" + held + " button[aria-pressed=true]")).hasText("held");
    assertThat(page.locator(".item button[aria-pressed=true]")).hasCount(1);

    Locator more = page.locator(".item button[aria-label^='More of']:enabled").first();
    String name = more.getAttribute("aria-label").replace("More of ", "");
    Locator dosed = page.locator(".item:has(h3:text-is('" + name + "'))");
    String before = dosed.locator(".item-time").innerText();
    more.click();
    assertThat(page.locator(".plan-done, .plan-refused")).isVisible();
    assertThat(dosed.locator(".item-time")).not().hasText(before);

    dosed.locator(".item-cue summary").click();
    Locator own = page.getByLabel("Your own cue to " + name);
    assertThat(own).isFocused();
    own.fill("seat heavy");
    own.press("Enter");
    assertThat(dosed.locator(".item-cue summary")).hasText("“seat heavy”");
    dosed.locator(".item-cue summary").click();
    assertThat(own).hasValue("seat heavy");
    assertThat(complaints).isEmpty();
  }

  @Test
  void givenMovedHeldSwappedAndComparedWithKeysAndByDragging() {
    page.navigate("/golfers/" + golfer + "/plan");
    assertThat(page.locator(".plan-version")).containsText("Proposed");
    page.locator("#give").click();
    assertThat(page.locator(".plan-version")).containsText("Version 1");

    String hard = hard();
    page.locator(".day-chip[data-item='" + hard + "']").last().focus();
    page.keyboard().press("ArrowLeft");
    assertThat(page.locator(".plan-refused, .plan-done"))
        .containsText(Pattern.compile("48 hours|Moved"));

    page.locator("#item-seated-knee-drops button:has-text('hold')").click();
    assertThat(page.locator("#item-seated-knee-drops [aria-pressed=true]")).hasText("held");
    String much = page.locator("#item-seated-knee-drops .item-time").textContent();
    page.locator("#item-seated-knee-drops [aria-label^='More of']").click();
    assertThat(page.locator("#item-seated-knee-drops .item-time")).not().hasText(much);
    assertThat(times(page.locator("#item-seated-knee-drops .item-time").textContent()))
        .isGreaterThan(times(much));
    String first = page.locator(".item h3").first().textContent();
    page.locator("#item-" + hard + " button:has-text('swap')").click();
    assertThat(page.locator("#item-" + hard)).hasCount(0);
    assertThat(page.locator(".left-out")).containsText("taken out by the trainer");
    assertThat(page.locator("#item-seated-knee-drops")).containsText("held in by the trainer");
    assertThat(first).isNotBlank();

    page.locator("text=Side by side").click();
    assertThat(page.locator(".compare-out th").first()).containsText("gone");
    page.locator("text=Back to the plan").click();
    page.locator(".versions li").last().locator("button").click();
    assertThat(page.locator("#item-" + hard)).hasCount(1);
    assertThat(page.locator(".plan-done")).containsText("Back to what version 1 decided");
    assertThat(complaints).isEmpty();
  }

  @Test
  void dailyWorkIsDraggedToAnotherDayAndHardWorkKeepsItsDistance() {
    page.navigate("/golfers/" + golfer + "/plan");
    page.locator("#give").click();
    String hard = hard();
    String mine = ".day-chip[data-item='" + hard + "']";
    Locator chip = page.locator(mine).first();
    String from = chip.getAttribute("data-day");
    Locator next = page.locator(".day:not(.day-rest):not(:has(" + mine + "))").first();
    String to = next.getAttribute("data-day");
    chip.dragTo(next);
    assertThat(page.locator(".plan-refused, .plan-done").first()).isVisible();
    boolean refused = page.locator(".plan-refused").count() > 0;
    if (refused) {
      assertThat(page.locator(".plan-refused")).containsText("48 hours");
      assertThat(page.locator(mine + "[data-day='" + from + "']")).hasCount(1);
    } else {
      assertThat(page.locator(mine + "[data-day='" + to + "']")).hasCount(1);
      assertThat(page.locator(mine + "[data-day='" + from + "']")).hasCount(0);
    }
    page.locator("[name=item]#add-item").selectOption("hop-hold");
    page.locator("text=Add and plan around it").click();
    assertThat(page.locator(".plan-done, .plan-refused").first()).isVisible();
    assertThat(complaints).isEmpty();
  }

  @Test
  void aCautionAddedLaterMakesThePlanUnsafeUntilItIsPlannedAnew() {
    page.navigate("/golfers/" + golfer + "/plan");
    page.locator("#give").click();
    assertThat(page.locator("#item-seated-knee-drops")).hasCount(1);
    note(golfer, "caution.inner-knee", "both", false);
    page.navigate("/golfers/" + golfer + "/plan");
    assertThat(page.locator(".back-first")).containsText("not safe any more");
    assertThat(page.locator("#item-seated-knee-drops"))
        .hasClass(Pattern.compile(".*item-struck.*"));
    assertThat(page.locator("#item-seated-knee-drops"))
        .containsText("pain at the inside of the knee");
    assertThat(page.locator("#pdf")).hasCount(0);
    page.navigate("/golfers/" + golfer + "/sheet");
    assertThat(page).hasURL(Pattern.compile(".*/plan$"));
    page.locator("#replan").click();
    assertThat(page.locator(".back-first")).hasCount(0);
    assertThat(page.locator("#item-seated-knee-drops")).hasCount(0);
    assertThat(page.locator(".plan-version")).containsText("Version 2");
    page.locator("[name=item]#add-item").selectOption("double-bend-sit");
    page.locator("text=Add and plan around it").click();
    assertThat(page.locator(".plan-refused"))
        .containsText("caution: pain at the inside of the knee");
    assertThat(page.locator(".plan-version")).containsText("Version 2");
    assertThat(complaints).isEmpty();
  }

  @Test
  void theLongestPlanPrintsOnTwoPagesAndGoesIntoACalendar() throws IOException {
    note(golfer, "wish.minutes", "60", false);
    page.navigate("/golfers/" + golfer + "/plan");
    page.locator("#give").click();
    for (String more :
        new String[] {"half-kneel-front-hip", "side-squat-foot-press", "double-bend-sit"}) {
      if (page.locator("#item-" + more).count() == 0) {
        page.locator("#add-item").selectOption(more);
        page.locator("text=Add and plan around it").click();
        assertThat(page.locator(".plan-done")).containsText("Added");
      }
    }
    assertThat(page.locator(".item").count()).isGreaterThanOrEqualTo(9);
    Download pdf = page.waitForDownload(() -> page.locator("#pdf").click());
    try (PDDocument read = Loader.loadPDF(Files.readAllBytes(pdf.path()))) {
      assertThat(read.getNumberOfPages()).isLessThanOrEqualTo(2);
      assertThat(new PDFTextStripper().getText(read)).contains("Stop at", "retest");
    }
    page.locator("#calendar-at").fill("07:30");
    Download calendar = page.waitForDownload(() -> page.locator("#calendar").click());
    String text = new String(Files.readAllBytes(calendar.path()), StandardCharsets.UTF_8);
    assertThat(text).contains("T073000", "SUMMARY:Retest").doesNotContain("Isla");
    page.locator("text=Reset card").click();
    assertThat(page.locator("h1")).hasText("Before the round");
    assertThat(page.locator(".reset-card li")).hasCount(7);
    Download card = page.waitForDownload(() -> page.locator("#pdf").click());
    try (PDDocument read = Loader.loadPDF(Files.readAllBytes(card.path()))) {
      assertThat(read.getNumberOfPages()).isEqualTo(1);
    }
    assertThat(complaints).isEmpty();
  }

  @Test
  void aTemplateIsAppliedToAnotherGolferThroughThePlanner() {
    page.navigate("/golfers/" + golfer + "/plan");
    page.locator("#template-name").fill("Winter, stiff hips");
    page.locator("text=Save this block as a template").click();
    assertThat(page.locator(".plan-done")).containsText("Winter, stiff hips");
    note(golfer, "caution.inner-knee", "both", false);
    page.navigate("/golfers/" + golfer + "/plan");
    page.locator("text=Apply to this golfer").click();
    assertThat(page.locator(".plan-done")).containsText("applied");
    assertThat(page.locator("#item-seated-knee-drops")).hasCount(0);
    assertThat(page.locator(".mind").first()).containsText("Could not be held in");
    assertThat(complaints).isEmpty();
  }

  @Test
  void anOwnExerciseIsRefusedWithoutStopSignsThenKeptAndPlanned() {
    page.navigate("/library/exercises#own");
    page.locator("#own-exercise summary").click();
    for (String field :
        new String[] {"name", "purpose", "start", "feel", "spoils", "harder", "easier"}) {
      page.locator("#own-exercise [name=" + field + "]")
          .fill(field.equals("name") ? "Shed turn" : "some " + field);
    }
    page.locator("#own-exercise [name=steps]").fill("Turn; wait");
    page.locator("#own-exercise [name=dose]").fill("1 x 8-12, 3 ps");
    page.locator("input[name=serves][value=trunk-turn]").evaluate("box => box.click()");
    page.locator("#own-exercise .btn-ink").click();
    assertThat(page.locator(".own-problems")).containsText("without stop signs");
    assertThat(page.locator(".own-problems")).containsText("what it asks of the body");
    assertThat(page.locator("#own-exercise [name=name]")).hasValue("Shed turn");
    page.locator("#own-exercise [name=stop]").fill("pain in the back");
    page.locator("#own-exercise input[name=demands][value=twist-end]")
        .evaluate("box => box.click()");
    page.locator("#own-exercise .btn-ink").press("Enter");
    assertThat(page.locator("#own .plan-done")).containsText("Shed turn");
    page.navigate("/golfers/" + golfer + "/plan");
    assertThat(page.locator(".items")).containsText("Shed turn");
    page.navigate("/golfers/" + golfer + "/sheet");
    assertThat(page.locator(".sheet")).containsText("pain in the back");
    assertThat(complaints).isEmpty();
  }
}
