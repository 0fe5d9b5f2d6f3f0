package loosehip.core.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.Screens;
import loosehip.core.body.Handed;
import loosehip.core.link.Complaint;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.Slot;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.Planner;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The whole judgement of a case: how far it goes, and what it says it does not know. */
class AssessmentTest {
  private static final LocalDate START = LocalDate.of(2027, 1, 11);
  private static final String HIPS =
      "seated-rotation.right.internal 22; seated-rotation.left.internal 38;"
          + " seated-rotation.left.external 42; trunk-turn.right 40";

  private static final Slot SEATED_IN = Slot.parse("seated-rotation.right.internal").orElseThrow();

  private static CaseFile golfer(String sheet, Health health, Seen seen, boolean wishes) {
    return new CaseFile(
        Handed.RIGHT,
        Set.of(Complaint.LOST_DISTANCE),
        health,
        Screens.of(sheet),
        Setup.PLAIN,
        seen,
        School.ROTATION_FIRST,
        wishes ? Optional.of(new Wishes(15, 5, 6, START, Set.of())) : Optional.empty());
  }

  private static Seen sway() {
    return new Seen(Map.of(), Map.of(PivotFault.SWAY, Level.CLEAR), Map.of(), Set.of());
  }

  @ParameterizedTest
  @EnumSource(WarningSign.class)
  void anOpenWarningSignLeavesTheMeasurementsAndNothingElse(WarningSign sign) {
    Assessment whole =
        Assessment.of(golfer(HIPS, Health.of(Set.of(sign), List.of()), sway(), true));
    Judgement refer = whole.judgement();
    assertThat(refer.status()).isEqualTo(Judgement.Status.REFER);
    assertThat(refer.measurements()).hasSize(4);
    assertThat(refer.budget()).isEmpty();
    assertThat(refer.links()).isEmpty();
    assertThat(refer.nextTests()).isEmpty();
    assertThat(whole.plan()).isEmpty();
    assertThat(whole.notices()).containsExactly(new Notice.DecisionAid(), new Notice.Refer());
  }

  @Test
  void allMeasuredIsOkAndWhatIsMissingIsNamed() {
    assertThat(Judgement.of(golfer(HIPS, Health.CLEAR, sway(), true)).status())
        .isEqualTo(Judgement.Status.OK);
    Assessment part =
        Assessment.of(golfer("seated-rotation.right.internal 22", Health.CLEAR, sway(), true));
    assertThat(part.judgement().status()).isEqualTo(Judgement.Status.INCOMPLETE);
    assertThat(part.judgement().schools()).isEmpty();
    assertThat(part.notices()).contains(new Notice.NotMeasured(Hips.Part.TRUNK));
    assertThat(part.judgement().links()).isNotEmpty();
  }

  /** The same screen says nothing about trail and lead while nobody said which hand. */
  @Test
  void nothingSidedIsJudgedBeforeTheHandIsSaid() {
    CaseFile said = golfer(HIPS, Health.CLEAR, sway(), true);
    Assessment unsaid =
        Assessment.of(
            new CaseFile(
                Who.unknown(),
                said.complaints(),
                said.health(),
                said.screen(),
                said.setup(),
                said.seen(),
                said.school(),
                Optional.empty(),
                said.wishes(),
                Set.of(),
                List.of(),
                Practice.SHIPPED));
    Judgement judgement = unsaid.judgement();
    assertThat(judgement.status()).isEqualTo(Judgement.Status.INCOMPLETE);
    assertThat(judgement.measurements()).hasSize(4);
    assertThat(judgement.budget()).isEmpty();
    assertThat(judgement.hips().missing()).hasSize(4);
    assertThat(judgement.links()).isEmpty();
    assertThat(judgement.needs()).isEmpty();
    assertThat(unsaid.plan()).isEmpty();
    assertThat(unsaid.notices())
        .containsExactly(new Notice.DecisionAid(), new Notice.HandUnknown());
  }

  @Test
  void everyReaderIsToldThatItIsAnAidFirst() {
    for (String sheet : List.of("", HIPS)) {
      assertThat(Assessment.of(golfer(sheet, Health.CLEAR, Seen.NOTHING, false)).notices().get(0))
          .isEqualTo(new Notice.DecisionAid());
    }
  }

  @Test
  void withoutWishesThereIsNoPlanAndWithThemOneThatEndsAtTheRetest() {
    assertThat(Assessment.of(golfer(HIPS, Health.CLEAR, sway(), false)).plan()).isEmpty();
    CaseFile wishing = golfer(HIPS, Health.CLEAR, sway(), true);
    assertThat(Assessment.of(wishing).plan())
        .hasValueSatisfying(p -> assertThat(p.retest()).isEqualTo(START.plusWeeks(6)));
    Wishes later = new Wishes(15, 5, 4, START.plusDays(7), Set.of());
    assertThat(Assessment.of(wishing.with(later)).plan())
        .hasValueSatisfying(p -> assertThat(p.retest()).isEqualTo(START.plusDays(7).plusWeeks(4)));
  }

  @Test
  void whatTheTrainerDecidedReachesThePlan() {
    CaseFile golfer = golfer(HIPS, Health.CLEAR, sway(), true);
    Judgement judgement = Judgement.of(golfer);
    Wishes wishes = golfer.wishes().orElseThrow();
    ItemId first = Planner.plan(judgement.request(wishes, PlanEdits.NONE)).items().get(0).id();
    assertThat(Planner.plan(judgement.request(wishes, PlanEdits.NONE.leave(first))).items())
        .isNotEmpty()
        .noneMatch(i -> i.id().equals(first));
  }

  @Test
  void aPainfulTestIsNoEvidenceAndAVoidedOneIsNotMeasured() {
    Assessment sore =
        Assessment.of(
            golfer(
                HIPS.replace("right.internal 22", "right.internal 22 p6"),
                Health.CLEAR,
                sway(),
                false));
    assertThat(sore.notices()).contains(new Notice.StoppedByPain(SEATED_IN));
    Assessment voided =
        Assessment.of(
            golfer(
                HIPS.replace("right.internal 22", "right.internal (22)"),
                Health.CLEAR,
                sway(),
                false));
    assertThat(voided.notices()).contains(new Notice.AllVoid(SEATED_IN));
    assertThat(voided.judgement().status()).isEqualTo(Judgement.Status.INCOMPLETE);
  }

  @Test
  void aSoreBackRaisesWhatLoadsIt() {
    Health back = Health.of(Set.of(), List.of(NotedCaution.of(Caution.BACK)));
    Seen seen =
        new Seen(
            Map.of(SetupFault.ARCHED, Level.CLEAR),
            Map.of(PivotFault.SWAY, Level.CLEAR, PivotFault.REVERSE_TILT, Level.SLIGHT),
            Map.of(),
            Set.of());
    Assessment with = Assessment.of(golfer(HIPS, back, seen, false));
    Assessment without = Assessment.of(golfer(HIPS, Health.CLEAR, seen, false));
    assertThat(with.judgement().links().get(0).fault()).isEqualTo(PivotFault.REVERSE_TILT);
    assertThat(without.judgement().links().get(0).fault()).isEqualTo(PivotFault.SWAY);
    assertThat(with.notices().size()).isGreaterThan(without.notices().size());
  }

  @Test
  void theOtherHandMirroredIsTheSameGolfer() {
    CaseFile right = golfer(HIPS, Health.CLEAR, sway(), true);
    Assessment one = Assessment.of(right);
    Assessment other = Assessment.of(right.mirrored());
    assertThat(other.judgement().budget().orElseThrow().backMargin())
        .isEqualTo(one.judgement().budget().orElseThrow().backMargin());
    assertThat(other.plan().orElseThrow().items().stream().map(i -> i.id()))
        .containsExactlyElementsOf(
            one.plan().orElseThrow().items().stream().map(i -> i.id()).toList());
    assertThat(right.mirrored().mirrored().screen().readings())
        .containsExactlyElementsOf(right.screen().readings());
  }
}
