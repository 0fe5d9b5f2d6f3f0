package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Screens;
import loosehip.core.Seens;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.TurnBudget;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvidenceTest {
  private static final String TRAIL_SHORT =
      """
      seated-rotation.right.internal 20
      seated-rotation.left.external 45
      trunk-turn.right 45
      side-hip-hold.right 2
      """;

  @Test
  void theWorkedSwayIsBodyFirst() {
    Screen screen = Screens.of(TRAIL_SHORT);
    Seen seen = seen("sway clear cannot", allSetupNone(), Set.of());
    Link sway = links(screen, seen).get(0);
    CauseChance trailIr = cause(sway, "trail-ir");
    assertThat(trailIr.odds()).isCloseTo(8.62, within(0.005));
    assertThat(trailIr.chance()).isCloseTo(0.896, within(0.0005));
    assertThat(trailIr.likelihood()).isEqualTo(Likelihood.VERY_LIKELY);
    assertThat(cause(sway, "side-hip").odds()).isCloseTo(0.300, within(0.0005));
    assertThat(cause(sway, "side-hip").chance()).isCloseTo(0.231, within(0.0005));
    assertThat(cause(sway, "side-hip").likelihood()).isEqualTo(Likelihood.POSSIBLE);
    assertThat(cause(sway, "held-still").chance()).isCloseTo(0.114, within(0.0005));
    assertThat(cause(sway, "held-still").likelihood()).isEqualTo(Likelihood.UNLIKELY);
    assertThat(sway.triage().id()).isEqualTo("body first");
  }

  @ParameterizedTest(name = "{0} | {1} | {2}: {3}")
  @CsvSource(
      delimiter = '|',
      value = {
        "seated-rotation.right.internal 45; side-hip-hold.right 2 | sway clear can     |               | habit",
        "                                                         | sway clear         |               | not settled",
        "seated-rotation.right.internal 20                        | sway clear         |               | body first",
        "seated-rotation.right.internal 20 p6                     | sway clear         |               | not settled",
        "                                                         | early-stop clear   | pinched clear | set-up first",
        "seated-rotation.right.internal 20                        | early-stop clear   | pinched clear | set-up first",
        "                                                         | early-stop clear can |             | habit",
        "seated-rotation.right.internal 45; seated-rotation.left.external 45; seated-rotation.left.internal 45 | arm-wrap clear; early-stop clear | | see early-stop",
        "                                                         | sway slight        |               | not settled",
      })
  void triageOutcomes(String sheet, String faults, String setup, String verdict) {
    Map<SetupFault, Level> looked = new EnumMap<>(SetupFault.class);
    if (setup != null && !setup.isBlank()) {
      looked.put(Named.parse(SetupFault.class, setup.split(" ")[0]).orElseThrow(), Level.CLEAR);
    }
    Seen seen = seen(faults, looked, Set.of());
    Link first =
        links(Screens.of(sheet == null ? "" : sheet), seen).stream()
            .filter(l -> faults.startsWith(l.fault().id()))
            .findFirst()
            .orElseThrow();
    assertThat(first.triage().id()).isEqualTo(verdict);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        // one strong cause short, no budget: .538 × 4
        "seated-rotation.right.internal 20 | 2.154",
        // close: .538 × 2
        "seated-rotation.right.internal 35 | 1.077",
        // enough: .538 × .35
        "seated-rotation.right.internal 45 | 0.188",
        // seated and prone: the worse counts
        "seated-rotation.right.internal 45; prone-rotation.right.internal 25 | 2.154",
        // standing alone, by whole-leg bands
        "standing-turn.right.internal 50 | 1.077",
        // standing beside seated is not used
        "standing-turn.right.internal 30; seated-rotation.right.internal 45 | 0.188",
      })
  void theOddsOfTheTrailHipBehindASway(String sheet, double odds) {
    Link sway = links(Screens.of(sheet), seen("sway clear", Map.of(), Set.of())).get(0);
    assertThat(cause(sway, "trail-ir").odds()).isCloseTo(odds, within(0.0005));
  }

  @Test
  void testAndBudgetTogetherStopAtEight() {
    Screen screen =
        Screens.of(
            "seated-rotation.right.internal 20; seated-rotation.left.external 45; trunk-turn.right 45");
    CauseChance cause =
        cause(links(screen, seen("sway clear", Map.of(), Set.of())).get(0), "trail-ir");
    double product = cause.factors().stream().mapToDouble(Factor::value).reduce(1, (a, b) -> a * b);
    assertThat(product).isEqualTo(8);
    assertThat(new CauseChance(cause.cause(), List.of(), 1000, true).chance()).isEqualTo(0.95);
  }

  @Test
  void anEnoughBudgetLowersBothHipCauses() {
    Screen screen =
        Screens.of(
            "seated-rotation.right.internal 60; seated-rotation.left.external 60; trunk-turn.right 60");
    Link sway = links(screen, seen("sway clear", Map.of(), Set.of())).get(0);
    // .35 odds .5385 × .35 × .6; lead-er .1 odds .1111 × .6 (moderate enough) × .6
    assertThat(cause(sway, "trail-ir").odds()).isCloseTo(0.5385 * 0.35 * 0.6, within(0.001));
    assertThat(cause(sway, "lead-er").odds()).isCloseTo(0.1111 * 0.6 * 0.6, within(0.001));
  }

  @Test
  void aNamedHabitWithEveryStrongBodyCauseClearedIsSixTimesLikelier() {
    Screen screen = Screens.of("seated-rotation.right.internal 45; side-hip-hold.right 1");
    Link sway = links(screen, seen("sway clear", Map.of(), Set.of(Habit.HELD_STILL))).get(0);
    assertThat(cause(sway, "held-still").odds()).isCloseTo(0.3 / 0.7 * 2 * 3, within(0.0005));
  }

  @Test
  void aCauseNotMeasuredSaysSo() {
    Link sway = links(Screens.of(""), seen("sway clear", Map.of(), Set.of())).get(0);
    CauseChance trail = cause(sway, "trail-ir");
    assertThat(trail.settled()).isFalse();
    assertThat(trail.factors())
        .extracting(Factor::finding)
        .containsExactly(
            new Finding.Tested(
                Limit.of(LimitKind.TRAIL_IR), Band.NOT_MEASURED, Optional.empty(), false));
    assertThat(trail.chance()).isCloseTo(0.35, within(1e-9));
  }

  @Law
  void aShortFindingNeverLowersItsCause(Chance chance) {
    int turn = chance.whole(0, 29);
    double before =
        cause(links(Screens.of(""), seen("sway clear", Map.of(), Set.of())).get(0), "trail-ir")
            .odds();
    double after =
        cause(
                links(
                        Screens.of("seated-rotation.right.internal " + turn),
                        seen("sway clear", Map.of(), Set.of()))
                    .get(0),
                "trail-ir")
            .odds();
    assertThat(after).isGreaterThan(before);
  }

  @Law
  void aMirroredLeftHanderGetsTheSameLinks(Chance chance) {
    int in = chance.whole(5, 60);
    int drop = chance.whole(0, 12);
    Screen screen =
        Screens.of(
            "seated-rotation.right.internal %d; seated-rotation.left.external 40; trunk-turn.right 40; side-hip-hold.right %d; bridge-hold.left 8"
                .formatted(in, drop));
    Seen seen = seen("sway clear; hip-thrust slight", Map.of(), Set.of());
    List<Link> right = links(screen, seen);
    List<Link> left =
        new Evidence(
                RuleBook.standard(),
                new Body(screen.mirrored(), Handed.LEFT),
                seen,
                Optional.of(
                    TurnBudget.of(
                        School.ROTATION_FIRST,
                        Setup.PLAIN,
                        Hips.of(
                            new Body(screen.mirrored(), Handed.LEFT),
                            Coefficients.SHIPPED,
                            Setup.PLAIN))))
            .links();
    assertThat(Seens.told(left)).isEqualTo(Seens.told(right));
  }

  @Test
  void needsRankTheLimitingHipFirstAndSayWhy() {
    Screen screen = Screens.of(TRAIL_SHORT);
    List<Link> links = links(screen, seen("sway clear cannot", allSetupNone(), Set.of()));
    List<Need> needs =
        Needs.of(
            links,
            Set.of(Complaint.LOST_DISTANCE),
            Optional.of(budget(screen)),
            new Body(screen, Handed.RIGHT));
    assertThat(needs.get(0).limit()).isEqualTo(Limit.of(LimitKind.TRAIL_IR));
    // severity 1 × .896 × 1.5 for the complaint + .5 for the budget
    assertThat(needs.get(0).size()).isCloseTo(0.896 * 1.5 + 0.5, within(0.001));
    assertThat(needs.get(0).because())
        .containsExactly(
            new NeedReason.Behind(PivotFault.SWAY, Likelihood.VERY_LIKELY, true),
            new NeedReason.LimitsGoingBack());
  }

  @ParameterizedTest(name = "left {0}, right {1}: weaker {2}")
  @CsvSource({
    "40 40 40, 29 29 29, TRAIL",
    "40 40 40, 31 31 31, ",
    "40, 29, TRAIL",
    "40, 31, ",
    "20 20 20, 45 45 45, LEAD"
  })
  void aSideDifferenceMustBeLargerThanItsOwnRuler(String left, String right, String weaker) {
    Screen screen =
        Screens.of(
            "seated-rotation.left.internal %s; seated-rotation.right.internal %s"
                .formatted(left, right));
    assertThat(new Body(screen, Handed.RIGHT).stifferHip().map(Enum::name).orElse(null))
        .isEqualTo(weaker);
  }

  @Test
  void everyFaultOfTheBookHasCausesAndReadsBack() {
    assertThat(PivotFault.values())
        .allSatisfy(f -> assertThat(RuleBook.standard().causes(f)).isNotEmpty());
    assertThat(Arrays.stream(PivotFault.values()).map(PivotFault::id)).hasSize(27);
  }

  @ParameterizedTest
  @CsvSource({
    "sway | b nowhere .3",
    "sway | x trail-ir .3",
    "sway | b trail-ir 1.3",
    "wobble | b trail-ir .3"
  })
  void aBookThatCannotBeReadNamesItsLine(String line) {
    Assertions.assertThatThrownBy(() -> RuleBook.parse("# remark\n" + line))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("line 2");
  }

  private static List<Link> links(Screen screen, Seen seen) {
    return new Evidence(
            RuleBook.standard(), new Body(screen, Handed.RIGHT), seen, Optional.of(budget(screen)))
        .links();
  }

  private static TurnBudget budget(Screen screen) {
    Setup setup = Setup.PLAIN.with(BudgetFigure.TRAIL_FLARE, 0).with(BudgetFigure.LEAD_FLARE, 0);
    Hips hips = Hips.of(new Body(screen, Handed.RIGHT), Coefficients.SHIPPED, setup);
    return TurnBudget.of(School.ROTATION_FIRST, setup, hips);
  }

  private static Map<SetupFault, Level> allSetupNone() {
    Map<SetupFault, Level> none = new EnumMap<>(SetupFault.class);
    for (SetupFault fault : SetupFault.values()) {
      none.put(fault, Level.NONE);
    }
    return none;
  }

  private static Seen seen(String faults, Map<SetupFault, Level> setup, Set<Habit> habits) {
    return Seens.of(faults, setup, habits);
  }

  private static CauseChance cause(Link link, String id) {
    return link.causes().stream()
        .filter(c -> c.cause().id().source().equals(id))
        .findFirst()
        .orElseThrow();
  }
}
