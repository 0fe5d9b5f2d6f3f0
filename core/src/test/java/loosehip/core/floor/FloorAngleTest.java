package loosehip.core.floor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import loosehip.core.Chance;
import loosehip.core.Law;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FloorAngleTest {

  @ParameterizedTest(name = "{0} and {1} closed by {2}: {3}")
  @CsvSource({
    "100, 100, 100, 60.0",
    "3, 4, 5, 90.0",
    "100, 100, 76.537, 45.0",
    "113, 95, 90, 50.4",
    "88, 88, 115, 81.6",
  })
  void angleAtTheApex(double a, double b, double c, double degrees) {
    assertThat(FloorAngle.between(a, b, c)).isCloseTo(degrees, within(0.05));
  }

  @ParameterizedTest
  @CsvSource({"50, 60, 115", "50, 60, 110", "115, 50, 60", "0, 50, 50"})
  void whatCannotMeetTipToTipIsRefusedWithTheReason(double a, double b, double c) {
    assertThatThrownBy(() -> FloorAngle.between(a, b, c))
        .isInstanceOf(FloorAngle.ImpossibleTriangle.class)
        .hasMessageContaining("No triangle");
  }

  @ParameterizedTest(name = "{0} and {1} at {2}: tips {3} apart")
  @CsvSource({"100, 100, 60, 100.0", "113, 95, 60, 105.2", "113, 95, 45, 81.3", "30, 40, 90, 50"})
  void tipsOfTwoShafts(double a, double b, double degrees, double apart) {
    assertThat(FloorAngle.tipDistance(a, b, degrees)).isCloseTo(apart, within(0.06));
  }

  @Law
  void closingWithTheTipDistanceGivesTheAngleBack(Chance chance) {
    double a = chance.number(60, 130);
    double b = chance.number(60, 130);
    double degrees = chance.number(10, 150);
    double apart = FloorAngle.tipDistance(a, b, degrees);
    assertThat(FloorAngle.between(a, b, apart)).isCloseTo(degrees, within(1e-6));
  }

  @Test
  void tapeMarksEveryFiveDegreesAndTheAngleItself() {
    List<FloorAngle.TapeMark> marks = FloorAngle.tape(80, 42.5);
    assertThat(marks).extracting(FloorAngle.TapeMark::degrees).startsWith(5.0).endsWith(42.5);
    assertThat(marks).hasSize(9);
    FloorAngle.TapeMark thirty = marks.get(5);
    assertThat(thirty.across()).isCloseTo(40, within(1e-9));
    assertThat(thirty.along()).isCloseTo(69.28, within(0.01));
  }

  @Test
  void theBestTripleOfABag() {
    List<Shaft> bag =
        List.of(
            new Shaft("driver", 115),
            new Shaft("5 iron", 97),
            new Shaft("wedge", 90),
            Shaft.ofInches("putter", 34));
    Triple sixty = Triple.best(bag, 60).orElseThrow();
    double nearest = 180;
    for (Shaft a : bag) {
      for (Shaft b : bag) {
        for (Shaft c : bag) {
          if (a != b && b != c && a != c) {
            double made = FloorAngle.between(a.centimetres(), b.centimetres(), c.centimetres());
            nearest = Math.min(nearest, Math.abs(made - 60));
          }
        }
      }
    }
    assertThat(Math.abs(sixty.degrees() - 60)).isCloseTo(nearest, within(1e-9));
    assertThat(Triple.best(bag.subList(0, 2), 60)).isEmpty();
    List<Shaft> hopeless = List.of(new Shaft("a", 20), new Shaft("b", 25), new Shaft("c", 200));
    assertThat(Triple.best(hopeless, 60)).isEmpty();
  }

  @Test
  void aShaftHasALengthThatShaftsHave() {
    assertThat(Shaft.ofInches("x", 45).centimetres()).isCloseTo(114.3, within(1e-9));
    assertThatThrownBy(() -> new Shaft("x", 19.9)).hasMessageContaining("20 to 300");
    assertThatThrownBy(() -> new Shaft("x", Double.NaN)).hasMessageContaining("20 to 300");
  }

  @ParameterizedTest
  @CsvSource({"60, 500, A4", "45, 500, LETTER", "90, 900, A4", "20, 150, LETTER"})
  void theSheetsCoverEveryStrokeAndOverlap(
      double degrees, double radius, FloorTemplate.Paper paper) {
    FloorTemplate template = new FloorTemplate(degrees, radius, paper);
    for (FloorTemplate.Stroke s : template.strokes()) {
      for (int i = 0; i <= 50; i++) {
        double x = s.x1() + (s.x2() - s.x1()) * i / 50;
        double y = s.y1() + (s.y2() - s.y1()) * i / 50;
        assertThat(template.tiles())
            .as("%s at %.0f %.0f", template, x, y)
            .anyMatch(
                t ->
                    x >= t.left()
                        && x <= t.left() + template.printableWidth()
                        && y >= t.top()
                        && y <= t.top() + template.printableHeight());
      }
    }
    FloorTemplate.Stroke base = template.strokes().get(0);
    FloorTemplate.Stroke other = template.strokes().get(1);
    double made = Math.toDegrees(Math.atan2(other.x2(), -other.y2()));
    assertThat(base.x2()).isZero();
    assertThat(made).isCloseTo(degrees, within(1e-9));
  }

  @Test
  void aTemplateStaysWithinReason() {
    assertThatThrownBy(() -> new FloorTemplate(95, 500, FloorTemplate.Paper.A4))
        .hasMessageContaining("20 to 90");
    assertThatThrownBy(() -> new FloorTemplate(60, 90, FloorTemplate.Paper.A4))
        .hasMessageContaining("15 to 90 cm");
  }
}
