package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;

class OverruleTest {
  private static final Screen SCREEN = Screens.of("seated-rotation.right.internal 22");
  private static final Seen SWAY =
      new Seen(Map.of(), Map.of(PivotFault.SWAY, Level.CLEAR), Map.of(), Set.of());
  private static final List<Link> LINKS =
      new Evidence(RuleBook.standard(), new Body(SCREEN, Handed.RIGHT), SWAY, Optional.empty())
          .links();

  private static CauseChance trailHip() {
    return LINKS.get(0).causes().stream()
        .filter(c -> c.cause().id().source().equals("trail-ir"))
        .findFirst()
        .orElseThrow();
  }

  private static Overrule decided(Overrule.Verdict verdict) {
    return new Overrule(PivotFault.SWAY, trailHip().cause().id(), verdict, "");
  }

  private static Optional<Need> need(Overrule.Verdict verdict) {
    return Needs.of(
            Overrule.heeded(LINKS, List.of(decided(verdict))),
            Set.of(),
            Optional.empty(),
            new Body(SCREEN, Handed.RIGHT))
        .stream()
        .filter(n -> n.limit().kind() == LimitKind.TRAIL_IR)
        .findFirst();
  }

  /** Odds .35/.65 × 4 for short = 2.15: chance .68, likely. */
  @Test
  void onlyWhatGoesAgainstTheSumIsMarked() {
    assertThat(trailHip().chance()).isBetween(0.5, 0.75);
    assertThat(decided(Overrule.Verdict.REJECTED).against(trailHip())).isTrue();
    assertThat(decided(Overrule.Verdict.ACCEPTED).against(trailHip())).isFalse();
    assertThat(decided(Overrule.Verdict.DOUBTED).against(trailHip())).isFalse();
  }

  @Test
  void aRejectedCauseCallsForNoWorkAndTheSumStays() {
    assertThat(need(Overrule.Verdict.REJECTED)).isEmpty();
    assertThat(need(Overrule.Verdict.DOUBTED)).isPresent();
    assertThat(need(Overrule.Verdict.ACCEPTED)).isPresent();
    assertThat(trailHip().factors()).isNotEmpty();
  }

  /** Chance .683: accepted .95, doubted half, rejected nothing; the sum stays beside it. */
  @Test
  void whatIsDecidedCountsInTriageNeedsAndNextTests() {
    assertThat(sway(Overrule.Verdict.ACCEPTED).triage().id()).isEqualTo("body first");
    assertThat(sway(Overrule.Verdict.DOUBTED).triage().id()).isEqualTo("not settled");
    assertThat(sway(Overrule.Verdict.REJECTED).triage().id()).isEqualTo("not settled");
    assertThat(need(Overrule.Verdict.ACCEPTED)).map(Need::size).contains(0.95);
    assertThat(need(Overrule.Verdict.DOUBTED).orElseThrow().size())
        .isCloseTo(trailHip().chance() / 2, within(1e-9));
    assertThat(asked(Overrule.Verdict.REJECTED)).isFalse();
    assertThat(asked(Overrule.Verdict.DOUBTED)).isTrue();
    CauseChance doubted =
        sway(Overrule.Verdict.DOUBTED).causes().stream()
            .filter(c -> c.cause().equals(trailHip().cause()))
            .findFirst()
            .orElseThrow();
    assertThat(doubted.chance()).isEqualTo(trailHip().chance());
    assertThat(doubted.factors()).isEqualTo(trailHip().factors());
  }

  private static Link sway(Overrule.Verdict verdict) {
    return Overrule.heeded(LINKS, List.of(decided(verdict))).get(0);
  }

  /** Whether the face-down turn of the trail hip, not taken yet, is still asked for. */
  private static boolean asked(Overrule.Verdict verdict) {
    return NextTests.ranked(new Body(SCREEN, Handed.RIGHT), SWAY, List.of(sway(verdict))).stream()
        .anyMatch(
            t ->
                t.what().id().equals("prone-rotation") && t.side().equals(Optional.of(Side.RIGHT)));
  }

  /** Over the top named the trunk without a leg once; what was kept then means the lead side. */
  @Test
  void anIdKeptByAnEarlierEditionStillMeansItsCause() {
    CauseId kept = CauseId.parse("body-trunk-turn").orElseThrow();
    Cause now =
        RuleBook.standard()
            .cause(PivotFault.OVER_TOP, CauseId.parse("body-trunk-turn-lead").orElseThrow())
            .orElseThrow();
    assertThat(kept.means(now)).isTrue();
    RuleBook own =
        RuleBook.standard()
            .with(List.of(new RuleBook.Own(PivotFault.OVER_TOP, kept, 0.4, Strength.STRONG)));
    assertThat(own.cause(PivotFault.OVER_TOP, now.id()).orElseThrow().prior()).isEqualTo(0.4);
    CauseId trail = CauseId.parse("body-trunk-turn-trail").orElseThrow();
    assertThat(trail.means(now)).isFalse();
  }

  @Test
  void everyCauseOfAFaultHasAKeyOfItsOwn() {
    for (Fault fault : Fault.all()) {
      assertThat(RuleBook.standard().causes(fault).stream().map(Cause::id))
          .as(fault.id())
          .doesNotHaveDuplicates();
    }
  }

  /** Both are short; the hip-only turn is the one that decided. */
  @Test
  void theTestThatDecidedIsNamed() {
    Screen both =
        Screens.of("standing-turn.right.internal 43; seated-rotation.right.internal 25 25");
    Link sway =
        new Evidence(RuleBook.standard(), new Body(both, Handed.RIGHT), SWAY, Optional.empty())
            .links()
            .get(0);
    Finding finding =
        sway.causes().stream()
            .filter(c -> c.cause().id().source().equals("trail-ir"))
            .findFirst()
            .orElseThrow()
            .factors()
            .get(0)
            .finding();
    assertThat(finding)
        .isInstanceOfSatisfying(
            Finding.Tested.class,
            tested -> {
              assertThat(tested.band()).isEqualTo(Band.SHORT);
              assertThat(tested.decisive().orElseThrow().slot().test())
                  .isEqualTo(ScreenTest.SEATED_ROTATION);
            });
  }

  @Test
  void anotherFaultIsNotMeant() {
    Overrule overrule = decided(Overrule.Verdict.REJECTED);
    assertThat(overrule.about(PivotFault.SWAY, trailHip().cause())).isTrue();
    assertThat(overrule.about(PivotFault.EARLY_STOP, trailHip().cause())).isFalse();
    assertThat(Named.parse(Overrule.Verdict.class, "maybe")).isEmpty();
  }
}
