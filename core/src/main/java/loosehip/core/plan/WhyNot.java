package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.limit.LimitKind;

/** Finds why what might have been in a block is not, and what stays open. */
final class WhyNot {
  private static final int NAMED = 3;
  private static final double QUARTER = 0.25;

  private final Wishes wishes;
  private final Map<LimitKind, Double> needs;
  private final List<LimitKind> untested;
  private final List<Block.Week> weeks;
  private final Outcomes outcomes;
  private final List<PlanItem> all;
  private final Set<ItemId> chosen;

  /**
   * @param needs what could be trained, the largest first
   * @param untested needs that could drive a plan but are not measured, the largest first
   */
  WhyNot(
      Wishes wishes,
      Map<LimitKind, Double> needs,
      List<LimitKind> untested,
      List<Block.Week> weeks,
      Outcomes outcomes) {
    this.wishes = wishes;
    this.needs = needs;
    this.untested = untested;
    this.weeks = weeks;
    this.outcomes = outcomes;
    this.all =
        weeks.stream()
            .flatMap(w -> w.sessions().stream())
            .flatMap(s -> s.items().stream())
            .toList();
    this.chosen = all.stream().map(PlanItem::id).collect(Collectors.toSet());
  }

  /**
   * What could have been in the last week of the stage and is not, each with the rule that keeps it
   * out. What serves no need, as base work or what only frees something, is not missed.
   */
  void unchosen(WeekFit.Chosen week, double[] worths) {
    for (int p = 0; p < week.pieces().size(); p++) {
      Piece piece = week.pieces().get(p);
      int purpose = piece.purpose(worths);
      boolean missed =
          piece.counts()
              && purpose >= 0
              && purpose < needs.size()
              && !chosen.contains(piece.item().id());
      if (missed) {
        outcomes.leftOut(piece.item().id(), against(week, p, worths));
      }
    }
  }

  /** The rule a piece breaks on the first day it might have been in. */
  private Reason against(WeekFit.Chosen week, int piece, double[] worths) {
    Piece p = week.pieces().get(piece);
    for (int day : p.days().list()) {
      Optional<Reason> against = against(week, piece, day);
      if (against.isPresent()) {
        return against.get();
      }
    }
    return week.firstFirst() && p.purpose(worths) != 0
        ? new Reason.FirstNeedFirst(needs.keySet().iterator().next())
        : new Reason.NeedTooSmall(List.copyOf(needs.keySet()).get(p.purpose(worths)));
  }

  private Optional<Reason> against(WeekFit.Chosen week, int piece, int day) {
    DayShape shape = new DayShape(week.frames().get(day - 1));
    for (int q = 0; q < week.pieces().size(); q++) {
      if (week.days().get(q).has(day)) {
        shape.add(week.pieces().get(q), 1);
      }
    }
    Piece p = week.pieces().get(piece);
    shape.add(p, 1);
    if (shape.counted() > DaySolver.MOST_EXERCISES) {
      return Optional.of(new Reason.SevenASession());
    }
    if (shape.downTwice()) {
      return Optional.of(new Reason.DownTwice());
    }
    if (!shape.fits()) {
      return Optional.of(noTime(p));
    }
    return shape.cold() ? Optional.of(new Reason.NothingWarm()) : Optional.empty();
  }

  private Reason noTime(Piece piece) {
    boolean alone = piece.seconds() + Session.SET_UP > wishes.minutesPerDay() * 60;
    return new Reason.NoTime(piece.seconds(), wishes.minutesPerDay(), alone);
  }

  /** Needs that nothing serves, days that are all gone, minutes that stay free, what is besides. */
  List<PlanNote> notes(boolean firstFirst, List<PlanItem> routines, List<PlanItem> drills) {
    List<PlanNote> notes = new ArrayList<>();
    List<LimitKind> unserved = needs.keySet().stream().filter(this::unserved).toList();
    if (!unserved.isEmpty()) {
      notes.add(new PlanNote.NotServed(unserved));
    }
    if (weeks.stream().allMatch(w -> TrainingDays.of(wishes, w.number()).none())) {
      notes.add(new PlanNote.NoFreeDay());
    } else {
      List<ItemId> beside = new ArrayList<>();
      routines.stream().map(PlanItem::id).filter(i -> !chosen.contains(i)).forEach(beside::add);
      drills.stream().map(PlanItem::id).filter(i -> !chosen.contains(i)).forEach(beside::add);
      if (!beside.isEmpty()) {
        notes.add(new PlanNote.AtPractice(beside));
      }
    }
    if (needs.isEmpty()
        && !all.isEmpty()
        && all.stream().noneMatch(i -> i.role() == PlanItem.Role.EXERCISE)) {
      notes.add(new PlanNote.NoBodyWork());
    }
    if (!firstFirst) {
      notes.add(new PlanNote.FirstNeedIsShortWork(needs.keySet().iterator().next()));
    }
    free().ifPresent(notes::add);
    return notes;
  }

  private boolean unserved(LimitKind kind) {
    return all.stream().noneMatch(i -> i.exercise().filter(e -> e.service(kind) > 0).isPresent());
  }

  /** Minutes that sessions of the stage leave on the mean, when they are more than a quarter. */
  private Optional<PlanNote> free() {
    List<Session> sessions =
        weeks.stream()
            .filter(w -> w.number() <= Block.STAGE_WEEKS)
            .flatMap(w -> w.sessions().stream())
            .toList();
    if (sessions.isEmpty()) {
      return Optional.empty();
    }
    double mean = sessions.stream().mapToInt(Session::seconds).average().orElseThrow() / 60;
    double free = wishes.minutesPerDay() - mean;
    return free <= QUARTER * wishes.minutesPerDay()
        ? Optional.empty()
        : Optional.of(
            new PlanNote.MinutesFree(
                (int) Math.round(free),
                wishes.minutesPerDay(),
                because(),
                untested.stream().limit(NAMED).toList()));
  }

  private PlanNote.MinutesFree.Because because() {
    Collection<LeftOut> out = outcomes.leftOut();
    if (out.stream().anyMatch(l -> l.because() instanceof Reason.SevenASession)) {
      return PlanNote.MinutesFree.Because.SEVEN;
    }
    if (exercises(out, Reason.Kind.CAUTION)) {
      return PlanNote.MinutesFree.Because.BLOCKED;
    }
    if (exercises(out, Reason.Kind.TOOL)) {
      return PlanNote.MinutesFree.Because.NO_TOOL;
    }
    if (!untested.isEmpty()) {
      return PlanNote.MinutesFree.Because.NOT_MEASURED;
    }
    if (exercises(out, Reason.Kind.GATE)) {
      return PlanNote.MinutesFree.Because.NOT_YET;
    }
    boolean rules =
        exercises(out, Reason.Kind.REST)
            || exercises(out, Reason.Kind.POSITION)
            || exercises(out, Reason.Kind.FIRST_NEED)
            || exercises(out, Reason.Kind.TIME);
    return rules ? PlanNote.MinutesFree.Because.RULES : PlanNote.MinutesFree.Because.NOTHING_SHORT;
  }

  private static boolean exercises(Collection<LeftOut> out, Reason.Kind kind) {
    return out.stream().anyMatch(l -> l.because().kind() == kind);
  }
}
