package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

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
        "sway | b trail-ir .35! · b side-hip trail .30! · b single-leg trail .15 · b hamstring .10 · b lead-er .10 · s wide-stance .15 · s pinched .10 · h held-still .30",
        "early-stop | b trail-ir .35! · b lead-er .20! · s pinched .25 · s arched .15 · s deep-knees .10 · h held-still .35",
        "arm-wrap | ← early-stop .50 · b trunk-turn .25 · h arm-lift .30",
        "short-turn | b trunk-turn .35! · b trail-ir .20 · b lead-er .15 · s hunched .30 · h held-still .25 · h guarded .20",
        "reverse-tilt | b trail-ir .30! · b trunk-turn .25! · b glute-strength trail .25 · b overhead .15 · b side-hip trail .15 · s no-side-tilt .15 · h arm-lift .35 · h held-still .20",
        "trail-lock | b trail-ir .30! · b hinge .15 · h held-still .15 · h hurry .20",
        "knee-drift | b side-hip trail .30! · b ankle .10~ · s wide-stance .10 · h held-still .15 · h hurry .20",
        "dip | s deep-knees .20 · s hunched .15 · b glute-strength trail .15 · b squat .10 · h ground-push .35",
        "push-in | b dissociation .25! · b hinge .20 · s toe-weighted .25 · s tucked .20 · h held-still .15 · h hurry .20",
        "slide | b lead-ir .35! · b side-hip lead .30! · b glute-strength lead .20 · s tucked .15 · ← sway .20 · h spin-hips .15 · h hurry .15",
        "hang-back | b lead-ir .30! · b single-leg lead .25! · b glute-strength lead .15 · h guarded .20 · h arm-lift .20",
        "hip-thrust | b lead-ir .25! · b glute-switch .25! · b hinge .20! · b tilt-control .20! · b glute-strength .20 · b hamstring .15 · b squat .15 · b hip-flexor .15~ · s toe-weighted .20 · s deep-knees .15 · s too-close .10 · s arched .10 · ← dip .25 · ← push-in .20 · h ground-push .35",
        "over-top | b dissociation .30! · b trunk-turn .15 · b lead-ir .10 · ← early-stop .25 · ← push-in .20 · h upper-first .40",
        "spin-out | b single-leg lead .20! · b glute-strength lead .15 · ← toe-fall .15 · h spin-hips .40",
        "stall-flip | b lead-ir .30! · b glute-strength lead .20 · ← hip-thrust .30 · h upper-first .30",
        "knee-dive | s pinched .35 · b side-hip trail .30! · b glute-strength trail .20 · h hurry .30",
        "toe-fall | s toe-weighted .35 · s too-close .15 · b single-leg .20! · b hinge .20 · b ankle .10~ · ← hip-thrust .25 · h ground-push .25",
        "steep-bend | s arched .35 · b tilt-control .30! · b hip-flexor .20 · b front .15 · h spin-hips .30",
        "lead-rise | b side-hip lead .20! · b lead-ir .15 · h ground-push .35",
        "finish-short | b lead-ir .30! · ← hang-back .35 · h upper-first .25",
      })
  void theCausesOfAFault(String fault, String causes) {
    PivotFault of = Named.parse(PivotFault.class, fault).orElseThrow();
    assertThat(SHIPPED.causes(of).stream().map(RuleBookTest::shorthand))
        .containsExactlyInAnyOrder(causes.split(" · "));
  }

  @ParameterizedTest
  @EnumSource(PivotFault.class)
  void everyFaultHasCausesAndNoneTwice(PivotFault fault) {
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
}
