package loosehip.app.casefile;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Family;
import loosehip.core.link.Fault;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.SetupOption;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.Reason;

/**
 * An assessment of version 1, key by key. Angles to one decimal, chances to two; what could not be
 * worked out is left out.
 */
record AssessmentDocument(
    String format,
    int version,
    Judgement.Status status,
    List<String> notices,
    List<MeasurementPart> measurements,
    Optional<BudgetPart> budget,
    List<ScreenTest> missing,
    List<ExpectedPart> forecast,
    List<SchoolPart> schools,
    List<OptionPart> setupOptions,
    List<LinkPart> links,
    List<NextTestPart> nextTests,
    List<NeedPart> needs,
    List<SetupFaultPart> setupFaults,
    List<DrillPart> drills,
    Optional<PlanPart> plan) {

  /** The name every assessment carries. */
  static final String FORMAT = "loose-hip-assessment";

  /** A result. */
  record MeasurementPart(
      ScreenTest test,
      Optional<Side> side,
      Optional<Direction> direction,
      Optional<Part> part,
      double mean,
      double sem,
      Band band,
      Optional<ArcPattern> arcPattern) {}

  /** The turn budget. */
  record BudgetPart(
      Optional<Double> trailCapacity,
      Optional<Double> leadCapacity,
      Optional<Double> pelvisCapacity,
      Optional<Leg> limiting,
      Optional<Double> trunk,
      Optional<Double> pelvisDemand,
      Optional<Double> backMargin,
      Optional<Band> backBand,
      Optional<Double> shoulderMargin,
      Optional<Band> shoulderBand,
      Optional<Double> impactCapacity,
      Optional<Double> impactMargin,
      Optional<Band> impactBand,
      Optional<Double> finishMargin,
      Optional<Band> finishBand,
      Optional<Double> pBackShort,
      Optional<Double> pImpactShort) {}

  /** What a short margin leads one to expect. */
  record ExpectedPart(BudgetMargin margin, PivotFault fault, double weight) {}

  /** A school with its best set-up. */
  record SchoolPart(
      School id,
      double score,
      double backMargin,
      double shoulderMargin,
      double impactMargin,
      double finishMargin,
      OptionPart option) {}

  /** A set-up the golfer could take today. */
  record OptionPart(
      double score,
      double cost,
      SetupOption.Lever main,
      double trailFlare,
      double leadFlare,
      double trailKneeExtension,
      LeadRelease leadRelease,
      boolean unpinch,
      boolean level,
      double backMargin,
      double shoulderMargin,
      double impactMargin,
      double finishMargin) {}

  /** A fault tied to its causes. */
  record LinkPart(Fault fault, String triage, List<CausePart> causes) {}

  /** A set-up fault tied to its causes, with what puts it right. */
  record SetupFaultPart(SetupFault fault, List<CausePart> causes, String routine, String check) {}

  /** A drill chosen for a fault. */
  record DrillPart(ItemId drill, Fault fault, String form, String because) {}

  /** A cause with its chance. */
  record CausePart(
      String id,
      Family family,
      Optional<Side> side,
      double chance,
      String word,
      List<String> because) {}

  /** Something that would settle a question. */
  record NextTestPart(String test, Optional<Side> side, double value, String why) {}

  /** How much a limit deserves the block. */
  record NeedPart(LimitKind limit, Optional<Side> side, double need) {}

  /** A block. */
  record PlanPart(
      List<WeekPart> weeks,
      StagePart stage,
      List<NextPart> next,
      List<LeftOutPart> leftOut,
      List<BridgePart> bridge,
      LocalDate retest) {}

  /** The weeks that are planned; those after it repeat it. */
  record StagePart(int weeks, LocalDate until) {}

  /** What follows if it goes well. */
  record NextPart(ItemId instead, ItemId exercise, int rung, String when) {}

  /** A week of it. */
  record WeekPart(int week, List<SessionPart> sessions) {}

  /** A day of it. */
  record SessionPart(int day, int seconds, List<ItemPart> items) {}

  /** One thing to do. */
  record ItemPart(
      ItemId exercise,
      Optional<Integer> rung,
      int sets,
      int reps,
      int holdSeconds,
      int sides,
      Optional<Side> side,
      int seconds,
      String why,
      String family,
      Optional<String> changed) {}

  /** Something that is not in it. */
  record LeftOutPart(ItemId exercise, String reason, Reason.Kind because) {}

  /** A part of the way back from a set-up change. */
  record BridgePart(
      SetupOption.Lever lever,
      double from,
      double to,
      Bridge.Range range,
      double gain,
      double weeks,
      double weeksFast,
      double weeksSlow) {}
}
