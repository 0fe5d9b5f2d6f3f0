package loosehip.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.GolferText;
import loosehip.app.pivot.PivotPage;
import loosehip.app.repair.SetupRepairs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SetupWordsTest {
  private static final String B =
      """
      try prone-rotation.right.internal 18
      try seated-rotation.right.internal 22
      try standing-turn.right.internal 30
      try prone-rotation.left.external 32
      try seated-rotation.left.external 30
      try prone-rotation.left.internal 15
      try seated-rotation.left.internal 17
      try trunk-turn.right 38
      setup.pelvicTilt=8
      setup.rounding=10
      setup.leadFlare=20
      setup.trailPinch=6
      """;

  @Test
  void exampleBIsToldWhatToChangeAndWhatStaysShort() {
    List<String> lines = new SetupWords(GolferText.workup(B)).lines();
    assertThat(lines.get(0))
        .isEqualTo(
            "Trail foot flared 5° instead of 0°; lead foot flared 15° instead of 20°; let the trail"
                + " knee straighten by 5° going back; going back, lead knee comes in and behind the ball; set the knees over the feet; bring the pelvis to neutral at"
                + " address.");
    assertThat(lines.get(1))
        .isEqualTo("Going back 29 short becomes 12 short; coming through stays 1 to spare.");
    assertThat(new SetupWords(GolferText.workup(B)).others())
        .hasSizeBetween(1, 2)
        .allMatch(l -> l.contains("(back ") && l.endsWith(")."));
    assertThat(lines.get(2)).isEqualTo("What stays short, training has to pay.");
  }

  @Test
  void inShiftAndTurnTheTrailFootFlares() {
    assertThat(new SetupWords(GolferText.workup(B + "school=shift-and-turn")).lines().get(0))
        .startsWith("Trail foot flared 15° instead of 0°; going back, lead heel rises too");
  }

  @Test
  void whatIsOfferedSaysWhenEachPartOfItGoesAgain() {
    List<PivotPage.BridgeLine> bridge =
        new SetupWords(GolferText.workup(B + "school=shift-and-turn")).bridge();
    assertThat(bridge.get(0).words()).isEqualTo("trail flare 15° back to 10°");
    assertThat(bridge.get(0).when()).startsWith("when trail hip inward has gained 5°, about week");
    assertThat(bridge).noneMatch(PivotPage.BridgeLine::reached);
    for (PivotPage.BridgeLine line : bridge) {
      assertThat(line.from()).isLessThanOrEqualTo(line.at());
      assertThat(line.at()).isLessThanOrEqualTo(line.to());
    }
  }

  @Test
  void aFreeHipNeedsNothing() {
    String free =
        """
        try seated-rotation.right.internal 55
        try seated-rotation.left.external 60
        try seated-rotation.left.internal 55
        try trunk-turn.right 55
        """;
    assertThat(new SetupWords(GolferText.workup(free)).lines())
        .containsExactly("Nothing to change: today's set-up pays for this pivot.");
    assertThat(new SetupWords(GolferText.workup(free)).others()).isEmpty();
    assertThat(new SetupWords(GolferText.workup(free)).bridge()).isEmpty();
  }

  /** Whatever the sums say, a set-up fault that is seen is named first. */
  @Test
  void nothingSaysNothingToChangeWhileASetupFaultIsSeen() {
    String free =
        """
        try seated-rotation.right.internal 55
        try seated-rotation.left.external 60
        try seated-rotation.left.internal 55
        try trunk-turn.right 55
        asked
        consent=1
        setup-fault.hunched=slight
        setup-fault.no-side-tilt=clear
        setup-fault.toe-weighted=clear
        """;
    assertThat(new SetupWords(GolferText.workup(free)).lines())
        .containsExactly(
            "Put right first: weight on the toes, hunched back. The turn asks for nothing"
                + " else.");
    List<SetupRepairs.Repair> repairs =
        new SetupRepairs(new ExerciseTexts()).of(GolferText.workup(free));
    assertThat(repairs).extracting(SetupRepairs.Repair::now).containsExactly(true, true, false);
    assertThat(repairs.get(0).line())
        .isEqualTo(
            "Weight on the toes, clear: rock, then settle over the laces. Check: the toes can be"
                + " lifted without moving");
  }

  /** A routine is movement: nobody is asked to do it before the signs are, or while one waits. */
  @ParameterizedTest
  @ValueSource(strings = {"consent=1\n", "asked\nconsent=1\nwarning.night-pain=yes\n"})
  void noRoutineIsShownToWhomMustNotMove(String state) {
    SetupRepairs repairs = new SetupRepairs(new ExerciseTexts());
    String seen = "setup-fault.toe-weighted=clear\n";
    assertThat(repairs.of(GolferText.workup(state + seen))).isEmpty();
    assertThat(repairs.of(GolferText.workup("asked\nconsent=1\n" + seen))).hasSize(1);
  }

  @Test
  void aTuckedPelvisIsNoFaultInARoundedShape() {
    String tucked = "asked\nconsent=1\nsetup-fault.tucked=clear\n";
    SetupRepairs repairs = new SetupRepairs(new ExerciseTexts());
    assertThat(repairs.of(GolferText.workup(tucked))).hasSize(1);
    assertThat(repairs.of(GolferText.workup(tucked + "shape=rounded\n"))).isEmpty();
  }

  @Test
  void aMissingTestIsSaid() {
    assertThat(new SetupWords(GolferText.workup("")).lines().get(0)).startsWith("Not known yet");
  }
}
