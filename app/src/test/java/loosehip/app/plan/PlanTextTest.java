package loosehip.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Files;
import loosehip.core.link.LimitKind;
import loosehip.core.plan.Block;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Session;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A plan as it is kept: read back it is the plan that was given. */
class PlanTextTest {
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
    Bench bench = Files.bench(STIFF);
    return bench.assessment().plan().orElseThrow();
  }

  private static PlanText.Given round(Block block, Catalogue catalogue) {
    String text = PlanText.write(new PlanText.Given(block, Files.TODAY, 25));
    return PlanText.read(text, catalogue);
  }

  @Test
  void readBackItIsThePlanThatWasGiven() {
    Block block = block();
    PlanText.Given read = round(block, Catalogue.standard());
    assertThat(read.block()).isEqualTo(block);
    assertThat(read.start()).isEqualTo(Files.TODAY);
    assertThat(read.minutes()).isEqualTo(25);
  }

  @Test
  void aRetiredExerciseStaysInThePlanItWasGivenIn() {
    Exercise own =
        new Exercise(
            "own-shed",
            "own-shed",
            1,
            Exercise.Kind.RANGE,
            List.of(LimitKind.TRAIL_IR),
            List.of(),
            Dose.parse("1 x 8-10, 3"),
            Set.of(),
            Set.of());
    PlanItem item =
        new PlanItem(
            "own-shed", Optional.of(own), own.dose(), new Dose.Prescribed(1, 8, 0), 24, "why");
    Block block = block();
    Block with =
        new Block(
            List.of(new Block.Week(1, List.of(new Session(1, List.of(item))))),
            block.leftOut(),
            block.notes(),
            block.halfWay(),
            block.retest());
    Catalogue retired = Catalogue.standard().withRetired(List.of(own));
    assertThat(round(with, retired).block().items()).containsExactly(item);
    assertThat(round(with, Catalogue.standard()).block().items())
        .as("without it the item is left away, and the plan still reads")
        .isEmpty();
  }

  @Test
  void decisionsAreReadBackInTheirOrder() {
    PlanEdits edits =
        PlanEdits.NONE
            .pin("wall-taps", Set.of())
            .pin("bridge", Set.of(5, 1))
            .leave("hop-hold")
            .start(Catalogue.standard().exercise("glute", 2).orElseThrow())
            .dose("bridge", new Dose.Prescribed(1, 14, 0, 1));
    PlanEdits read = PlanText.edits(PlanText.write(edits));
    assertThat(read).isEqualTo(edits);
    assertThat(read.pins().keySet()).containsExactly("wall-taps", "bridge");
    assertThat(PlanText.edits(PlanText.write(PlanEdits.NONE))).isEqualTo(PlanEdits.NONE);
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
    PlanItem item = new PlanItem("x", Optional.empty(), of, much, of.seconds(much), "");
    assertThat(DoseSteps.of(item, by))
        .isEqualTo(Optional.ofNullable(then).map(PlanTextTest::prescribed));
  }

  private static Dose.Prescribed prescribed(String text) {
    String[] n = text.split(" ");
    return new Dose.Prescribed(
        Integer.parseInt(n[0]), Integer.parseInt(n[1]), Integer.parseInt(n[2]));
  }

  @Test
  void twoVersionsSideBySideNameWhatCameWentAndChanged() {
    Bench bench = Files.bench(STIFF);
    Plans.Plan before = plan(block());
    String out = before.block().items().get(0).id();
    Bench shorter = Files.bench(STIFF.replace("wish.minutes=25", "wish.minutes=8"));
    Plans.Plan after = plan(shorter.assessment().plan().orElseThrow());
    List<PlanComparison.Line> lines = PlanComparison.of(before, after, new ExerciseTexts());
    assertThat(lines).extracting(PlanComparison.Line::kind).contains("out");
    assertThat(lines)
        .allSatisfy(
            l -> {
              assertThat(l.before().isEmpty()).isEqualTo(l.kind().equals("in"));
              assertThat(l.after().isEmpty()).isEqualTo(l.kind().equals("out"));
              assertThat(l.before().equals(l.after())).isEqualTo(l.kind().equals("same"));
            });
    List<String> kinds = lines.stream().map(PlanComparison.Line::kind).toList();
    assertThat(kinds.lastIndexOf("out")).as("what differs first").isLessThan(kinds.size());
    assertThat(PlanComparison.of(before, before, new ExerciseTexts()))
        .extracting(PlanComparison.Line::kind)
        .containsOnly("same");
    assertThat(Plans.added(after, before)).doesNotContainAnyElementsOf(ids(after));
    assertThat(bench.blocked(List.of(out))).isEmpty();
  }

  private static List<String> ids(Plans.Plan plan) {
    return plan.block().items().stream().map(PlanItem::id).toList();
  }

  private static Plans.Plan plan(Block block) {
    return new Plans.Plan(
        Optional.empty(), PlanEdits.NONE, block, LocalDate.of(2026, 11, 25), 25, Map.of());
  }
}
