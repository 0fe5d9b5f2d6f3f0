package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Screen;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NeedsTest {
  private static final String SHORT_TRAIL = "seated-rotation.right.internal 20";

  private static List<Link> links(Screen screen, Map<PivotFault, Level> faults) {
    Seen seen = new Seen(Map.of(), faults, Map.of(), Set.of());
    return new Evidence(RuleBook.standard(), new Body(screen, Handed.RIGHT), seen, Optional.empty())
        .links();
  }

  private static double size(List<Need> needs, LimitKind kind) {
    return needs.stream()
        .filter(n -> n.limit().kind() == kind)
        .mapToDouble(Need::size)
        .findFirst()
        .orElse(0);
  }

  private static List<Need> needs(String sheet, Map<PivotFault, Level> faults, Complaint... says) {
    Screen screen = Screens.of(sheet);
    return Needs.of(
        links(screen, faults), Set.of(says), Optional.empty(), new Body(screen, Handed.RIGHT));
  }

  @Test
  void aNeedIsSeverityTimesChance() {
    // trail-ir behind a clear sway, short: odds .35/.65 × 4 = 2.154, chance .683
    List<Need> needs = needs(SHORT_TRAIL, Map.of(PivotFault.SWAY, Level.CLEAR));
    assertThat(size(needs, LimitKind.TRAIL_IR)).isCloseTo(0.683, within(0.001));
    assertThat(needs.get(0).limit().kind()).isEqualTo(LimitKind.TRAIL_IR);
    assertThat(needs.get(0).because())
        .containsExactly(new NeedReason.Behind(PivotFault.SWAY, Likelihood.LIKELY, false));
  }

  @Test
  void aComplaintThatAFaultServesWeighsHalfAgain() {
    Map<PivotFault, Level> sway = Map.of(PivotFault.SWAY, Level.CLEAR);
    double without = size(needs(SHORT_TRAIL, sway), LimitKind.TRAIL_IR);
    double with = size(needs(SHORT_TRAIL, sway, Complaint.LOST_DISTANCE), LimitKind.TRAIL_IR);
    double other = size(needs(SHORT_TRAIL, sway, Complaint.SHANK), LimitKind.TRAIL_IR);
    assertThat(with).isCloseTo(1.5 * without, within(1e-9));
    assertThat(other).isEqualTo(without);
  }

  @Test
  void twoFaultsOfOneLimitAddUp() {
    double sway =
        size(needs(SHORT_TRAIL, Map.of(PivotFault.SWAY, Level.CLEAR)), LimitKind.TRAIL_IR);
    double lock =
        size(needs(SHORT_TRAIL, Map.of(PivotFault.TRAIL_LOCK, Level.CLEAR)), LimitKind.TRAIL_IR);
    double both =
        size(
            needs(
                SHORT_TRAIL,
                Map.of(PivotFault.SWAY, Level.CLEAR, PivotFault.TRAIL_LOCK, Level.CLEAR)),
            LimitKind.TRAIL_IR);
    assertThat(both).isCloseTo(sway + lock, within(1e-9));
  }

  @Test
  void aCauseTheTrainerRejectedCallsForNoWork() {
    Screen screen = Screens.of(SHORT_TRAIL);
    List<Link> links = links(screen, Map.of(PivotFault.SWAY, Level.CLEAR));
    Overrule rejected =
        new Overrule(
            PivotFault.SWAY,
            CauseId.parse("body-trail-ir-trail").orElseThrow(),
            Overrule.Verdict.REJECTED,
            "seen otherwise");
    List<Need> needs =
        Needs.of(
            Overrule.heeded(links, List.of(rejected)),
            Set.of(),
            Optional.empty(),
            new Body(screen, Handed.RIGHT));
    assertThat(size(needs, LimitKind.TRAIL_IR)).isZero();
    assertThat(size(needs, LimitKind.SIDE_HIP)).isPositive();
  }

  /** Nobody asks for outward turn: .3 for short, .1 for close; a complaint weighs half again. */
  @Test
  void aMeasuredShortageThatNoFaultAsksForIsGroundwork() {
    String sheet = "seated-rotation.right.external 22; seated-rotation.left.external 33";
    List<Need> needs = needs(sheet, Map.of(PivotFault.KNEE_DRIFT, Level.CLEAR));
    assertThat(size(needs, LimitKind.TRAIL_ER)).isEqualTo(0.3);
    assertThat(size(needs, LimitKind.LEAD_ER)).isEqualTo(0.1);
    assertThat(size(needs(sheet, Map.of(), Complaint.CANNOT_TURN), LimitKind.LEAD_ER))
        .isCloseTo(0.15, within(1e-9));
    assertThat(needs.stream().filter(n -> n.family() == Need.Family.GROUNDWORK))
        .extracting(n -> n.limit().kind())
        .containsExactly(LimitKind.TRAIL_ER, LimitKind.LEAD_ER);
  }

  /** Sway asks for the trail side of the hip alone; a short lead side is groundwork. */
  @Test
  void theLegThatNoFaultAsksForIsLookedAtToo() {
    List<Need> needs =
        needs("side-hip-hold.right 2; side-hip-hold.left 9", Map.of(PivotFault.SWAY, Level.CLEAR));
    assertThat(needs)
        .filteredOn(n -> n.limit().equals(new Limit(LimitKind.SIDE_HIP, Optional.of(Leg.LEAD))))
        .extracting(Need::size)
        .containsExactly(0.3);
  }

  /** A clear tuck: hamstring short, .25/.75 × 4 = 1.33, chance .571, at half severity. */
  @Test
  void causesOfSetupFaultsCountAtHalf() {
    Screen screen = Screens.of("leg-extension-short.right 40; leg-extension-short.left 40");
    Seen tucked = new Seen(Map.of(SetupFault.TUCKED, Level.CLEAR), Map.of(), Map.of(), Set.of());
    Body body = new Body(screen, Handed.RIGHT);
    List<Link> links =
        new Evidence(RuleBook.standard(), body, tucked, Optional.empty()).setupLinks();
    Need hamstring = Needs.of(links, Set.of(), Optional.empty(), body).get(0);
    assertThat(hamstring.limit().kind()).isEqualTo(LimitKind.HAMSTRING);
    assertThat(hamstring.size()).isCloseTo(0.571 / 2, within(0.001));
    assertThat(hamstring.family()).isEqualTo(Need.Family.SETUP);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // 12 apart, three tries each by inclinometer: MDC about 7.3
        "20 21 19 | 32 33 31 | TRAIL",
        "32 33 31 | 20 21 19 | LEAD",
        // notable by ten, but not larger than the ruler of single tries by eye of a still
        "@still 20 | @still 31 | ",
        // nine apart is not notable however sure
        "20 20 20 20 20 | 29 29 29 29 29 | ",
      })
  void theWeakerSideNeedsTenDegreesAndMoreThanTheRuler(String trail, String lead, String weaker) {
    Screen screen =
        Screens.of(
            "seated-rotation.right.internal " + trail + "; seated-rotation.left.internal " + lead);
    Optional<Leg> expected = Optional.ofNullable(weaker).map(Leg::valueOf);
    assertThat(new Body(screen, Handed.RIGHT).stifferHip()).isEqualTo(expected);
    assertThat(new Body(screen, Handed.LEFT).stifferHip().map(Leg::name))
        .isEqualTo(expected.map(l -> l == Leg.TRAIL ? "LEAD" : "TRAIL"));
  }

  @Test
  void thePronePositionDecidesTheWeakerSideBeforeTheSeatedOne() {
    Screen screen =
        Screens.of(
            "seated-rotation.right.internal 20 20 20; seated-rotation.left.internal 40 40 40;"
                + " prone-rotation.right.internal 45 45 45; prone-rotation.left.internal 25 25 25");
    assertThat(new Body(screen, Handed.RIGHT).stifferHip()).contains(Leg.LEAD);
  }

  @Test
  void needsComeLargestFirstAndNothingCallsForNothing() {
    List<Need> needs =
        needs(
            SHORT_TRAIL + "; side-hip-hold.right 9",
            Map.of(PivotFault.SWAY, Level.CLEAR, PivotFault.KNEE_DIVE, Level.SLIGHT));
    for (int i = 1; i < needs.size(); i++) {
      assertThat(needs.get(i).size()).isLessThanOrEqualTo(needs.get(i - 1).size());
    }
    assertThat(needs("", Map.of())).isEmpty();
  }
}
