package loosehip.core.plan;

import static loosehip.core.plan.ToldGolfers.LOOSE;
import static loosehip.core.plan.ToldGolfers.SOUND;
import static loosehip.core.plan.ToldGolfers.STIFF;
import static loosehip.core.plan.ToldGolfers.WEAK_AND_STIFF;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.Golfers;
import loosehip.core.body.Leg;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Triage;
import loosehip.core.safety.Demand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Golfers whose plan a trainer knows in outline, by name. */
class NamedGolfersTest {
  private record Planned(CaseFile golfer, Judgement judged, Block block) {
    List<PlanItem> items() {
      return block.items();
    }

    Set<String> ids() {
      return items().stream().map(i -> i.id().id()).collect(Collectors.toSet());
    }

    List<PlanItem> serving(LimitKind limit) {
      return items().stream()
          .filter(i -> i.exercise().filter(e -> e.service(limit) > 0).isPresent())
          .toList();
    }

    List<PlanItem> strength() {
      return items().stream().filter(i -> i.exercise().filter(Exercise::hard).isPresent()).toList();
    }

    Set<Demand> demands() {
      Set<Demand> demands = EnumSet.noneOf(Demand.class);
      items().forEach(i -> i.exercise().ifPresent(e -> demands.addAll(e.demands())));
      return demands;
    }

    DrillFor drill(String id) {
      return block.drills().stream()
          .filter(d -> d.drill().id().equals(id))
          .findFirst()
          .orElseThrow(() -> new AssertionError(id + " not in " + block.drills()));
    }

    PlanNote.MinutesFree.Because freeBecause() {
      return block.notes().stream()
          .filter(PlanNote.MinutesFree.class::isInstance)
          .map(n -> ((PlanNote.MinutesFree) n).because())
          .findFirst()
          .orElseThrow();
    }

    int at(String id) {
      List<String> order = items().stream().map(i -> i.id().id()).toList();
      assertThat(order).contains(id);
      return order.indexOf(id);
    }
  }

  private static Planned plan(String... parts) {
    CaseFile golfer = Golfers.of(String.join("", parts));
    Judgement judged = Judgement.of(golfer);
    return new Planned(
        golfer,
        judged,
        Planner.plan(judged.request(golfer.wishes().orElseThrow(), PlanEdits.NONE)));
  }

  @Test
  void theStiffLeftHanderGetsTheTrailHipFirstAndTheMirroredPlanOfARightHander() {
    Planned left = plan("hand left\n", SOUND, STIFF);
    assertThat(left.judged().needs().get(0).limit().kind()).isEqualTo(LimitKind.TRAIL_IR);
    assertThat(left.serving(LimitKind.TRAIL_IR)).hasSizeGreaterThanOrEqualTo(2);
    assertThat(left.serving(LimitKind.LEAD_ER)).isNotEmpty();
    assertThat(left.drill("belt-over-line").now()).isTrue();
    assertThat(left.drill("knees-part").now()).isTrue();
    String turned =
        (SOUND + STIFF).replace("left", "@").replace("right", "left").replace("@", "right");
    assertThat(plan("hand right\n", turned).block().weeks()).isEqualTo(left.block().weeks());
  }

  @Test
  void theFreeGolferWithHabitsGetsDrillsAndOnlyBaseWorkBesideThem() {
    Planned free =
        plan(
            SOUND,
            LOOSE,
            """
            fault early-stop clear can
            fault arm-wrap clear can
            habit held-still
            habit arm-lift
            tools club wall balls
            """);
    assertThat(free.judged().links())
        .extracting(l -> l.triage().kind())
        .containsOnly(Triage.Kind.HABIT);
    assertThat(free.block().drills()).extracting(DrillFor::now).containsExactly(true, true);
    assertThat(free.items())
        .extracting(PlanItem::family)
        .containsOnly(PlanItem.Family.SETTLE, PlanItem.Family.BASE, PlanItem.Family.DRILL);
    assertThat(free.strength()).hasSizeBetween(2, 3);
    assertThat(free.freeBecause()).isEqualTo(PlanNote.MinutesFree.Because.NOTHING_SHORT);
  }

  @Test
  void theArchedGolferFreesTheFrontOfTheHipBeforeTheSeatWorksAndSetsTheBackRight() {
    Planned arched =
        plan(
            SOUND
                .replace("hip-flexor-length.left -12", "hip-flexor-length.left 14")
                .replace("hip-flexor-length.right -12", "hip-flexor-length.right 12")
                .replace("hinged yes", "hinged no")
                .replace("flatten 10", "flatten 2"),
            LOOSE,
            """
            setup arched clear
            fault hip-thrust clear cannot
            tools club wall chair
            """);
    assertThat(arched.ids()).contains("three-shapes");
    assertThat(arched.at("half-kneel-front-hip")).isLessThan(arched.at("squeeze-hinged"));
    assertThat(arched.serving(LimitKind.TILT_CONTROL)).isNotEmpty();
    assertThat(arched.drill("wall-trace").now()).isTrue();
  }

  @Test
  void theSoreBackIsNeitherLoadedNorTakenToItsEnd() {
    Planned sore =
        plan(
            SOUND.replace("trunk-turn.right 52", "trunk-turn.right 32"),
            LOOSE,
            """
            pain 5
            fault reverse-tilt clear
            fault steep-bend slight
            says low-back-ache
            tools club wall
            """);
    assertThat(sore.demands())
        .doesNotContain(
            Demand.BEND_LOAD,
            Demand.BEND_END,
            Demand.TWIST_LOAD,
            Demand.TWIST_END,
            Demand.ARCH_END,
            Demand.HEAVY,
            Demand.IMPACT);
    assertThat(sore.judged().links().get(0).fault().id()).isEqualTo("reverse-tilt");
    assertThat(sore.serving(LimitKind.TRUNK_TURN)).isNotEmpty();
    assertThat(sore.drill("neutral-turns").now()).isTrue();
    assertThat(sore.freeBecause()).isEqualTo(PlanNote.MinutesFree.Because.CAUTION);
  }

  @Test
  void theNewHipIsNeverTakenToItsEndAndIsWorkedInsideIt() {
    Planned hip =
        plan(
            SOUND,
            """
            test seated-rotation.left.internal 25
            test seated-rotation.right.internal 35
            test seated-rotation.left.external 30
            test seated-rotation.right.external 40
            caution hip-replacement left
            fault early-stop clear
            tools club wall chair band
            """);
    assertThat(hip.demands())
        .doesNotContain(
            Demand.IR_END, Demand.ER_END, Demand.HIP_DEEP, Demand.HIP_CROSS, Demand.IMPACT);
    assertThat(hip.serving(LimitKind.LEAD_IR)).isNotEmpty();
    assertThat(hip.block().drills()).isNotEmpty();
  }

  @Test
  void brittleBonesAtSeventyFourGetBalanceWithAHandAndNothingBentOrTwistedUnderLoad() {
    Planned brittle =
        plan(
            """
            test seated-rotation.left.internal 28
            test seated-rotation.right.internal 26
            test seated-rotation.left.external 35
            test seated-rotation.right.external 35
            test trunk-turn.left 35
            test trunk-turn.right 33
            test one-leg-stand.left.open 6
            test one-leg-stand.right.open 4
            test hinge-contact 30
            caution brittle-bones
            fault short-turn clear
            tools club wall chair
            """);
    assertThat(brittle.demands())
        .doesNotContain(
            Demand.BEND_LOAD,
            Demand.BEND_END,
            Demand.TWIST_LOAD,
            Demand.TWIST_END,
            Demand.HEAVY,
            Demand.IMPACT,
            Demand.ONE_LEG);
    assertThat(brittle.ids()).contains("one-leg-stand-held");
    assertThat(brittle.serving(LimitKind.TRAIL_IR)).isNotEmpty();
    assertThat(brittle.serving(LimitKind.TRUNK_TURN)).isNotEmpty();
    assertThat(brittle.block().drills()).isNotEmpty();
  }

  @Test
  void thirteenYearsOldWithoutAGuardianGetsNothingHeavyFastOrLanding() {
    Planned minor =
        plan(
            SOUND
                .replace("bridge-hold.left 35", "bridge-hold.left 12")
                .replace("bridge-hold.right 35", "bridge-hold.right 14"),
            LOOSE,
            """
            caution under-18
            fault slide clear
            tools club wall weight
            """);
    assertThat(minor.demands()).doesNotContain(Demand.HEAVY, Demand.FAST, Demand.IMPACT);
    assertThat(minor.serving(LimitKind.GLUTE_STRENGTH)).isNotEmpty();
    assertThat(minor.block().drills()).isNotEmpty();
  }

  @Test
  void theWeakButLooseGolferIsStrengthenedAndNotStretched() {
    Planned weak =
        plan(
            LOOSE,
            """
            test one-leg-stand.left.open 4
            test one-leg-stand.right.open 5
            test side-hip-hold.left 9
            test side-hip-hold.right 8
            test tilt-control.arch 10
            test tilt-control.flatten 10
            test tilt-control.quality smooth
            test bridge-hold.left 6
            test bridge-hold.right 8
            test front-hold 15
            test trunk-turn.left 55
            test trunk-turn.right 55
            test hinge-contact 50
            fault sway clear cannot
            fault slide clear
            tools club band wall chair
            gives 20 5
            """);
    assertThat(weak.demands()).doesNotContain(Demand.IR_END, Demand.ER_END);
    assertThat(weak.serving(LimitKind.SIDE_HIP)).isNotEmpty();
    assertThat(weak.serving(LimitKind.GLUTE_STRENGTH)).isNotEmpty();
    assertThat(weak.serving(LimitKind.SINGLE_LEG)).isNotEmpty();
    assertThat(weak.strength()).hasSizeGreaterThanOrEqualTo(2);
    assertThat(weak.block().drills()).allMatch(DrillFor::now).hasSize(2);
  }

  @Test
  void theStrongButStiffGolferIsLoosenedOnBothHipsMoreThanStrengthened() {
    Planned stiff =
        plan(
            SOUND,
            """
            test seated-rotation.left.internal 20
            test seated-rotation.right.internal 18
            test seated-rotation.left.external 30
            test seated-rotation.right.external 30
            fault early-stop clear cannot
            tools club wall
            gives 20 5
            """);
    assertThat(stiff.serving(LimitKind.TRAIL_IR)).hasSizeGreaterThanOrEqualTo(2);
    assertThat(stiff.serving(LimitKind.LEAD_ER)).isNotEmpty();
    assertThat(stiff.items().stream().filter(i -> i.phase() == Phase.LOOSEN).count())
        .isGreaterThan(stiff.strength().size());
  }

  @Test
  void theRoundedToeWeightedGolferGetsTheFeetFirstAndThenTheHinge() {
    Planned rounded =
        plan(
            "school free-turn\n",
            SOUND.replace("hinge-contact 50", "hinge-contact 25"),
            LOOSE,
            """
            setup toe-weighted clear
            setup hunched slight
            setup tucked clear
            fault toe-fall clear
            habit reach
            tools club wall
            """);
    assertThat(rounded.judged().links().get(0).triage().kind()).isEqualTo(Triage.Kind.SETUP_FIRST);
    assertThat(rounded.at("rock-and-settle")).isLessThan(rounded.at("hinge-to-address"));
    assertThat(rounded.ids()).doesNotContain("three-shapes");
    assertThat(rounded.serving(LimitKind.HINGE)).isNotEmpty();
    assertThat(rounded.drill("rock-and-stop").now()).isTrue();
  }

  @Test
  void swayInShiftAndTurnGetsTheDrillOfItsOwnSchool() {
    String sway =
        SOUND.replace("side-hip-hold.right 1", "side-hip-hold.right 8")
            + LOOSE
            + "fault sway clear\ntools club wall sticks\n";
    Planned shift = plan("school shift-and-turn\n", sway);
    assertThat(shift.drill("travel-the-wall").now()).isTrue();
    assertThat(shift.serving(LimitKind.SIDE_HIP)).isNotEmpty();
    Planned rotation = plan(sway);
    assertThat(rotation.block().drills())
        .extracting(d -> d.drill().id())
        .doesNotContain("travel-the-wall");
    assertThat(rotation.block().leftOut())
        .anyMatch(
            l ->
                l.item().id().equals("travel-the-wall")
                    && l.because() instanceof Reason.OtherSchool);
  }

  @Test
  void aClubAndAWallAreEnoughForAReverseTilt() {
    Planned bare =
        plan(
            SOUND.replace("trunk-turn.right 52", "trunk-turn.right 34"),
            LOOSE,
            "fault reverse-tilt clear\ntools club wall\n");
    assertThat(bare.serving(LimitKind.TRUNK_TURN)).isNotEmpty();
    assertThat(bare.drill("beam-below-level").form()).isEqualTo(Drill.Form.REDUCED);
    assertThat(bare.drill("beam-below-level").notFull()).isPresent();
    assertThat(bare.drill("beam-below-level").now()).isTrue();
  }

  @Test
  void fiveMinutesForNineNeedsServeTheFirstAndSayWhatWaits() {
    Planned five = plan(WEAK_AND_STIFF, "gives 5 5\n");
    assertThat(five.serving(LimitKind.TRAIL_IR)).isNotEmpty();
    assertThat(five.block().weeks().get(0).sessions())
        .hasSize(5)
        .allMatch(s -> s.seconds() <= 300 && s.seconds() > 200);
    assertThat(five.block().notes())
        .anyMatch(n -> n instanceof PlanNote.NotServed served && served.needs().size() >= 3);
  }

  @Test
  void fortyFiveMinutesHoldSevenExercisesWithStrengthAndSayThatSevenAreAll() {
    Planned long45 = plan(WEAK_AND_STIFF, "gives 45 5\n");
    assertThat(long45.strength()).hasSizeGreaterThanOrEqualTo(3);
    assertThat(long45.items().stream().filter(i -> i.role() == PlanItem.Role.EXERCISE).count())
        .isGreaterThan(7);
    for (Session session : long45.block().weeks().get(0).sessions()) {
      assertThat(session.items().stream().filter(i -> i.role() == PlanItem.Role.EXERCISE))
          .hasSize(7);
      assertThat(session.items()).allMatch(i -> 3 * i.seconds() <= session.seconds());
    }
    assertThat(long45.freeBecause()).isEqualTo(PlanNote.MinutesFree.Because.SEVEN);
  }

  @Test
  void twoDaysAWeekHoldStrengthAndRangeAndSayThatRangeTakesLonger() {
    Planned two = plan(WEAK_AND_STIFF, "gives 15 2\n");
    assertThat(two.block().notes()).contains(new PlanNote.FewDays(2));
    assertThat(two.block().weeks().get(0).sessions()).hasSize(2);
    assertThat(two.strength()).isNotEmpty();
    assertThat(two.serving(LimitKind.TRAIL_IR)).isNotEmpty();
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void anOutShiftedHipIsNotStretchedInwardUnlessTheTrainerSaysSo(boolean overruled) {
    CaseFile golfer =
        Golfers.of(
            SOUND
                + """
                test seated-rotation.left.internal 35
                test seated-rotation.right.internal 18
                test seated-rotation.left.external 40
                test seated-rotation.right.external 60
                test prone-rotation.right.internal 18
                test prone-rotation.right.external 60
                fault early-stop clear cannot
                tools club wall chair
                """);
    PlanRequest request =
        Judgement.of(golfer).request(golfer.wishes().orElseThrow(), PlanEdits.NONE);
    Block block = Planner.plan(overruled ? believingIn(request) : request);
    assertThat(block.items().stream().filter(i -> inwardEnd(i) && onTrail(i)).toList().isEmpty())
        .isEqualTo(!overruled);
    assertThat(block.items())
        .anyMatch(i -> i.exercise().filter(e -> e.service(LimitKind.TRAIL_IR) > 0).isPresent());
  }

  private static boolean inwardEnd(PlanItem item) {
    return item.exercise().filter(e -> e.demands().contains(Demand.IR_END)).isPresent();
  }

  private static boolean onTrail(PlanItem item) {
    return !item.only().equals(Optional.of(Leg.LEAD));
  }

  private static PlanRequest believingIn(PlanRequest request) {
    return new PlanRequest(
        request.body(),
        request.health(),
        request.school(),
        request.catalogue(),
        request.needs(),
        request.links(),
        request.seen(),
        request.wishes(),
        request.held(),
        Set.of(Leg.TRAIL),
        request.edits());
  }
}
