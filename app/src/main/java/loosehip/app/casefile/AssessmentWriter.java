package loosehip.app.casefile;

import java.util.List;
import java.util.Optional;
import loosehip.app.document.Documents;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.words.LinkWords;
import loosehip.app.words.NoticeWords;
import loosehip.app.words.PlanWords;
import loosehip.app.words.SafetyWords;
import loosehip.core.body.Angle;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.Judgement;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Link;
import loosehip.core.link.Need;
import loosehip.core.link.NextTest;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.SetupOption;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.plan.Block;
import loosehip.core.plan.DrillFor;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Planner;
import loosehip.core.plan.Session;
import loosehip.core.plan.SetupRoutine;

/** Writes an assessment as JSON: angles to one decimal, chances to two. */
public final class AssessmentWriter {
  private final Assessment assessment;
  private final Judgement judgement;

  private AssessmentWriter(Assessment assessment) {
    this.assessment = assessment;
    this.judgement = assessment.judgement();
  }

  /** The assessment as JSON text. */
  public static String write(Assessment assessment) {
    return Documents.INDENTED.writeValueAsString(new AssessmentWriter(assessment).document());
  }

  private AssessmentDocument document() {
    return new AssessmentDocument(
        AssessmentDocument.FORMAT,
        1,
        judgement.status(),
        assessment.notices().stream().map(NoticeWords::notice).toList(),
        judgement.measurements().stream().map(this::measurement).toList(),
        judgement.budget().map(AssessmentWriter::budget),
        judgement.hips().missing().stream().map(Hips.Part::test).distinct().toList(),
        judgement.forecast().stream()
            .map(
                e ->
                    new AssessmentDocument.ExpectedPart(
                        e.margin(), e.fault(), hundredth(e.weight())))
            .toList(),
        judgement.schools().stream().map(AssessmentWriter::school).toList(),
        judgement.ownSchool().map(SetupSearch.Found::options).orElse(List.of()).stream()
            .map(AssessmentWriter::option)
            .toList(),
        judgement.links().stream().map(this::link).toList(),
        judgement.nextTests().stream().map(AssessmentWriter::nextTest).toList(),
        judgement.needs().stream().map(this::need).toList(),
        judgement.setupLinks().stream().map(this::setupFault).toList(),
        assessment.plan().map(Block::drills).orElse(List.of()).stream()
            .map(AssessmentWriter::drill)
            .toList(),
        assessment.plan().map(this::plan));
  }

  private AssessmentDocument.SetupFaultPart setupFault(Link link) {
    SetupRoutine routine = SetupRoutine.of((SetupFault) link.fault());
    return new AssessmentDocument.SetupFaultPart(
        (SetupFault) link.fault(),
        link.causes().stream().map(this::cause).toList(),
        routine.id().id(),
        TEXTS.of(routine.id()).purpose());
  }

  private static AssessmentDocument.DrillPart drill(DrillFor drill) {
    return new AssessmentDocument.DrillPart(
        drill.drill(),
        drill.fault(),
        drill.form().id(),
        (drill.now() ? "" : "after what is done now has held; ")
            + drill
                .notFull()
                .map(why -> "reduced: " + PlanWords.reason(why))
                .orElse("the first of its line that fits"));
  }

  private AssessmentDocument.MeasurementPart measurement(Measurement m) {
    return new AssessmentDocument.MeasurementPart(
        m.slot().test(),
        m.slot().side(),
        m.slot().direction(),
        m.slot().part().filter(p -> p != Part.INTERNAL && p != Part.EXTERNAL),
        tenth(m.mean()),
        tenth(m.standardError()),
        m.stoppedByPain() ? Band.NOT_MEASURED : m.band(),
        arc(m));
  }

  private Optional<ArcPattern> arc(Measurement m) {
    boolean inward = m.slot().direction().filter(Direction.INTERNAL::equals).isPresent();
    return inward && m.slot().test() != ScreenTest.STANDING_TURN
        ? judgement.golfer().screen().arcPattern(m.slot().side().orElseThrow())
        : Optional.empty();
  }

  private static AssessmentDocument.BudgetPart budget(TurnBudget budget) {
    Optional<TurnBudget.Back> back = budget.back();
    return new AssessmentDocument.BudgetPart(
        back.map(b -> tenth(b.trail().total())),
        back.map(b -> tenth(b.lead().total())),
        back.map(b -> tenth(b.pelvis())),
        back.map(TurnBudget.Back::limiting),
        budget.trunk().map(t -> tenth(t.degrees())),
        back.flatMap(TurnBudget.Back::demand).map(d -> tenth(d.degrees())),
        degrees(budget, BudgetMargin.BACK),
        band(budget, BudgetMargin.BACK),
        degrees(budget, BudgetMargin.SHOULDER),
        band(budget, BudgetMargin.SHOULDER),
        budget.through().map(t -> tenth(t.lead().total())),
        degrees(budget, BudgetMargin.IMPACT),
        band(budget, BudgetMargin.IMPACT),
        degrees(budget, BudgetMargin.FINISH),
        band(budget, BudgetMargin.FINISH),
        budget.backMargin().map(m -> hundredth(m.chanceShort())),
        budget.impactMargin().map(m -> hundredth(m.chanceShort())));
  }

  private static Optional<Double> degrees(TurnBudget budget, BudgetMargin which) {
    return budget.margin(which).map(m -> tenth(m.degrees()));
  }

  private static Optional<Band> band(TurnBudget budget, BudgetMargin which) {
    return budget.margin(which).map(Margin::band);
  }

  private static AssessmentDocument.SchoolPart school(SetupSearch.Found found) {
    SetupOption best = found.best();
    return new AssessmentDocument.SchoolPart(
        found.school(),
        tenth(best.score()),
        tenth(best.backMargin()),
        tenth(best.shoulderMargin()),
        tenth(best.impactMargin()),
        tenth(best.finishMargin()),
        option(best));
  }

  private static AssessmentDocument.OptionPart option(SetupOption option) {
    return new AssessmentDocument.OptionPart(
        tenth(option.score()),
        tenth(option.cost()),
        option.main(),
        tenth(option.setup().trailFlare()),
        tenth(option.setup().leadFlare()),
        tenth(option.setup().straightening()),
        option.setup().release(),
        option.unpinch(),
        option.level(),
        tenth(option.backMargin()),
        tenth(option.shoulderMargin()),
        tenth(option.impactMargin()),
        tenth(option.finishMargin()));
  }

  private AssessmentDocument.LinkPart link(Link link) {
    return new AssessmentDocument.LinkPart(
        link.fault(), link.triage().id(), link.causes().stream().map(this::cause).toList());
  }

  private AssessmentDocument.CausePart cause(CauseChance chance) {
    return new AssessmentDocument.CausePart(
        chance.cause().source().id(),
        chance.cause().family(),
        chance.cause().leg().map(this::side),
        hundredth(chance.chance()),
        chance.likelihood().word(),
        chance.factors().stream().map(LinkWords::factor).toList());
  }

  private Side side(Leg leg) {
    return judgement.golfer().handed().side(leg);
  }

  private static AssessmentDocument.NextTestPart nextTest(NextTest test) {
    return new AssessmentDocument.NextTestPart(
        test.what().id(), test.side(), hundredth(test.value()), LinkWords.why(test));
  }

  private AssessmentDocument.NeedPart need(Need need) {
    return new AssessmentDocument.NeedPart(
        need.limit().kind(), need.limit().concerns().map(this::side), hundredth(need.size()));
  }

  private AssessmentDocument.PlanPart plan(Block block) {
    return new AssessmentDocument.PlanPart(
        block.weeks().stream()
            .map(
                w ->
                    new AssessmentDocument.WeekPart(
                        w.number(), w.sessions().stream().map(this::session).toList()))
            .toList(),
        new AssessmentDocument.StagePart(Block.STAGE_WEEKS, block.halfWay()),
        block.next().stream()
            .map(
                n ->
                    new AssessmentDocument.NextPart(
                        n.instead(), n.then(), n.rung(), WHEN + block.halfWay()))
            .toList(),
        block.leftOut().stream()
            .map(
                l ->
                    new AssessmentDocument.LeftOutPart(
                        l.item(), PlanWords.reason(l.because()), l.because().kind()))
            .toList(),
        judgement.bridge().parts().stream().map(AssessmentWriter::part).toList(),
        block.retest());
  }

  private AssessmentDocument.SessionPart session(Session session) {
    return new AssessmentDocument.SessionPart(
        session.day(), session.seconds(), session.items().stream().map(this::item).toList());
  }

  private AssessmentDocument.ItemPart item(PlanItem item) {
    String changed =
        SafetyWords.changed(
            Planner.changed(
                judgement.golfer().practice().catalogue(), item, judgement.golfer().health()));
    return new AssessmentDocument.ItemPart(
        item.id(),
        item.exercise().map(Exercise::rung),
        item.much().sets(),
        item.much().reps(),
        item.much().holdSeconds(),
        item.sides(),
        item.only().map(this::side),
        item.seconds(),
        PlanWords.why(item.why()),
        item.family().id(),
        Optional.of(changed).filter(c -> !c.isEmpty()));
  }

  private static AssessmentDocument.BridgePart part(Bridge.Part part) {
    return new AssessmentDocument.BridgePart(
        part.lever(),
        tenth(part.from()),
        tenth(part.to()),
        part.range(),
        tenth(part.gain()),
        tenth(part.weeks()),
        tenth(part.weeksFast()),
        tenth(part.weeksSlow()));
  }

  private static final String WHEN =
      "when the log has held it: three sessions in a row at the top dose, good form; looked at on ";

  private static final ExerciseTexts TEXTS = new ExerciseTexts();

  private static double tenth(double value) {
    return Angle.of(value).toOneDecimal();
  }

  private static double hundredth(double value) {
    return Math.round(value * 100) / 100.0;
  }
}
