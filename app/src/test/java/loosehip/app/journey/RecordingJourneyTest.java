package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.util.regex.Pattern;
import loosehip.app.trace.TraceFiles;
import loosehip.core.played.SwingKind;
import org.junit.jupiter.api.Test;

/** A recording in the browser: a file, accepted by one key and seen in Links; one played live. */
class RecordingJourneyTest extends MeasureJourney {
  private static final Pattern ONE = Pattern.compile(".*/recordings/[\\w-]{20,}(\\?.*)?$");

  private void choose(byte[] file, String name) {
    page.locator("#bring input[type=file]").setInputFiles(new FilePayload(name, "text/csv", file));
  }

  @Test
  void aFileIsReadAcceptedByOneKeyAndNamedInLinks() {
    page.navigate("/golfers/" + golfer + "/recordings");
    choose(TraceFiles.without(TraceFiles.movement(SwingKind.EARLY_STOP), 100, 130), "gap.csv");
    assertThat(page.locator(".mind[role=alert]")).containsText("gap.csv was not kept");
    assertThat(page.locator(".rec-problems li")).containsText("line 100, column time_s: a gap of");

    choose(TraceFiles.movement(SwingKind.EARLY_STOP), "before.csv");
    page.waitForURL(ONE);
    assertThat(page.locator(".rec-found")).containsText("Early stop, clear");
    page.locator(".mv-wide").focus();
    page.keyboard().press("End");
    page.keyboard().press("ArrowLeft");
    assertThat(page.locator(".mv-wide .mv-read")).containsText("pelvis");
    assertThat(page.locator(".mv-wide"))
        .hasAttribute("aria-valuetext", Pattern.compile(".*from the top, pelvis −\\d.*°.*"));
    page.locator("h1").click();
    page.keyboard().press("s");
    assertThat(page.locator(".rec-done")).containsText("These stand in Swing, measured.");

    page.locator(".rec-done a >> text=Links").click();
    page.waitForURL(Pattern.compile(".*/links"));
    assertThat(page.locator("#link-early-stop .traced").first())
        .containsText("Measured, a movement trace: pelvis stops at");
    page.locator("#link-early-stop .traced a").first().click();
    page.waitForURL(ONE);
    assertThat(complaints).isEmpty();
  }

  @Test
  void aSimulatedSuitIsSeenWhileItRecordsAndLaidOverAnother() {
    page.navigate("/golfers/" + golfer + "/recordings");
    choose(TraceFiles.movement(SwingKind.EARLY_STOP), "before.csv");
    page.waitForURL(ONE);
    page.navigate("/golfers/" + golfer + "/recordings");
    page.locator("h1").click();
    page.keyboard().press("r");
    assertThat(page.locator("#live")).isVisible();
    page.waitForFunction(
        "() => (document.querySelector('[data-curve=\"2\"]')?.getAttribute('points') || '')"
            + ".split(' ').length > 5",
        null,
        new Page.WaitForFunctionOptions().setPollingInterval(50));
    page.waitForURL(ONE);
    assertThat(page.locator(".rec-fine")).containsText("Nothing in it suggests a fault.");
    page.locator("#with")
        .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(1));
    page.waitForURL(Pattern.compile(".*with=.+"));
    assertThat(page.locator(".mv-wide .mv-then polyline")).hasCount(3);
    assertThat(complaints).isEmpty();
  }
}
