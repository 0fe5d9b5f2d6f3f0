package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.store.Glance;
import loosehip.app.store.GolferFile;
import loosehip.app.words.Dates;
import loosehip.core.body.Leg;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.TodayGroup;
import loosehip.core.limit.Body;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Coefficient;

/** Where a golfer stands on Today, and what comes next in a phrase. */
public final class AtAGlance {
  private AtAGlance() {}

  /** What lists show of this golfer now. */
  public static Glance glance(Bench bench) {
    Screen screen = bench.golfer().screen();
    Optional<LocalDate> due = due(bench);
    TodayGroup group =
        TodayGroup.of(
            bench.golfer().health().refer() || stopped(bench).isPresent(),
            due,
            bench.file().visitOn(),
            bench.today());
    return new Glance(
        bench.file().id(),
        bench.file().name(),
        bench.golfer().handed(),
        Facts.BIRTH_YEAR.in(bench.file()),
        turn(bench, Leg.TRAIL, Direction.INTERNAL),
        turn(bench, Leg.TRAIL, Direction.EXTERNAL),
        turn(bench, Leg.LEAD, Direction.INTERNAL),
        turn(bench, Leg.LEAD, Direction.EXTERNAL),
        group,
        words(bench, group, due),
        bench.file().visitOn(),
        due);
  }

  /** The newest day on which the log stopped something of the plan, until that is settled. */
  private static Optional<LocalDate> stopped(Bench bench) {
    return bench
        .file()
        .given()
        .flatMap(
            given ->
                given.stopped().values().stream().map(ItemLog::on).max(Comparator.naturalOrder()));
  }

  private static String block(Bench bench, GolferFile.PlanGiven given) {
    if (!bench.struck().isEmpty()) {
      return "plan not safe now";
    }
    int week = given.span().week(bench.today());
    return week < 1
        ? "block starts " + Dates.day(given.span().start())
        : "week "
            + week
            + " of "
            + given.span().weeks()
            + ", retest "
            + Dates.day(given.span().retest());
  }

  private static String toGive(Bench bench) {
    return bench.proposal().filter(b -> !b.empty()).isPresent()
        ? "a plan waits to be given"
        : "ready for a plan";
  }

  /** The range a hip glyph draws: seated, else face down, else standing less its leg's share. */
  public static Optional<Double> turn(Bench bench, Leg leg, Direction direction) {
    Body body = bench.golfer().body();
    double share = bench.golfer().practice().coefficients().of(Coefficient.STANDING_SHARE);
    return body.turn(leg, direction)
        .map(Measurement::mean)
        .or(() -> body.turn(ScreenTest.STANDING_TURN, leg, direction).map(m -> m.mean() - share));
  }

  private static Optional<LocalDate> due(Bench bench) {
    return bench.file().given().map(given -> given.span().retest());
  }

  private static String words(Bench bench, TodayGroup group, Optional<LocalDate> due) {
    if (group == TodayGroup.WAITING) {
      return bench.golfer().health().refer()
          ? "waiting for a clinician's clearance"
          : "stopped by pain on " + Dates.day(stopped(bench).orElseThrow());
    }
    if (group == TodayGroup.DUE) {
      return "retest due " + Dates.day(due.orElseThrow());
    }
    long measured = bench.golfer().screen().readings().size();
    if (bench.file().facts().isEmpty() && measured == 0) {
      return "new: start with the talk";
    }
    if (!bench.consented()) {
      return "consent first";
    }
    if (bench.file().given().isEmpty() && !bench.golfer().health().unanswered().isEmpty()) {
      return "ask first: the warning signs";
    }
    if (!bench.judgement().hips().complete()) {
      return measured == 0 ? "talked; nothing measured yet" : "half screened";
    }
    if (bench.golfer().seen().pivot().isEmpty()) {
      return "screened; look at the swing";
    }
    return bench.file().given().map(g -> block(bench, g)).orElseGet(() -> toGive(bench));
  }
}
