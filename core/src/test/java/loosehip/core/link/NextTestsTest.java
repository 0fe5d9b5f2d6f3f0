package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Screen;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NextTestsTest {

  @Test
  void anUnmeasuredStrongCauseIsWorthATest() {
    List<NextTest> next = next("", Level.CLEAR, Rehearsal.CAN);
    assertThat(next).hasSize(3);
    assertThat(next).extracting(t -> t.what().id()).contains("side-hip-hold", "seated-rotation");
    NextTest hip =
        next.stream().filter(t -> t.what().id().equals("side-hip-hold")).findFirst().orElseThrow();
    assertThat(hip.side()).contains(Side.RIGHT);
    assertThat(hip.decides())
        .containsExactly(
            new NextTest.Question(
                Optional.of(new Limit(LimitKind.SIDE_HIP, Optional.of(Leg.TRAIL))),
                PivotFault.SWAY));
    assertThat(next).isSortedAccordingTo((a, b) -> Double.compare(b.value(), a.value()));
  }

  @Test
  void whatWasTakenIsNotOfferedAgain() {
    List<NextTest> next =
        next(
            "seated-rotation.right.internal 20; side-hip-hold.right 2", Level.CLEAR, Rehearsal.CAN);
    assertThat(next)
        .extracting(t -> t.what().id())
        .doesNotContain("side-hip-hold", "rehearsal:sway");
  }

  /**
   * Each test of its own: the face-down turn may still be asked for when the seated one is known.
   */
  @Test
  void anotherTestOfTheSameLimitIsStillATest() {
    List<NextTest> next = ranked("seated-rotation.right.internal 33", Level.CLEAR, Rehearsal.CAN);
    assertThat(next)
        .filteredOn(t -> t.side().equals(Optional.of(Side.RIGHT)))
        .extracting(t -> t.what().id())
        .contains("prone-rotation", "standing-turn");
    NextTest prone =
        next.stream().filter(t -> t.what().id().equals("prone-rotation")).findFirst().orElseThrow();
    assertThat(prone.minutes()).isEqualTo(3);
  }

  @Test
  void theRehearsalIsOfferedUntilItIsTried() {
    assertThat(next("", Level.CLEAR, Rehearsal.NOT_TRIED))
        .extracting(t -> t.what().id())
        .contains("rehearsal:sway");
  }

  @Test
  void aSlightFaultWeighsHalf() {
    double clear = next("", Level.CLEAR, Rehearsal.CAN).get(0).value();
    double slight = next("", Level.SLIGHT, Rehearsal.CAN).get(0).value();
    assertThat(slight).isLessThan(clear);
  }

  @Law
  void aTestNeverAddsUncertaintyOnTheWhole(Chance chance) {
    double p = chance.number(0.01, 0.95);
    double[] given = {.6, .25, .15};
    double strong = NextTests.expectedFall(p, given, new double[] {4, 2, .35});
    double weak = NextTests.expectedFall(p, given, new double[] {1.5, 1.2, .85});
    double idle = NextTests.expectedFall(p, given, new double[] {1, 1, 1});
    assertThat(idle).isCloseTo(0, within(1e-12));
    assertThat(weak).isGreaterThan(0);
    assertThat(strong).isGreaterThan(weak);
  }

  @Test
  void evenOddsAndAStrongTestByHand() {
    // given not: .15, .125, .4286 over .7036 = .2132, .1777, .6091; p = .5
    // outcomes .4066, .2138, .3796; after: .7378, .5845, .1976
    double byHand = 1 - (.4066 * h(.7378) + .2138 * h(.5845) + .3796 * h(.1976));
    assertThat(NextTests.expectedFall(.5, new double[] {.6, .25, .15}, new double[] {4, 2, .35}))
        .isCloseTo(byHand, within(1e-3));
  }

  private static double h(double p) {
    return -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
  }

  @ParameterizedTest(name = "chance {0} is {1}")
  @CsvSource({
    "0.19, unlikely",
    "0.2, possible",
    "0.49, possible",
    "0.5, likely",
    "0.74, likely",
    "0.75, very likely",
    "0.95, very likely"
  })
  void chancesInWords(double chance, String word) {
    Cause cause = Cause.of(Habit.HURRY, 0.2);
    double odds = chance / (1 - chance) + 1e-12;
    assertThat(new CauseChance(cause, List.of(), odds, true).likelihood().word()).isEqualTo(word);
  }

  private static List<NextTest> next(String sheet, Level level, Rehearsal rehearsal) {
    return ranked(sheet, level, rehearsal).stream().limit(3).toList();
  }

  private static List<NextTest> ranked(String sheet, Level level, Rehearsal rehearsal) {
    Screen screen = Screens.of(sheet);
    Map<PivotFault, Level> faults = new EnumMap<>(Map.of(PivotFault.SWAY, level));
    Map<SetupFault, Level> setup = new EnumMap<>(SetupFault.class);
    for (SetupFault fault : SetupFault.values()) {
      setup.put(fault, Level.NONE);
    }
    Seen seen = new Seen(setup, faults, Map.of(PivotFault.SWAY, rehearsal), Set.of());
    List<Link> links =
        new Evidence(RuleBook.standard(), new Body(screen, Handed.RIGHT), seen, Optional.empty())
            .links();
    return NextTests.ranked(new Body(screen, Handed.RIGHT), seen, links);
  }
}
