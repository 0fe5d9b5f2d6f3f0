package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The shipped rule book, held against the table of domain/04 as it is written there. */
class RuleBookTest {
  private static final RuleBook SHIPPED = RuleBook.standard();

  /** A cause in the table's own shorthand: {@code b side-hip trail .30!}. */
  private static String shorthand(Cause cause) {
    String family =
        switch (cause.family()) {
          case BODY -> "b ";
          case SETUP -> "s ";
          case HABIT -> "h ";
          case FOLLOWS -> "← ";
        };
    String side = "";
    String strength = "";
    if (cause.source() instanceof Source.OfLimit of) {
      boolean onALeg = of.limit().leg().isPresent() && !of.limit().kind().id().matches(".*-[ie]r");
      side = onALeg ? " " + of.limit().leg().get().id() : "";
      strength =
          switch (cause.strength()) {
            case STRONG -> "!";
            case WEAK -> "~";
            default -> "";
          };
    }
    String prior = String.format(Locale.ROOT, "%.2f", cause.prior()).substring(1);
    return family + cause.source().id() + side + " " + prior + strength;
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "hunched | b hinge .30! · b overhead .20 · b front .10 · h reach .30 · h copied .15",
        "arched | b tilt-control .35! · b hip-flexor .25! · b glute-switch .20 · b front .20 · h copied .35",
        "tucked | b hamstring .25! · b hinge .25! · b tilt-control .20 · h copied .25",
        "deep-knees | b hinge .30! · b hamstring .15 · h copied .30",
        "stiff-knees | b squat .20 · b ankle .15 · h copied .30",
        "upright-shins | b ankle .25! · s heel-weighted .25 · h copied .20",
        "toe-weighted | b hinge .25! · b single-leg .15 · b ankle .10~ · h reach .35",
        "heel-weighted | b ankle .20 · b single-leg .10 · h copied .35",
        "pinched | b side-hip .25! · b trail-er .15 · h copied .35",
        "wide-stance | h copied .50",
        "narrow-stance | b single-leg .10 · h copied .50",
        "no-side-tilt | h copied .50 · b trunk-turn .10~",
        "too-close | b hinge .25 · h reach .10 · h copied .35",
        "sway | b trail-ir .35! · b side-hip trail .30! · b glute-strength trail .15 · b single-leg trail .15 · b hamstring .10 · b lead-er .10 · s wide-stance .15 · s heel-weighted .10 · s pinched .10 · h held-still .30",
        "early-stop | b trail-ir .35! · b lead-er .20! · b dissociation .15 · b side-hip trail .15 · b glute-strength trail .15 · s pinched .25 · s arched .15 · s stiff-knees .10 · s upright-shins .10 · s deep-knees .10 · h held-still .35",
        "arm-wrap | ← early-stop .50 · b trunk-turn .25 · h arm-lift .30",
        "short-turn | b trunk-turn .35! · b trail-ir .20 · b lead-er .15 · s hunched .30 · s arched .15 · s narrow-stance .10 · s no-side-tilt .10 · h held-still .25 · h guarded .20",
        "reverse-tilt | b trail-ir .30! · b trunk-turn .25! · b glute-strength trail .25 · b overhead .15 · b side-hip trail .15 · s no-side-tilt .15 · ← sway .20 · h arm-lift .35 · h held-still .20",
        "trail-lock | b trail-ir .30! · b hinge .15 · h held-still .15 · h hurry .20",
        "knee-drift | b side-hip trail .30! · b knee-track trail .15 · b ankle .10~ · s wide-stance .10 · h held-still .15 · h hurry .20",
        "dip | s deep-knees .20 · s hunched .15 · b glute-strength trail .15 · b squat .10 · ← early-stop .20 · h ground-push .35",
        "push-in | b dissociation .25! · b hinge .20 · b single-leg .10 · s toe-weighted .25 · s tucked .20 · s upright-shins .10 · h held-still .15 · h hurry .20",
        "slide | b lead-ir .35! · b side-hip lead .30! · b glute-strength lead .20 · s tucked .15 · ← sway .20 · ← knee-drift .15 · h spin-hips .15 · h hurry .15",
        "hang-back | b lead-ir .30! · b single-leg lead .25! · b glute-strength lead .15 · b landing lead .10~ · ← reverse-tilt .25 · ← knee-drift .10 · h guarded .20 · h arm-lift .20",
        "hip-thrust | b lead-ir .25! · b glute-switch .25! · b hinge .20! · b tilt-control .20! · b glute-strength .20 · b trail-er .10 · b hamstring .15 · b squat .15 · b hip-flexor .15~ · s toe-weighted .20 · s deep-knees .15 · s stiff-knees .10 · s too-close .10 · s arched .10 · ← dip .25 · ← push-in .20 · h ground-push .35",
        "over-top | b dissociation .30! · b trunk-turn lead .15 · b lead-ir .10 · ← early-stop .25 · ← arm-wrap .20 · ← push-in .20 · ← sway .10 · h upper-first .40",
        "spin-out | b single-leg lead .20! · b glute-strength lead .15 · ← toe-fall .15 · h spin-hips .40",
        "stall-flip | b lead-ir .30! · b glute-strength lead .20 · b trail-er .15 · ← hip-thrust .30 · ← lead-rise .15 · h upper-first .30",
        "knee-dive | s pinched .35 · b side-hip trail .30! · b knee-track trail .20 · b glute-strength trail .20 · h hurry .30",
        "toe-fall | s toe-weighted .35 · s too-close .15 · s upright-shins .10 · b single-leg .20! · b hinge .20 · b ankle .10~ · ← hip-thrust .25 · ← push-in .20 · h ground-push .25",
        "steep-bend | s arched .35 · b tilt-control .30! · b hip-flexor .20 · b front .15 · h spin-hips .30",
        "lead-rise | b side-hip lead .20! · b lead-ir .15 · h ground-push .35",
        "finish-short | b lead-ir .30! · b trail-er .20 · b trunk-turn lead .15 · ← hang-back .35 · h upper-first .25",
        "over-turn | b trunk-turn .25! · b dissociation .25! · b front .10 · s narrow-stance .10 · h arm-lift .20 · h hurry .15",
        "lead-knee-dive | b side-hip lead .25! · b knee-track lead .20 · b single-leg lead .15 · s pinched .25 · s wide-stance .15 · h hurry .25",
        "lead-knee-stuck | b ankle .10~ · b lead-er .10 · s stiff-knees .15 · s pinched .10 · h held-still .45",
        "trail-knee-stuck | b hinge .10 · b hamstring .10 · s deep-knees .20 · h held-still .45",
        "stays-folded | b trunk-turn .30! · b overhead .15 · s hunched .20 · h held-still .30",
        "flat-shoulders | b trunk-turn .20 · b hinge .15 · s stiff-knees .15 · s tucked .10 · h arm-lift .25",
        "head-drift | b single-leg trail .15 · b side-hip trail .15 · s no-side-tilt .15 · s wide-stance .10 · h hurry .25",
      })
  void theCausesOfAFault(String fault, String causes) {
    Fault of = Fault.parse(fault).orElseThrow();
    assertThat(SHIPPED.causes(of).stream().map(RuleBookTest::shorthand))
        .containsExactlyInAnyOrder(causes.split(" · "));
  }

  @ParameterizedTest
  @MethodSource("loosehip.core.link.Fault#all")
  void everyFaultHasCausesAndNoneTwice(Fault fault) {
    List<Cause> causes = SHIPPED.causes(fault);
    assertThat(causes).isNotEmpty();
    assertThat(causes.stream().map(Cause::id)).doesNotHaveDuplicates();
    assertThat(causes).allSatisfy(c -> assertThat(c.prior()).isBetween(0.05, 0.5));
    assertThat(causes)
        .filteredOn(c -> c.family() == Family.FOLLOWS)
        .noneMatch(c -> c.source() == fault);
  }

  @Test
  void nothingFollowsItselfByAnyChainOfTwo() {
    for (PivotFault fault : PivotFault.values()) {
      for (Cause first : SHIPPED.causes(fault)) {
        if (first.source() instanceof PivotFault followed) {
          assertThat(SHIPPED.causes(followed))
              .as(fault.id() + " ← " + followed.id())
              .noneMatch(c -> c.source() == fault);
        }
      }
    }
  }

  @Test
  void anOwnWeightTakesThePlaceOfTheShippedOneAlone() {
    RuleBook own =
        SHIPPED.with(
            List.of(
                new RuleBook.Own(
                    PivotFault.SWAY,
                    CauseId.parse("body-trail-ir-trail").orElseThrow(),
                    0.5,
                    Strength.WEAK)));
    Cause changed =
        own.causes(PivotFault.SWAY).stream()
            .filter(c -> c.source().id().equals("trail-ir"))
            .findFirst()
            .orElseThrow();
    assertThat(shorthand(changed)).isEqualTo("b trail-ir .50~");
    assertThat(own.causes(PivotFault.SWAY)).hasSameSizeAs(SHIPPED.causes(PivotFault.SWAY));
    assertThat(own.causes(PivotFault.EARLY_STOP)).isEqualTo(SHIPPED.causes(PivotFault.EARLY_STOP));
    assertThat(SHIPPED.causes(PivotFault.SWAY)).doesNotContain(changed);
  }

  /** What a practice set is told by its own weights, and books of the same weights are the same. */
  @Test
  void ownWeightsAreFoundAgainAndUnknownCausesAreLeft() {
    RuleBook.Own weight =
        new RuleBook.Own(
            PivotFault.SWAY,
            CauseId.parse("body-trail-ir-trail").orElseThrow(),
            0.5,
            Strength.WEAK);
    RuleBook.Own later = new RuleBook.Own(PivotFault.SWAY, weight.cause(), 0.4, Strength.STRONG);
    RuleBook own = SHIPPED.with(List.of(weight));
    assertThat(own.own()).containsExactly(weight);
    assertThat(SHIPPED.own()).isEmpty();
    assertThat(SHIPPED.with(List.of())).isSameAs(SHIPPED);
    assertThat(SHIPPED.with(List.of(weight, later)).own()).containsExactly(later);
    assertThat(own).isEqualTo(SHIPPED.with(List.of(weight))).isNotEqualTo(SHIPPED);
    assertThat(own).hasSameHashCodeAs(SHIPPED.with(List.of(weight))).isNotEqualTo("a book");
    RuleBook.Own elsewhere = new RuleBook.Own(PivotFault.DIP, weight.cause(), 0.5, Strength.WEAK);
    assertThat(SHIPPED.with(List.of(elsewhere)).own()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"0.005, false", "0.01, true", "0.9, true", "0.91, false", "NaN, false"})
  void aPriorLiesBetweenItsBounds(double prior, boolean kept) {
    CauseId cause = CauseId.parse("body-trail-ir-trail").orElseThrow();
    assertThat(
            catchThrowable(() -> new RuleBook.Own(PivotFault.SWAY, cause, prior, Strength.WEAK))
                == null)
        .isEqualTo(kept);
  }
}
