package loosehip.app.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LineChartTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  private static LineChart.Series series(String name, double ruler, double... values) {
    List<LineChart.At> points = new ArrayList<>();
    for (int i = 0; i < values.length; i++) {
      points.add(new LineChart.At(DAY.plusDays(30L * i), values[i]));
    }
    return new LineChart.Series(name, name.equals("lead") ? "lead" : "trail", ruler, points);
  }

  private static LineChart chart(LineChart.Series... series) {
    return LineChart.of(
            "Turn", "°", List.of(), List.of(series), List.of(new LineChart.Level("enough", 40)))
        .orElseThrow();
  }

  @Test
  void moreLiesHigherAndLaterLiesFurtherRight() {
    List<LineChart.Dot> dots = chart(series("trail", 6, 24, 28, 22)).lines().get(0).points();
    assertThat(dots.get(1).y()).isLessThan(dots.get(0).y());
    assertThat(dots.get(2).y()).isGreaterThan(dots.get(0).y());
    assertThat(dots).isSortedAccordingTo((a, b) -> Double.compare(a.x(), b.x()));
    assertThat(dots.get(1).x() - dots.get(0).x())
        .isCloseTo(dots.get(2).x() - dots.get(1).x(), within(1e-6));
  }

  /** The ruler lies as far above the first point as below it. */
  @Test
  void theRulerLiesRoundTheFirstPoint() {
    LineChart chart = chart(series("trail", 6, 24, 33));
    LineChart.Band band = chart.bands().get(0);
    LineChart.Dot first = chart.lines().get(0).points().get(0);
    LineChart.Dot last = chart.lines().get(0).points().get(1);
    assertThat(band.top() + band.height() / 2).isCloseTo(first.y(), within(1e-6));
    double degree = (first.y() - last.y()) / 9;
    assertThat(band.height()).isCloseTo(12 * degree, within(1e-6));
    assertThat(last.y()).as("9 gained is outside a ruler of 6").isLessThan(band.top());
  }

  @Test
  void oneDayAndNothingAtAll() {
    LineChart one = chart(series("trail", 0, 24));
    assertThat(one.lines().get(0).points()).hasSize(1);
    assertThat(one.bands()).isEmpty();
    assertThat(one.days()).hasSize(1);
    assertThat(LineChart.of("Turn", "°", List.of(), List.of(series("trail", 6)), List.of()))
        .isEmpty();
  }

  @Test
  void theTableHasEveryDayAndADashWhereNothingWasMeasured() {
    LineChart chart = chart(series("trail", 6, 24, 28, 30), series("lead", 6, 33));
    assertThat(chart.table()).hasSize(3);
    assertThat(chart.table().get(0).figures()).containsExactly("24", "33");
    assertThat(chart.table().get(2).figures()).containsExactly("30", "–");
  }

  /** Whatever is drawn stays in the box, names and words keep apart, ticks do not touch. */
  @Test
  void nothingLeavesTheBoxOrLiesOnSomethingElse() {
    Random random = new Random(5);
    for (int i = 0; i < 400; i++) {
      double[] one = random.doubles(1 + random.nextInt(8), 5, 70).toArray();
      double[] other = random.doubles(1 + random.nextInt(8), 5, 70).toArray();
      LineChart chart =
          chart(
              series("trail", random.nextDouble() * 9, one),
              series("lead", random.nextDouble() * 9, other));
      chart
          .lines()
          .forEach(
              l ->
                  l.points()
                      .forEach(
                          d -> {
                            assertThat(d.x()).isBetween(0.0, LineChart.WIDTH);
                            assertThat(d.y()).isBetween(0.0, LineChart.HEIGHT);
                          }));
      double trail = chart.lines().get(0).labelY();
      double lead = chart.lines().get(1).labelY();
      assertThat(Math.abs(trail - lead)).isGreaterThanOrEqualTo(14.9);
      for (int t = 1; t < chart.days().size(); t++) {
        assertThat(chart.days().get(t).at() - chart.days().get(t - 1).at()).isGreaterThan(62);
      }
      assertThat(chart.levels().size()).isBetween(2, 12);
    }
  }

  /** Figures a hundred times as large are drawn alike: the scale says nothing. */
  @Test
  void theShapeDoesNotHangOnTheUnit() {
    LineChart small = chart(series("trail", 6, 24, 28, 22));
    LineChart large =
        LineChart.of(
                "Turn",
                "",
                List.of(),
                List.of(series("trail", 600, 2400, 2800, 2200)),
                List.of(new LineChart.Level("enough", 4000)))
            .orElseThrow();
    for (int i = 0; i < 3; i++) {
      assertThat(large.lines().get(0).points().get(i).y())
          .isCloseTo(small.lines().get(0).points().get(i).y(), within(0.5));
    }
  }
}
