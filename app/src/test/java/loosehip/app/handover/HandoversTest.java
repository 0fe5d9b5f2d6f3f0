package loosehip.app.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.GolferText;
import loosehip.app.plan.PlanPages;
import loosehip.app.plan.Plans;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.store.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What the instructor is told: movements and dates, never a reason from the health notes. */
class HandoversTest {
  private static final Account WREN =
      new Account(
          "wren-id",
          "practice",
          "Corrie Brae",
          "wren",
          "Wren",
          "hash",
          loosehip.app.store.Position.OWNER,
          false,
          java.util.Optional.empty());
  private static final String HIPS =
      """
      asked
      consent=1
      who.handed=right
      try seated-rotation.right.internal 20 21 20
      try seated-rotation.left.internal 45 44
      try seated-rotation.left.external 48 47
      try trunk-turn.right 50 51
      """;

  private final PlanPages pages = mock();
  private final Plans plans = mock();
  private final Handovers handovers =
      new Handovers(pages, plans, new SetupRepairs(new ExerciseTexts()), new ExerciseTexts());

  @BeforeEach
  void noPlanYet() {
    when(pages.setupToday(any())).thenReturn(List.of("Nothing to change."));
    when(plans.of(any())).thenReturn(Optional.empty());
  }

  private Handover of(String more) {
    return handovers.of(GolferText.workup(HIPS + more), WREN, GolferText.TODAY);
  }

  @Test
  void whatTheBodyCanAndCannotStandsApart() {
    Handover page = of("");
    assertThat(page.can())
        .contains("Lead hip, inward (L): seated hip turn 44.5\u00a0±\u00a02.9", "Trunk turn");
    assertThat(page.cannot())
        .contains("Trail hip, inward (R): seated hip turn 20.3\u00a0±\u00a02.6")
        .doesNotContainAnyElementsOf(page.can());
    assertThat(page.cannot()).anyMatch(l -> l.startsWith("Turn going back: "));
    assertThat(page.date()).isEqualTo("25 Nov 2026");
    assertThat(page.setup())
        .containsExactly(
            "How they stand was not looked at; the margins are the less certain for it.");
    assertThat(of("setup.trailFlare=10\n").setup()).containsExactly("Nothing to change.");
  }

  @Test
  void aSetupFaultIsToldWithItsCheckAndRoutineTwoAtATime() {
    List<String> setup =
        of("setup.trailFlare=10\nsetup-fault.toe-weighted=clear\nsetup-fault.pinched=slight\n"
                + "setup-fault.hunched=clear\n")
            .setup();
    assertThat(setup).hasSize(3);
    assertThat(setup.get(1))
        .startsWith("Weight on the toes, clear: rock, then settle over the laces. Check: ");
    assertThat(setup.get(2)).startsWith("Pinched knee, slight: ");
  }

  @Test
  void aDecisionIsToldWithWhoMadeItAndWithoutItsReason() {
    Handover page = of("fault.sway=clear\nlink.sway.body-trail-ir=rejected sore since the fall\n");
    assertThat(page.decided()).hasSize(1);
    assertThat(page.decided().get(0))
        .startsWith("Trail hip, inward behind sway: rejected")
        .doesNotContain("sore");
  }

  @Test
  void whatTheBodyDrivesIsLeftAndSaysWhatMustComeFirst() {
    Handover page = of("fault.sway=clear\n");
    assertThat(page.seen()).containsExactly("Sway, clear: body first");
    assertThat(page.leave()).hasSize(1);
    assertThat(page.leave().get(0))
        .startsWith("Sway: do not force it. The body first: trail hip, inward")
        .endsWith("then measure again");
    assertThat(page.ask()).isEmpty();
  }

  @Test
  void setUpAndHabitMayBeWorkedOnAtOnce() {
    Handover setup = of("fault.knee-dive=clear\nsetup-fault.pinched=clear\n");
    assertThat(setup.ask())
        .anyMatch(l -> l.startsWith("Trail knee dives") || l.contains("change the set-up first"));
    Handover habit = of("fault.dip=clear\nhabit.ground-push=yes\nrehearsal.dip=can\n");
    assertThat(habit.ask()).anyMatch(l -> l.endsWith("a habit to be relearnt"));
    assertThat(habit.leave()).isEmpty();
  }

  @Test
  void cautionsAreToldAsMovementsToLeaveAndNeverByName() {
    Handover page = of("caution.inner-knee=right\ncaution.heart=yes\n");
    assertThat(page.mind()).hasSize(2);
    assertThat(page.mind())
        .anyMatch(l -> l.contains("twists the knee") && l.endsWith("(trail (R))"));
    assertThat(String.join(" ", page.mind()).toLowerCase())
        .doesNotContain("heart")
        .doesNotContain("blood")
        .doesNotContain("pain at the inside");
    Handover cleared =
        of(
            "caution.inner-knee=right\ncleared-caution.inner-knee={\"by\":\"Dr"
                + " Imrie\",\"profession\":\"surgeon\",\"limits\":\"walks"
                + " first\",\"lifts\":[],\"blocks\":[\"impact\"],\"degrees\":[]}\n");
    assertThat(cleared.mind())
        .contains("Cleared with limits: walks first", "Not: a landing")
        .noneMatch(l -> l.contains("Imrie"));
  }
}
