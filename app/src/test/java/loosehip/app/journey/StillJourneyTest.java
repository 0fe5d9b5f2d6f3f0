package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.fact.Facts;
import loosehip.app.still.DrawnStill;
import loosehip.app.still.PosedFigure;
import loosehip.app.store.Stills;
import loosehip.app.store.Visits;
import loosehip.core.body.Handed;
import loosehip.core.link.SetupFigure;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.StillView;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Stills in the browser, on pictures whose figures are known. */
class StillJourneyTest extends MeasureJourney {
  private static final PosedFigure.Behind POSE =
      new PosedFigure.Behind(13, 20, 36, 11, 0.05, 0, 0, 0);

  @Autowired Stills stills;
  @Autowired Visits visits;

  private DrawnStill drawn;

  @BeforeEach
  void picturesMayBeKept() {
    note(golfer, Facts.PICTURES.key(), "pictures 1", false);
    drawn = DrawnStill.of(POSE, Handed.RIGHT, 5);
  }

  private String base() {
    return "/golfers/" + golfer + "/stills";
  }

  private String kept(Checkpoint at, DrawnStill still, boolean marked) {
    return kept(StillView.DOWN_THE_LINE, at, still, marked);
  }

  private String kept(StillView view, Checkpoint at, DrawnStill still, boolean marked) {
    String id =
        stills
            .add(
                file(golfer),
                wren,
                new Stills.New(
                    view,
                    at,
                    "file",
                    Optional.empty(),
                    still.picture().jpeg(),
                    still.picture().smaller(Stills.LISTED_SIDE_MOST).jpeg(),
                    still.picture().width(),
                    still.picture().height()))
            .orElseThrow();
    if (marked) {
      stills.mark(file(golfer), id, still.marks());
    }
    return id;
  }

  @Test
  void aFileIsChosenLandmarkedByKeyboardAloneAndTakenOver() {
    page.navigate(base());
    page.locator(".still-place[data-view=down-the-line][data-checkpoint=address] [data-bring-file]")
        .first()
        .setInputFiles(new FilePayload("a.jpg", "image/jpeg", drawn.picture().jpeg()));
    assertThat(page).hasURL(Pattern.compile(".*/stills/[^/]+$"));
    page.waitForLoadState();
    assertThat(page.locator("#place-title")).hasText("heel");
    // The first arrow sets a point down, the next ones move it; Enter goes on, n hides.
    for (int i = 0; i < 13; i++) {
      page.keyboard().press("ArrowRight");
      page.keyboard().press("Shift+ArrowRight");
      page.keyboard().press("ArrowUp");
      page.keyboard().press("Enter");
    }
    assertThat(page.locator("#place-title")).hasText("ball");
    page.keyboard().press("n");
    assertThat(page.locator("#place-title")).hasText("All placed");
    assertThat(page.locator("[data-figure=kneeFlex] [data-error]")).containsText("±");
    page.keyboard().press("s");
    assertThat(page.locator(".still-done")).containsText("These stand in Set-up.");
    assertThat(Facts.STANCE.about(SetupFigure.KNEE_FLEX).in(file(golfer))).isPresent();
    assertThat(page.locator("#undo-form")).containsText("figures from the still");
    page.reload();
    assertThat(page.locator(".still-dot-body")).hasCount(13);
    assertThat(complaints).isEmpty();
  }

  /** What the page works out while a point moves is what the core says. */
  @Test
  void theFiguresOnThePageAreThoseOfTheCoreAndFollowADraggedPoint() {
    page.navigate(base() + "/" + kept(Checkpoint.ADDRESS, drawn, true));
    Locator knee = page.locator("[data-figure=kneeFlex] [data-number]");
    assertThat(knee).hasText("20.0°");
    for (Map.Entry<String, String> figure :
        Map.of("shinLean", "13.0°", "beltTilt", "11.0°").entrySet()) {
      assertThat(page.locator("[data-figure=" + figure.getKey() + "] [data-number]"))
          .hasText(figure.getValue());
    }
    thePageSaysWhatTheCoreSays(8);
    var dot = page.locator(".still-dot[data-id=knee] .dot-ring").boundingBox();
    page.mouse().move(dot.x + dot.width / 2, dot.y + dot.height / 2);
    page.mouse().down();
    page.mouse().move(dot.x + dot.width / 2 + 12, dot.y + dot.height / 2);
    assertThat(knee).not().hasText("20.0°");
    assertThat(page.locator("#still-loupe")).isVisible();
    page.mouse().up();
    page.keyboard().press("z");
    assertThat(knee).hasText("20.0°");
    page.keyboard().press("l");
    assertThat(page.locator("#still-points")).isHidden();
    assertThat(complaints).isEmpty();
  }

  /** Works every figure out by the page's own script and holds it against what the server wrote. */
  private void thePageSaysWhatTheCoreSays(int atLeast) {
    String script =
        "() => { const d = JSON.parse(document.getElementById('still').dataset.still);"
            + "const f = window.looseHipStillFigures;"
            + "const s = m => ({points: m.points, view: d.view, handed: d.handed,"
            + " cm: d.lengths[m.scaleOf], heightCm: d.heightCm});"
            + "const p = f.pose(s(d.marks), d.address ? s(d.address) : null);"
            + "return d.figures.map(x => [x.id, f.value(x, p)]).filter(x => x[1] !== null)"
            + ".map(x => x[0] + '=' + x[1].toFixed(6)); }";
    String panel = page.request().get(page.url()).text();
    @SuppressWarnings("unchecked")
    List<String> worked = (List<String>) page.evaluate(script);
    assertThat(worked).hasSizeGreaterThanOrEqualTo(atLeast);
    for (String each : worked) {
      String[] halves = each.split("=");
      Matcher said =
          Pattern.compile(
                  "data-figure=\"" + halves[0] + "\".*?data-number>([^<]+)<", Pattern.DOTALL)
              .matcher(panel);
      assertThat(said.find()).as(halves[0]).isTrue();
      String number = said.group(1).replace("−", "-").replaceAll("[^-0-9.]", "");
      assertThat(Double.parseDouble(halves[1]))
          .as(halves[0])
          .isCloseTo(Double.parseDouble(number), within(0.06));
    }
  }

  /** The same face on, for a pair, where what moved since address counts. */
  @Test
  void thePairsFiguresOnThePageAreThoseOfTheCore() {
    PosedFigure.Front before = new PosedFigure.Front(24, 1, 5, 0, 3, 1, 0, 0, 0);
    PosedFigure.Front top = new PosedFigure.Front(24, -5, 2, 5.5, 2, 22, 4, 2, 1);
    kept(StillView.FACE_ON, Checkpoint.ADDRESS, DrawnStill.of(before, Handed.RIGHT, 4), true);
    String still =
        kept(StillView.FACE_ON, Checkpoint.TOP, DrawnStill.of(top, Handed.RIGHT, 5), true);
    page.navigate(base() + "/" + still);
    assertThat(page.locator("[data-figure=pelvisShift] [data-number]")).hasText("5.5 cm");
    thePageSaysWhatTheCoreSays(11);
    assertThat(complaints).isEmpty();
  }

  @Test
  void whatIsRefusedIsSaidBesideThePlacesAndTheRestGoesOn() {
    page.navigate(base());
    Locator place =
        page.locator(".still-place[data-view=face-on][data-checkpoint=top] [data-bring-file]");
    place.first().setInputFiles(new FilePayload("a.heic", "image/heic", "0000ftypheic".getBytes()));
    assertThat(page.locator("#still-refused")).containsText("HEIC");
    context.setOffline(true);
    place.first().setInputFiles(new FilePayload("a.jpg", "image/jpeg", drawn.picture().jpeg()));
    assertThat(page.locator("#still-refused")).containsText("The line is lost");
    context.setOffline(false);
    page.locator("#clip-file")
        .setInputFiles(new FilePayload("a.mp4", "video/mp4", "no video".getBytes()));
    assertThat(page.locator("#clip-says")).containsText("cannot play that video");
    assertThat(stills.of(file(golfer))).isEmpty();
    assertThat(complaints).isEmpty();
  }

  /** A clip recorded in this very browser: its frames are stepped through and one is kept. */
  @Test
  void aFrameOfAClipIsKeptWithItsTime() {
    page.navigate(base());
    page.evaluate(
        "async () => { const c = document.createElement('canvas'); c.width = 320; c.height = 240;"
            + "const g = c.getContext('2d'); const r = new MediaRecorder(c.captureStream(30));"
            + "const parts = []; r.ondataavailable = e => parts.push(e.data); r.start();"
            + "for (let i = 0; i < 24; i++) { g.fillStyle = `hsl(${i * 15},60%,50%)`;"
            + "g.fillRect(0, 0, 320, 240); await new Promise(d => setTimeout(d, 33)); }"
            + "await new Promise(d => { r.onstop = d; r.stop(); });"
            + "const t = new DataTransfer(); t.items.add(new File(parts, 'swing.webm',"
            + " {type: r.mimeType})); const i = document.getElementById('clip-file');"
            + "i.files = t.files; i.dispatchEvent(new Event('change', {bubbles: true})); }");
    assertThat(page.locator("#clip-says")).containsText("320 × 240 pixels");
    page.waitForFunction(
        "() => { const v = document.getElementById('clip-video');"
            + " return isFinite(v.duration) && !v.seeking && v.currentTime < 0.05; }");
    page.locator("#clip-video").focus();
    page.keyboard().press("Shift+.");
    assertThat(page.locator("#clip-time")).hasText("0.33 s");
    page.keyboard().press("t");
    assertThat(page.locator("#clip-kept")).containsText("top, down the line, 0.33 s");
    Stills.Kept kept = stills.of(file(golfer)).get(0);
    assertThat(kept.checkpoint()).isEqualTo(Checkpoint.TOP);
    assertThat(kept.source()).isEqualTo("clip");
    assertThat(kept.clipSeconds().orElseThrow()).isCloseTo(0.333, within(0.01));
    assertThat(kept.width()).isEqualTo(320);
    assertThat(complaints).isEmpty();
  }

  @Test
  void thenAndNowLieFeetUponFeetAndGoWithTheConsent() {
    PosedFigure.Behind before = new PosedFigure.Behind(13, 20, 30, 3, 0.16, 0, 0, 0);
    kept(Checkpoint.ADDRESS, DrawnStill.of(before, Handed.RIGHT, 4), true);
    visits.close(file(golfer), wren);
    visits.start(wren, file(golfer), LocalDate.now());
    asked(golfer);
    kept(Checkpoint.ADDRESS, drawn, true);
    page.navigate(base());
    page.locator("a:has-text('Down the line, Address')").last().click();
    assertThat(page.locator("#then-now figure")).hasCount(3);
    assertThat(page.locator(".then-changes")).containsText("changed, right now");
    assertThat(page.locator(".then-changes")).containsText("within the error of placing");
    page.waitForLoadState();
    page.keyboard().press("l");
    assertThat(page.locator(".line-then").first()).isHidden();
    page.navigate(base());
    page.locator("summary:has-text('Consent to pictures')").click();
    page.locator("text=Withdrawn: delete all pictures").click();
    assertThat(page.locator(".flash")).containsText("Every picture was deleted");
    assertThat(stills.of(file(golfer))).isEmpty();
    assertThat(complaints).isEmpty();
  }

  @Test
  void aThumbPlacesPointsAndTwoFingersEnlarge() {
    Page thumb = thumb();
    thumb.navigate(base() + "/" + kept(Checkpoint.ADDRESS, drawn, false));
    var box = thumb.locator("#still-svg").boundingBox();
    thumb.touchscreen().tap(box.x + box.width / 2, box.y + box.height / 2);
    assertThat(thumb.locator(".still-dot-body")).hasCount(1);
    assertThat(thumb.locator(".still-dot.in-hand")).hasCount(1);
    thumb.locator("[data-do=next]").tap();
    assertThat(thumb.locator("#place-title")).hasText("toe");
    thumb.locator("[data-do=in]").tap();
    String enlarged = thumb.locator("#still-svg").getAttribute("viewBox");
    assertThat(Double.parseDouble(enlarged.split(" ")[2])).isLessThan(900);
    Object wide = thumb.evaluate("document.documentElement.scrollWidth");
    assertThat(((Number) wide).intValue()).isLessThanOrEqualTo(390);
  }
}
