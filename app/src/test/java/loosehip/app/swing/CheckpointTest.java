package loosehip.app.swing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import loosehip.app.figure.Figures;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rhythm;
import loosehip.core.named.Named;
import loosehip.core.pivot.Downswing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CheckpointTest {
  private static final Figures FIGURES = new Figures();

  @Test
  void everyFaultIsLookedForAtOneCheckpoint() {
    List<PivotFault> all =
        Arrays.stream(Checkpoint.values()).flatMap(c -> c.faults().stream()).toList();
    assertThat(all).doesNotHaveDuplicates().containsExactlyInAnyOrder(PivotFault.values());
    assertThat(Arrays.stream(Checkpoint.values()).map(Checkpoint::title)).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @EnumSource(PivotFault.class)
  void everyLevelOfAFaultIsDrawnAndNoTwoAreAlike(PivotFault fault) {
    List<String> drawn =
        List.of(Level.NONE, Level.SLIGHT, Level.CLEAR).stream()
            .map(l -> FIGURES.find(fault.id() + "." + l.id()).orElseThrow().strokes().toString())
            .toList();
    assertThat(drawn).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @EnumSource(Rhythm.class)
  void everyMomentOfTheRhythmIsDrawnAndTold(Rhythm moment) {
    assertThat(FIGURES.find("rhythm." + moment.id()))
        .hasValueSatisfying(d -> assertThat(d.words()).contains("front"));
    assertThat(moment.title()).isNotBlank();
    assertThat(moment.pelvis() + moment.knees()).doesNotEndWith(".");
  }

  @ParameterizedTest
  @EnumSource(Downswing.class)
  void everyWayToStartDownSaysFromWhereItIsChecked(Downswing style) {
    assertThat(style.check()).matches("(behind|face on): .+");
    assertThat(Named.parse(Downswing.class, style.id())).contains(style);
    assertThat(Downswing.SHARED_CHECK).contains("no nearer the ball");
  }
}
