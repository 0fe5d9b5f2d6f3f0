package loosehip.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.core.limit.LimitKind;
import loosehip.core.plan.Block;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Days;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LadderId;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Position;
import loosehip.core.plan.Session;
import loosehip.core.plan.Tools;
import loosehip.core.plan.Why;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A plan as it is kept: read back it is the plan that was given. */
class PlanDocumentTest {
  private static final ItemId BRIDGE = ItemId.of("bridge");
  private static final ItemId TAPS = ItemId.of("wall-taps");
  private static final String STIFF =
      """
      consent=1
      try seated-rotation.right.internal 20
      try seated-rotation.left.internal 36
      try seated-rotation.left.external 42
      try trunk-turn.right 38
      try bridge-hold.left 8
      fault.sway=clear
      wish.minutes=25
      wish.days=5
      wish.tool-club=yes
      """;

  private static Block block() {
    Workup workup = GolferText.workup(STIFF);
    return workup.proposal().orElseThrow();
  }

  private static Block round(Block block, Catalogue catalogue) {
    return PlanDocument.read(PlanDocument.of(block, 25).write()).block(catalogue);
  }

  @Test
  void readBackItIsThePlanThatWasGiven() {
    Block block = block();
    assertThat(block.items()).isNotEmpty();
    assertThat(block.leftOut()).isNotEmpty();
    assertThat(round(block, Catalogue.standard())).isEqualTo(block);
    PlanDocument read = PlanDocument.read(PlanDocument.of(block, 25).write());
    assertThat(read.start()).isEqualTo(GolferText.TODAY);
    assertThat(read.minutes()).isEqualTo(25);
  }

  @Test
  void aRetiredExerciseStaysInThePlanItWasGivenIn() {
    Exercise own =
        new Exercise(
            ItemId.of("own-shed"),
            LadderId.of("own-shed"),
            1,
            Exercise.Kind.RANGE,
            List.of(LimitKind.TRAIL_IR),
            List.of(),
            Dose.parse("1 x 8-10, 3"),
            Position.FLOOR,
            Tools.NONE,
            Set.of(),
            Set.of());
    PlanItem item =
        PlanItem.of(
            PlanItem.Role.EXERCISE, own, new Dose.Prescribed(1, 8, 0), Why.of(new Why.ByHand()));
    Block block = block();
    Block with =
        new Block(
            List.of(new Block.Week(1, List.of(new Session(1, List.of(item))))),
            block.next(),
            block.drills(),
            block.leftOut(),
            block.notes(),
            block.halfWay(),
            block.retest());
    Catalogue retired = Catalogue.standard().withRetired(List.of(own), List.of());
    assertThat(round(with, retired).items()).containsExactly(item);
    assertThat(round(with, Catalogue.standard()).items())
        .as("without it the item is left away, and the plan still reads")
        .isEmpty();
  }

  @Test
  void decisionsAreReadBackInTheirOrder() {
    PlanEdits edits =
        PlanEdits.NONE
            .pin(TAPS, Days.NONE)
            .pin(BRIDGE, Days.of(5, 1))
            .leave(ItemId.of("hop-hold"))
            .start(Catalogue.standard().exercises(LadderId.of("glute"), 2).get(0))
            .dose(BRIDGE, new Dose.Prescribed(1, 14, 0, 1));
    PlanEdits read = PlanDocument.edits(PlanDocument.write(edits));
    assertThat(read).isEqualTo(edits);
    assertThat(read.pins().keySet()).containsExactly(TAPS, BRIDGE);
    assertThat(PlanDocument.edits(PlanDocument.write(PlanEdits.NONE))).isEqualTo(PlanEdits.NONE);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1 x 12-20, 3 | 1 12 0 | 1 | 1 14 0",
        "1 x 12-20, 3 | 1 20 0 | 1 | ",
        "1 x 12-20, 3 | 1 12 0 | -1 | ",
        "1 x 12-20, 3 | 1 13 0 | -1 | 1 12 0",
        "3 x 1, 0 + 15-40 | 3 1 15 | 1 | 3 1 20",
        "3 x 1, 0 + 15-40 | 3 1 40 | 1 | ",
        "2-3 x 5, 3 | 2 5 0 | 1 | 3 5 0",
        "1 x 10, 3 | 1 10 0 | 1 | ",
      })
  void aStepOfDoseStaysWithinWhatItAllows(String dose, String now, int by, String then) {
    Dose of = Dose.parse(dose);
    Dose.Prescribed much = prescribed(now);
    assertThat(of.step(much, by))
        .isEqualTo(Optional.ofNullable(then).map(PlanDocumentTest::prescribed));
  }

  private static Dose.Prescribed prescribed(String text) {
    String[] n = text.split(" ");
    return new Dose.Prescribed(
        Integer.parseInt(n[0]), Integer.parseInt(n[1]), Integer.parseInt(n[2]));
  }

  @Test
  void twoVersionsSideBySideNameWhatCameWentAndChanged() {
    Workup workup = GolferText.workup(STIFF);
    Plans.Plan before = plan(block());
    ItemId out = before.block().items().get(0).id();
    Workup shorter = GolferText.workup(STIFF.replace("wish.minutes=25", "wish.minutes=8"));
    Plans.Plan after = plan(shorter.proposal().orElseThrow());
    List<PlanComparison.Line> lines = PlanComparison.of(before, after, new ExerciseTexts());
    assertThat(lines).extracting(PlanComparison.Line::kind).contains(PlanComparison.Kind.OUT);
    assertThat(lines)
        .allSatisfy(
            l -> {
              assertThat(l.before().equals("–")).isEqualTo(l.kind() == PlanComparison.Kind.IN);
              assertThat(l.after().equals("–")).isEqualTo(l.kind() == PlanComparison.Kind.OUT);
              assertThat(l.before().equals(l.after()))
                  .isEqualTo(l.kind() == PlanComparison.Kind.SAME);
            });
    List<Boolean> same = lines.stream().map(l -> l.kind() == PlanComparison.Kind.SAME).toList();
    assertThat(same).as("what differs first").isSorted();
    assertThat(PlanComparison.of(before, before, new ExerciseTexts()))
        .extracting(PlanComparison.Line::kind)
        .containsOnly(PlanComparison.Kind.SAME);
    assertThat(workup.blocked(List.of(out))).isEmpty();
  }

  private static Plans.Plan plan(Block block) {
    return new Plans.Plan(Optional.empty(), PlanEdits.NONE, block, 25, Map.of());
  }
}
