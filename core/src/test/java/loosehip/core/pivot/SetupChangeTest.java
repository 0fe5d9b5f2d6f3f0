package loosehip.core.pivot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Setups;
import loosehip.core.body.Leg;
import org.junit.jupiter.api.Test;

/** What each lever moved from one set-up to another buys and costs. */
class SetupChangeTest {
  private static final Setup TODAY =
      Setups.of(40, 8, 0, 5, 20, 6, 4, 0, LeadRelease.HELD, Club.DRIVER);

  private static List<SetupChange> to(Setup then) {
    return SetupChange.between(Coefficients.SHIPPED, TODAY, then);
  }

  @Test
  void nothingMovedIsNoChange() {
    assertThat(to(TODAY)).isEmpty();
  }

  @Test
  void everyLeverInTheOrderOfTheModel() {
    Setup then = Setups.with(TODAY, 15, 12, 16, LeadRelease.KNEE, true, true);
    assertThat(to(then))
        .containsExactly(
            new SetupChange(SetupOption.Lever.TRAIL_FLARE, Leg.TRAIL, 5, 15, 10, 0),
            // turning the lead toes in gives going back what it takes coming through
            new SetupChange(SetupOption.Lever.LEAD_FLARE, Leg.LEAD, 20, 12, 8, -8),
            // half of 16
            new SetupChange(SetupOption.Lever.STRAIGHTENING, Leg.TRAIL, 0, 16, 8, 0),
            new SetupChange(SetupOption.Lever.RELEASE, Leg.LEAD, 0, 1, 12, 0),
            new SetupChange(SetupOption.Lever.UNPINCH, Leg.TRAIL, 6, 0, 6, 0),
            // a pinched lead knee turns that hip out
            new SetupChange(SetupOption.Lever.UNPINCH, Leg.LEAD, 4, 0, -4, 0),
            // 0.6 of an arch of 8
            new SetupChange(SetupOption.Lever.LEVEL, Leg.TRAIL, 8, 0, 4.8, 4.8));
  }

  @Test
  void backFromWhereMoreWasBoughtItIsTaken() {
    Setup more = Setups.with(TODAY, 5, 20, 10, LeadRelease.HEEL, false, false);
    assertThat(
            SetupChange.between(
                Coefficients.SHIPPED,
                more,
                Setups.with(TODAY, 5, 20, 4, LeadRelease.KNEE, false, false)))
        .containsExactly(
            new SetupChange(SetupOption.Lever.STRAIGHTENING, Leg.TRAIL, 10, 4, -3, 0),
            new SetupChange(SetupOption.Lever.RELEASE, Leg.LEAD, 2, 1, -13, 0));
  }

  /** There and back again costs nothing. */
  @Law
  void theWayBackUndoesTheWayThere(Chance chance) {
    Setup then =
        Setups.with(
            TODAY,
            chance.whole(0, 30),
            chance.whole(0, 40),
            chance.whole(0, 20),
            chance.one(List.of(LeadRelease.values())),
            chance.yes(),
            chance.yes());
    List<SetupChange> there = to(then);
    List<SetupChange> back = SetupChange.between(Coefficients.SHIPPED, then, TODAY);
    assertThat(back).hasSameSizeAs(there);
    for (int i = 0; i < there.size(); i++) {
      assertThat(back.get(i).from()).isEqualTo(there.get(i).to());
      assertThat(back.get(i).back() + there.get(i).back()).isZero();
      assertThat(back.get(i).through() + there.get(i).through()).isZero();
    }
  }
}
