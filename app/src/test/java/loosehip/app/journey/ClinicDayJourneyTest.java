package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Handed;
import loosehip.core.measure.Part;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A whole screen at the speed of a clinic day: by keys and on the sheet. */
@Order(4)
class ClinicDayJourneyTest extends MeasureJourney {

  @Test
  void aQuickScreenByKeysAlone() {
    note(golfer, "order", "quick", true);
    page.navigate("/");
    page.keyboard().press("/");
    page.keyboard().type("isla br");
    assertThat(page.locator("#found a").first()).isVisible();
    page.navigate("/golfers/" + golfer + "/measure?mode=run");
    int cards = RunningOrder.QUICK.cards(Handed.RIGHT).size();
    for (int i = 0; i < cards; i++) {
      String title = page.locator("h1").textContent();
      if (page.locator("#entry").count() == 1) {
        page.keyboard().type(title.contains("leg") || title.contains("tilt") ? "18" : "41");
        page.keyboard().press("Enter");
        assertThat(page.locator(".tries .try")).hasCount(1);
        if (title.contains("arching")) {
          page.keyboard().press("s");
          assertThat(page.locator(".word-row input:checked")).hasCount(1);
        }
      } else {
        page.keyboard().press("y");
        assertThat(page.locator(".word-row input:checked")).hasCount(1);
        page.keyboard().press("n");
        assertThat(page.locator(".word-row input:checked")).hasCount(2);
      }
      if (i < cards - 1) {
        String before = page.url();
        page.keyboard().press(".");
        page.waitForURL(url -> !url.equals(before));
      }
    }
    page.reload();
    assertThat(page.locator(".minutes")).containsText("all of this order is taken");
    assertThat(RunningOrder.QUICK.taken(workup().golfer().screen(), Handed.RIGHT)).isEqualTo(cards);
    assertThat(complaints).isEmpty();
  }

  @Test
  void aFullSheetInNinetyKeystrokeGroupsAtMost() {
    note(golfer, "order", "full", true);
    page.navigate("/golfers/" + golfer + "/measure/sheet?position=standing");
    int groups = 0;
    for (String position : new String[] {"standing", "seated", "face down", "on the back"}) {
      assertThat(page.locator(".positions a[aria-current]")).containsText(position);
      page.waitForFunction("() => document.activeElement.closest('[data-stop]') !== null");
      while (true) {
        String at =
            (String)
                page.evaluate(
                    "(() => { const s = document.activeElement.closest('[data-stop]');"
                        + " return s ? (s.dataset.card || s.dataset.slot || 'onward') : 'none'; })()");
        if (at.equals("onward") || at.equals("none")) {
          break;
        }
        groups++;
        type(at);
      }
      assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
      page.waitForCondition(() -> untaken(position).isEmpty());
      assertThat(page.locator(".cell .problem").allTextContents())
          .allSatisfy(words -> assertThat(words).isEmpty());
      page.keyboard().press("Enter");
      page.waitForLoadState();
    }
    assertThat(page).hasURL(Pattern.compile(".*/set-up"));
    assertThat(groups).isLessThanOrEqualTo(90);
    Workup now = workup();
    assertThat(RunningOrder.FULL.cards(Handed.RIGHT)).allMatch(c -> c.taken(now.golfer().screen()));
    assertThat(
            now.golfer()
                .screen()
                .reading(slot("seated-rotation.left.internal"))
                .orElseThrow()
                .tries())
        .hasSize(3);
  }

  private void type(String at) {
    if (at.contains("hop-hold")) {
      page.keyboard().type("3");
    } else if (at.matches("(.*\\.)?(quality)")) {
      page.keyboard().press("s");
      return;
    } else if (at.matches(".*\\.lost|.*\\.cramp|.*\\.drift|.*\\.heels|.*\\.knees|glute.*|knee.*")) {
      page.keyboard().press(at.endsWith("lost") ? "h" : "y");
      return;
    } else if (at.startsWith("squat")) {
      page.keyboard().press("p");
      return;
    } else if (at.startsWith("reach")) {
      page.keyboard().press("f");
      return;
    } else if (at.startsWith("overhead")) {
      page.keyboard().type("172");
    } else if (at.startsWith("tilt") || at.startsWith("ankle") || at.startsWith("side-hip")) {
      page.keyboard().type("9");
    } else if (at.startsWith("hip-flexor")) {
      page.keyboard().type("4");
    } else {
      page.keyboard().type("28");
    }
    page.keyboard().press("Enter");
  }

  private List<String> untaken(String position) {
    Workup now = workup();
    return RunningOrder.FULL.cards(Handed.RIGHT).stream()
        .filter(c -> c.test().position().word().equals(position))
        .filter(c -> !c.taken(now.golfer().screen()) || !allWords(now, c))
        .map(TestCard::toString)
        .toList();
  }

  private static boolean allWords(Workup workup, TestCard card) {
    return card.words().stream()
        .filter(w -> w.part().filter(Part.LIMIT::equals).isEmpty())
        .allMatch(w -> workup.golfer().screen().word(w).isPresent());
  }

  private static Slot slot(String key) {
    return Slot.parse(key).orElseThrow();
  }

  private Workup workup() {
    return Workup.of(file(golfer), LocalDate.now());
  }

  @Test
  void switchingModeLosesNothingAndASkipSaysWhy() {
    page.navigate("/golfers/" + golfer + "/measure?card=hinge-contact&mode=run");
    page.locator("#entry").fill("3");
    page.locator("#entry").press("m");
    assertThat(page).hasURL(Pattern.compile(".*/measure/sheet.*"));
    assertThat(page.locator("#entry-hinge-contact")).hasValue("3");
    page.locator("#entry-hinge-contact").focus();
    page.keyboard().press("End");
    page.keyboard().type("6");
    page.keyboard().press("Enter");
    assertThat(page.locator("#cell-hinge-contact .cell-try")).hasText("36");
    page.locator("#cell-hinge-contact .cell-open").click();
    assertThat(page.locator(".tries .number")).hasText("36");
    assertThat(page.locator("#entry")).hasValue("");

    page.navigate("/golfers/" + golfer + "/measure?card=trunk-turn.right&mode=run");
    page.keyboard().press("k");
    page.locator(".skip-card button", new Page.LocatorOptions().setHasText("pain")).click();
    assertThat(page).not().hasURL(Pattern.compile(".*trunk-turn.right.*"));
    page.navigate("/golfers/" + golfer + "/measure?card=trunk-turn.right&mode=run");
    assertThat(page.locator(".skipped")).containsText("skipped: pain");
    page.locator(".skipped button").click();
    assertThat(page.locator(".skipped")).hasCount(0);
  }

  @Test
  void theStopwatchGoesOnWhenThePageIsLeft() {
    String card = "/golfers/" + golfer + "/measure?card=bridge-hold.right&mode=run";
    page.navigate(card);
    page.keyboard().press(" ");
    assertThat(page.locator("[data-watch-words]")).containsText("Stop at");
    page.navigate("/golfers/" + golfer + "/talk");
    assertThat(page.locator("#watch-running")).containsText("A stopwatch is running");
    page.locator("#watch-running a").click();
    page.waitForURL(Pattern.compile(".*bridge-hold.*"));
    assertThat(page.locator("[data-watch-words]")).containsText("Stop at");
    page.waitForTimeout(1200);
    page.locator("#entry").press(" ");
    assertThat(page.locator("#entry")).hasValue(Pattern.compile("[1-9]"));
    page.navigate("/golfers/" + golfer + "/talk");
    assertThat(page.locator("#watch-running")).hasCount(0);
  }

  @Test
  void theSimulatedInclinometerTakesTheTryAndACutStreamDoesNot() {
    page.navigate("/golfers/" + golfer + "/measure?card=seated-rotation.right.internal&mode=run");
    page.locator("#entry").press("i");
    assertThat(page.locator(".incl-words")).containsText("hold still for a second");
    move("31");
    assertThat(page.locator(".tries .try")).hasCount(1);
    assertThat(page.locator(".incl-words")).containsText("is taken. Move on");
    assertThat(page.locator(".tries .number").first()).hasText(Pattern.compile("3[01](\\.\\d)?"));
    page.locator("#entry").fill("7");
    move("48");
    assertThat(page.locator(".incl-words")).containsText("a number stands in the field");
    assertThat(page.locator(".tries .try")).hasCount(1);
    page.locator("#entry").fill("");
    move("60");
    page.waitForTimeout(300);
    page.evaluate("window.dispatchEvent(new Event('pagehide'))");
    page.locator("#inclinometer summary").click();
    page.route("**/inclinometer?*", route -> route.abort());
    page.locator("#inclinometer summary").click();
    assertThat(page.locator(".incl-words")).containsText("The stream was cut; nothing was taken.");
    assertThat(page.locator("#entry")).hasValue("");
    assertThat(page.locator(".tries .try")).hasCount(1);
  }

  private void move(String degrees) {
    page.locator("#inclinometer input[type=range]")
        .evaluate(
            "(s, v) => { s.value = v; s.dispatchEvent(new Event('input', {bubbles: true})); }",
            degrees);
  }

  /** Each name has its own button, though one form stands for all of them. */
  @Test
  void whoComesNextIsLinedUpAndTakenOutFromTheirRow() {
    consenting("Row Aitken");
    consenting("Row Baxter");
    page.navigate("/");
    page.getByLabel("Line Row Baxter up for today").click();
    assertThat(page.locator(".next-up")).containsText("Row Baxter");
    page.getByLabel("Line Row Aitken up for today").click();
    page.getByLabel("Take Row Baxter out of the line").click();
    assertThat(page.locator(".next-up")).containsText("Row Aitken");
    assertThat(page.getByLabel("Line Row Baxter up for today")).hasCount(1);
    page.getByLabel("Take Row Aitken out of the line").click();
    assertThat(page.locator(".next-up")).hasCount(0);
  }

  @Test
  void twoTrainersSeeEachOtherAndTheLastCorrectionWinsVisibly() {
    accounts
        .bySignInName("moss-day")
        .orElseGet(() -> accounts.addHelper(wren, "Moss", "moss-day", hash()));
    String card = "/golfers/" + golfer + "/measure?card=hinge-contact&mode=run";
    page.navigate(card);
    page.keyboard().type("36");
    page.keyboard().press("Enter");
    assertThat(page.locator(".tries .number")).hasText("36");
    try (BrowserContext other = Browser.context(port, 1280, 800)) {
      Page moss = signedIn(other, "moss-day");
      moss.navigate(card);
      assertThat(moss.locator("#others")).containsText("Wren has this golfer open too");
      moss.locator(".try").click();
      moss.locator("#entry").fill("38");
      moss.locator("#entry").press("Enter");
      assertThat(moss.locator(".tries .number")).hasText("38");
      page.locator(".try").click();
      page.locator("#entry").fill("37");
      page.locator("#entry").press("Enter");
      assertThat(page.locator("#entry-problem")).containsText("changed to 38 by Moss");
      page.locator("#entry").press("Enter");
      assertThat(page.locator(".tries .number")).hasText("37");
      assertThat(moss.locator("#others"))
          .containsText(
              "Wren changed something here",
              new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                  .setTimeout(15_000));
      page.locator(".history summary").click();
      assertThat(page.locator(".try-history")).containsText("36 corrected to 38. Moss");
    }
  }

  @Test
  void aVisitIsClosedResumedAndComparedWithAnEarlierOne() {
    String id = golfers.add(wren, "Ewan Kerr", LocalDate.now().minusDays(90));
    note(id, "consent", "wording 1", false);
    asked(id);
    note(id, "order", "full", true);
    page.navigate("/golfers/" + id + "/measure?card=hinge-contact&mode=run");
    page.keyboard().type("30");
    page.keyboard().press("Enter");
    assertThat(page.locator(".tries .try")).hasCount(1);
    page.navigate("/golfers/" + id + "/visits");
    page.locator("text=Close this visit").click();
    page.navigate("/golfers/" + id + "/measure?card=hinge-contact&mode=run");
    assertThat(page.locator(".closed-line")).containsText("closed by Wren");
    page.locator("#entry").fill("44");
    page.locator("#entry").press("Enter");
    assertThat(page.locator("#entry-problem")).containsText("this visit is closed");
    page.navigate("/golfers/" + id + "/visits");
    page.locator("text=Start a retest today").click();
    page.navigate("/golfers/" + id + "/measure?card=hinge-contact&mode=run");
    assertThat(page.locator("h1")).hasText("Ask first");
    page.keyboard().press("n");
    assertThat(page.locator(".orders button[aria-pressed=true]")).hasText("Full");
    page.locator("#entry").fill("55");
    page.locator("#entry").press("Enter");
    assertThat(page.locator("#result")).containsText("last time 30.0");
    page.navigate("/golfers/" + id + "/visits");
    Locator pair = page.locator(".pair");
    assertThat(pair).containsText("+25.0° real");
    assertThat(page.locator(".comparison .lede")).containsText("1 really better");
  }
}
