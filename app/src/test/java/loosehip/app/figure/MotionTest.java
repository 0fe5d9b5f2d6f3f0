package loosehip.app.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.core.plan.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MotionTest {
  private static final Pattern POINT = Pattern.compile("[ML](-?[0-9.]+) (-?[0-9.]+)");
  private static final Figures FIGURES = new Figures();

  static List<String> moving() {
    List<String> ids = new ArrayList<>();
    Catalogue.standard().exercises().forEach(e -> ids.add(e.id().id()));
    Catalogue.standard().drills().forEach(d -> ids.add(d.id().id()));
    return ids.stream().filter(id -> FIGURES.motion(id).isPresent()).toList();
  }

  @Test
  void nearlyEverythingMoves() {
    int all = Catalogue.standard().exercises().size() + Catalogue.standard().drills().size();
    assertThat(moving().size()).isGreaterThan(all * 9 / 10);
    assertThat(FIGURES.motion("no-such-exercise")).isEmpty();
  }

  /** A page can go from frame to frame number by number, and ends where the drawing does. */
  @ParameterizedTest
  @MethodSource("moving")
  void framesAreAlikeAndEndInTheDrawing(String id) {
    Motion motion = FIGURES.motion(id).orElseThrow();
    assertThat(motion.frames()).hasSize(Motion.FRAMES);
    List<String> shape = shape(motion.frames().get(0));
    motion.frames().forEach(f -> assertThat(shape(f)).as(id).isEqualTo(shape));
    List<Stroke> drawn = FIGURES.find(id + ".end").orElseThrow().strokes();
    assertThat(drawn.stream().filter(s -> !s.ghost()).filter(motion::moves).toList())
        .as("in the same order, so that a page can tell which is which")
        .isEqualTo(motion.frames().get(Motion.FRAMES - 1));
    assertThat(motion.frames().get(0)).isNotEqualTo(motion.frames().get(Motion.FRAMES - 1));
    assertThat(motion.paths().split(";")).hasSize(Motion.FRAMES - 1);
  }

  private static List<String> shape(List<Stroke> frame) {
    return frame.stream().map(s -> s.style() + s.path().replaceAll("-?[0-9.]+", "n")).toList();
  }

  /** Limbs turn about their joints: a thigh is as long on the way as at both ends. */
  @Test
  void limbsKeepTheirLengths() {
    Motion hinge = FIGURES.motion("club-hinge").orElseThrow();
    double whole = length(limb(hinge, 0));
    for (int frame = 1; frame < Motion.FRAMES; frame++) {
      assertThat(length(limb(hinge, frame))).isCloseTo(whole, within(0.4));
    }
  }

  private static String limb(Motion motion, int frame) {
    return motion.frames().get(frame).stream()
        .filter(s -> s.style().equals("limb"))
        .findFirst()
        .orElseThrow()
        .path();
  }

  private static double length(String path) {
    Matcher m = POINT.matcher(path);
    double all = 0;
    double[] before = null;
    while (m.find()) {
      double[] at = {Double.parseDouble(m.group(1)), Double.parseDouble(m.group(2))};
      all += before == null ? 0 : Math.hypot(at[0] - before[0], at[1] - before[1]);
      before = at;
    }
    return all;
  }
}
