package loosehip.app.planview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.app.casefile.CaseReader;
import loosehip.core.body.Handed;
import loosehip.core.casefile.CaseFile;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.TurnBudget;
import org.junit.jupiter.api.Test;

class PlanViewDrawingTest {
  private static final CaseFile B = read();

  @Test
  void saysCapacityDemandBandAndMarginInWords() {
    PlanView view = draw(B);
    PlanView.Said back = view.words().get(0);
    assertThat(back.verdict()).isEqualTo("29 short");
    assertThat(back.band()).isEqualTo("short");
    assertThat(back.chance()).isEqualTo("almost surely short");
    assertThat(back.detail()).isEqualTo("has 21.0, needs 50.0; the trail side limits");
    assertThat(view.words().get(1).verdict()).isEqualTo("1 to spare");
    assertThat(view.summary()).isEqualTo("going back 29 short · coming through 1 to spare");
  }

  @Test
  void aLeftHandersPictureIsTheMirrorImage() {
    PlanView right = draw(B);
    PlanView left = draw(B.mirrored());
    assertThat(left.target()).isEqualTo("right");
    assertThat(left.pelvis().rotation()).isEqualTo(-right.pelvis().rotation());
    for (int i = 0; i < right.ticks().size(); i++) {
      assertThat(left.ticks().get(i).x())
          .isCloseTo(2 * Dial.CX - right.ticks().get(i).x(), within(0.11));
      assertThat(left.ticks().get(i).y()).isCloseTo(right.ticks().get(i).y(), within(0.11));
    }
    assertThat(left.words()).isEqualTo(right.words());
    assertThat(foot(left, "trail").sideLabel()).isEqualTo("trail (L)");
  }

  @Test
  void feetFlareOutwardByTheirDegrees() {
    PlanView view = draw(B);
    assertThat(foot(view, "lead").rotation()).isEqualTo(-20);
    assertThat(foot(view, "lead").label()).isEqualTo("flare 20");
    assertThat(foot(view, "trail").x()).isGreaterThan(Dial.CX);
  }

  @Test
  void labelsOfCloseTicksAreKeptApart() {
    PlanView view = draw(B);
    List<PlanView.Tick> through = view.ticks().stream().filter(t -> t.x() < Dial.CX).toList();
    assertThat(through).hasSize(2);
    double apart =
        Math.hypot(
            through.get(0).x() - through.get(1).x(), through.get(0).y() - through.get(1).y());
    assertThat(apart).isGreaterThan(30);
  }

  @Test
  void whatSetUpTakesAwayIsDrawnAsTaken() {
    assertThat(draw(B).pieces())
        .anySatisfy(
            p -> {
              assertThat(p.leg()).isEqualTo("lead");
              assertThat(p.from()).isEqualTo("taken");
            });
  }

  @Test
  void withNothingMeasuredItNamesWhatIsMissing() {
    CaseFile empty =
        CaseReader.read("{\"format\":\"loose-hip-case\",\"version\":1}", LocalDate.of(2026, 1, 1))
            .golfer()
            .orElseThrow();
    PlanView view = draw(empty);
    assertThat(view.pieces()).isEmpty();
    assertThat(view.words()).isEmpty();
    assertThat(view.missing()).hasSize(4);
    assertThat(view.pelvis().turned()).isEmpty();
    assertThat(view.summary()).contains("measure the hips");
  }

  @Test
  void theGlyphTellsEachQuarterAndWhatIsNotMeasured() {
    Optional<Double> none = Optional.empty();
    HipGlyph glyph =
        HipGlyph.of(
            Optional.of(Handed.RIGHT),
            Optional.of(25.0),
            Optional.empty(),
            Optional.of(60.0),
            Optional.of(5.0));
    assertThat(glyph.words()).isEqualTo("trail in 25°, out not measured; lead in 60°, out 5°");
    assertThat(HipGlyph.of(Optional.empty(), none, none, none, none).words())
        .isEqualTo("which hand is not said yet");
    assertThat(glyph.arcs().get(1).path()).isEmpty();
    assertThat(glyph.arcs().get(2).path()).contains(glyph.arcs().get(2).ground());
    assertThat(glyph.traces())
        .extracting(t -> t.style() + " " + t.path().split("M").length)
        .as("strokes of each style, one more than their quarters")
        .containsExactly(
            "glyph-ground 4", "glyph-ground glyph-open 2", "glyph-trail 2", "glyph-lead 3");
  }

  private static PlanView.Foot foot(PlanView view, String leg) {
    return view.feet().stream().filter(f -> f.leg().equals(leg)).findFirst().orElseThrow();
  }

  private static PlanView draw(CaseFile golfer) {
    Hips hips = Hips.of(golfer.body(), golfer.practice().coefficients(), golfer.setup());
    return PlanViewDrawing.of(
        TurnBudget.of(golfer.school(), golfer.setup(), hips), hips, golfer.handed());
  }

  private static CaseFile read() {
    try (var in = CaseReader.class.getResourceAsStream("example-b.json")) {
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return CaseReader.read(text, LocalDate.of(2026, 1, 1)).golfer().orElseThrow();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
