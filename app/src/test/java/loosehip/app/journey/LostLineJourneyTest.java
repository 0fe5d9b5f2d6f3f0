package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Route;
import java.util.List;
import java.util.regex.Pattern;
import loosehip.app.fact.Facts;
import loosehip.app.store.TakenTry;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** The line is lost while tries are taken: the page says so, keeps them, and sends each once. */
@Order(12)
class LostLineJourneyTest extends MeasureJourney {
  private static final String CARD = "trunk-turn.right";

  @Test
  void fourTriesTakenWithoutALineAreAllThereAndOnce() {
    page.navigate("/golfers/" + golfer + "/measure?mode=run&card=" + CARD);
    context.setOffline(true);
    for (String number : List.of("41", "43", "44", "42")) {
      page.keyboard().type(number);
      page.keyboard().press("Enter");
    }
    page.locator("label:has(#comp-trunk-lean)").click();
    page.locator("[data-note-open]").click();
    page.locator("#test-note").fill("held the rail");
    page.locator("#test-note").blur();
    assertThat(page.locator("#kept")).containsText("What you typed is kept; trying again");
    assertThat(page.locator("#saved")).hasText("not saved");
    assertThat(page.locator(".waiting-try")).hasCount(4);
    assertThat(tries()).isEmpty();
    context.setOffline(false);
    assertThat(page.locator(".tries .try")).hasCount(4);
    assertThat(page.locator(".waiting-try")).hasCount(0);
    assertThat(page.locator("#kept")).isHidden();
    assertThat(page.locator(".tries .try").last()).containsText("trunk leaned");
    assertThat(page.locator("#test-note")).hasValue("held the rail");
    assertThat(tries())
        .extracting(t -> t.value().orElseThrow())
        .containsExactly(41.0, 43.0, 44.0, 42.0);
    assertThat(tries().get(3).compensations()).containsExactly(Compensation.TRUNK_LEAN);
    assertThat(Facts.TEST_NOTE.about(TestCard.parse(CARD).orElseThrow()).in(file(golfer)))
        .contains("held the rail");
  }

  /** With no line there is no next test either; it comes as soon as there is one. */
  @Test
  void goingOnWithoutALineWaitsForIt() {
    page.navigate("/golfers/" + golfer + "/measure?mode=run&card=" + CARD);
    String title = page.locator("h1").textContent();
    context.setOffline(true);
    page.locator("[data-next]").click();
    assertThat(page.locator("#kept")).containsText("as soon as there is one");
    assertThat(page.locator("h1")).hasText(title);
    context.setOffline(false);
    assertThat(page).not().hasURL(Pattern.compile(".*" + CARD));
    assertThat(page.locator("#kept")).isHidden();
    type("38");
    assertThat(page.locator(".tries .try .number")).hasText("38");
    assertThat(tries()).isEmpty();
  }

  /** What is fetched when it is opened says that there is no line, and comes when there is one. */
  @Test
  void aFoldOpenedWithoutALineComesWithIt() {
    page.navigate("/golfers/" + golfer + "/set-up");
    context.setOffline(true);
    page.locator("#figures-fold > summary").click();
    assertThat(page.locator("#stance-figures")).containsText("as soon as there is one");
    context.setOffline(false);
    page.locator("#stance-beltTilt").fill("20");
    page.locator("#stance-beltTilt").press("Tab");
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
    assertThat(page.locator("#stance-figures")).not().containsText("as soon as there is one");
  }

  /** A page too old to save is left as a whole, and what waited is saved from the next one. */
  @Test
  void aPageThatMayNotSaveIsLeftAsAWhole() {
    page.navigate("/golfers/" + golfer + "/measure?mode=run&card=" + CARD);
    page.evaluate("document.body.dataset.stays = 'yes'");
    page.route("**/tries", route -> route.fulfill(new Route.FulfillOptions().setStatus(403)));
    type("41");
    assertThat(page.locator("#kept")).containsText("too old to save");
    page.unroute("**/tries");
    page.locator("[data-next]").click();
    assertThat(page).not().hasURL(Pattern.compile(".*" + CARD));
    assertThat(page.locator("body")).not().hasAttribute("data-stays", "yes");
    page.waitForCondition(() -> !tries().isEmpty());
    assertThat(tries()).extracting(t -> t.value().orElseThrow()).containsExactly(41.0);
  }

  /** Loaded anew before the line is back: what waited is sent from the new page. */
  @Test
  void whatWaitsOutlivesAReloadAndANumberInHandGoesWithNext() {
    page.navigate("/golfers/" + golfer + "/measure?mode=run&card=" + CARD);
    page.route("**/tries", route -> route.abort());
    page.keyboard().type("41");
    page.keyboard().press("Enter");
    assertThat(page.locator(".waiting-try")).hasCount(1);
    page.unroute("**/tries");
    page.reload();
    assertThat(page.locator(".tries .try .number")).hasText("41");
    page.locator("#entry").fill("43");
    page.locator(".pad-next").click();
    assertThat(page).not().hasURL(Pattern.compile(".*" + CARD));
    assertThat(tries()).extracting(t -> t.value().orElseThrow()).containsExactly(41.0, 43.0);
  }

  /** Another golfer is opened before the line is back: each keeps what is theirs. */
  @Test
  void whatWaitsForOneGolferIsSavedFromThePageOfAnother() {
    String other = consenting("Ewan Kerr");
    page.navigate("/golfers/" + golfer + "/measure?mode=run&card=" + CARD);
    page.route("**/tries", route -> route.abort());
    page.keyboard().type("41");
    page.keyboard().press("Enter");
    assertThat(page.locator(".waiting-try")).hasCount(1);
    page.unroute("**/tries");
    page.navigate("/golfers/" + other + "/measure?mode=run&card=" + CARD);
    page.waitForCondition(() -> !tries().isEmpty());
    assertThat(tries()).extracting(t -> t.value().orElseThrow()).containsExactly(41.0);
    assertThat(page.locator(".tries .try")).hasCount(0);
    assertThat(page.locator(".in-hand-name")).hasText("Ewan Kerr");
    assertThat(file(other).tries()).isEmpty();
  }

  /** A number that is asked about keeps the hand where it is; what waits behind it is not lost. */
  @Test
  void aNumberAskedAboutIsSettledBeforeWhatWaitsBehindIt() {
    page.navigate("/golfers/" + golfer + "/measure?mode=run&card=" + CARD);
    context.setOffline(true);
    type("99");
    type("41");
    assertThat(page.locator(".waiting-try")).hasCount(2);
    context.setOffline(false);
    assertThat(page.locator("#entry-problem")).containsText("Really 99?");
    assertThat(page.locator("#entry")).hasValue("99");
    page.locator("#entry").fill("39");
    page.locator(".pad-next").click();
    assertThat(page).not().hasURL(Pattern.compile(".*" + CARD));
    page.waitForCondition(() -> tries().size() == 2);
    assertThat(tries()).extracting(t -> t.value().orElseThrow()).containsExactly(39.0, 41.0);
  }

  /** Whoever types on while a number is asked about goes on; it waits to be tapped. */
  @Test
  void aNumberAskedAboutMeanwhileDoesNotComeUnderTheFingers() {
    page.navigate("/golfers/" + golfer + "/measure?mode=run&card=" + CARD);
    context.setOffline(true);
    type("99");
    page.keyboard().type("4");
    context.setOffline(false);
    assertThat(page.locator("#entry-problem")).containsText("Really 99?");
    page.keyboard().type("1");
    page.keyboard().press("Enter");
    assertThat(page.locator(".tries .try .number")).hasText("41");
    assertThat(page.locator("[data-asked]")).containsText("99");
    page.locator("[data-asked]").click();
    assertThat(page.locator("#entry")).hasValue("99");
    assertThat(page.locator("[data-asked]")).hasCount(0);
  }

  private void type(String number) {
    page.keyboard().type(number);
    page.keyboard().press("Enter");
  }

  private List<TakenTry> tries() {
    return file(golfer).tries(Slot.parse(CARD).orElseThrow());
  }
}
