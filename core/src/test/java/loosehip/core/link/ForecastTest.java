package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.TurnBudget;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ForecastTest {
  private static final String TRAIL_SHORT =
      "seated-rotation.right.internal 15; seated-rotation.left.external 50; seated-rotation.left.internal 45; trunk-turn.right 50;";
  private static final String LEAD_SHORT =
      "seated-rotation.right.internal 55; seated-rotation.left.external 15; seated-rotation.left.internal 45; trunk-turn.right 50;";
  private static final String IMPACT_SHORT =
      "seated-rotation.right.internal 55; seated-rotation.left.external 60; seated-rotation.left.internal 10; trunk-turn.right 50;";

  private static final String SHOULDER_SHORT =
      "seated-rotation.right.internal 55; seated-rotation.left.external 60; seated-rotation.left.internal 55; trunk-turn.right 15;";
  private static final String ENOUGH =
      "seated-rotation.right.internal 60; seated-rotation.left.external 60; seated-rotation.left.internal 60; trunk-turn.right 60;";

  /** With nothing short nothing is expected; the margins come one after the other. */
  @Test
  void nothingShortLeadsToNothingAndMarginsStandTogether() {
    assertThat(of(Screens.of(ENOUGH))).isEmpty();
    List<String> margins =
        of(Screens.of(TRAIL_SHORT.replace("left.internal 45", "left.internal 5"))).stream()
            .map(e -> e.margin().id())
            .toList();
    assertThat(margins).contains("back", "impact").isSorted();
  }

  @ParameterizedTest(name = "{0} with {1}: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "trail  |                                                 | sway 1.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "trail  | side-hip-hold.right 9; one-leg-stand.right.open 5 | sway 3.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "trail  | side-hip-hold.left 9                            | sway 1.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "trail  | overhead-reach 178; hinge-contact 20            | sway 1.0, trail-lock 1.0, early-stop 0.9, arm-wrap 0.9, reverse-tilt 0.7",
        "trail  | reach-down.right knee                           | sway 2.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "trail  | overhead-reach 150; bridge-hold.right 5         | reverse-tilt 2.1, sway 1.0, early-stop 0.9, trail-lock 0.5",
        "trail  | overhead-reach 165; bridge-hold.left 5          | sway 1.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "lead   |                                                 | early-stop 1.0, short-turn 0.8, reverse-tilt 0.4",
        "lead   | overhead-reach 150; side-hip-hold.left 9        | early-stop 1.0, short-turn 0.8, reverse-tilt 0.8",
        "impact |                                                 | slide 0.9, hip-thrust 0.9, hang-back 0.7, stall-flip 0.6",
        "impact | side-hip-hold.left 9; bridge-hold.left 5        | slide 2.7, hip-thrust 0.9, hang-back 0.7, stall-flip 0.6",
        "impact | side-hip-hold.right 9; one-leg-stand.left.open 5 | hang-back 1.4, slide 0.9, hip-thrust 0.9, stall-flip 0.6",
        "impact | tilt-control.arch 1; tilt-control.flatten 1; tilt-control.quality none; glute-switch.left.tall no; glute-switch.left.hinged no; glute-switch.right.tall no; glute-switch.right.hinged no | hip-thrust 2.7, slide 0.9, hang-back 0.7, stall-flip 0.6",
        "shoulder |                                               | short-turn 1.0, arm-wrap 0.6, reverse-tilt 0.6",
        "shoulder | overhead-reach 178                            | arm-wrap 1.2, short-turn 1.0, reverse-tilt 0.6",
        "shoulder | overhead-reach 150                            | reverse-tilt 1.2, short-turn 1.0, arm-wrap 0.6",
        "impact | hinge-contact 20; squat-depth not               | hip-thrust 2.7, slide 0.9, hang-back 0.7, stall-flip 0.6",
      })
  void whereTheMissingTurnGoes(String margin, String more, String expected) {
    String base =
        switch (margin) {
          case "trail" -> TRAIL_SHORT;
          case "lead" -> LEAD_SHORT;
          case "shoulder" -> SHOULDER_SHORT;
          default -> IMPACT_SHORT;
        };
    Screen screen = Screens.of(base + (more == null ? "" : more));
    String which = margin.equals("trail") || margin.equals("lead") ? "back" : margin;
    List<String> said =
        of(screen).stream()
            .filter(e -> e.margin().id().equals(which))
            .map(e -> e.fault().id() + " " + Math.round(e.weight() * 10) / 10.0)
            .toList();
    assertThat(String.join(", ", said)).isEqualTo(expected);
  }

  private static List<Forecast.Expected> of(Screen screen) {
    Body body = new Body(screen, Handed.RIGHT);
    Hips hips = Hips.of(body, Coefficients.SHIPPED, Setup.PLAIN);
    return Forecast.of(TurnBudget.of(School.ROTATION_FIRST, Setup.PLAIN, hips), body);
  }
}
