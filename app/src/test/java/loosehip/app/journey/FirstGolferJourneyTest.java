package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import loosehip.app.store.Accounts;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/**
 * From an empty data base to a printed routine; then the golfer who must be referred. The property
 * gives it an application of its own, so that no other test has put anybody in.
 */
@Order(6)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@TestPropertySource(properties = "spring.application.name=empty-data-base")
class FirstGolferJourneyTest extends JourneyTest {
  @Autowired Accounts accounts;

  @Test
  @Order(1)
  void theFirstHourLeadsFromTheLinkToAPrintedPlan() throws IOException {
    List<String> complaints = Browser.complaints();
    try (BrowserContext context = Browser.context(port, 1280, 800)) {
      Page page = Browser.page(context, complaints);
      page.navigate("/set-up/" + accounts.freshSetUpToken());
      page.locator("#practice").fill("The Shed");
      page.locator("#shownName").fill("Wren");
      page.locator("#signInName").fill("wren");
      page.locator("#password").fill("short");
      page.getByText("Make the practice").click();
      assertThat(page.locator(".problem")).containsText("At least 12 characters");
      assertThat(page.locator("#practice")).hasValue("The Shed");
      page.locator("#password").fill("long enough to be safe");
      page.getByText("Make the practice").click();
      signIn(page);

      assertThat(page.locator(".first-hour-band")).containsText("8 steps left");
      page.locator(".first-hour-band").click();
      page.locator("#paper-letter").check();
      page.locator("#keep-units").click();
      page.locator("#consent-text").fill("I agree that The Shed keeps what is measured, to plan.");
      page.locator("#keep-consent").click();
      page.locator("#keep-schools").click();
      page.locator("label:has(#tool-club)").click();
      page.locator("label:has(#tool-chair)").click();

      // closed half-way and opened again, it goes on where it was
      page.navigate("/");
      assertThat(page.locator(".first-hour-band")).containsText("5 steps left");
      page.locator(".first-hour-band").click();
      assertThat(page.locator("#keep-tools")).isVisible();
      page.locator("label:has(#tool-club)").click();
      page.locator("#keep-tools").click();
      page.locator("#later-bag").click();
      page.locator("#later-helper").click();
      page.locator("#keep-golfer").click();
      assertThat(page.locator(".hour-count")).containsText("5 of 8");

      page.getByText("To their plan").click();
      page.getByText("All no, go on").click();
      assertThat(page.locator(".items").first()).isVisible();
      Download sheet = page.waitForDownload(() -> page.locator("#pdf").click());
      try (PDDocument document = Loader.loadPDF(Files.readAllBytes(sheet.path()))) {
        assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
        assertThat(document.getPage(0).getMediaBox().getHeight()).isEqualTo(792);
        assertThat(new PDFTextStripper().getText(document)).contains("Practice golfer");
      }
      page.locator("#give").click();
      page.navigate("/first-hour");
      assertThat(page.locator("#plan .hour-state")).hasText("done");
      page.locator("#golfer summary").click();
      page.locator("#drop-golfer").click();
      assertThat(page.locator(".told")).containsText("gone");
      page.locator("#hour-over").click();
      assertThat(page.locator(".first-hour-band")).hasCount(0);
      assertThat(complaints).isEmpty();
    }
  }

  @Test
  @Order(2)
  void fromAnEmptyDataBaseToARoutine() throws IOException {
    List<String> complaints = Browser.complaints();
    try (BrowserContext context = Browser.context(port, 1280, 800)) {
      Page page = Browser.page(context, complaints);
      page.navigate("/");
      signIn(page);
      assertThat(page.locator(".teach")).containsText("Nobody here yet");
      page.locator("#new-name").fill("Isla Brodie");
      page.getByText("Add golfer").click();
      assertThat(page).hasURL(Pattern.compile(".*/talk"));

      fill(page, "#who-birth-year", "1970");
      assertThat(page.locator("#problem-who-birth-year")).containsText("consent first");
      tap(page, "#consent");
      fill(page, "#who-birth-year", "2400");
      assertThat(page.locator("#problem-who-birth-year")).containsText("A birth year goes from");
      assertThat(page.locator("#who-birth-year")).hasValue("2400");
      fill(page, "#who-birth-year", "1970");
      assertThat(page.locator("#problem-who-birth-year")).isEmpty();
      tap(page, "#who-handed-right");
      page.keyboard().press("n");
      assertThat(page.locator("#stations")).containsText("all clear");
      // Consent, the eight signs and the cautions took a tap, a key and a tap.
      tap(page, "#cautions-none");
      assertThat(page.locator("#cautions-none")).isChecked();
      tap(page, "#complaint-lost-distance");
      fill(page, "#wish-minutes", "15");
      fill(page, "#wish-days", "5");
      tap(page, "#wish-tool-club");
      tap(page, "#wish-tool-sticks");

      page.locator("h1").click();
      page.keyboard().press("2");
      assertThat(page).hasURL(Pattern.compile(".*/measure"));
      measure(page, "seated-rotation.right.internal", "24", "26", "25");
      assertThat(page.locator("#result")).containsText("25.0°");
      assertThat(page.locator("#result")).containsText("short of 30");
      measure(page, "seated-rotation.left.internal", "38");
      measure(page, "seated-rotation.left.external", "42", "41");
      measure(page, "trunk-turn.right", "42");
      measure(page, "side-hip-hold.right", "2");
      assertThat(page.locator("#margins")).containsText("Going back");
      measure(page, "hinge-contact", "34");
      tap(page, "#word-hinge-contact-lost-sacrum");
      assertThat(page.locator("#word-hinge-contact-lost-sacrum")).isChecked();

      page.locator("[data-station='3']").click();
      String before = page.locator("#margins .delta-now").first().textContent();
      page.locator("#figures-fold > summary").click();
      fill(page, "#setup-leadFlare", "25");
      assertThat(page.locator("#margins .delta-now").first()).not().hasText(before);
      assertThat(page.locator(".pv-foot-lead")).containsText("flare 25");

      page.locator("[data-station='4']").click();
      tap(page, "#fault-sway-clear");
      tap(page, "#rehearsal-sway-cannot");
      assertThat(page.locator("#stations")).containsText("1 fault");

      page.locator("[data-station='5']").click();
      assertThat(page.locator("#link-sway .verdict")).hasText("body first");
      Locator cause = page.locator("#link-sway .cause").first();
      cause.locator("summary").click();
      assertThat(cause).containsText("seated hip turn 25.0 ± 2.6: short");
      assertThat(cause).containsText("× 4");
      assertThat(page.locator("#link-sway")).containsText("not measured");

      page.locator("[data-station='6']").click();
      assertThat(page.locator(".items")).containsText("Seated knee drops");
      Download download = page.waitForDownload(() -> page.locator("#pdf").click());
      byte[] pdf = Files.readAllBytes(download.path());
      try (PDDocument document = Loader.loadPDF(pdf)) {
        assertThat(document.getNumberOfPages()).isBetween(1, 2);
        assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
        assertThat(new PDFTextStripper().getText(document))
            .contains("Isla Brodie")
            .contains("Seated knee drops");
      }
      assertThat(complaints).isEmpty();
    }
  }

  @Test
  @Order(3)
  void aWarningSignStopsEverythingUntilItIsCleared() {
    try (BrowserContext context = Browser.context(port, 1280, 800)) {
      Page page = Browser.page(context, Browser.complaints());
      page.navigate("/");
      signIn(page);
      page.locator("#new-name").fill("Ewan Kerr");
      page.getByText("Add golfer").click();
      tap(page, "#consent");
      assertThat(page.locator("#consent")).isChecked();
      tap(page, "#warning-night-pain-yes");
      assertThat(page.locator(".refer-block")).containsText("Stop here and refer");
      assertThat(page.locator("#plan-view")).containsText("Waiting for a clinician");
      page.locator("[data-station='2']").click();
      assertThat(page.locator(".refer-wait")).containsText("Waiting for a clinician");
      assertThat(page.locator("#try-form")).hasCount(0);
      page.locator("[data-station='6']").click();
      assertThat(page.locator(".refer-wait")).containsText("no plan");

      page.locator("[data-station='1']").click();
      page.locator(".clearance-fold > summary").click();
      page.locator(".refer-block button").click();
      assertThat(page.locator(".refer-block .problem")).containsText("needs the clinician's name");
      page.locator(".refer-block input[name=clinician]").fill("Dr Imrie");
      page.locator(".refer-block input[name=profession]").fill("doctor");
      page.locator(".refer-block input[name=on]").fill("2026-11-20");
      page.locator(".refer-block button").click();
      assertThat(page.locator(".refer-block .problem")).containsText("what limits were given");
      page.locator(".refer-block label:has(input[name=none])").click();
      page.locator(".refer-block button").click();
      assertThat(page.locator(".cleared")).containsText("Dr Imrie");
      assertThat(page.locator(".refer-block")).hasCount(0);
      page.locator("[data-station='2']").click();
      assertThat(page.locator("h1")).hasText("Ask first");
      assertThat(page.locator(".signs-read li")).hasCount(7);
      page.keyboard().press("n");
      assertThat(page.locator("h1")).hasText("Which hand?");
      page.locator("button[name=hand][value=left]").click();
      assertThat(page.locator("#try-form")).isVisible();
      assertThat(page.locator(".test-side")).hasText("trail (L)");
    }
  }

  private void signIn(Page page) {
    page.locator("#username").fill("wren");
    page.locator("#password").fill("long enough to be safe");
    page.locator("button.btn-wide").click();
  }

  private static void measure(Page page, String card, String... numbers) {
    String here = page.url().replaceAll("/(talk|measure|set-up|swing|links|plan).*", "");
    page.navigate(here + "/measure?card=" + card);
    for (int i = 0; i < numbers.length; i++) {
      page.keyboard().type(numbers[i]);
      page.keyboard().press("Enter");
      assertThat(page.locator(".tries .try")).hasCount(i + 1);
    }
  }

  /** Types into a field that saves itself and waits until it did. */
  static void fill(Page page, String field, String value) {
    page.waitForResponse(
        r -> r.request().method().equals("POST"),
        () -> {
          page.locator(field).fill(value);
          page.locator(field).blur();
        });
  }

  /** Taps a chip and waits until it is saved. */
  static void tap(Page page, String chip) {
    page.waitForResponse(
        r -> r.request().method().equals("POST"),
        () -> page.locator("label:has(" + chip + ")").click());
  }
}
