package loosehip.app.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.measure.Instructions;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.TestCard;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.SetupRoutine;
import org.junit.jupiter.api.Test;

class FiguresTest {
  private static final Pattern MOVE = Pattern.compile("[ML](-?[0-9.]+) (-?[0-9.]+)");

  private static final Figures FIGURES = new Figures();

  @Test
  void everyExerciseAndDrillHasAStartAndADifferentEnd() {
    List<String> ids = new ArrayList<>();
    Catalogue.standard().exercises().stream().map(e -> e.id().id()).forEach(ids::add);
    Catalogue.standard().drills().stream().map(d -> d.id().id()).forEach(ids::add);
    Arrays.stream(SetupRoutine.values()).map(r -> r.id().id()).forEach(ids::add);
    assertThat(ids).hasSize(48 + 34 + 8);
    for (String id : ids) {
      Optional<Drawing> start = FIGURES.find(id + ".start");
      Optional<Drawing> end = FIGURES.find(id + ".end");
      assertThat(start).as(id).isPresent();
      assertThat(end).as(id).isPresent();
      assertThat(start.get().strokes()).as(id).isNotEqualTo(end.get().strokes());
    }
  }

  @Test
  void everyTestHasADrawing() {
    for (TestCard card : RunningOrder.FULL.cards(Handed.RIGHT)) {
      assertThat(FIGURES.find(Instructions.name(card)).or(() -> FIGURES.find(card.test().id())))
          .as(card.key())
          .isPresent();
    }
  }

  @Test
  void everyLineStaysInItsBox() {
    for (String name : FIGURES.names()) {
      for (Stroke stroke : FIGURES.find(name).orElseThrow().strokes()) {
        Matcher m = MOVE.matcher(stroke.path());
        while (m.find()) {
          assertThat(Double.parseDouble(m.group(1))).as(name).isBetween(-4.0, 204.0);
          assertThat(Double.parseDouble(m.group(2))).as(name).isBetween(-4.0, 204.0);
        }
      }
    }
  }

  @Test
  void aThighHangingStraightDownEndsBelowTheHip() {
    List<Stroke> strokes = Pose.parse("at=100,100 M=0,0").strokes(false);
    assertThat(strokes).extracting(Stroke::path).contains("M100.0 100.0L100.0 144.0L100.0 186.0");
  }
}
