package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.named.Named;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeasuredLevelsTest {

  @ParameterizedTest(name = "{0} {1} in {2}: {3}")
  @CsvSource({
    "PELVIS_SHIFT, 3, rotation-first, NONE",
    "PELVIS_SHIFT, 3.1, rotation-first, SLIGHT",
    "PELVIS_SHIFT, 5, rotation-first, SLIGHT",
    "PELVIS_SHIFT, 5.1, rotation-first, CLEAR",
    "PELVIS_SHIFT, 8, shift-and-turn, NONE",
    "PELVIS_SHIFT, 2.5, settled-base, SLIGHT",
    "PELVIS_TURN, 40, rotation-first, NONE",
    "PELVIS_TURN, 39, rotation-first, SLIGHT",
    "PELVIS_TURN, 34, rotation-first, CLEAR",
    "PELVIS_TURN, 34, settled-base, NONE",
    "STOP_SHARE, 59, rotation-first, CLEAR",
    "STOP_SHARE, 60, rotation-first, SLIGHT",
    "SHOULDER_TURN, 79, rotation-first, CLEAR",
    "SHOULDER_TURN, 84, free-turn, CLEAR",
    "SHOULDER_TURN, 86, rotation-first, NONE",
    "SPINE_TILT, -0.5, rotation-first, CLEAR",
    "SPINE_TILT, 1, rotation-first, SLIGHT",
    "SPINE_TILT, 4, rotation-first, NONE",
    "KNEE_AT_TOP, 5, rotation-first, SLIGHT",
    "KNEE_AT_TOP, 9, rotation-first, NONE",
    "DROP, 5, rotation-first, CLEAR",
    "DROP, 4.9, rotation-first, SLIGHT",
    "NEARER_IMPACT, 3, rotation-first, CLEAR",
    "NEARER_EARLY, 2, rotation-first, SLIGHT",
    "PAST_ANKLE, 0.1, rotation-first, CLEAR",
    "PAST_ANKLE, -3, rotation-first, NONE",
    "LEAD_PRESSURE, 49, rotation-first, CLEAR",
    "TOE_PRESSURE, 0.66, rotation-first, CLEAR",
    "BUCKLE_SHORT, 16, rotation-first, CLEAR",
    "BUCKLE_SHORT, 15, rotation-first, SLIGHT",
  })
  void aMeasuredSwingSetsTheLevelByTheSchool(
      SwingFigure figure, double value, String school, Level level) {
    School of = Named.parse(School.class, school).orElseThrow();
    assertThat(figure.level(value, of.shipped(), false)).isEqualTo(level);
    assertThat(Named.parse(SwingFigure.class, figure.id())).contains(figure);
  }

  @Test
  void anArchedBackMakesLessSideBendSteep() {
    assertThat(SwingFigure.SIDE_BEND.level(32, School.ROTATION_FIRST.shipped(), false))
        .isEqualTo(Level.NONE);
    assertThat(SwingFigure.SIDE_BEND.level(32, School.ROTATION_FIRST.shipped(), true))
        .isEqualTo(Level.CLEAR);
    SwingFigure.Edges shift =
        SwingFigure.PELVIS_SHIFT.edges(School.SHIFT_AND_TURN.shipped(), false);
    assertThat(List.of(shift.slight(), shift.clear())).containsExactly(8.0, 10.0);
    assertThat(
            SwingFigure.levels(
                Map.of(SwingFigure.STOP_SHARE, 65.0, SwingFigure.PELVIS_TURN, 30.0),
                School.ROTATION_FIRST.shipped(),
                false))
        .containsExactlyInAnyOrderEntriesOf(
            Map.of(PivotFault.EARLY_STOP, Level.CLEAR, PivotFault.OVER_TURN, Level.NONE));
  }

  @ParameterizedTest(name = "pelvis {0} in {1}: {2}")
  @CsvSource({
    "65, free-turn, NONE",
    "66, free-turn, SLIGHT",
    "74, free-turn, CLEAR",
    "50, rotation-first, NONE",
  })
  void aPelvisTurnBeyondWhatTheSchoolAsksIsTooMuch(double turn, String school, Level level) {
    Demands asks = Named.parse(School.class, school).orElseThrow().shipped();
    assertThat(SwingFigure.levels(Map.of(SwingFigure.PELVIS_TURN, turn), asks, false))
        .containsEntry(PivotFault.OVER_TURN, level);
  }

  @ParameterizedTest(name = "{0} {1}, {2}: {3} {4}")
  @CsvSource({
    "HIP_OVER_FOOT, 0.40, FLAT, toe-weighted, NONE",
    "HIP_OVER_FOOT, 0.58, FLAT, toe-weighted, SLIGHT",
    "HIP_OVER_FOOT, 0.63, FLAT, toe-weighted, CLEAR",
    "HIP_OVER_FOOT, 0.10, FLAT, heel-weighted, CLEAR",
    "KNEE_FLEX, 10, FLAT, stiff-knees, CLEAR",
    "KNEE_FLEX, 10, ROUNDED, stiff-knees, NONE",
    "KNEE_FLEX, 20, FLAT, deep-knees, NONE",
    "KNEE_FLEX, 20, ROUNDED, deep-knees, SLIGHT",
    "BELT_TILT, 28, FLAT, arched, SLIGHT",
    "BELT_TILT, 31, FLAT, arched, CLEAR",
    "BELT_TILT, 8, FLAT, tucked, SLIGHT",
    "STANCE_RATIO, 1.35, FLAT, wide-stance, NONE",
    "STANCE_RATIO, 1.5, FLAT, wide-stance, CLEAR",
    "SIDE_TILT, 1, FLAT, no-side-tilt, CLEAR",
    "TRAIL_PINCH, 4, FLAT, pinched, SLIGHT",
    "TRAIL_PINCH, 6, FLAT, pinched, CLEAR",
  })
  void aMeasuredStanceSetsTheLevelByTheShape(
      SetupFigure figure, double value, SpineShape shape, String fault, Level level) {
    assertThat(figure.says(value, shape))
        .containsEntry(Named.parse(SetupFault.class, fault).orElseThrow(), level);
  }

  @Test
  void theWorseOfTwoKneesCountsAndARoundedShapeHasNoTuckedFault() {
    assertThat(
            SetupFigure.levels(
                Map.of(SetupFigure.TRAIL_PINCH, 0.0, SetupFigure.LEAD_PINCH, 7.0), SpineShape.FLAT))
        .containsEntry(SetupFault.PINCHED, Level.CLEAR);
    assertThat(SpineShape.ROUNDED.counts(SetupFault.TUCKED)).isFalse();
    assertThat(SpineShape.FLAT.counts(SetupFault.TUCKED)).isTrue();
    assertThat(SpineShape.inForce(School.FREE_TURN, Optional.empty()))
        .isEqualTo(SpineShape.ROUNDED);
    assertThat(SpineShape.inForce(School.SETTLED_BASE, Optional.of(SpineShape.ROUNDED)))
        .isEqualTo(SpineShape.ROUNDED);
  }

  @ParameterizedTest(name = "{0} then {1}: {2}")
  @CsvSource({
    "CLEAR, NONE, gone: the set-up drove it",
    "CLEAR, SLIGHT, 'less: the set-up was part of it, look to body and habit for the rest'",
    "CLEAR, CLEAR, still there: look to body and habit",
    "SLIGHT, CLEAR, still there: look to body and habit",
    "CLEAR, NOT_LOOKED_AT, not looked at again yet",
  })
  void twoLooksSideBySide(Level before, Level again, String words) {
    Seen seen =
        new Seen(
            Map.of(SetupFault.PINCHED, Level.CLEAR),
            Map.of(PivotFault.KNEE_DIVE, before),
            Map.of(),
            Set.of());
    List<Link> links =
        new Evidence(
                RuleBook.standard(), new Body(Screens.of(""), Handed.RIGHT), seen, Optional.empty())
            .links();
    List<Relook> relooks = Relook.of(links, Map.of(PivotFault.KNEE_DIVE, again));
    assertThat(relooks).hasSize(1);
    assertThat(relooks.get(0).fix()).containsExactly(SetupFault.PINCHED);
    assertThat(relooks.get(0).outcome().words()).isEqualTo(words);
  }

  @Test
  void withABackCautionWhatLoadsTheBackComesFirst() {
    Seen seen =
        new Seen(
            Map.of(SetupFault.ARCHED, Level.SLIGHT),
            Map.of(PivotFault.SWAY, Level.CLEAR, PivotFault.REVERSE_TILT, Level.SLIGHT),
            Map.of(),
            Set.of());
    String sheet =
        "seated-rotation.right.internal 20; seated-rotation.left.external 30; trunk-turn.right 25";
    Body body = new Body(Screens.of(sheet), Handed.RIGHT);
    Setup setup = Setup.PLAIN;
    Optional<TurnBudget> budget =
        Optional.of(
            TurnBudget.of(School.SETTLED_BASE, setup, Hips.of(body, Coefficients.SHIPPED, setup)));
    Health back = Health.of(Set.of(), List.of(NotedCaution.of(Caution.BACK)));
    Demands asks = School.SETTLED_BASE.shipped();
    assertThat(BackLoad.of(back, seen, body, asks, budget))
        .containsExactly(
            new BackLoad.ArchedAtAddress(),
            new BackLoad.ByFault(PivotFault.REVERSE_TILT),
            new BackLoad.ByStretch(55));
    assertThat(BackLoad.of(Health.CLEAR, seen, body, asks, budget)).isEmpty();
    List<Link> links = new Evidence(RuleBook.standard(), body, seen, budget).links();
    assertThat(BackLoad.first(links, back))
        .extracting(Link::fault)
        .containsExactly(PivotFault.REVERSE_TILT, PivotFault.SWAY);
    assertThat(BackLoad.first(links, Health.CLEAR)).isEqualTo(links);
    assertThat(Coefficients.SHIPPED.demands(School.SETTLED_BASE).shoulders()).isEqualTo(90);
  }
}
