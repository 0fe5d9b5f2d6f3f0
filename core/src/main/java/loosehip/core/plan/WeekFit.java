package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Fits exercises, routines and drills into a week. Days do not touch each other but through the
 * days of hard work, which are given, and through the time of the first need; so a week is chosen
 * day by day, each exactly. A day met before is not solved again.
 */
final class WeekFit {
  /** Share of what body work would serve alone that routines and drills must leave it (ours). */
  private static final double BODY_KEEPS = 0.6;

  /** Share of what a week would serve that the rule of the first need may cost (ours). */
  private static final double RULE_KEEPS = 0.6;

  private final Wishes wishes;
  private final PlanEdits edits;
  private final double[] needs;
  private final int ranked;
  private final Settling settling;
  private final Optional<DaySolver.Together> together;
  private final Outcomes outcomes;
  private final Map<List<Object>, Optional<DaySolver.Day>> solved = new HashMap<>();

  /** What settles, standing and lying. */
  record Settling(Optional<PlanItem> up, Optional<PlanItem> down) {}

  /**
   * @param needs how large each need is, the first the largest
   * @param ranked how many of them are needs of the golfer; the others are base work
   * @param together what has to be freed before the seat works, if anything
   * @param outcomes where what is pinned and does not fit is written down
   */
  WeekFit(
      Wishes wishes,
      PlanEdits edits,
      double[] needs,
      int ranked,
      Settling settling,
      Optional<DaySolver.Together> together,
      Outcomes outcomes) {
    this.wishes = wishes;
    this.edits = edits;
    this.needs = needs;
    this.ranked = ranked;
    this.settling = settling;
    this.together = together;
    this.outcomes = outcomes;
  }

  /** What may stand at the end of a session, the first to be kept first. */
  record Tail(List<PlanItem> routines, List<PlanItem> drills) {
    Tail kept(int ofRoutines, int ofDrills) {
      return new Tail(routines.subList(0, ofRoutines), drills.subList(0, ofDrills));
    }
  }

  /**
   * What was chosen for a week.
   *
   * @param days the days of each piece, none where it is left out
   * @param tail routines and drills with their days
   * @param frames what surrounds the exercises, day by day
   * @param firstFirst whether the first need gets at least as much time as any other
   */
  record Chosen(
      List<Piece> pieces,
      List<Days> days,
      Map<PlanItem, Days> tail,
      List<DayShape.Frame> frames,
      boolean firstFirst) {
    /** The sessions of these days, each in its order. */
    List<Session> sessions(Days on) {
      List<Session> sessions = new ArrayList<>();
      for (int day : on.list()) {
        DayShape shape = new DayShape(frames.get(day - 1));
        List<PlanItem> items = new ArrayList<>();
        for (int p = 0; p < pieces.size(); p++) {
          if (days.get(p).has(day)) {
            shape.add(pieces.get(p), 1);
            items.add(pieces.get(p).item());
          }
        }
        items.sort(Session.order());
        shape.settle().ifPresent(settle -> items.add(0, settle));
        tail.forEach(
            (item, its) -> {
              if (its.has(day)) {
                items.add(item);
              }
            });
        if (items.stream().anyMatch(i -> i.role() != PlanItem.Role.SETTLE)) {
          sessions.add(new Session(day, List.copyOf(items)));
        }
      }
      return sessions;
    }

    /** Whether anything hard is done on a day. */
    boolean hardOn(int day) {
      for (int p = 0; p < pieces.size(); p++) {
        if (days.get(p).has(day) && pieces.get(p).hard()) {
          return true;
        }
      }
      return false;
    }
  }

  /** A week with what it serves. */
  private record Week(List<Days> days, double served, boolean firstFirst) {
    boolean any(List<Piece> pieces) {
      for (int p = 0; p < days.size(); p++) {
        if (!days.get(p).none() && pieces.get(p).counts()) {
          return true;
        }
      }
      return false;
    }
  }

  /**
   * Chooses a week. As many routines and drills are kept as leave body work most of what it would
   * serve without them; a drill goes before the last routine does.
   */
  Chosen choose(List<Piece> pieces, Tail tail, Days days) {
    List<Piece> kept = givingWay(pieces, days);
    double alone =
        week(kept, Map.of(), days).filter(w -> w.any(kept)).map(Week::served).orElse(0.0);
    for (Tail some : fewer(tail)) {
      Map<PlanItem, Days> placed = placed(some, days);
      Optional<Week> week = week(kept, placed, days);
      boolean body =
          week.isPresent()
              && (alone == 0
                  || week.get().any(kept)
                      && (week.get().served() >= BODY_KEEPS * alone || held(some)));
      if (body) {
        return new Chosen(
            kept, week.get().days(), placed, frames(placed, days), week.get().firstFirst());
      }
    }
    return new Chosen(
        kept, kept.stream().map(p -> Days.NONE).toList(), Map.of(), frames(Map.of(), days), true);
  }

  /** Where what is pinned does not fit, the last pinned gives way until the rest does. */
  private List<Piece> givingWay(List<Piece> pieces, Days days) {
    List<Piece> now = new ArrayList<>(pieces);
    while (week(now, Map.of(), days).isEmpty()) {
      Optional<ItemId> last =
          edits.pinned().stream()
              .filter(id -> now.stream().anyMatch(p -> p.must() && p.item().id().equals(id)))
              .reduce((a, b) -> b);
      if (last.isEmpty()) {
        return now;
      }
      outcomes.note(new PlanNote.NoRoom(last.get()));
      now.replaceAll(p -> p.item().id().equals(last.get()) ? p.free() : p);
    }
    return now;
  }

  /** Fewer and fewer of them: a fault keeps its drill before the second routine is kept. */
  private static List<Tail> fewer(Tail tail) {
    int[][] order = {{2, 2}, {1, 2}, {2, 1}, {1, 1}, {0, 1}, {1, 0}, {0, 0}};
    List<Tail> fewer = new ArrayList<>();
    for (int[] keep : order) {
      Tail kept =
          tail.kept(
              Math.min(keep[0], tail.routines().size()), Math.min(keep[1], tail.drills().size()));
      if (!fewer.contains(kept)) {
        fewer.add(kept);
      }
    }
    return fewer;
  }

  private boolean held(Tail tail) {
    return tail.drills().stream().anyMatch(d -> edits.pins().containsKey(d.id()));
  }

  private Map<PlanItem, Days> placed(Tail tail, Days days) {
    Map<PlanItem, Days> placed = new LinkedHashMap<>();
    tail.routines().forEach(r -> placed.put(r, days));
    tail.drills().forEach(d -> placed.put(d, DrillChoice.days(d, days, edits)));
    return placed;
  }

  private List<DayShape.Frame> frames(Map<PlanItem, Days> tail, Days days) {
    List<DayShape.Frame> frames = new ArrayList<>();
    for (int day = 1; day <= Days.IN_A_WEEK; day++) {
      int on = day;
      List<PlanItem> here =
          tail.entrySet().stream()
              .filter(e -> e.getValue().has(on))
              .map(Map.Entry::getKey)
              .toList();
      frames.add(
          new DayShape.Frame(
              days.has(day) ? wishes.minutesPerDay() * 60 : -1,
              settling.up(),
              settling.down(),
              here));
    }
    return frames;
  }

  /**
   * A week with the first need first; where its own work is so short that keeping to it would cost
   * most of the rest, without. Empty when something that must be in does not fit.
   */
  private Optional<Week> week(List<Piece> pieces, Map<PlanItem, Days> tail, Days days) {
    List<DayShape.Frame> frames = frames(tail, days);
    Optional<Week> free = week(pieces, frames, days, false);
    if (free.isEmpty() || free.get().firstFirst()) {
      return free;
    }
    return week(pieces, frames, days, true)
        .filter(w -> w.firstFirst() && w.served() >= RULE_KEEPS * free.get().served())
        .or(() -> free);
  }

  private Optional<Week> week(
      List<Piece> pieces, List<DayShape.Frame> frames, Days days, boolean ruled) {
    Days[] on = new Days[pieces.size()];
    Arrays.fill(on, Days.NONE);
    long[] over = new long[needs.length];
    long[] allowed = new long[needs.length];
    boolean daily = pieces.stream().anyMatch(p -> !p.hard() && p.purpose(needs) == 0);
    double served = 0;
    boolean hardBefore = false;
    for (int day : days.list()) {
      List<Piece> here = new ArrayList<>();
      List<Integer> index = new ArrayList<>();
      for (int p = 0; p < pieces.size(); p++) {
        Piece piece = pieces.get(p);
        boolean late = piece.hard() && hardBefore && on[p].none() && !piece.must();
        if (piece.days().has(day) && !late) {
          here.add(piece);
          index.add(p);
        }
      }
      Optional<DaySolver.Day> chosen = day(here, frames.get(day - 1), ruled, allowed);
      if (chosen.isEmpty()) {
        return Optional.empty();
      }
      served += chosen.get().served();
      boolean[] in = chosen.get().in();
      int[] purposes = here.stream().mapToInt(p -> p.purpose(needs)).toArray();
      long[] each = DaySolver.times(here, in, purposes, needs.length);
      for (int n = 1; n < ranked; n++) {
        over[n] += each[0] - each[n];
        allowed[n] = daily ? 0 : over[n];
      }
      for (int i = 0; i < in.length; i++) {
        if (in[i]) {
          on[index.get(i)] = on[index.get(i)].with(day);
          hardBefore |= here.get(i).hard();
        }
      }
    }
    boolean firstFirst = true;
    for (int n = 1; n < ranked; n++) {
      firstFirst &= over[n] >= 0;
    }
    return Optional.of(new Week(List.of(on), served, firstFirst));
  }

  private Optional<DaySolver.Day> day(
      List<Piece> pieces, DayShape.Frame frame, boolean ruled, long[] over) {
    if (!new DayShape(frame).fits()) {
      return Optional.empty();
    }
    List<Object> key = new ArrayList<>();
    pieces.forEach(p -> key.add(List.of(p.item().id(), p.seconds(), p.must())));
    frame.tail().forEach(item -> key.add(List.of(item.id(), item.seconds())));
    key.add(frame.most());
    Optional<DaySolver.FirstNeed> first =
        ruled && ranked > 0
            ? Optional.of(new DaySolver.FirstNeed(Arrays.copyOf(over, ranked)))
            : Optional.empty();
    key.add(first.map(f -> Arrays.toString(f.over())));
    return solved.computeIfAbsent(
        key, k -> DaySolver.solve(new DaySolver.Task(needs, pieces, frame, together, first)));
  }
}
