package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.util.regex.Pattern;
import loosehip.app.golfer.GolferText;
import loosehip.core.link.Rhythm;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Set-up and swing by eye and by measure, the second look, the threads, and the handover. */
class ByEyeJourneyTest extends MeasureJourney {

  @Test
  void figuresSetLevelsAndThePairsFollow() {
    page.navigate("/golfers/" + golfer + "/set-up");
    page.locator("#figures-fold > summary").click();
    page.locator("#stance-beltTilt").fill("33");
    page.locator("#stance-beltTilt").press("Tab");
    assertThat(page.locator("#window-BELT_TILT, #window-beltTilt")).containsText("arched");
    Locator arched = page.locator(".stance-pair:has(#sf-arched)");
    assertThat(arched).containsText("clear by measure: belt tilt 33°");
    assertThat(arched.locator("input")).hasCount(0);
    FirstGolferJourneyTest.tap(page, "#setup-fault-hunched-slight");
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));

    page.navigate("/golfers/" + golfer + "/swing");
    page.keyboard().press("a");
    page.locator("#sway .fault-fold > summary").click();
    page.locator("#swing-figure-pelvisShift").fill("4");
    page.locator("#swing-figure-pelvisShift").press("Tab");
    assertThat(page.locator("#levels-sway")).containsText("Set by measure");
    assertThat(page.locator("#fault-sway-slight")).isChecked();
    assertThat(page.locator("#fault-sway-slight")).isDisabled();
    page.locator("#swing-figure-pelvisShift").fill("400");
    page.locator("#swing-figure-pelvisShift").press("Tab");
    assertThat(page.locator("#problem-swing-figure-pelvisShift"))
        .containsText("−15 to 25".replace("−", "-"));
    page.locator(".rhythm summary").click();
    assertThat(page.locator(".moments li")).hasCount(Rhythm.values().length);
    page.navigate("/golfers/" + golfer + "/links");
    assertThat(page.locator("#link-sway")).containsText("slight");
    assertThat(complaints).isEmpty();
  }

  @Test
  void setUpFirstThenASecondLookBesideTheFirst() {
    note(golfer, "fault.knee-dive", "clear", true);
    note(golfer, "setup-fault.pinched", "clear", true);
    page.navigate("/golfers/" + golfer + "/links");
    assertThat(page.locator("#again")).containsText("Put right: pinched knee");
    FirstGolferJourneyTest.tap(page, "#again-knee-dive-none");
    assertThat(page.locator("#again")).containsText("gone: the set-up drove it");
    assertThat(page.locator("#again figure").first()).containsText("first look: clear");
    assertThat(GolferText.noted(file(golfer), "fault.knee-dive")).contains("clear");
    assertThat(GolferText.noted(file(golfer), "again.knee-dive")).contains("none");
    assertThat(complaints).isEmpty();
  }

  @Test
  void aThreadOpensItsSumAndTheHandoverIsOnePage() throws IOException {
    note(golfer, "fault.sway", "clear", true);
    note(golfer, "fault.reverse-tilt", "slight", true);
    note(golfer, "caution.back", "yes", false);
    note(golfer, "complaint.lost-distance", "yes", false);
    page.navigate("/golfers/" + golfer + "/links");
    assertThat(page.locator(".back-first")).containsText("Reverse tilt loads the lower back");
    assertThat(page.locator(".link h2").first()).hasText("Reverse tilt");
    Locator thread = page.locator(".thread-link[href='#sum-sway-body-side-hip-trail']");
    thread.focus();
    assertThat(page.locator(".thread-link.stands-back").first()).isVisible();
    assertThat(thread).not().hasClass(Pattern.compile(".*stands-back.*"));
    page.keyboard().press("Enter");
    assertThat(page.locator("#sum-sway-body-side-hip-trail dl")).isVisible();

    page.locator("text=Handover to the instructor").click();
    assertThat(page.locator("h1")).hasText("Isla Brodie: for the swing instructor");
    assertThat(page.locator("main")).not().containsText("Back pain");
    Download pdf = page.waitForDownload(() -> page.locator("#pdf").click());
    assertThat(pdf.suggestedFilename()).isEqualTo("handover.pdf");
    try (InputStream in = Files.newInputStream(pdf.path());
        PDDocument read = Loader.loadPDF(in.readAllBytes())) {
      assertThat(read.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(read)).contains("Leave for now", "Sway");
    }
    assertThat(complaints).isEmpty();
  }

  @Test
  void aPracticesOwnWeightStandsBesideTheShippedOne() {
    page.navigate("/library/rules");
    Locator rule = page.locator("#rule-hip-thrust-habit-ground-push");
    rule.locator("[name=prior]").fill("2");
    rule.locator("text=Keep").click();
    assertThat(rule.locator(".problem")).containsText("Takes 0.01 to 0.9; you typed 2.");
    rule.locator("[name=prior]").fill("0.6");
    rule.locator("text=Keep").click();
    assertThat(rule).containsText("Reset to 0.35");
    note(golfer, "fault.hip-thrust", "clear", true);
    page.navigate("/golfers/" + golfer + "/links");
    assertThat(page.locator("#sum-hip-thrust-habit-ground-push")).containsText("likely, 0.60");
    page.navigate("/library/rules");
    rule.locator("text=Reset to").click();
    assertThat(rule.locator("[name=prior]")).hasValue("0.35");
    assertThat(complaints).isEmpty();
  }
}
