package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import loosehip.core.named.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Figures of set-up and swing: where they are right, what they can be, which fault they show. */
class FiguresTest {

  /** The windows of domain/02, flat and gently rounded, with the fault beyond either edge. */
  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "kneeFlex | 15 30 | 5 18 | stiff-knees | deep-knees | °",
        "beltTilt | 10 25 | 0 12 | tucked | arched | °",
        "stanceRatio | 1.0 1.35 | 1.0 1.35 | narrow-stance | wide-stance | ",
        "sideTilt | 3 8 | 3 8 | no-side-tilt | - | °",
      })
  void aFigureIsRightInItsWindow(
      String id, String flat, String rounded, String below, String above, String unit) {
    SetupFigure figure =
        Arrays.stream(SetupFigure.values())
            .filter(f -> f.id().equals(id))
            .findFirst()
            .orElseThrow();
    assertThat(told(figure.window(SpineShape.FLAT))).isEqualTo(told(flat));
    assertThat(told(figure.window(SpineShape.ROUNDED))).isEqualTo(told(rounded));
    assertThat(figure.below()).map(SetupFault::id).contains(below);
    assertThat(figure.above().map(SetupFault::id).orElse("-")).isEqualTo(above);
    assertThat(figure.unit()).isEqualTo(unit == null ? "" : unit);
    assertThat(figure.ofBudget()).isEmpty();
  }

  private static String told(SetupFigure.Window window) {
    return window.low() + " " + window.high();
  }

  private static String told(String window) {
    String[] edges = window.split(" ");
    return Double.parseDouble(edges[0]) + " " + Double.parseDouble(edges[1]);
  }

  @ParameterizedTest
  @EnumSource(SetupFigure.class)
  void aWindowLiesWithinWhatAFigureCanBe(SetupFigure figure) {
    for (SpineShape shape : SpineShape.values()) {
      SetupFigure.Window window = figure.window(shape);
      assertThat(window.low()).isGreaterThanOrEqualTo(figure.least()).isLessThan(window.high());
      assertThat(window.high()).isLessThanOrEqualTo(figure.most());
      assertThat(figure.says(window.low(), shape).values()).allMatch(l -> l == Level.NONE);
      assertThat(figure.says(window.high(), shape).values()).allMatch(l -> l == Level.NONE);
    }
    assertThat(figure.title()).isNotBlank().isNotEqualTo(figure.hint());
    assertThat(figure.hint()).isNotBlank();
    assertThat(Named.parse(SetupFigure.class, figure.id())).contains(figure);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "sideBend, steep-bend, °, '°', -20, 80",
    "drop, dip, cm, ' cm', -15, 25",
    "leadPressure, spin-out, %, ' %', 0, 100",
    "toePressure, toe-fall, share, '', 0, 1",
  })
  void aSwingFigureShowsItsFault(
      String id, String fault, String unit, String sign, double least, double most) {
    SwingFigure figure = Named.require(SwingFigure.class, id);
    assertThat(figure.fault().id()).isEqualTo(fault);
    assertThat(figure.unit()).isEqualTo(unit);
    assertThat(figure.sign()).isEqualTo(sign);
    assertThat(figure.least()).isEqualTo(least);
    assertThat(figure.most()).isEqualTo(most);
    assertThat(figure.title()).isNotBlank();
  }
}
