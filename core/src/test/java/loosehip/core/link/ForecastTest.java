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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ForecastTest {
  private static final String TRAIL_SHORT =
      "seated-rotation.right.internal 15; seated-rotation.left.external 50; seated-rotation.left.internal 45; trunk-turn.right 50;";
  private static final String LEAD_SHORT =
      "seated-rotation.right.internal 55; seated-rotation.left.external 15; seated-rotation.left.internal 45; trunk-turn.right 50;";
  private static final String IMPACT_SHORT =
      "seated-rotation.right.internal 55; seated-rotation.left.external 60; seated-rotation.left.internal 10; trunk-turn.right 50;";

  @ParameterizedTest(name = "{0} with {1}: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "trail  |                                                 | sway 1.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "trail  | side-hip-hold.right 9; one-leg-stand.right.open 5 | sway 3.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "trail  | side-hip-hold.left 9                            | sway 1.0, early-stop 0.9, reverse-tilt 0.7, trail-lock 0.5",
        "trail  | overhead-reach 178; hinge-contact 20            | sway 1.0, trail-lock 1.0, early-stop 0.9, arm-wrap 0.9, reverse-tilt 0.7",
        "lead   |                                                 | early-stop 1.0, short-turn 0.8, reverse-tilt 0.4",
        "impact |                                                 | slide 0.9, hip-thrust 0.9, hang-back 0.7, stall-flip 0.6",
        "impact | hinge-contact 20; squat-depth not               | hip-thrust 2.7, slide 0.9, hang-back 0.7, stall-flip 0.6",
      })
  void whereTheMissingTurnGoes(String margin, String more, String expected) {
    String base =
        switch (margin) {
          case "trail" -> TRAIL_SHORT;
          case "lead" -> LEAD_SHORT;
          default -> IMPACT_SHORT;
        };
    Screen screen = Screens.of(base + (more == null ? "" : more));
    String which = margin.equals("impact") ? "impact" : "back";
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
