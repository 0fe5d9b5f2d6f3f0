package loosehip.app.casefile;

import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.link.Complaint;
import loosehip.core.link.Fault;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SpineShape;
import loosehip.core.link.Strength;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Method;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.SetupLook;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.WarningSign;
import org.jspecify.annotations.Nullable;

/**
 * A case file of version 1, key by key. What is absent is null; a missing part means "not
 * measured". Its JSON Schema is {@link CaseSchema}.
 */
record CaseDocument(
    String format,
    int version,
    @Nullable Golfer golfer,
    @Nullable List<Complaint> complaints,
    @Nullable HealthPart health,
    @Nullable List<Entry> screen,
    @Nullable SetupPart setup,
    @Nullable SwingPart swing,
    @Nullable School school,
    @Nullable PlanPart plan,
    @Nullable List<Side> arcsOverruled,
    @Nullable List<OverrulePart> overrules,
    @Nullable PracticePart practice) {

  /** The name every case file carries. */
  static final String FORMAT = "loose-hip-case";

  /** The only version there is. */
  static final int VERSION = 1;

  /** Who it is about, without a name. */
  record Golfer(
      @Nullable String ref,
      @Nullable Integer birthYear,
      @Nullable LocalDate birthDate,
      @Nullable GuardianPart guardian,
      @Nullable Handed handed,
      @Nullable Double heightCm) {}

  /** What must be respected. */
  record HealthPart(
      @Nullable Boolean asked,
      @Nullable List<WarningSign> warningSigns,
      @Nullable List<SignClearancePart> clearances,
      @Nullable List<CautionPart> cautions) {}

  /** A guardian's consent. */
  record GuardianPart(String name, @Nullable LocalDate on) {}

  /** A caution as noted. */
  record CautionPart(
      Caution id,
      @Nullable Side side,
      @Nullable String note,
      @Nullable Integer painNow,
      @Nullable Integer week,
      @Nullable Integer weeksAfter,
      @Nullable Boolean replacement,
      @JsonProperty("new") @Nullable Boolean fresh,
      @Nullable ClearancePart clearance) {}

  /** A clinician's clearance of a caution. */
  record ClearancePart(
      String by,
      @Nullable String profession,
      @Nullable LocalDate on,
      @Nullable LocalDate lookAgainBy,
      @Nullable String limits,
      @Nullable List<Demand> lifts,
      @Nullable List<Demand> blocks,
      @Nullable List<Clearance.Degrees> degrees) {}

  /** A clinician's clearance of a warning sign. */
  record SignClearancePart(
      WarningSign sign,
      String by,
      @Nullable String profession,
      @Nullable LocalDate on,
      @Nullable LocalDate lookAgainBy,
      @Nullable String limits,
      @Nullable List<Demand> blocks,
      @Nullable List<Clearance.Degrees> degrees) {}

  /**
   * What was taken of one test on one side. Numbers of tests recorded in parts stand under the
   * part's own key, one or several tries.
   */
  record Entry(
      ScreenTest test,
      @Nullable String date,
      @Nullable Side side,
      @Nullable Direction direction,
      @Nullable String eyes,
      @Nullable Method method,
      @Nullable List<Double> tries,
      @Nullable List<Integer> voided,
      @Nullable List<Compensation> compensations,
      @Nullable Integer pain,
      @Nullable String painSite,
      @Nullable String note,
      @Nullable Double tryDeviation,
      @Nullable @JsonFormat(with = JsonFormat.Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
          List<Double> arch,
      @Nullable @JsonFormat(with = JsonFormat.Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
          List<Double> flatten,
      @Nullable @JsonFormat(with = JsonFormat.Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
          List<Double> total,
      @Nullable @JsonFormat(with = JsonFormat.Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
          List<Double> held,
      @Nullable String quality,
      @Nullable String lost,
      @Nullable Boolean tall,
      @Nullable Boolean hinged,
      @Nullable Boolean cramp,
      @Nullable Boolean heldToLimit,
      @Nullable String reached,
      @Nullable Boolean kneeDrift,
      @Nullable Boolean heelsLifted,
      @Nullable Boolean kneesIn,
      @Nullable Boolean forward) {
    /** The same with a note. */
    Entry noted(String words) {
      return new Entry(
          test,
          date,
          side,
          direction,
          eyes,
          method,
          tries,
          voided,
          compensations,
          pain,
          painSite,
          words,
          tryDeviation,
          arch,
          flatten,
          total,
          held,
          quality,
          lost,
          tall,
          hinged,
          cramp,
          heldToLimit,
          reached,
          kneeDrift,
          heelsLifted,
          kneesIn,
          forward);
    }
  }

  /** How the golfer stands. */
  record SetupPart(
      @Nullable Double hipFlexion,
      @Nullable Double pelvicTilt,
      @Nullable Double rounding,
      @Nullable Double trailFlare,
      @Nullable Double leadFlare,
      @Nullable Double trailPinch,
      @Nullable Double leadPinch,
      @Nullable SetupLook source,
      @Nullable SpineShape spineShape,
      @Nullable List<SetupFaultPart> faults) {}

  /** A set-up fault as seen. */
  record SetupFaultPart(SetupFault id, @Nullable Level level) {}

  /** What the legs allow, and what was seen in the swing. */
  record SwingPart(
      @Nullable Double trailKneeExtension,
      @Nullable LeadRelease leadRelease,
      @Nullable Club club,
      @Nullable List<FaultPart> faults,
      @Nullable List<Habit> habits) {}

  /** A pivot fault as seen. */
  record FaultPart(PivotFault id, @Nullable Level level, @Nullable Rehearsal rehearsal) {}

  /** What can be given to the work. */
  record PlanPart(
      @Nullable Integer minutesPerDay,
      @Nullable Integer daysPerWeek,
      @Nullable Integer weeks,
      @Nullable LocalDate start,
      @Nullable List<Tool> tools,
      @Nullable Downswing downswing,
      @Nullable List<LocalDate> blackout,
      @Nullable Boolean baseWork,
      @Nullable Double bodyKg) {}

  /** What the trainer decided about one link; {@code cause} is the cause's key. */
  record OverrulePart(
      Fault fault,
      String cause,
      @Nullable Side side,
      Overrule.Verdict decision,
      @Nullable String note,
      @Nullable String by,
      @Nullable LocalDate on) {}

  /**
   * What a practice judges by where it differs from the shipped figures.
   *
   * @param coefficients figures of the turn budget, by id
   * @param bands band edges by test, or test and part: enough, then close
   * @param weights weights of causes
   */
  record PracticePart(
      @Nullable Map<String, Double> coefficients,
      @Nullable Map<String, List<Double>> bands,
      @Nullable List<WeightPart> weights) {}

  /** A weight of one cause. */
  record WeightPart(Fault fault, String cause, double prior, Strength strength) {}
}
