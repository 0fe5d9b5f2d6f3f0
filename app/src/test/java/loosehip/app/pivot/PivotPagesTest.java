package loosehip.app.pivot;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.annotation.AnnotationConfigApplicationContext;

class PivotPagesTest {
  /** Example B of the model: a stiff body, trail side limiting. */
  private static final String STIFF =
      """
      consent=1; setup.leadFlare=20; setup.trailPinch=6; setup.pelvicTilt=8; setup.rounding=10
      try prone-rotation.right.internal 18
      try seated-rotation.right.internal 22
      try standing-turn.right.internal 30
      try prone-rotation.left.external 32
      try seated-rotation.left.external 30
      try prone-rotation.left.internal 15
      try seated-rotation.left.internal 17
      try trunk-turn.right 38
      """;

  private static final PivotPages PAGES = pages();

  private static PivotPages pages() {
    var context = new AnnotationConfigApplicationContext("loosehip.app.figure");
    return new PivotPages(context.getBean(Figures.class));
  }

  private static PivotPage page(Workup workup, Map<String, String> asked) {
    return PAGES.page(
        workup,
        Trial.of(asked, workup.golfer().setup(), workup.golfer().school()),
        Optional.empty());
  }

  private static PivotPage.Delta delta(PivotPage page, String id) {
    return page.deltas().stream().filter(d -> d.id().equals(id)).findFirst().orElseThrow();
  }

  @Test
  void asItStandsNothingMoves() {
    PivotPage page = page(GolferText.workup(STIFF), Map.of());
    assertThat(page.changed()).isFalse();
    assertThat(delta(page, "back").verdict()).isEqualTo("29.0 short");
    assertThat(delta(page, "impact").verdict()).isEqualTo("1.1 to spare");
    assertThat(page.deltas()).allMatch(PivotPage.Delta::same);
    assertThat(page.live()).startsWith("Going back 29.0 degrees short");
  }

  /** The trail side limits by 0.1 only, so five of trail flare buy 0.1 until the lead opens too. */
  @Test
  void aTriedSetupMovesTheMarginsByWhatItBuys() {
    Workup workup = GolferText.workup(STIFF);
    PivotPage lead = page(workup, Map.of("leadFlare", "10", "trailFlare", "10"));
    assertThat(delta(lead, "back").moved()).isEqualTo("+10.0");
    assertThat(delta(lead, "impact").moved()).isEqualTo("−10.0");
    assertThat(lead.changed()).isTrue();
    assertThat(lead.levers().get(0).price()).isEqualTo("5 more: +0.1 back, 0 through");
  }

  @ParameterizedTest(name = "{0}={1} is taken as {2}")
  @CsvSource({
    "trailFlare, 15, 15",
    "trailFlare, 200, 60",
    "trailFlare, -99, -20",
    "trailFlare, fifteen, 0",
    "trailFlare, '7,25', 7.3",
    "hipFlexion, 95, 90",
  })
  void whatIsTriedIsHeldWithinItsBounds(String name, String typed, double taken) {
    Trial trial = Trial.of(Map.of(name, typed), Setup.PLAIN, School.FREE_TURN);
    double read =
        name.equals("trailFlare") ? trial.setup().trailFlare() : trial.setup().hipFlexion();
    assertThat(read).isEqualTo(taken);
  }

  @Test
  void onlyWhatDiffersIsKept() {
    Trial trial =
        Trial.of(
            Map.of("trailFlare", "10", "leadRelease", "heel", "school", "shift-and-turn"),
            Setup.PLAIN,
            School.FREE_TURN);
    assertThat(trial.changesFrom(Setup.PLAIN, School.FREE_TURN))
        .containsExactly(
            Facts.SETUP.about(BudgetFigure.TRAIL_FLARE).note(10.0),
            Facts.RELEASE.note(LeadRelease.HEEL),
            Facts.SCHOOL.note(School.SHIFT_AND_TURN));
    assertThat(
            Trial.of(Map.of(), Setup.PLAIN, School.FREE_TURN)
                .changesFrom(Setup.PLAIN, School.FREE_TURN))
        .isEmpty();
  }

  @Test
  void pricesAreSaidBothWays() {
    Setup then =
        Setup.PLAIN
            .with(BudgetFigure.TRAIL_FLARE, 10)
            .with(BudgetFigure.LEAD_FLARE, 10)
            .with(BudgetFigure.STRAIGHTENING, 10)
            .with(LeadRelease.KNEE);
    assertThat(SetupChanges.priced(Coefficients.SHIPPED, Setup.PLAIN, then))
        .containsExactly(
            "10 more of trail flare (10°): +10 trail side going back, nothing lost coming through",
            "10 more of lead flare (10°): −10 lead side going back, +10 coming through",
            "trail knee straightens by 10°: +5 trail side going back, nothing lost coming through",
            "going back, lead knee comes in and behind the ball: +12 lead side going back, nothing"
                + " lost coming through");
  }

  @Test
  void theGolferIsToldWhatToDoNotWhatItCosts() {
    Setup today =
        Setup.PLAIN
            .with(BudgetFigure.PELVIC_TILT, 8)
            .with(BudgetFigure.TRAIL_PINCH, 6)
            .with(Club.IRON);
    Setup then =
        today
            .with(BudgetFigure.TRAIL_FLARE, 15)
            .with(BudgetFigure.STRAIGHTENING, 5)
            .unpinched()
            .levelled();
    assertThat(SetupChanges.instructions(today, then))
        .containsExactly(
            "trail foot flared 15° instead of 0°",
            "let the trail knee straighten by 5° going back",
            "set the knees over the feet",
            "bring the pelvis to neutral at address");
    assertThat(SetupChanges.instructions(today, today)).isEmpty();
  }

  /** Level takes 0.6·8 = 4.8 of cost away on both inward turns; each knee is priced on its side. */
  @Test
  void kneesAndTiltArePricedOnTheirOwnSide() {
    Setup today =
        Setup.PLAIN
            .with(BudgetFigure.PELVIC_TILT, 8)
            .with(BudgetFigure.TRAIL_PINCH, 6)
            .with(BudgetFigure.LEAD_PINCH, 4);
    assertThat(SetupChanges.priced(Coefficients.SHIPPED, today, today.unpinched().levelled()))
        .containsExactly(
            "trail knee over its foot: +6 trail side going back, nothing lost coming through",
            "lead knee over its foot: −4 lead side going back, nothing lost coming through",
            "pelvis to neutral at address: +4.8 trail side going back, +4.8 coming through");
  }

  @Test
  void whenNoSetupSufficesItSaysWhatStaysShort() {
    PivotPage.Today today = SetupToday.of(GolferText.workup(STIFF));
    assertThat(today.verdict())
        .isEqualTo(
            "No set-up pays for all of it: 11.9 degrees short going back stays even with the best,"
                + " and training has to pay the rest.");
    assertThat(today.ways()).isNotEmpty();
    List<PivotPage.SchoolCard> cards = PAGES.schools(GolferText.workup(STIFF));
    assertThat(card(cards, "shift-and-turn").score()).isEqualTo("55.7");
    assertThat(card(cards, "rotation-first").score()).isEqualTo("100.7");
    assertThat(card(cards, "rotation-first").chosen()).isTrue();
    assertThat(card(cards, "rotation-first").loser())
        .startsWith("pays worse by ")
        .endsWith("11.9 degrees short going back even in its best set-up");
    assertThat(cards.get(0).loser()).isEmpty();
  }

  private static PivotPage.SchoolCard card(List<PivotPage.SchoolCard> cards, String id) {
    return cards.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
  }

  @Test
  void theRetestMovesTheBridge() {
    Workup first = GolferText.workup(STIFF);
    Trial taken = Trial.of(Map.of("trailFlare", "10"), first.golfer().setup(), School.FREE_TURN);
    String line =
        Facts.SETUP_TODAY.note(AcceptedSetup.taken(first, taken.setup())).value().orElseThrow();
    assertThat(bridge(STIFF + "\nsetup-today=" + line)).containsExactly(false, false);
    assertThat(
            SetupChanges.parts(Coefficients.SHIPPED, first.golfer().setup(), taken.setup())
                .get(0)
                .what())
        .isEqualTo("10 more of trail flare (10°)");
    String better =
        STIFF
            .replace("prone-rotation.right.internal 18", "prone-rotation.right.internal 25")
            .replace("seated-rotation.right.internal 22", "seated-rotation.right.internal 29");
    assertThat(bridge(better + "\nsetup-today=" + line)).containsExactly(true, false);
    assertThat(AcceptedSetup.of(GolferText.workup(STIFF + "\nsetup-today=nonsense"))).isEmpty();
  }

  private static List<Boolean> bridge(String file) {
    return SetupToday.of(GolferText.workup(file)).bridge().stream()
        .map(PivotPage.BridgeLine::reached)
        .toList();
  }

  @Test
  void aMissingTestIsNamedAndTheRestIsSaid() {
    PivotPage page = page(GolferText.workup("try seated-rotation.left.internal 33"), Map.of());
    assertThat(page.deltas()).extracting(PivotPage.Delta::id).containsExactly("impact", "finish");
    assertThat(page.tried().missing()).hasSize(3);
    assertThat(PAGES.schools(GolferText.workup(""))).isEmpty();
    assertThat(SetupToday.of(GolferText.workup("")).verdict()).startsWith("Not known yet");
  }
}
