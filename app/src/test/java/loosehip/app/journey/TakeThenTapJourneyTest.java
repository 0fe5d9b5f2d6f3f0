package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.stream.IntStream;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hands measure first and tap after: on the try in hand or any taken one, and nothing is lost. */
class TakeThenTapJourneyTest extends MeasureJourney {

  private static void take(Page page, String number) {
    int before = page.locator(".tries .try").count();
    number.chars().forEach(d -> page.locator("[data-digit='" + (char) d + "']").tap());
    page.locator(".pad-take").tap();
    assertThat(page.locator(".tries .try")).hasCount(before + 1);
  }

  private static void tapSeen(Page page, Compensation seen) {
    page.locator("label:has(#comp-" + seen.id() + ")").tap();
  }

  private String card(String key) {
    return "/golfers/" + golfer + "/measure?mode=run&card=" + key;
  }

  /** Every compensation tapped after the number, each on its own card's last try, then gone. */
  @ParameterizedTest
  @CsvSource({"standing-turn.right.internal", "seated-rotation.right.internal"})
  void whatIsTappedAfterTheTakeIsThereWhenOneComesBack(String key) {
    List<Compensation> all = Named.require(ScreenTest.class, key.split("\\.")[0]).compensations();
    assertThat(all).isNotEmpty();
    Page thumb = thumb();
    thumb.navigate(card(key));
    take(thumb, "30");
    take(thumb, "31");
    take(thumb, "32");
    all.forEach(seen -> tapSeen(thumb, seen));
    thumb.locator(".pad-next").tap();
    assertThat(thumb).not().hasURL(card(key));
    thumb.navigate(card(key));
    Locator last = thumb.locator(".tries .try").last();
    all.forEach(seen -> assertThat(last).containsText(seen.word()));
    assertThat(thumb.locator(".try.voided")).hasCount(1);
    assertThat(thumb.locator("#result")).containsText("30.5°");

    all.stream().filter(Compensation::voids).forEach(seen -> tapSeen(thumb, seen));
    assertThat(thumb.locator(".try.voided")).hasCount(0);
    assertThat(thumb.locator("#result")).containsText("31.0°");
  }

  /** A row of chips pushed along stays under the finger while what was tapped is saved. */
  @Test
  void theChipsStayWhereTheFingerLeftThem() {
    Page thumb = thumb();
    thumb.navigate(card("standing-turn.right.internal"));
    take(thumb, "30");
    tapSeen(thumb, Compensation.TRUNK_LEAN);
    assertThat(thumb.locator(".tries .try").last()).containsText("trunk leaned");
    Object along = thumb.evaluate("document.querySelector('.test-chips').scrollLeft");
    assertThat(((Number) along).doubleValue()).isGreaterThan(40);
    Locator chip = thumb.locator("label:has(#comp-trunk-lean)");
    BoundingBox before = chip.boundingBox();
    chip.tap();
    assertThat(thumb.locator(".tries .try").last()).not().containsText("trunk leaned");
    assertThat(chip.boundingBox().x).isEqualTo(before.x);
  }

  /** An older try is tapped, then what was seen in it; void and pain the same way. */
  @Test
  void anyTryShownTakesWhatIsTappedAndLeavingAtOnceLosesNothing() {
    String key = "seated-rotation.right.internal";
    Page thumb = thumb();
    thumb.navigate(card(key));
    take(thumb, "30");
    take(thumb, "34");
    thumb.locator(".tries .try").first().tap();
    assertThat(thumb.locator("[data-chips-for]")).hasText("first, 30");
    tapSeen(thumb, Compensation.TRUNK_LEAN);
    assertThat(thumb.locator(".tries .try").first()).containsText("trunk leaned");
    assertThat(thumb.locator("[data-chips-for]")).hasText("first, 30");
    thumb.locator(".tries .try").first().tap();
    thumb.locator("[data-void]").tap();
    assertThat(thumb.locator(".tries .try").first()).hasClass("try voided");
    thumb.locator("[data-pain-open]").tap();
    thumb.locator("label:has(#pain-3)").tap();
    thumb.locator(".pad-next").tap();
    assertThat(thumb).not().hasURL(card(key));
    thumb.navigate(card(key));
    assertThat(thumb.locator(".tries .try").first()).containsText("trunk leaned");
    assertThat(thumb.locator(".try.voided")).hasCount(1);
    assertThat(thumb.locator("[data-pain-open]")).containsText("3");
  }

  /** Before the number it goes with the try in hand, and the taken one stays as it was. */
  @Test
  void whatIsTappedWhileTypingBelongsToTheTryInHand() {
    Page thumb = thumb();
    thumb.navigate(card("seated-rotation.right.internal"));
    tapSeen(thumb, Compensation.TRUNK_LEAN);
    take(thumb, "30");
    assertThat(thumb.locator(".tries .try").first()).containsText("trunk leaned");
    thumb.locator("[data-digit='3']").tap();
    assertThat(thumb.locator("[data-chips-for]")).hasText("this try");
    assertThat(thumb.locator("#comp-trunk-lean")).not().isChecked();
    tapSeen(thumb, Compensation.PELVIS_LIFTED);
    thumb.locator("[data-digit='3']").tap();
    thumb.locator(".pad-take").tap();
    assertThat(thumb.locator(".tries .try").last()).containsText("pelvis lifted");
    assertThat(thumb.locator(".tries .try").first()).not().containsText("pelvis lifted");
  }

  @Test
  void takingNothingGoesOnAndTheOtherThumbHasTheSameUnderIt() {
    Page thumb = thumb();
    thumb.navigate(card("standing-turn.right.internal"));
    String before = thumb.url();
    thumb.locator("[data-thumb-switch]").tap();
    BoundingBox take = thumb.locator(".pad-take").boundingBox();
    BoundingBox next = thumb.locator(".pad-next").boundingBox();
    assertThat(take.x + take.width).as("under the left thumb").isLessThan(195);
    assertThat(next.x).isEqualTo(take.x);
    thumb.locator(".pad-take").tap();
    thumb.waitForURL(url -> !url.equals(before));
    assertThat(thumb.locator(".pad-take").boundingBox().x).as("remembered").isEqualTo(take.x);
    thumb.navigate(before);
    assertThat(thumb.locator(".tries .try")).hasCount(0);
  }

  /** Everything measuring needs stands in one window, at every size. */
  @ParameterizedTest
  @CsvSource({"1280, 800", "1180, 820", "820, 1180", "390, 844"})
  void oneWindowHoldsTheWholeTest(int width, int height) {
    page.setViewportSize(width, height);
    page.navigate(card("seated-rotation.right.internal"));
    IntStream.of(30, 31)
        .forEach(
            n -> {
              page.locator("#entry").fill(String.valueOf(n));
              page.locator(".pad-take").click();
              assertThat(page.locator("#entry")).hasValue("");
            });
    assertThat(page.locator("#result .big-number")).hasText("30.5°");
    for (String part :
        List.of(
            "#entry",
            ".pad-take",
            ".pad-next",
            "label:has(#comp-pelvis-lifted)",
            "[data-pain-open]",
            "#result .big-number",
            ".test-figure svg",
            "[data-next]")) {
      BoundingBox box = page.locator(part).boundingBox();
      assertThat(box.y).as(part).isGreaterThanOrEqualTo(0);
      assertThat(box.y + box.height).as(part).isLessThanOrEqualTo(height);
      assertThat(box.x + box.width).as(part).isLessThanOrEqualTo(width);
    }
    if (width < 500) {
      assertThat(page.locator("#measure").boundingBox().y)
          .as("a phone's header")
          .isLessThanOrEqualTo(96);
    }
  }
}
