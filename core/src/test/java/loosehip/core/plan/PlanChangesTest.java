package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;

class PlanChangesTest {
  private static final LocalDate START = LocalDate.of(2027, 1, 11);
  private static final ItemId BRIDGE = ItemId.of("bridge");
  private static final ItemId HELD_BRIDGE = ItemId.of("one-leg-bridge-hold");
  private static final ItemId FRONT_HOLD = ItemId.of("front-hold-floor");
  private static final ItemId DROPS = ItemId.of("seated-knee-drops");
  private static final String STIFF =
      """
      seated-rotation.right.internal 22; seated-rotation.left.internal 24
      seated-rotation.left.external 45; trunk-turn.right 30; bridge-hold.left 8
      bridge-hold.right 9; side-hip-hold.right 6; side-hip-hold.left 5; front-hold 10
      """;

  private static PlanRequest request(Health health, int minutes) {
    Wishes wishes =
        new Wishes(
            minutes,
            5,
            6,
            START,
            EnumSet.allOf(Tool.class),
            Set.of(),
            Optional.empty(),
            true,
            Optional.empty());
    CaseFile golfer =
        new CaseFile(
            Handed.RIGHT,
            Set.of(),
            health,
            Screens.of(STIFF),
            Setup.PLAIN,
            new Seen(
                Map.of(),
                Map.of(PivotFault.SWAY, Level.CLEAR, PivotFault.REVERSE_TILT, Level.SLIGHT),
                Map.of(),
                Set.of()),
            School.ROTATION_FIRST,
            Optional.of(wishes));
    return Judgement.of(golfer).request(wishes, PlanEdits.NONE);
  }

  private static PlanChanges.Outcome of(PlanRequest request, PlanEdits edits, PlanChange change) {
    Block block = Planner.plan(request.with(edits));
    return new PlanChanges(request, new PlanChanges.InHand(block, edits, true, Set.of()))
        .of(change);
  }

  /** {@code bridge} is part of the other's id; that must not make its reason the reason. */
  @Test
  void oneItemIsNotRefusedWithAnothersReason() {
    Health heart = Health.of(Set.of(), List.of(NotedCaution.of(Caution.HEART)));
    PlanEdits longHold = PlanEdits.NONE.pin(HELD_BRIDGE, Days.NONE);
    PlanRequest request = request(heart, 25);
    assertThat(Planner.plan(request.with(longHold)).notes())
        .contains(
            new PlanNote.CouldNotHold(
                HELD_BRIDGE,
                new Reason.ByCaution(NotedCaution.of(Caution.HEART), Optional.of(Demand.STRAIN))));
    assertThat(of(request, longHold, new PlanChange.Add(BRIDGE)))
        .isInstanceOfSatisfying(
            PlanChanges.Changed.class,
            changed ->
                assertThat(changed.block().items()).extracting(PlanItem::id).contains(BRIDGE));
  }

  @Test
  void whatACautionBlocksIsRefusedWithItsOwnReason() {
    Health heart = Health.of(Set.of(), List.of(NotedCaution.of(Caution.HEART)));
    assertThat(of(request(heart, 25), PlanEdits.NONE, new PlanChange.Add(FRONT_HOLD)))
        .isInstanceOfSatisfying(
            PlanChanges.Refused.class,
            refused ->
                assertThat(refused.because().toString()).contains("front-hold-floor", "HEART"));
  }

  @Test
  void takingOutSaysWhatCameInAndKeepsTheRest() {
    PlanRequest request = request(Health.CLEAR, 25);
    Block before = Planner.plan(request);
    assertThat(before.items()).extracting(PlanItem::id).contains(DROPS);
    assertThat(of(request, PlanEdits.NONE, new PlanChange.TakeOut(DROPS)))
        .isInstanceOfSatisfying(
            PlanChanges.Changed.class,
            changed -> {
              List<ItemId> now = changed.block().items().stream().map(PlanItem::id).toList();
              assertThat(now).doesNotContain(DROPS).containsAll(changed.cameIn());
              assertThat(changed.cameIn())
                  .doesNotContainAnyElementsOf(before.items().stream().map(PlanItem::id).toList());
            });
  }

  @Test
  void lettingAllGoIsThePlannersOwnAgain() {
    PlanRequest request = request(Health.CLEAR, 25);
    PlanEdits held = PlanEdits.NONE.pin(BRIDGE, Days.of(2, 5)).leave(DROPS);
    assertThat(of(request, held, new PlanChange.LetAllGo()))
        .isInstanceOfSatisfying(
            PlanChanges.Changed.class,
            changed -> {
              assertThat(changed.edits()).isEqualTo(PlanEdits.NONE);
              assertThat(changed.block()).isEqualTo(Planner.plan(request));
            });
  }

  private static PlanChanges.Changed anew(PlanRequest request, Map<ItemId, Integer> log) {
    return (PlanChanges.Changed) of(request, PlanEdits.NONE, new PlanChange.PlanAnew(log));
  }

  private static List<ItemId> ids(PlanChanges.Changed changed) {
    return changed.block().items().stream().map(PlanItem::id).toList();
  }

  @Test
  void theLogMovesARungUpAndBackAndHoldsIt() {
    PlanRequest request = request(Health.CLEAR, 25);
    assertThat(ids(anew(request, Map.of(DROPS, 1))))
        .contains(ItemId.of("double-bend-sit"))
        .doesNotContain(DROPS);
    assertThat(ids(anew(request, Map.of(DROPS, -1))))
        .contains(ItemId.of("seated-foot-rolls"))
        .doesNotContain(DROPS);
    PlanChanges.Changed held = anew(request, Map.of(DROPS, 0));
    assertThat(ids(held)).contains(DROPS);
    assertThat(held.edits().rungs()).containsEntry(LadderId.of("hip-turn-floor"), 2);
  }

  @Test
  void aStepBackFromTheLowestRungGivesLessAndTheHighestStays() {
    PlanRequest request = request(Health.CLEAR, 25);
    PlanItem lowest =
        Planner.plan(request).items().stream()
            .filter(i -> i.role() == PlanItem.Role.EXERCISE)
            .filter(i -> i.exercise().orElseThrow().rung() == 1)
            .filter(i -> i.dose().step(i.much(), 1).isPresent())
            .findFirst()
            .orElseThrow();
    Dose.Prescribed more = lowest.dose().step(lowest.much(), 1).orElseThrow();
    PlanEdits edits = PlanEdits.NONE.dose(lowest.id(), more);
    PlanChanges.Changed back =
        (PlanChanges.Changed) of(request, edits, new PlanChange.PlanAnew(Map.of(lowest.id(), -1)));
    assertThat(back.edits().doses()).containsEntry(lowest.id(), lowest.much());
    PlanChanges.Changed top =
        (PlanChanges.Changed)
            of(
                request,
                PlanEdits.NONE,
                new PlanChange.PlanAnew(Map.of(ItemId.of("band-stance-turn"), 1)));
    assertThat(top.edits()).isEqualTo(PlanEdits.NONE);
  }

  @Test
  void aRungThatACautionBlocksIsNotEarnedByTheLog() {
    Health knee = Health.of(Set.of(), List.of(NotedCaution.of(Caution.INNER_KNEE)));
    PlanRequest request = request(knee, 25);
    assertThat(ids(anew(request, Map.of(DROPS, 1)))).doesNotContain(ItemId.of("double-bend-sit"));
  }
}
