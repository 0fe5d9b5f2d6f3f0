package loosehip.core.pivot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import loosehip.core.Bodies;
import loosehip.core.Screens;
import loosehip.core.Setups;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.link.Forecast;
import loosehip.core.link.ForecastSeen;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.measure.Screen;
import org.junit.jupiter.api.Test;

class BridgeTest {
  private static final Setup TODAY =
      Setups.of(40, 8, 10, 0, 20, 6, 0, 0, LeadRelease.HELD, Club.DRIVER);

  private static Setup changed(double trail, double lead, double straight, LeadRelease release) {
    return Setups.with(TODAY, trail, lead, straight, release, true, true);
  }

  /**
   * Flare 0 → 15 goes back in three fives at 5, 10, 15 gained; at 6 in 6 weeks: 5, 10, 15 weeks.
   */
  @Test
  void everyFiveGainedTakesFiveOfFlare() {
    Bridge bridge =
        Bridge.of(
            TODAY,
            changed(15, 20, 0, LeadRelease.HELD),
            new Bridge.Gained(6, 0, 0, 0),
            Coefficients.SHIPPED);
    assertThat(bridge.parts()).extracting(Bridge.Part::to).containsExactly(10.0, 5.0, 0.0);
    assertThat(bridge.parts()).extracting(Bridge.Part::gain).containsExactly(5.0, 10.0, 15.0);
    assertThat(bridge.parts()).extracting(Bridge.Part::reached).containsExactly(true, false, false);
    Bridge.Part second = bridge.parts().get(1);
    assertThat(second.weeks()).isEqualTo(10);
    assertThat(second.weeksFast()).isEqualTo(6);
    assertThat(second.weeksSlow()).isEqualTo(20);
    assertThat(second.range()).isEqualTo(Bridge.Range.TRAIL_IN);
  }

  @Test
  void straighteningFollowsTheFlareAndReleaseGoesStepByStep() {
    Bridge bridge =
        Bridge.of(
            TODAY,
            changed(5, 20, 5, LeadRelease.HEEL),
            Bridge.Gained.NOTHING,
            Coefficients.SHIPPED);
    assertThat(bridge.parts())
        .extracting(Bridge.Part::lever)
        .containsExactly(
            SetupOption.Lever.TRAIL_FLARE,
            SetupOption.Lever.STRAIGHTENING,
            SetupOption.Lever.RELEASE,
            SetupOption.Lever.RELEASE);
    assertThat(bridge.parts()).extracting(Bridge.Part::gain).containsExactly(5.0, 7.5, 13.0, 25.0);
  }

  /** Knee to held buys 12: at 11.9 it stays, at 12 it goes; the trunk's relief counts with it. */
  @Test
  void aReleaseStaysUntilItsOwnDegreesAreGained() {
    assertThat(released(11.9, 0)).isFalse();
    assertThat(released(12, 0)).isTrue();
    assertThat(released(8, 4)).isTrue();
    assertThat(released(8, 3.9)).isFalse();
  }

  private static boolean released(double leadOut, double relief) {
    Bridge bridge =
        Bridge.of(
            TODAY,
            changed(0, 20, 0, LeadRelease.KNEE),
            new Bridge.Gained(0, leadOut, 0, relief),
            Coefficients.SHIPPED);
    return bridge.parts().get(0).reached();
  }

  /** B's 38 of trunk asks 53.4 of the pelvis, held to 50; 12 more ask 41.8. */
  @Test
  void aTrunkThatTurnsFartherAsksLessOfThePelvis() {
    TurnBudget budget =
        TurnBudget.of(
            School.ROTATION_FIRST, TODAY, Bodies.hips(TurnBudgetTest.B, Handed.RIGHT, TODAY));
    assertThat(budget.relief(2, Coefficients.SHIPPED)).isZero();
    assertThat(budget.relief(12, Coefficients.SHIPPED)).isCloseTo(50 - 41.8, within(0.05));
    assertThat(budget.relief(60, Coefficients.SHIPPED)).isEqualTo(10);
  }

  @Test
  void leadFlareIsPaidForByTheTurnItServes() {
    Bridge more =
        Bridge.of(
            TODAY,
            changed(0, 27, 0, LeadRelease.HELD),
            Bridge.Gained.NOTHING,
            Coefficients.SHIPPED);
    assertThat(more.parts()).extracting(Bridge.Part::range).containsOnly(Bridge.Range.LEAD_IN);
    assertThat(more.parts()).extracting(Bridge.Part::to).containsExactly(22.0, 20.0);
    assertThat(more.parts().get(1).gain()).isEqualTo(7);
    Bridge less =
        Bridge.of(
            TODAY,
            changed(0, 10, 0, LeadRelease.HELD),
            Bridge.Gained.NOTHING,
            Coefficients.SHIPPED);
    assertThat(less.parts()).extracting(Bridge.Part::range).containsOnly(Bridge.Range.LEAD_OUT);
    assertThat(less.parts()).extracting(Bridge.Part::to).containsExactly(15.0, 20.0);
    assertThat(Bridge.of(TODAY, TODAY, Bridge.Gained.NOTHING, Coefficients.SHIPPED).empty())
        .isTrue();
  }

  /** Example B: pricing its best option gives the search's own score, 100.7. */
  @Test
  void anySetupIsPricedLikeThoseOfTheSearch() {
    Screen screen =
        Screens.of(
            """
            prone-rotation.right.internal 18; seated-rotation.right.internal 22
            standing-turn.right.internal 30
            prone-rotation.left.external 32; seated-rotation.left.external 30
            prone-rotation.left.internal 15; seated-rotation.left.internal 17
            trunk-turn.right 38
            """);
    SetupSearch.Found found =
        SetupSearch.search(School.ROTATION_FIRST, Bodies.of(screen), Coefficients.SHIPPED, TODAY);
    SetupOption priced =
        SetupSearch.price(
            School.ROTATION_FIRST,
            Bodies.of(screen),
            Coefficients.SHIPPED,
            TODAY,
            found.best().setup());
    assertThat(priced.score()).isCloseTo(100.7, within(0.05));
    assertThat(priced.score()).isCloseTo(found.best().score(), within(1e-9));
    assertThat(
            SetupSearch.price(
                    School.ROTATION_FIRST, Bodies.of(screen), Coefficients.SHIPPED, TODAY, TODAY)
                .cost())
        .isZero();
    assertThatThrownBy(
            () ->
                SetupSearch.price(
                    School.ROTATION_FIRST,
                    Bodies.of(Screen.empty()),
                    Coefficients.SHIPPED,
                    TODAY,
                    TODAY))
        .hasMessageContaining("needs both hips");
  }

  /**
   * Heel 20 instead of 25: lead side 20 + 10 + 20 = 50 against 55 asked, five short at six a
   * degree; the shoulders are five short at two; the finish is 15 short, five beyond its grace.
   */
  @Test
  void aPracticesOwnFiguresReachTheBudgetAndTheSearch() {
    Screen screen =
        Screens.of(
            """
            seated-rotation.right.internal 60; seated-rotation.left.external 20
            seated-rotation.left.internal 40; trunk-turn.right 40
            """);
    Setup heel = Setups.of(40, 0, 0, 0, 0, 0, 0, 0, LeadRelease.HEEL, Club.DRIVER);
    Coefficients own =
        new Coefficients(Map.of(Coefficient.RELEASE_HEEL, 20.0, Coefficient.PRICE_SHORT, 6.0));
    Body body = Bodies.of(screen);
    double shipped =
        TurnBudget.of(School.FREE_TURN, heel, Bodies.hips(screen, Handed.RIGHT, heel))
            .backMargin()
            .orElseThrow()
            .degrees();
    double mine =
        TurnBudget.of(School.FREE_TURN, heel, Hips.of(body, own, heel))
            .backMargin()
            .orElseThrow()
            .degrees();
    assertThat(mine).isCloseTo(shipped - 5, within(1e-9));
    SetupOption today = SetupSearch.search(School.FREE_TURN, body, own, heel).today();
    assertThat(today.backMargin()).isCloseTo(-5, within(1e-9));
    assertThat(today.score()).isCloseTo(6 * 5 + 2 * 5 + 5, within(1e-9));
    assertThat(own.own()).hasSize(2);
    assertThatThrownBy(() -> new Coefficients(Map.of(Coefficient.RELEASE_HEEL, 90.0)))
        .hasMessageContaining("release-heel lies between");
  }

  @Test
  void everyCoefficientHasAShippedValueInsideItsBounds() {
    assertThat(ModelFigure.all()).hasSize(Coefficient.values().length + 4 * 10);
    for (ModelFigure c : ModelFigure.all()) {
      assertThat(c.shipped()).as(c.id()).isBetween(c.low(), c.high());
      assertThat(ModelFigure.parse(c.id())).contains(c);
      assertThat(Coefficients.SHIPPED.value(c)).as(c.id()).isEqualTo(c.shipped());
      assertThat(c.source()).isNotBlank();
    }
  }

  @Test
  void aSchoolsOwnFigureMovesItsBudgetAlone() {
    ModelFigure low = ModelFigure.parse("rotation-first.pelvis-low").orElseThrow();
    ModelFigure open = ModelFigure.parse("rotation-first.open").orElseThrow();
    Coefficients own = new Coefficients(Map.of(low, 30.0, open, 35.0));
    assertThat(own.demands(School.ROTATION_FIRST).pelvisLow()).isEqualTo(30);
    assertThat(own.demands(School.ROTATION_FIRST).pelvisHigh()).isEqualTo(50);
    assertThat(own.demands(School.FREE_TURN)).isEqualTo(School.FREE_TURN.shipped());
    assertThatThrownBy(() -> new Coefficients(Map.of(low, 60.0)))
        .hasMessage("Rotation first: the least pelvis turn would be above the most.");
    assertThatThrownBy(() -> new Coefficients(Map.of(Coefficient.GAIN_SLOW, 7.0)))
        .hasMessageContaining("between the slow and the fast");
  }

  @Test
  void aPracticesOwnGainMovesTheBridge() {
    Coefficients own =
        new Coefficients(Map.of(Coefficient.GAIN, 10.0, Coefficient.BRIDGE_STEP, 10.0));
    Bridge bridge =
        Bridge.of(TODAY, changed(15, 20, 0, LeadRelease.HELD), Bridge.Gained.NOTHING, own);
    assertThat(bridge.parts()).hasSize(2);
    assertThat(bridge.parts().get(0).gain()).isEqualTo(10);
    assertThat(bridge.parts().get(0).weeks()).isEqualTo(6);
  }

  @Test
  void theForecastIsHeldAgainstWhatWasSeen() {
    List<Forecast.Expected> expected =
        List.of(
            new Forecast.Expected(BudgetMargin.BACK, PivotFault.SWAY, 1),
            new Forecast.Expected(BudgetMargin.BACK, PivotFault.EARLY_STOP, 0.9),
            new Forecast.Expected(BudgetMargin.BACK, PivotFault.REVERSE_TILT, 0.7));
    Seen seen =
        new Seen(
            Map.of(),
            Map.of(PivotFault.SWAY, Level.CLEAR, PivotFault.EARLY_STOP, Level.NONE),
            Map.of(),
            Set.of());
    assertThat(ForecastSeen.of(expected, budget(20), seen))
        .extracting(ForecastSeen::kind)
        .containsExactly(
            ForecastSeen.Kind.AGREES, ForecastSeen.Kind.NOT_SEEN, ForecastSeen.Kind.LOOK);
    assertThat(ForecastSeen.of(List.of(), budget(60), seen))
        .containsExactly(new ForecastSeen(PivotFault.SWAY, ForecastSeen.Kind.SURPRISE));
    assertThat(ForecastSeen.of(List.of(), budget(32), seen))
        .containsExactly(new ForecastSeen(PivotFault.SWAY, ForecastSeen.Kind.UNDECIDED));
  }

  /** Pelvis asked 42 (90 less a trunk of 48): a trail hip of 32 and 10 of slack has just that. */
  private static TurnBudget budget(double trailHip) {
    Screen screen =
        Screens.of(
            "seated-rotation.right.internal "
                + trailHip
                + "; seated-rotation.left.external 70; seated-rotation.left.internal 60;"
                + " trunk-turn.right 48");
    return TurnBudget.of(
        School.ROTATION_FIRST, Setup.PLAIN, Bodies.hips(screen, Handed.RIGHT, Setup.PLAIN));
  }
}
