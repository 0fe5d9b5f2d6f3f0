package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Screens;
import loosehip.core.Seens;
import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.measure.Screen;
import loosehip.core.named.Named;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sums worked by hand from priors and factors, one for each outcome and each special rule. */
class HandSumsTest {

  @ParameterizedTest(name = "{5}: {6} to 1, {7}")
  @CsvSource(
      delimiter = '|',
      value = {
        // habit: .30/.70 × 3 (can) × 2 (both strong body causes enough)
        "seated-rotation.right.internal 45; side-hip-hold.right 1 | sway clear can | | | | held-still | 2.571 | habit",
        // set-up: .35/.65 × 4
        " | knee-dive clear | pinched clear | | | pinched | 2.154 | set-up first",
        // set-up and body: .25/.75 × 4 beside a short hip
        "seated-rotation.right.internal 20 | early-stop clear | pinched clear | | | pinched | 1.333 | set-up first",
        // body, slight: .25/.75 × .5 × 4 (a seat that stays silent)
        "glute-switch.left.tall no; glute-switch.left.hinged no | hip-thrust slight | | | | glute-switch | 0.667 | not settled",
        // followed: .50/.50 × 4
        " | early-stop clear; arm-wrap clear | | | arm-wrap | early-stop | 4 | see early-stop",
        // followed, but it is not there: .30/.70 × .3
        " | hip-thrust none; stall-flip clear | | | stall-flip | hip-thrust | 0.129 | not settled",
        // looked at and none: .35/.65 × .3
        " | toe-fall clear | toe-weighted none | | | toe-weighted | 0.162 | not settled",
        // slight at address: .35/.65 × 2
        " | steep-bend clear | arched slight | | | arched | 1.077 | set-up first",
        // weak evidence: .10/.90 × 1.5
        "ankle-wall.right 4 | knee-drift clear | | | | ankle | 0.167 | not settled",
        // cannot: .40/.60 × .3
        " | over-top clear cannot | | | | upper-first | 0.2 | not settled",
        // cannot: .30/.70 × 2 without any test
        " | hang-back clear cannot | | | | lead-ir | 0.857 | not settled",
        // named: .35/.65 × 3
        " | dip clear | | ground-push | | ground-push | 1.615 | habit",
        // stopped by pain: .35/.65 × 1
        "seated-rotation.right.internal 20 p6 | sway clear | | | | trail-ir | 0.538 | not settled",
        // a shifted arc is short evidence all the same: .35/.65 × 4
        "prone-rotation.right.internal 20; prone-rotation.right.external 62 | sway clear | | | | trail-ir | 2.154 | body first",
        // moderate, close: .15/.85 × 1.6
        "hinge-contact 33 | trail-lock clear | | | | hinge | 0.282 | not settled",
      })
  void sums(
      String sheet,
      String faults,
      String setup,
      String habit,
      String which,
      String cause,
      double odds,
      String verdict) {
    PivotFault of =
        Named.parse(PivotFault.class, which == null ? faults.split(" ")[0] : which).orElseThrow();
    Link link =
        links(RuleBook.standard(), sheet, seen(faults, setup, habit)).stream()
            .filter(l -> l.fault() == of)
            .findFirst()
            .orElseThrow();
    assertThat(chance(link, cause).odds()).isCloseTo(odds, within(0.0006));
    assertThat(link.triage().id()).isEqualTo(verdict);
  }

  @Test
  void noChanceGoesAboveNinetyFiveInAHundred() {
    RuleBook own =
        RuleBook.standard()
            .with(
                List.of(
                    new RuleBook.Own(
                        PivotFault.OVER_TOP, id("habit-upper-first"), 0.6, Strength.MODERATE)));
    Seen seen = seen("over-top clear can", "", "upper-first");
    Link link =
        links(own, "pelvis-under-chest.total 34; pelvis-under-chest.quality smooth", seen).get(0);
    // .6/.4 × 3 (can) × 2 (the strong body cause enough) × 3 (named) = 27, which is .964
    assertThat(chance(link, "upper-first").odds()).isCloseTo(27, within(1e-9));
    assertThat(chance(link, "upper-first").chance()).isEqualTo(0.95);
  }

  @Test
  void aPracticesOwnWeightChangesThatCauseAlone() {
    RuleBook own =
        RuleBook.standard()
            .with(
                List.of(
                    new RuleBook.Own(
                        PivotFault.SWAY, id("body-trail-ir-trail"), 0.5, Strength.WEAK)));
    Seen seen = seen("sway clear; early-stop clear", "", "");
    List<Link> links = links(own, "seated-rotation.right.internal 20", seen);
    // .5/.5 × 1.5 instead of .35/.65 × 4
    assertThat(chance(links.get(0), "trail-ir").odds()).isCloseTo(1.5, within(1e-9));
    assertThat(chance(links.get(1), "trail-ir").odds()).isCloseTo(2.154, within(0.0005));
    assertThat(chance(links.get(0), "held-still").odds()).isCloseTo(0.4286, within(0.0001));
    Assertions.assertThatThrownBy(
            () -> new RuleBook.Own(PivotFault.SWAY, id("body-trail-ir-trail"), 1, Strength.WEAK))
        .hasMessageContaining("between 0.01 and 0.9");
  }

  @Law(tries = 60)
  void theOrderOfFindingsDoesNotMatter(Chance chance) {
    int seed = chance.whole(0, 10_000);
    List<String> findings =
        new ArrayList<>(
            List.of(
                "seated-rotation.right.internal 20",
                "side-hip-hold.right 9",
                "seated-rotation.left.external 33",
                "bridge-hold.right 8",
                "trunk-turn.right 33"));
    List<String> faults =
        new ArrayList<>(List.of("sway clear", "early-stop slight", "reverse-tilt clear cannot"));
    Map<Fault, Link> before = byFault(findings, faults);
    Collections.shuffle(findings, new Random(seed));
    Collections.shuffle(faults, new Random(seed + 1L));
    assertThat(byFault(findings, faults)).isEqualTo(before);
  }

  private static Map<Fault, Link> byFault(List<String> findings, List<String> faults) {
    Map<Fault, Link> map = new HashMap<>();
    links(RuleBook.standard(), String.join("; ", findings), seen(String.join("; ", faults), "", ""))
        .forEach(l -> map.put(l.fault(), l));
    return map;
  }

  @Law(tries = 40)
  void takingEvidenceAwayReturnsToThePrior(Chance chance) {
    int which = chance.whole(0, PivotFault.values().length - 1);
    PivotFault fault = PivotFault.values()[which];
    Link link = links(RuleBook.standard(), "", seen(fault.id() + " clear", "", "")).get(0);
    assertThat(link.causes())
        .allSatisfy(c -> assertThat(c.chance()).isCloseTo(c.cause().prior(), within(1e-9)));
  }

  private static List<Link> links(RuleBook book, String sheet, Seen seen) {
    Screen screen = Screens.of(sheet == null ? "" : sheet);
    return new Evidence(book, new Body(screen, Handed.RIGHT), seen, Optional.empty()).links();
  }

  private static CauseId id(String key) {
    return CauseId.parse(key).orElseThrow();
  }

  private static CauseChance chance(Link link, String id) {
    return link.causes().stream()
        .filter(c -> c.cause().id().source().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private static Seen seen(String faults, String setup, String habit) {
    Map<SetupFault, Level> looked = new EnumMap<>(SetupFault.class);
    if (setup != null && !setup.isBlank()) {
      String[] words = setup.strip().split(" ");
      looked.put(
          Named.parse(SetupFault.class, words[0]).orElseThrow(),
          Named.parse(Level.class, words[1]).orElseThrow());
    }
    Set<Habit> habits = EnumSet.noneOf(Habit.class);
    Optional.ofNullable(habit).flatMap(Named.parser(Habit.class)).ifPresent(habits::add);
    return Seens.of(faults, looked, habits);
  }
}
