package loosehip.core.casefile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import loosehip.core.limit.Body;
import loosehip.core.link.BackLoad;
import loosehip.core.link.Evidence;
import loosehip.core.link.Forecast;
import loosehip.core.link.Link;
import loosehip.core.link.Need;
import loosehip.core.link.Needs;
import loosehip.core.link.NextTest;
import loosehip.core.link.NextTests;
import loosehip.core.link.Overrule;
import loosehip.core.link.Seen;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.named.Named;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.SchoolsSearched;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanRequest;
import loosehip.core.plan.Wishes;

/**
 * What is made of one case, before anything is planned; its reasons are carried as data. With an
 * open warning sign, or while the hand is not said, nothing beyond the measurements is computed.
 *
 * @param golfer the case
 * @param status whether all of it could be worked out
 * @param measurements every numeric result
 * @param hips the ranges a pivot is paid from, and what is missing
 * @param budget the turn budget; empty on refer and while the hand is unknown
 * @param forecast what a short margin leads one to expect
 * @param searched every school with its best set-up; empty while the budget is incomplete
 * @param backLoads what loads a lower back that hurts
 * @param links every pivot fault present, tied to its causes
 * @param setupLinks every set-up fault present, tied to its causes
 * @param nextTests the tests that would settle most a minute
 * @param needs ranked needs
 */
public record Judgement(
    CaseFile golfer,
    Status status,
    List<Measurement> measurements,
    Hips hips,
    Optional<TurnBudget> budget,
    List<Forecast.Expected> forecast,
    SchoolsSearched searched,
    List<BackLoad> backLoads,
    List<Link> links,
    List<Link> setupLinks,
    List<NextTest> nextTests,
    List<Need> needs) {

  /** How far the judgement could go. */
  public enum Status implements Named {
    OK("ok"),
    REFER("refer"),
    INCOMPLETE("incomplete");

    private final String id;

    Status(String id) {
      this.id = id;
    }

    @Override
    public String id() {
      return id;
    }
  }

  /** Judges a case. Pure: the same case gives the same judgement. */
  public static Judgement of(CaseFile golfer) {
    Body body = golfer.body();
    Coefficients model = golfer.practice().coefficients();
    Hips hips = Hips.of(body, model, golfer.setup());
    List<Measurement> measurements =
        golfer.screen().readings().stream()
            .map(r -> golfer.screen().measurement(r.slot()))
            .flatMap(Optional::stream)
            .toList();
    if (golfer.health().refer()) {
      return unjudged(golfer, Status.REFER, measurements, hips);
    }
    if (!golfer.handSaid()) {
      Hips none = Hips.of(new Body(Screen.empty(), golfer.handed()), model, golfer.setup());
      return unjudged(golfer, Status.INCOMPLETE, measurements, none);
    }
    Optional<TurnBudget> budget = Optional.of(TurnBudget.of(golfer.school(), golfer.setup(), hips));
    Seen seen = golfer.seen().in(golfer.shape());
    Evidence evidence = new Evidence(golfer.practice().rules(), body, seen, budget);
    List<Link> links =
        BackLoad.first(Overrule.heeded(evidence.links(), golfer.overrules()), golfer.health());
    List<Link> setupLinks = Overrule.heeded(evidence.setupLinks(), golfer.overrules());
    List<Link> all = Stream.concat(links.stream(), setupLinks.stream()).toList();
    Demands asks = model.demands(golfer.school());
    return new Judgement(
        golfer,
        hips.complete() ? Status.OK : Status.INCOMPLETE,
        measurements,
        hips,
        budget,
        Forecast.of(budget.get(), body),
        hips.complete() ? SchoolsSearched.of(body, model, golfer.setup()) : SchoolsSearched.NONE,
        BackLoad.of(golfer.health(), seen, body, asks, budget),
        links,
        setupLinks,
        NextTests.best(body, seen, all),
        Needs.of(all, golfer.complaints(), budget, body));
  }

  private static Judgement unjudged(
      CaseFile golfer, Status status, List<Measurement> measurements, Hips hips) {
    return new Judgement(
        golfer,
        status,
        measurements,
        hips,
        Optional.empty(),
        List.of(),
        SchoolsSearched.NONE,
        List.of(),
        List.of(),
        List.of(),
        List.of(),
        List.of());
  }

  /** What a block of these wishes and decisions is planned from. */
  public PlanRequest request(Wishes wishes, PlanEdits edits) {
    return new PlanRequest(
        golfer.body(),
        golfer.health(),
        golfer.school(),
        golfer.practice().catalogue(),
        needs,
        links,
        golfer.seen().in(golfer.shape()),
        wishes,
        Set.of(),
        golfer.arcsOverruled(),
        edits);
  }

  /** What the reader must know before the plan. */
  List<Notice> noticesBefore() {
    List<Notice> notices = new ArrayList<>();
    notices.add(new Notice.DecisionAid());
    if (status == Status.REFER) {
      notices.add(new Notice.Refer());
    }
    backLoads.forEach(by -> notices.add(new Notice.LoadsTheBack(by)));
    return notices;
  }

  /** What the reader must know about the measurements; nothing on refer. */
  List<Notice> noticesAfter() {
    List<Notice> notices = new ArrayList<>();
    if (status == Status.REFER) {
      return notices;
    }
    measurements.stream()
        .filter(Measurement::stoppedByPain)
        .forEach(m -> notices.add(new Notice.StoppedByPain(m.slot())));
    golfer.screen().readings().stream()
        .filter(r -> !r.tries().isEmpty() && r.mean().isEmpty())
        .forEach(r -> notices.add(new Notice.AllVoid(r.slot())));
    if (!golfer.handSaid()) {
      notices.add(new Notice.HandUnknown());
      return notices;
    }
    hips.missing().forEach(part -> notices.add(new Notice.NotMeasured(part)));
    return notices;
  }

  /**
   * The way back from the best set-up offered to today's: when each part of it goes again. Empty
   * parts when nothing is offered.
   */
  public Bridge bridge() {
    return ownSchool()
        .filter(found -> !found.nothingNeeded())
        .map(
            found ->
                Bridge.of(
                    golfer.setup(),
                    found.best().setup(),
                    Bridge.Gained.NOTHING,
                    golfer.practice().coefficients()))
        .orElse(new Bridge(List.of()));
  }

  /** Every school with its best set-up, best first; empty while the budget is incomplete. */
  public List<SetupSearch.Found> schools() {
    return searched.found();
  }

  /** The school's own search among {@link #schools()}, when the budget is complete. */
  public Optional<SetupSearch.Found> ownSchool() {
    return schools().stream().filter(f -> f.school() == golfer.school()).findFirst();
  }
}
