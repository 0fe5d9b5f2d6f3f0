package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Clock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.store.Homework;
import loosehip.core.follow.Done;
import loosehip.core.follow.Skip;
import loosehip.core.plan.ItemId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** From the code on the trainer's screen to a finished session on a phone that loses its line. */
@Order(5)
class PhoneJourneyTest extends MeasureJourney {
  @Autowired Plans plans;
  @Autowired Workups workups;
  @Autowired Homework homework;

  @BeforeEach
  void aPlanThatRunsForTenDays() {
    take("seated-rotation.right.internal", 22);
    take("seated-rotation.left.internal", 24);
    note(golfer, "fault.sway", "clear", true);
    note(golfer, "wish.minutes", "20", false);
    note(golfer, "wish.days", "7", false);
    note(golfer, "wish.start", LocalDate.now().minusDays(10).toString(), false);
    note(golfer, "wish.tool-club", "yes", false);
    plans.giveFrom(workups.open(wren, golfer), wren, LocalDate.EPOCH);
  }

  private String link() {
    page.navigate("/golfers/" + golfer + "/plan");
    page.locator("#to-phone").click();
    page.locator("#make-link").click();
    assertThat(page.locator(".qr")).isVisible();
    String text = page.locator(".phone-text").first().inputValue();
    return text.substring(text.indexOf("http"), text.indexOf(" It works"));
  }

  private List<Homework.Said> log() {
    return homework.of(golfer);
  }

  private static void skip(Page phone, String because) {
    phone.locator("[data-skip]").tap();
    phone.locator("[data-because=" + because + "]").tap();
  }

  /**
   * On a phone whose clock is three years behind: loaded, the server switched off, played, loaded
   * again, switched on, sent. All of it is there, once, and on its day.
   */
  @Test
  void aSessionWithoutALineIsAllThereAndOnce() {
    String straight = link();
    try (Line line = new Line(port);
        BrowserContext context = Browser.phone(port)) {
      String link = straight.replace(":" + port, ":" + line.port());
      List<String> wrong = Browser.complaints();
      Page phone = Browser.page(context, wrong);
      phone.clock().install(new Clock.InstallOptions().setTime("2023-05-05T10:00:00"));
      phone.navigate(link);
      assertThat(phone.locator("[data-begin]")).hasText("Begin");
      phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
      phone.waitForCondition(
          () ->
              (boolean)
                  phone.evaluate(
                      "caches.keys().then(k => caches.open(k[0])).then(c => c.keys()).then(k => k.length > 6)"));
      line.cut();
      phone.locator("[data-begin]").tap();
      String first = phone.locator("#p-name").innerText();
      phone.clock().runFor(31_000);
      assertThat(phone.locator("#player")).hasAttribute("data-beat", "rep");
      phone.locator("[data-pause]").tap();
      assertThat(phone.locator("[data-pause]")).hasText("Go on");
      phone.clock().runFor(5_000);
      phone.locator("[data-pause]").tap();
      for (int i = 0; i < 60 && phone.locator("#p-name").innerText().equals(first); i++) {
        phone.clock().runFor(5_000);
      }
      assertThat(phone.locator("#p-place")).hasText(Pattern.compile("2 of \\d+"));
      assertThat(phone.locator("#line")).containsText("kept on this phone");
      phone.reload();
      assertThat(phone.locator("[data-begin]")).hasText(Pattern.compile("Begin|Go on"));
      phone.locator("[data-begin]").tap();
      int things = Integer.parseInt(phone.locator("#p-place").innerText().replaceAll(".* ", ""));
      for (int i = 0; i < things; i++) {
        skip(phone, "time");
      }
      assertThat(log()).as("nothing arrives without a line").isEmpty();
      phone.locator("[data-figures=effort] button").nth(4).tap();
      phone.locator("[data-all-asked]").tap();
      assertThat(phone.locator("#now")).containsText("Done for today");
      line.mend();
      phone.clock().runFor(40_000);
      assertThat(phone.locator("#line")).isEmpty();
      phone.waitForCondition(() -> log().size() >= things);
      assertThat(log()).hasSize(things);
      assertThat(log()).allMatch(k -> k.log().on().equals(LocalDate.now()));
      assertThat(log().stream().filter(k -> k.words().skipped().isPresent()))
          .allMatch(k -> k.words().skipped().orElseThrow() == Skip.TIME);
      assertThat(log()).allMatch(k -> k.words().byPhone());
      assertThat(wrong).isEmpty();
    }
  }

  @Test
  void painFiveClosesTheItemAndTheTrainerSeesIt() {
    String link = link();
    try (BrowserContext context = Browser.phone(port)) {
      Page phone = Browser.page(context, Browser.complaints());
      phone.navigate(link);
      phone.locator("[data-begin]").tap();
      String first = phone.locator("#p-name").innerText();
      phone.locator("[data-pain]").tap();
      Locator figures = phone.locator("[data-figures=pain] button");
      figures.nth(2).tap();
      assertThat(phone.locator("#pain-follows")).containsText("carry on");
      figures.nth(4).tap();
      assertThat(phone.locator("#pain-follows")).containsText("Make it easier");
      figures.nth(5).tap();
      assertThat(phone.locator("#pain-follows")).containsText("Stop this one now");
      phone.waitForResponse(
          r -> r.url().endsWith("/log"), () -> phone.locator("[data-pain-done]").tap());
      assertThat(phone.locator("#p-name")).not().hasText(first);
      assertThat(log())
          .singleElement()
          .satisfies(
              k -> {
                assertThat(k.log().pain()).contains(5);
                assertThat(k.log().done()).isEqualTo(Done.UNDER);
              });
      page.navigate("/");
      assertThat(page.locator(".needs-you li").first()).containsText("stopped by pain");
      page.locator(".needs-you summary").first().click();
      assertThat(page.locator(".needs-you details p").first()).containsText("Leave that one out");
      phone.reload();
      assertThat(phone.locator("article.closed h3")).hasText(first);
      ItemId closed = log().get(0).item();
      assertThat(workups.open(wren, golfer).struck()).containsKey(closed);
    }
  }

  /** By keys alone, and what is left of the page where scripts do not run. */
  @Test
  void theKeysPlayItAndWithoutScriptsItIsASheet() {
    String link = link();
    try (BrowserContext context = Browser.phone(port)) {
      Page phone = Browser.page(context, Browser.complaints());
      phone.navigate(link);
      phone.locator("[data-begin]").focus();
      phone.keyboard().press("Enter");
      assertThat(phone.locator("#p-name")).isFocused();
      phone.keyboard().press(" ");
      assertThat(phone.locator("[data-pause]")).hasText("Go on");
      phone.keyboard().press("s");
      assertThat(phone.locator("#ask-skip")).isVisible();
      phone.keyboard().press("Escape");
      phone.keyboard().press("p");
      assertThat(phone.locator("#ask-pain")).isVisible();
    }
    page.context().close();
    try (BrowserContext plain = Browser.withoutScripts(port)) {
      Page sheet = plain.newPage();
      sheet.navigate(link);
      assertThat(sheet.locator("#sheet article").first()).isVisible();
      assertThat(sheet.locator("#sheet article .steps li").first()).isVisible();
      assertThat(sheet.locator("[data-begin]")).isHidden();
    }
  }
}
