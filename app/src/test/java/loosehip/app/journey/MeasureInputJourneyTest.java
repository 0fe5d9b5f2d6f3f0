package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import loosehip.core.measure.Slot;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What happens on Measure when the typing goes wrong. */
class MeasureInputJourneyTest extends MeasureJourney {
  private static final String CARD = "seated-rotation.right.internal";

  @BeforeEach
  void aCardOpen() {
    note(golfer, "order", "hips", true);
    open(page);
  }

  private void open(Page where) {
    where.navigate("/golfers/" + golfer + "/measure?card=" + CARD);
  }

  @Test
  void lettersEmptyNegativeAndHugeAreRefusedAtThePlaceAndKept() {
    for (String[] row :
        new String[][] {
          {"abd", "is not a number. This test takes 0 to 90°"},
          {"-5", "-5 cannot be: this test takes 0 to 90°"},
          {"99999999", "99999999 cannot be: this test takes 0 to 90°"},
        }) {
      page.locator("#entry").fill(row[0]);
      page.locator("#entry").press("Enter");
      assertThat(page.locator("#entry-problem")).containsText(row[1]);
      assertThat(page.locator("#entry")).hasValue(row[0]);
    }
    assertThat(page.locator(".tries .try")).hasCount(0);
    page.locator("#entry").fill("");
    page.locator("#entry").press("Enter");
    assertThat(page).not().hasURL(Pattern.compile(".*" + CARD + ".*"));
  }

  /** The frame stays from test to test; back and on go through them, and no digit is lost. */
  @Test
  void backGoesThroughTheTestsAndEachKeepsWhatWasTyped() {
    page.evaluate("document.body.dataset.stays = 'yes'");
    String drawn = page.getAttribute("body", "data-drawn");
    page.keyboard().type("31");
    page.locator("[data-next]").click();
    assertThat(page.locator("h1")).hasText("Seated hip turn, inward");
    assertThat(page.locator(".test-side")).containsText("lead");
    assertThat(page.locator("#entry")).isFocused();
    assertThat(page.locator("#entry")).hasValue("");
    Assertions.assertThat(taken()).containsExactly(31.0);
    Assertions.assertThat(page.getAttribute("body", "data-drawn")).isGreaterThan(drawn);
    page.keyboard().type("4");
    page.locator(".order-strip a").last().click();
    assertThat(page).not().hasURL(Pattern.compile(".*seated-rotation.*"));
    page.goBack();
    assertThat(page.locator("#entry")).hasValue("4");
    page.goBack();
    assertThat(page).hasURL(Pattern.compile(".*" + CARD));
    assertThat(page.locator(".tries .try .number")).hasText("31");
    page.goForward();
    assertThat(page.locator("#entry")).hasValue("4");
    assertThat(page.locator("body")).hasAttribute("data-stays", "yes");
    page.locator("[data-station='3']").click();
    page.goBack();
    assertThat(page.locator("#entry")).hasValue("4");
    assertThat(page.locator("#try-form")).hasCount(1);
  }

  /**
   * An answer swaps the button between finger down and finger up, and may move it: the tap counts,
   * and once.
   */
  @Test
  void aTapWhileASaveComesBackIsNotLost() {
    for (String what : List.of("[data-digit='7']", "[data-next]")) {
      List<Route> held = new ArrayList<>();
      page.route("**/note", held::add);
      page.evaluate("document.querySelector('.pad').dataset.before = 'yes'");
      page.locator("[data-note-open]").click();
      page.locator("#test-note").fill("about " + what);
      page.locator("#test-note").blur();
      page.waitForCondition(() -> !held.isEmpty());
      page.locator(what).hover();
      page.mouse().down();
      held.get(0).resume();
      assertThat(page.locator(".pad[data-before]")).hasCount(0);
      if (what.contains("digit")) {
        page.evaluate("document.querySelector('.measure-top').style.marginBottom = '120px'");
      }
      page.mouse().up();
      page.unroute("**/note");
      if (what.contains("digit")) {
        assertThat(page.locator("#entry")).hasValue("7");
        page.locator("[data-back]").click();
        page.locator("[data-note-open]").click();
      }
    }
    assertThat(page.locator(".test-side")).containsText("lead");
  }

  /** Something above comes or goes between finger down and finger up: the tap is still meant. */
  @Test
  void aTapIsMeantForWhatItWentDownOn() {
    page.locator("[data-digit='7']").hover();
    page.mouse().down();
    page.evaluate("document.querySelector('.measure-top').style.marginBottom = '120px'");
    page.mouse().up();
    assertThat(page.locator("#entry")).hasValue("7");
    page.locator("[data-digit='8']").hover();
    page.mouse().down();
    page.locator("h1").hover();
    page.mouse().up();
    page.locator("[data-digit='9']").click();
    assertThat(page.locator("#entry")).hasValue("79");
  }

  private List<Double> taken() {
    return file(golfer).tries(Slot.parse(CARD).orElseThrow()).stream()
        .map(t -> t.value().orElseThrow())
        .toList();
  }

  @Test
  void anUnusualNumberIsAskedAboutOnceAndKeptWhenConfirmed() {
    type("78");
    assertThat(page.locator("#entry-problem")).containsText("Really 78? Usual is 10 to 60.");
    page.locator("#entry").press("Enter");
    assertThat(page.locator(".tries .try .number")).hasText("78");
    type("24,5");
    assertThat(page.locator(".tries .try .number").last()).hasText("24.5");
    assertThat(page.locator("#result")).containsText("take another, or void the odd one");
  }

  @Test
  void voidUndoCompensationAndPainByKey() {
    type("24");
    type("26");
    page.keyboard().press("x");
    assertThat(page.locator(".try.voided .number")).hasText("26");
    assertThat(page.locator("#result")).containsText("24.0°");
    page.keyboard().press("u");
    assertThat(page.locator(".flash")).containsText("Taken back: ");
    assertThat(page.locator("#result")).containsText("25.0°");
    page.waitForLoadState();
    page.keyboard().press("c");
    assertThat(page.locator(".try.voided .number")).hasText("26");
    assertThat(page.locator(".try.voided")).containsText("pelvis lifted");
    page.locator("#entry").fill("44");
    page.keyboard().press("c");
    assertThat(page.locator("#comp-pelvis-lifted")).isChecked();
    page.keyboard().press("Enter");
    assertThat(page.locator(".try.voided")).hasCount(2);
    page.keyboard().press("p");
    page.locator("label:has(#pain-5)").click();
    assertThat(page.locator("#result")).containsText("Stopped by pain");
    page.locator("#pain-site").fill("front of hip");
    page.locator("#pain-site").press("Enter");
    assertThat(page.locator("#result")).containsText("Stopped by pain (front of hip)");
  }

  @Test
  void theNumberPadTakesATryByTouch() {
    page.locator("[data-digit='3']").click();
    page.locator("[data-digit='1']").click();
    assertThat(page.locator("#entry")).hasValue("31");
    page.locator(".pad-take").click();
    assertThat(page.locator(".tries .try .number")).hasText("31");
    assertThat(page.locator("#entry")).hasValue("");
  }

  @Test
  void twoTabsCorrectingOneTryDoNotOverwriteEachOther() {
    type("24");
    Page second = Browser.page(context, Browser.complaints());
    open(second);
    page.locator(".tries .try").click();
    page.locator("#entry").fill("26");
    page.locator("#entry").press("Enter");
    assertThat(page.locator(".tries .try .number")).hasText("26");
    second.locator(".tries .try").click();
    second.locator("#entry").fill("28");
    second.locator("#entry").press("Enter");
    assertThat(second.locator("#entry-problem"))
        .containsText("Meanwhile this try was changed to 26 by Wren");
    assertThat(second.locator("#entry")).hasValue("28");
    second.locator("#entry").press("Enter");
    assertThat(second.locator(".tries .try .number")).hasText("28");
  }

  @Test
  void whatWasTypedSurvivesANewSignIn() {
    context.clearCookies();
    page.locator("#entry").fill("37");
    page.locator("#entry").press("Enter");
    assertThat(page.locator("#kept")).containsText("What you typed is kept");
    assertThat(page.locator(".waiting-try .number")).hasText("37");
    page.getByText("Sign in again").click();
    throughTheDoor();
    assertThat(page).hasURL(Pattern.compile(".*card=" + CARD.replace(".", "\\.") + ".*"));
    assertThat(page.locator(".tries .try .number")).hasText("37");
    assertThat(page.locator(".waiting-try")).hasCount(0);
  }

  /** What was typed in a fold that is fetched only when it is opened, is found there again. */
  @Test
  void aFigureTypedInAFoldSurvivesANewSignIn() {
    page.navigate("/golfers/" + golfer + "/set-up");
    page.locator("#figures-fold > summary").click();
    Locator figure = page.locator("#stance-beltTilt");
    assertThat(figure).isVisible();
    context.clearCookies();
    figure.fill("33");
    figure.press("Tab");
    assertThat(page.locator("#kept")).containsText("What you typed is kept");
    page.getByText("Sign in again").click();
    throughTheDoor();
    assertThat(figure).hasValue("33");
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
    assertThat(page.locator(".stance-pair:has(#sf-arched)"))
        .containsText("clear by measure: belt tilt 33°");
  }

  @Test
  void keysMoveBetweenTestsAndStations() {
    page.keyboard().press(".");
    assertThat(page.locator(".test-side")).hasText("lead (L)");
    page.keyboard().press(",");
    assertThat(page.locator(".test-side")).hasText("trail (R)");
    page.keyboard().press("?");
    assertThat(page.locator("#keys")).isVisible();
    assertThat(page.locator("#keys")).containsText("take; empty goes on");
    page.keyboard().press("Escape");
    page.keyboard().press("/");
    page.keyboard().type("isla");
    assertThat(page.locator("#found")).containsText("Isla Brodie");
  }

  /** Types a number and waits until the answer to it has come. */
  private void type(String number) {
    page.locator("#entry").fill(number);
    page.waitForResponse(
        r -> r.url().endsWith("/tries"), () -> page.locator("#entry").press("Enter"));
    page.waitForFunction("() => !document.querySelector('#try-form.htmx-request')");
  }

  /** Through the door again, which is open on the page. */
  private void throughTheDoor() {
    page.locator("#username").fill(name());
    page.locator("#password").fill(PASSWORD);
    page.locator("button.btn-wide").click();
    page.waitForURL(url -> !url.contains("sign-in"));
  }
}
