package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Golfers;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.link.PivotFault;
import org.junit.jupiter.api.Test;

/** A drill is made easier, moves on to the next of its line, and never leaves its fault alone. */
class DrillStepsTest {
  private static final ItemId LINE = ItemId.of("belt-over-line");
  private static final ItemId CHAIR = ItemId.of("trail-post");
  private static final CaseFile SWAYS =
      Golfers.of(
          """
          test seated-rotation.left.internal 30
          test seated-rotation.right.internal 24
          test side-hip-hold.left 1
          test side-hip-hold.right 1
          fault sway clear cannot
          tools club chair balls
          """);

  private static PlanRequest request() {
    return Judgement.of(SWAYS).request(SWAYS.wishes().orElseThrow(), PlanEdits.NONE);
  }

  private static PlanChanges.Changed changed(PlanRequest request, PlanEdits on, PlanChange change) {
    return (PlanChanges.Changed) of(request, on, change);
  }

  private static PlanChanges.Outcome of(PlanRequest request, PlanEdits on, PlanChange change) {
    Block block = Planner.plan(request.with(on));
    return new PlanChanges(request, new PlanChanges.InHand(block, on, true, Set.of())).of(change);
  }

  private static DrillFor drill(Block block) {
    return block.drills().stream()
        .filter(d -> d.fault() == PivotFault.SWAY)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aDrillThatHeldMakesWayForTheNextOfItsLineAndSaysSo() {
    PlanRequest request = request();
    assertThat(drill(Planner.plan(request)).drill()).isEqualTo(LINE);
    PlanChanges.Changed then =
        changed(request, PlanEdits.NONE, new PlanChange.PlanAnew(Map.of(LINE, 1)));
    assertThat(drill(then.block()).drill()).isEqualTo(CHAIR);
    assertThat(then.block().items()).extracting(PlanItem::id).contains(CHAIR).doesNotContain(LINE);
    assertThat(then.block().leftOut()).contains(new LeftOut(LINE, new Reason.Learnt()));
  }

  @Test
  void whatHoldsStays() {
    PlanChanges.Changed then =
        changed(request(), PlanEdits.NONE, new PlanChange.PlanAnew(Map.of(LINE, 0)));
    assertThat(drill(then.block()).drill()).isEqualTo(LINE);
  }

  @Test
  void aStepBackGivesTheReducedFormAndAStepOnTheFullOneAgain() {
    PlanRequest request = request();
    PlanChanges.Changed back =
        changed(request, PlanEdits.NONE, new PlanChange.PlanAnew(Map.of(LINE, -1)));
    assertThat(drill(back.block()))
        .isEqualTo(
            new DrillFor(
                LINE, PivotFault.SWAY, Drill.Form.REDUCED, Optional.of(new Reason.Eased()), true));
    assertThat(of(request, back.edits(), new PlanChange.Climb(LINE, -1)))
        .isEqualTo(new PlanChanges.Refused(new PlanRefusal.NoOtherDrill(LINE)));
    PlanChanges.Changed on = changed(request, back.edits(), new PlanChange.Climb(LINE, 1));
    assertThat(drill(on.block()).form()).isEqualTo(Drill.Form.FULL);
  }

  /** By hand through the whole line: the fault has a drill at every step, and none comes twice. */
  @Test
  void theLineEndsWithItsLastDrillNotWithNothing() {
    PlanRequest request = request();
    PlanEdits edits = PlanEdits.NONE;
    List<ItemId> given = new ArrayList<>();
    PlanChanges.Outcome outcome;
    do {
      ItemId now = drill(Planner.plan(request.with(edits))).drill();
      given.add(now);
      outcome = of(request, edits, new PlanChange.Climb(now, 1));
      edits = outcome instanceof PlanChanges.Changed on ? on.edits() : edits;
    } while (outcome instanceof PlanChanges.Changed);
    assertThat(given).doesNotHaveDuplicates().startsWith(LINE, CHAIR).hasSizeGreaterThan(3);
    assertThat(given).endsWith(ItemId.of("slow-balls"));
    assertThat(outcome)
        .isEqualTo(
            new PlanChanges.Refused(new PlanRefusal.NoOtherDrill(given.get(given.size() - 1))));
  }

  @Test
  void aCueMovesNothingAndStaysWhenEveryDecisionIsTakenBack() {
    PlanRequest request = request();
    Block before = Planner.plan(request);
    PlanChanges.Changed cued =
        changed(request, PlanEdits.NONE, new PlanChange.Cue(LINE, " Pocket back. "));
    assertThat(cued.block()).isEqualTo(before);
    assertThat(cued.edits().cues()).isEqualTo(Map.of(LINE, "Pocket back."));
    assertThat(cued.edits().none()).isTrue();
    assertThat(Planner.plan(request.with(cued.edits()))).isEqualTo(before);
    PlanEdits reset = changed(request, cued.edits(), new PlanChange.LetAllGo()).edits();
    assertThat(reset.cues()).isEqualTo(Map.of(LINE, "Pocket back."));
    assertThat(changed(request, reset, new PlanChange.Cue(LINE, " ")).edits())
        .isEqualTo(PlanEdits.NONE);
  }

  @Test
  void aCueToWhatIsNotInThePlanOrTooLongIsRefused() {
    assertThat(of(request(), PlanEdits.NONE, new PlanChange.Cue(ItemId.of("hop-hold"), "soft")))
        .isEqualTo(new PlanChanges.Refused(new PlanRefusal.NoSuchItem()));
    String most = "x".repeat(PlanEdits.CUE_MOST);
    assertThat(of(request(), PlanEdits.NONE, new PlanChange.Cue(LINE, most + "x")))
        .isEqualTo(new PlanChanges.Refused(new PlanRefusal.CueTooLong()));
    assertThat(of(request(), PlanEdits.NONE, new PlanChange.Cue(LINE, most)))
        .isInstanceOf(PlanChanges.Changed.class);
  }

  /** The practice's own drill comes first or last in its line, as it was asked for. */
  @Test
  void anOwnDrillStandsInItsLine() {
    Drill own = own("own-pocket");
    PlanRequest first = with(Catalogue.standard().withDrills(List.of(own), List.of()));
    assertThat(drill(Planner.plan(first)).drill()).isEqualTo(own.id());
    PlanRequest last = with(Catalogue.standard().withDrills(List.of(), List.of(own)));
    assertThat(drill(Planner.plan(last)).drill()).isEqualTo(LINE);
    PlanEdits learnt = PlanEdits.NONE;
    for (String id : List.of("belt-over-line", "trail-post", "lead-foot-ball")) {
      learnt = learnt.drill(ItemId.of(id), Optional.of(DrillStep.LEARNT));
    }
    assertThat(drill(Planner.plan(last.with(learnt))).drill()).isEqualTo(own.id());
  }

  @Test
  void anOwnDrillOutOfUseIsFoundAndGivenNoMore() {
    Drill own = own("own-pocket");
    Catalogue retired = Catalogue.standard().withRetired(List.of(), List.of(own));
    assertThat(retired.drill(own.id())).contains(own);
    assertThat(drill(Planner.plan(with(retired))).drill()).isEqualTo(LINE);
  }

  private static Drill own(String id) {
    Drill like = Catalogue.standard().drill(CHAIR).orElseThrow();
    return new Drill(
        ItemId.of(id),
        like.faults(),
        like.schools(),
        like.style(),
        like.needs(),
        like.dose(),
        like.full(),
        like.reduced(),
        like.notWith(),
        like.notWhile(),
        like.firstWith(),
        like.fromWeek());
  }

  private static PlanRequest with(Catalogue catalogue) {
    PlanRequest r = request();
    return new PlanRequest(
        r.body(),
        r.health(),
        r.school(),
        catalogue,
        r.needs(),
        r.links(),
        r.seen(),
        r.wishes(),
        r.held(),
        r.arcsOverruled(),
        r.edits());
  }
}
