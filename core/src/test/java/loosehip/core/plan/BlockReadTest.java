package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import loosehip.core.Golfers;
import loosehip.core.body.Leg;
import loosehip.core.casefile.Assessment;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.safety.Caution;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How a block is read: its days and weeks, its stages, what is in it, and why something is not. */
class BlockReadTest {
  private static final LocalDate MONDAY = LocalDate.of(2027, 1, 11);
  private static final BlockSpan SIX_WEEKS = new BlockSpan(MONDAY, MONDAY.plusWeeks(6));

  private static Block stiff() {
    return Assessment.of(Golfers.of(ToldGolfers.STIFF)).plan().orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "2027-01-10, 0, 1, 7",
    "2027-01-11, 1, 1, 1",
    "2027-01-17, 1, 1, 7",
    "2027-01-18, 2, 2, 1",
    "2027-02-21, 6, 6, 7",
    "2027-03-05, 8, 6, 5"
  })
  void aDayHasItsWeekAndItsPlaceInIt(LocalDate day, int week, int held, int dayOfWeek) {
    assertThat(SIX_WEEKS.weeks()).isEqualTo(6);
    assertThat(SIX_WEEKS.week(day)).isEqualTo(week);
    assertThat(SIX_WEEKS.heldWeek(day)).isEqualTo(held);
    assertThat(SIX_WEEKS.dayOfWeek(day)).isEqualTo(dayOfWeek);
    assertThat(SIX_WEEKS.date(week, dayOfWeek)).isEqualTo(day);
  }

  @Test
  void aBlockShorterThanAWeekHasOne() {
    assertThat(new BlockSpan(MONDAY, MONDAY.plusDays(3)).weeks()).isEqualTo(1);
  }

  /** The stages cover every week once, and the half-way check ends one. */
  @Test
  void theStagesFollowOneAnother() {
    Block block = stiff();
    List<Block.Stage> stages = block.stages();
    int next = 1;
    for (Block.Stage stage : stages) {
      assertThat(stage.first()).isEqualTo(next);
      for (int week = 0; week <= block.weeks().size() + 1; week++) {
        assertThat(stage.holds(week)).isEqualTo(week >= stage.first() && week <= stage.last());
      }
      next = stage.last() + 1;
    }
    assertThat(next).isEqualTo(block.weeks().size() + 1);
    assertThat(stages).anyMatch(s -> s.last() == Block.STAGE_WEEKS);
  }

  @Test
  void anItemIsDoneOnTheDaysWhoseSessionsHoldIt() {
    Block block = stiff();
    PlanItem item = block.items().get(1);
    Block.Week week = block.weeks().get(0);
    Days days = week.daysOf(item.id());
    assertThat(days.list()).isNotEmpty();
    for (int day = 1; day <= Days.IN_A_WEEK; day++) {
      boolean there = week.session(day).flatMap(s -> s.item(item.id())).isPresent();
      assertThat(days.list().contains(day)).isEqualTo(there);
    }
    assertThat(days).hasToString(days.list().toString());
    assertThat(week.daysOf(ItemId.of("no-such-item"))).isEqualTo(Days.NONE);
    assertThat(block.held(0)).isEqualTo(block.weeks().get(0));
    assertThat(block.held(99)).isEqualTo(block.weeks().get(block.weeks().size() - 1));
  }

  /**
   * The same item on one leg takes half of the time it takes on both, and says where it belongs.
   */
  @Test
  void anItemOnOneLegTakesHalf() {
    PlanItem both =
        stiff().items().stream()
            .filter(i -> i.sides() == 2 && i.role() == PlanItem.Role.EXERCISE)
            .findFirst()
            .orElseThrow();
    PlanItem one = both.onlyOn(Leg.LEAD);
    assertThat(one.sides()).isEqualTo(1);
    assertThat(one.only()).contains(Leg.LEAD);
    assertThat(one.seconds()).isLessThan(both.seconds());
    assertThat(one.withWeight(4).mostKg()).contains(4.0);
    assertThat(one.withWeight(4).only()).contains(Leg.LEAD);
    assertThat(one.place()).isEqualTo(one.phase().word()).isNotBlank();
    assertThat(one.with(both.much()).much()).isEqualTo(both.much());
    assertThat(one.with(both.much()).seconds())
        .as("told anew, still on one leg")
        .isEqualTo(one.seconds());
  }

  @Test
  void toolsAreSaidAsTheyAreAskedFor() {
    Tools asked = Tools.parse("club/wall chair");
    assertThat(asked.words())
        .isIn(
            Tool.CLUB.word() + " or " + Tool.WALL.word() + ", and " + Tool.CHAIR.word(),
            Tool.WALL.word() + " or " + Tool.CLUB.word() + ", and " + Tool.CHAIR.word());
    assertThat(asked.named()).containsExactlyInAnyOrder(Tool.CLUB, Tool.WALL, Tool.CHAIR);
    assertThat(asked.missing(Set.of(Tool.WALL))).containsExactly(Set.of(Tool.CHAIR));
    assertThat(asked.missing(Set.of(Tool.WALL, Tool.CHAIR))).isEmpty();
    assertThat(Tools.parse("-")).isEqualTo(Tools.NONE);
    assertThat(Tools.NONE.words()).isEmpty();
    assertThat(Tools.each(Set.of(Tool.CHAIR, Tool.CLUB)).missing(Set.of())).hasSize(2);
  }

  /** Every kind of reason is told by a reason of its own. */
  @Test
  void everyReasonHasAKindOfItsOwn() {
    NotedCaution knee = NotedCaution.of(Caution.KNEE);
    List<Reason> all =
        List.of(
            new Reason.ByCaution(knee, Optional.empty()),
            new Reason.ShiftedArc(Leg.LEAD, ArcPattern.OUT_SHIFTED),
            new Reason.MissingTools(List.of(Set.of(Tool.CLUB))),
            new Reason.SevenASession(),
            new Reason.NeedTooSmall(LimitKind.HINGE),
            new Reason.OtherRung(ItemId.of("bridge")),
            new Reason.NoRestDay(LimitKind.HINGE),
            new Reason.DownTwice(),
            new Reason.NothingWarm(),
            new Reason.FirstNeedFirst(LimitKind.HINGE),
            new Reason.FromWeek(3),
            new Reason.OtherStyle(Downswing.values()[0]),
            new Reason.NotWhile(PivotFault.SWAY),
            new Reason.Learnt(),
            new Reason.Eased(),
            new Reason.OtherSchool(Set.of(School.FREE_TURN)),
            new Reason.TooShort(LimitKind.HINGE, Band.SHORT),
            new Reason.NoTime(60, 5, false),
            new Reason.Stopped(MONDAY),
            new Reason.TrainersHand(),
            new Reason.AsWritten("as it was"));
    List<Reason.Kind> kinds = all.stream().map(Reason::kind).toList();
    assertThat(kinds).doesNotContainNull().contains(Reason.Kind.TIME, Reason.Kind.SEVEN);
    assertThat(new HashSet<>(kinds)).hasSizeGreaterThanOrEqualTo(19);
    assertThat(new Reason.FromWeek(3).kind()).isEqualTo(Reason.Kind.LATER);
    assertThat(new Reason.Stopped(MONDAY).kind()).isEqualTo(Reason.Kind.STOPPED);
    assertThat(new Reason.OtherStyle(Downswing.values()[0]).kind()).isEqualTo(Reason.Kind.STYLE);
    assertThat(new Reason.Eased().kind()).isEqualTo(Reason.Kind.EASED);
    assertThat(new Reason.NoRestDay(LimitKind.HINGE).kind()).isEqualTo(Reason.Kind.REST);
  }

  /** Each set-up fault that has a routine is among the faults that routine puts right. */
  @ParameterizedTest
  @EnumSource(SetupFault.class)
  void aSetUpFaultHasARoutineThatPutsItRight(SetupFault fault) {
    boolean some = Stream.of(SetupRoutine.values()).anyMatch(r -> r.faults().contains(fault));
    assertThat(some).as(fault.id()).isTrue();
    assertThat(SetupRoutine.of(fault).faults()).contains(fault);
  }

  /** The words of tools, phases and families are there and differ. */
  @Test
  void whatIsShownHasAWordOfItsOwn() {
    assertThat(Arrays.stream(Tool.values()).map(Tool::word)).doesNotHaveDuplicates();
    assertThat(Arrays.stream(Phase.values()).map(Phase::word))
        .containsSubsequence(
            "settle", "control", "loosen", "switch on", "strengthen", "combine", "groove");
    assertThat(Arrays.stream(PlanItem.Family.values()).map(PlanItem.Family::id))
        .doesNotHaveDuplicates()
        .contains("fault", "set-up", "groundwork", "base", "settle", "drill", "routine");
  }

  /** What the trainer holds in and cannot stay is named; a change of one item says of which. */
  @Test
  void aChangeAndANoteSayWhatTheyAreAbout() {
    PlanChange.OfItem of = new PlanChange.Cue(ItemId.of("bridge"), "Push the floor away.");
    assertThat(of.about()).contains(ItemId.of("bridge"));
    assertThat(new PlanChange.Apply("spring", List.of()).about()).isEmpty();
  }

  /** Work that serves a need belongs to what asked for it; what fills free minutes is base work. */
  @Test
  void theFamilyOfWorkFollowsWhatItServes() {
    assertThat(stiff().items())
        .filteredOn(i -> i.role() == PlanItem.Role.EXERCISE)
        .isNotEmpty()
        .allSatisfy(
            i -> {
              boolean base = i.why().purpose() instanceof Why.Base;
              assertThat(i.family() == PlanItem.Family.BASE).as(i.id().id()).isEqualTo(base);
              if (i.why().purpose() instanceof Why.Serves serves) {
                assertThat(i.family().name().replace("_", ""))
                    .isEqualTo(serves.needs().get(0).from().name());
              }
            });
  }
}
