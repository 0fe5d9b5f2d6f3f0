package loosehip.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
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

  private final Catalogue catalogue;
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
      Catalogue catalogue,
      Wishes wishes,
      Map<LimitKind, Double> needs,
      List<LimitKind> untested,
      List<Block.Week> weeks,
      Outcomes outcomes) {
    this.catalogue = catalogue;
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

  /** Seven a session; else what keeps out the most of what is needed, else what is not measured. */
  private PlanNote.MinutesFree.Because because() {
    if (weeks.stream().flatMap(w -> w.sessions().stream()).allMatch(WhyNot::hasSeven)) {
      return PlanNote.MinutesFree.Because.SEVEN;
    }
    Map<PlanNote.MinutesFree.Because, Double> kept =
        new EnumMap<>(PlanNote.MinutesFree.Because.class);
    for (LeftOut out : outcomes.leftOut()) {
      double worth = worth(out.item());
      because(out.because().kind())
          .filter(b -> worth > 0)
          .ifPresent(b -> kept.merge(b, worth, Double::sum));
    }
    return kept.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(
            untested.isEmpty()
                ? PlanNote.MinutesFree.Because.NOTHING_SHORT
                : PlanNote.MinutesFree.Because.NOT_MEASURED);
  }

  private static boolean hasSeven(Session session) {
    return session.items().stream().filter(i -> i.role() == PlanItem.Role.EXERCISE).count()
        == DaySolver.MOST_EXERCISES;
  }

  /** What an exercise would serve of all needs; nothing for drills. */
  private double worth(ItemId item) {
    return catalogue
        .find(item)
        .map(
            e ->
                needs.entrySet().stream()
                    .mapToDouble(n -> n.getValue() * e.service(n.getKey()))
                    .sum())
        .orElse(0.0);
  }

  private static Optional<PlanNote.MinutesFree.Because> because(Reason.Kind kind) {
    return switch (kind) {
      case SEVEN -> Optional.of(PlanNote.MinutesFree.Because.SEVEN);
      case CAUTION -> Optional.of(PlanNote.MinutesFree.Because.CAUTION);
      case SHIFTED_ARC -> Optional.of(PlanNote.MinutesFree.Because.SHIFTED_ARC);
      case STOPPED -> Optional.of(PlanNote.MinutesFree.Because.STOPPED);
      case TOOL -> Optional.of(PlanNote.MinutesFree.Because.NO_TOOL);
      case GATE, LATER -> Optional.of(PlanNote.MinutesFree.Because.NOT_YET);
      case REST, POSITION, COLD, FIRST_NEED, TIME ->
          Optional.of(PlanNote.MinutesFree.Because.RULES);
      default -> Optional.empty();
    };
  }
}
