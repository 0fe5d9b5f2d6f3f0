package loosehip.core.casefile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.core.link.BackLoad;
import loosehip.core.link.Evidence;
import loosehip.core.link.Forecast;
import loosehip.core.link.Link;
import loosehip.core.link.Need;
import loosehip.core.link.Needs;
import loosehip.core.link.NextTest;
import loosehip.core.link.NextTests;
import loosehip.core.measure.Measurement;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.plan.Block;
import loosehip.core.plan.Planner;

/**
 * The judgement of one case, its reasons carried as data. With an open warning sign nothing beyond
 * the measurements is computed.
 *
 * @param status whether all of it could be worked out
 * @param notices what the reader must know, in words
 * @param measurements every numeric result
 * @param hips the ranges a pivot is paid from, and what is missing
 * @param budget the turn budget; empty on refer
 * @param forecast what a short margin leads one to expect
 * @param schools every school with its best set-up, best first; empty while the budget is
 *     incomplete
 * @param links every fault present, tied to its causes
 * @param nextTests the tests that would settle most a minute
 * @param needs ranked needs
 * @param plan the block; empty on refer, without wishes, or when nothing calls for one
 */
public record Assessment(
    Status status,
    List<String> notices,
    List<Measurement> measurements,
    Hips hips,
    Optional<TurnBudget> budget,
    List<Forecast.Expected> forecast,
    List<SetupSearch.Found> schools,
    List<Link> links,
    List<NextTest> nextTests,
    List<Need> needs,
    Optional<Block> plan) {

  /** How far the judgement could go. */
  public enum Status {
    OK("ok"),
    REFER("refer"),
    INCOMPLETE("incomplete");

    private final String id;

    Status(String id) {
      this.id = id;
    }

    /** The id used in files. */
    public String id() {
      return id;
    }
  }

  /** What every reader is told. */
  public static final String DECISION_AID =
      "A decision aid for trainers: it names no illness and replaces no clinician. Local rules on who"
          + " may assess and prescribe come first.";

  /** Assesses a case. Pure: the same case gives the same assessment. */
  public static Assessment of(CaseFile golfer) {
    Hips hips = Hips.of(golfer.body(), golfer.setup());
    List<Measurement> measurements =
        golfer.screen().readings().stream()
            .map(r -> golfer.screen().measurement(r.slot()))
            .flatMap(Optional::stream)
            .toList();
    List<String> notices = new ArrayList<>(List.of(DECISION_AID));
    if (golfer.health().refer()) {
      notices.add(
          "Warning signs: no movement test and no plan until a clinician's clearance is on record.");
      return new Assessment(
          Status.REFER,
          notices,
          measurements,
          hips,
          Optional.empty(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          Optional.empty());
    }
    TurnBudget budget = TurnBudget.of(golfer.school(), golfer.setup(), hips);
    List<Link> links = BackLoad.first(links(golfer, Optional.of(budget)), golfer.health());
    List<Need> needs =
        Needs.of(
            links,
            golfer.overrules(),
            golfer.complaints(),
            Optional.of(budget),
            golfer.screen(),
            golfer.handed());
    Optional<Block> plan =
        golfer
            .wishes()
            .map(
                wishes ->
                    Planner.plan(
                        golfer.catalogue(),
                        golfer.screen(),
                        golfer.handed(),
                        golfer.health(),
                        wishes,
                        needs,
                        links,
                        golfer.school(),
                        golfer.edits()));
    BackLoad.of(golfer.health(), golfer.seen(), golfer.body(), Optional.of(budget))
        .forEach(b -> notices.add(b.what() + " " + b.words()));
    plan.ifPresent(block -> notices.addAll(block.notes()));
    notices.addAll(notices(golfer, measurements, hips));
    return new Assessment(
        hips.complete() ? Status.OK : Status.INCOMPLETE,
        List.copyOf(notices),
        measurements,
        hips,
        Optional.of(budget),
        Forecast.of(budget, golfer.screen(), golfer.handed()),
        hips.complete() ? SetupSearch.schools(golfer.body(), golfer.setup()) : List.of(),
        links,
        NextTests.best(golfer.screen(), golfer.handed(), golfer.seen(), links),
        needs,
        plan);
  }

  private static List<Link> links(CaseFile golfer, Optional<TurnBudget> budget) {
    return new Evidence(golfer.rules(), golfer.screen(), golfer.handed(), golfer.seen(), budget)
        .links();
  }

  private static List<String> notices(CaseFile golfer, List<Measurement> measurements, Hips hips) {
    List<String> notices = new ArrayList<>();
    measurements.stream()
        .filter(Measurement::stoppedByPain)
        .forEach(
            m -> notices.add(m.slot().key() + " was stopped by pain: no evidence of stiffness"));
    golfer.screen().readings().stream()
        .filter(r -> !r.tries().isEmpty() && r.mean().isEmpty())
        .forEach(r -> notices.add(r.slot().key() + ": every try is void, so it is not measured"));
    hips.missing().forEach(m -> notices.add("Not measured: " + m.what()));
    return notices;
  }

  /**
   * The way back from the best set-up offered to today's: when each part of it goes again. Empty
   * parts when nothing is offered.
   *
   * @param golfer the case this is the judgement of
   */
  public Bridge bridge(CaseFile golfer) {
    return ownSchool()
        .filter(found -> !found.nothingNeeded())
        .map(
            found ->
                Bridge.of(
                    golfer.setup(),
                    found.best().setup(),
                    Bridge.Gained.NOTHING,
                    golfer.coefficients()))
        .orElse(new Bridge(List.of()));
  }

  /** The school's own search among {@link #schools()}, when the budget is complete. */
  public Optional<SetupSearch.Found> ownSchool() {
    return schools.stream()
        .filter(f -> budget.isPresent() && f.school() == budget.get().school())
        .findFirst();
  }
}
