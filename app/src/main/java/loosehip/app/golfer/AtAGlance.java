package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.store.Glance;
import loosehip.app.store.GolferFile;
import loosehip.app.words.Dates;
import loosehip.core.body.Leg;
import loosehip.core.follow.AtHome;
import loosehip.core.follow.TodayGroup;
import loosehip.core.limit.Body;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Coefficient;

/** Where a golfer stands on Today, and what comes next in a phrase. */
public final class AtAGlance {
  /** Measured so many days before the day of the retest, it counts as the retest. */
  private static final int RETEST_EARLY = 7;

  private AtAGlance() {}

  /** What lists show of this golfer now. */
  public static Glance glance(Workup workup) {
    Screen screen = workup.golfer().screen();
    Optional<LocalDate> due = due(workup);
    TodayGroup group =
        TodayGroup.of(
            workup.golfer().health().refer() || stopped(workup).isPresent(),
            due,
            workup.file().visitOn(),
            workup.today());
    return new Glance(
        workup.file().id(),
        workup.file().name(),
        workup.golfer().who().handed(),
        Facts.BIRTH_YEAR.in(workup.file()),
        turn(workup, Leg.TRAIL, Direction.INTERNAL),
        turn(workup, Leg.TRAIL, Direction.EXTERNAL),
        turn(workup, Leg.LEAD, Direction.INTERNAL),
        turn(workup, Leg.LEAD, Direction.EXTERNAL),
        group,
        words(workup, group, due),
        workup.file().visitOn(),
        due,
        workup
            .file()
            .given()
            .filter(given -> !closed(workup, given.span().retest()))
            .map(GolferFile.PlanGiven::home)
            .orElse(AtHome.NOTHING));
  }

  /** The newest day on which the log stopped something of the plan, until that is settled. */
  private static Optional<LocalDate> stopped(Workup workup) {
    return workup.file().given().flatMap(given -> given.home().stoppedOn());
  }

  private static String block(Workup workup, GolferFile.PlanGiven given) {
    if (!workup.struck().isEmpty()) {
      return "plan not safe now";
    }
    if (closed(workup, given.span().retest())) {
      return "measured again: the next block, or hand back";
    }
    int week = given.span().week(workup.today());
    return week < 1
        ? "block starts " + Dates.day(given.span().start())
        : "week "
            + week
            + " of "
            + given.span().weeks()
            + ", retest "
            + Dates.day(given.span().retest());
  }

  private static String toGive(Workup workup) {
    return workup.toGive() ? "a plan waits to be given" : "ready for a plan";
  }

  /**
   * The range a hip glyph draws: seated, else face down, else standing less its leg's share. Empty
   * while nobody said which leg is which.
   */
  public static Optional<Double> turn(Workup workup, Leg leg, Direction direction) {
    if (!workup.golfer().handSaid()) {
      return Optional.empty();
    }
    Body body = workup.golfer().body();
    double share = workup.golfer().practice().coefficients().of(Coefficient.STANDING_SHARE);
    return body.turn(leg, direction)
        .map(Measurement::mean)
        .or(() -> body.turn(ScreenTest.STANDING_TURN, leg, direction).map(m -> m.mean() - share));
  }

  /** The day of the retest, until it was measured again: about then, or later. */
  private static Optional<LocalDate> due(Workup workup) {
    return workup
        .file()
        .given()
        .map(given -> given.span().retest())
        .filter(retest -> !closed(workup, retest));
  }

  private static boolean closed(Workup workup, LocalDate retest) {
    return !workup.file().visitOn().isBefore(retest.minusDays(RETEST_EARLY))
        && !workup.golfer().screen().readings().isEmpty();
  }

  private static String words(Workup workup, TodayGroup group, Optional<LocalDate> due) {
    if (group == TodayGroup.WAITING) {
      return workup.golfer().health().refer()
          ? "waiting for a clinician's clearance"
          : "stopped by pain on " + Dates.day(stopped(workup).orElseThrow());
    }
    if (group == TodayGroup.DUE) {
      return "retest due " + Dates.day(due.orElseThrow());
    }
    long measured = workup.golfer().screen().readings().size();
    if (workup.file().facts().isEmpty() && measured == 0) {
      return "new: start with the talk";
    }
    if (!workup.consented()) {
      return "consent first";
    }
    if (workup.file().given().isEmpty() && !workup.golfer().health().unanswered().isEmpty()) {
      return "ask first: the warning signs";
    }
    if (!workup.golfer().handSaid()) {
      return "which hand?";
    }
    if (!workup.judgement().hips().complete()) {
      return measured == 0 ? "talked; nothing measured yet" : "half screened";
    }
    if (workup.golfer().seen().pivot().isEmpty()) {
      return "screened; look at the swing";
    }
    return workup.file().given().map(g -> block(workup, g)).orElseGet(() -> toGive(workup));
  }
}
