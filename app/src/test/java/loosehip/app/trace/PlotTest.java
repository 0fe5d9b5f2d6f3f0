package loosehip.app.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.pivot.School;
import loosehip.core.played.PlayedSwing;
import loosehip.core.played.SwingKind;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.SwingSegment;
import loosehip.core.trace.TraceReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where things lie in the drawings of recordings. */
class PlotTest {
  private static TraceReading movement(SwingKind kind, double hz) {
    return TraceReading.of(new PlayedSwing(kind, hz, true, 3).movement(), AngleUnit.NOT_SAID)
        .reading()
        .orElseThrow();
  }

  private static PressureReading pressure(double hz) {
    return PressureReading.of(
        new PlayedSwing(SwingKind.TOE_FALL, hz, true, 3).pressure(), School.ROTATION_FIRST);
  }

  @ParameterizedTest
  @EnumSource(MovementPlot.Sheet.class)
  void topsLieOnTheirCurvesAndTheZeroOnTheArmsTop(MovementPlot.Sheet sheet) {
    MovementPlot plot =
        MovementPlot.of(movement(SwingKind.GOOD_ORDER, 200), Optional.empty(), sheet);
    for (MovementPlot.Curve curve : plot.curves()) {
      double nearest = 1e9;
      for (String point : curve.points().split(" ")) {
        String[] xy = point.split(",");
        nearest =
            Math.min(
                nearest,
                Math.hypot(
                    Double.parseDouble(xy[0]) - curve.topX(),
                    Double.parseDouble(xy[1]) - curve.topY()));
      }
      assertThat(nearest).as(curve.segment().id()).isLessThan(2);
    }
    double arm = plot.curves().get(2).topX();
    assertThat(plot.scale().x(0)).isCloseTo(arm, within(0.1));
    assertThat(plot.moments().get(1).x()).isCloseTo(arm, within(0.1));
  }

  /** Two swings lie on each other at the top, whenever each of them began. */
  @Test
  void aSecondSwingIsLaidWithItsTopOnTheTop() {
    TraceReading early = movement(SwingKind.EARLY_STOP, 200);
    TraceReading armsFirst = movement(SwingKind.ARMS_FIRST, 50);
    MovementPlot plot = MovementPlot.of(early, Optional.of(armsFirst), MovementPlot.Sheet.WIDE);
    assertThat(plot.then()).hasSize(3);
    assertThat(plot.then().get(2).topX()).isCloseTo(plot.curves().get(2).topX(), within(0.1));
    assertThat(plot.then().get(0).segment()).isEqualTo(SwingSegment.PELVIS);
    assertThat(plot.still().orElseThrow().words()).contains("%");
    assertThat(plot.still().orElseThrow().width()).isGreaterThan(100);
  }

  /** Names at the ends of curves do not lie on each other. */
  @Test
  void namesStandApart() {
    for (SwingKind kind : SwingKind.values()) {
      MovementPlot plot =
          MovementPlot.of(movement(kind, 200), Optional.empty(), MovementPlot.Sheet.NARROW);
      double[] y = plot.curves().stream().mapToDouble(MovementPlot.Curve::nameY).sorted().toArray();
      assertThat(y[1] - y[0]).isGreaterThanOrEqualTo(16.9);
      assertThat(y[2] - y[1]).isGreaterThanOrEqualTo(16.9);
    }
  }

  /** However many rows there are, a curve takes no more room; and no peak is lost. */
  @Test
  void manyRowsMakeNoLongerCurve() {
    PlotScale scale = new PlotScale(0, 700, 0, 300, 0, 100, 0, 1);
    double[] values = new double[100_000];
    values[31_337] = 1;
    String points = scale.points(values.length, i -> i / 1000.0, i -> values[i]);
    assertThat(points.length()).isLessThan(6000);
    assertThat(points).contains(",0 ");
    assertThat(
            PressurePlot.of(pressure(1000), Handed.RIGHT).share().length()
                + PressurePlot.of(pressure(1000), Handed.RIGHT).path().length())
        .isLessThan(8000);
  }

  /** The feet of a left-hander are those of a right-hander in a mirror. */
  @Test
  void theFeetOfALeftHanderAreMirrored() {
    PressurePlot right = PressurePlot.of(pressure(200), Handed.RIGHT);
    PressurePlot left = PressurePlot.of(pressure(200), Handed.LEFT);
    assertThat(right.trailLeft()).isFalse();
    assertThat(left.trailLeft()).isTrue();
    for (int i = 0; i < right.steps().size(); i++) {
      assertThat(left.steps().get(i).x()).isCloseTo(320 - right.steps().get(i).x(), within(0.11));
      assertThat(left.steps().get(i).y()).isEqualTo(right.steps().get(i).y());
    }
    assertThat(left.share()).isEqualTo(right.share());
    // A right-hander's target lies on the left: at the finish the weight is there.
    assertThat(right.steps().get(4).x()).isLessThan(160);
  }
}
