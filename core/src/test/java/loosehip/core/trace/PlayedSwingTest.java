package loosehip.core.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import loosehip.core.named.Named;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.School;
import loosehip.core.played.PlayedSwing;
import loosehip.core.played.SwingKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a played swing does wrong is what is found in it, whatever plays it. */
class PlayedSwingTest {
  @ParameterizedTest
  @CsvSource({
    "good-order, ''",
    "early-stop, dip early-stop",
    "arms-first, upper-first",
    "toe-fall, ''"
  })
  void aSuitShowsWhatItsSwingDoes(String kind, String expected) {
    for (double hz : new double[] {50, 120, 200, 1000}) {
      for (boolean noisy : new boolean[] {false, true}) {
        PlayedSwing swing = played(kind, hz, noisy);
        TraceReading reading =
            TraceReading.of(swing.movement(), AngleUnit.NOT_SAID).reading().orElseThrow();
        assertThat(
                TraceFindings.of(reading, School.ROTATION_FIRST.shipped(), Club.DRIVER).stream()
                    .map(f -> f.what().id())
                    .sorted()
                    .collect(Collectors.joining(" ")))
            .as("%s at %s, noisy %s", kind, hz, noisy)
            .isEqualTo(expected);
        assertThat(reading.ratio().orElseThrow()).isBetween(1.9, 4.0);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"good-order, false", "early-stop, false", "arms-first, false", "toe-fall, true"})
  void aMatShowsWhetherTheWeightFallsOnTheToes(String kind, boolean falls) {
    for (double hz : new double[] {50, 200, 1000}) {
      for (boolean noisy : new boolean[] {false, true}) {
        PressureTrace trace = played(kind, hz, noisy).pressure();
        assertThat(trace.problem()).isEmpty();
        PressureReading reading = PressureReading.of(trace, School.ROTATION_FIRST);
        assertThat(TraceFindings.of(reading).stream().map(f -> f.what().id()).toList())
            .isEqualTo(falls ? List.of("toe-fall") : List.of());
      }
    }
  }

  private static PlayedSwing played(String kind, double hz, boolean noisy) {
    return new PlayedSwing(Named.require(SwingKind.class, kind), hz, noisy, 17);
  }
}
