package loosehip.app.golfer;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import loosehip.app.store.Glance;
import loosehip.app.store.GolferFile;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Coefficient;

/** Where a golfer stands on Today, and what comes next in a phrase. */
public final class Standing {
  private static final int BENCH_DAYS = 2;

  private Standing() {}

  /** What lists show of this golfer now. */
  public static Glance glance(Bench bench) {
    Screen screen = bench.golfer().screen();
    Optional<LocalDate> due = due(bench);
    String group = group(bench, due);
    return new Glance(
        bench.file().id(),
        bench.file().name(),
        bench.golfer().handed().id(),
        bench.file().value("who.birth-year").map(Integer::parseInt),
        turn(bench, Leg.TRAIL, Direction.INTERNAL),
        turn(bench, Leg.TRAIL, Direction.EXTERNAL),
        turn(bench, Leg.LEAD, Direction.INTERNAL),
        turn(bench, Leg.LEAD, Direction.EXTERNAL),
        group,
        words(bench, group, due),
        bench.file().visitOn(),
        due);
  }

  private static String block(Bench bench, GolferFile.PlanGiven given) {
    if (!bench.struck().isEmpty()) {
      return "plan not safe now";
    }
    int week = given.week(bench.today());
    return week < 1
        ? "block starts " + Dates.day(given.start())
        : "week " + week + " of " + given.weeks() + ", retest " + Dates.day(given.retest());
  }

  private static String toGive(Bench bench) {
    return bench.assessment().plan().filter(b -> !b.empty()).isPresent()
        ? "a plan waits to be given"
        : "ready for a plan";
  }

  /** The range a hip glyph draws: seated, else face down, else standing less its leg's share. */
  public static Optional<Double> turn(Bench bench, Leg leg, Direction direction) {
    Screen screen = bench.golfer().screen();
    Handed handed = bench.golfer().handed();
    return screen
        .turn(ScreenTest.SEATED_ROTATION, handed.side(leg), direction)
        .or(() -> screen.turn(ScreenTest.PRONE_ROTATION, handed.side(leg), direction))
        .map(Measurement::mean)
        .or(
            () ->
                screen
                    .turn(ScreenTest.STANDING_TURN, handed.side(leg), direction)
                    .map(
                        m ->
                            m.mean()
                                - bench.golfer().coefficients().of(Coefficient.STANDING_SHARE)));
  }

  private static Optional<LocalDate> due(Bench bench) {
    return bench.file().given().map(GolferFile.PlanGiven::retest);
  }

  private static String group(Bench bench, Optional<LocalDate> due) {
    if (bench.golfer().health().refer()) {
      return "waiting";
    }
    if (due.filter(d -> !d.isAfter(bench.today().plusDays(7))).isPresent()) {
      return "due";
    }
    boolean recent = ChronoUnit.DAYS.between(bench.file().visitOn(), bench.today()) < BENCH_DAYS;
    return recent ? "bench" : "quiet";
  }

  private static String words(Bench bench, String group, Optional<LocalDate> due) {
    if (group.equals("waiting")) {
      return "waiting for a clinician's clearance";
    }
    if (group.equals("due")) {
      return "retest due " + Dates.day(due.orElseThrow());
    }
    long measured = bench.golfer().screen().readings().size();
    if (bench.file().facts().isEmpty() && measured == 0) {
      return "new: start with the talk";
    }
    if (!bench.consented()) {
      return "consent first";
    }
    if (!bench.assessment().hips().complete()) {
      return measured == 0 ? "talked; nothing measured yet" : "half screened";
    }
    if (bench.golfer().seen().pivot().isEmpty()) {
      return "screened; look at the swing";
    }
    return bench.file().given().map(g -> block(bench, g)).orElseGet(() -> toGive(bench));
  }
}
