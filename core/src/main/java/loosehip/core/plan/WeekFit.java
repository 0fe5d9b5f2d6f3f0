package loosehip.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.limit.LimitKind;

/** Fits exercises and drills into a week's minutes; a week met before is not solved again. */
final class WeekFit {
  /** Share of what body work would serve alone that drills must leave it (ours). */
  private static final double BODY_KEEPS = 0.6;

  private static final int SET_UP_LESS_PAUSE = Session.SET_UP - Session.BETWEEN_ITEMS;

  private final Wishes wishes;
  private final PlanEdits edits;
  private final double[] needs;
  private final boolean reciprocal;
  private final Outcomes outcomes;
  private final Map<List<Object>, Optional<WeekSolver.Week>> solved = new HashMap<>();

  /**
   * @param needs how large each need is
   * @param reciprocal whether the front of the hip has to be freed before the seat works
   * @param outcomes where what is pinned and does not fit is written down
   */
  WeekFit(Wishes wishes, PlanEdits edits, double[] needs, boolean reciprocal, Outcomes outcomes) {
    this.wishes = wishes;
    this.edits = edits;
    this.needs = needs;
    this.reciprocal = reciprocal;
    this.outcomes = outcomes;
  }

  /** What was chosen for a week: each piece with its days, and the drills with theirs. */
  record Chosen(List<Piece> pieces, List<Days> days, Map<PlanItem, Days> drills) {
    /** Drills alone. */
    static Chosen drillsAlone(List<Piece> pieces, Map<PlanItem, Days> drills) {
      return new Chosen(pieces, Collections.nCopies(pieces.size(), Days.NONE), drills);
    }
  }

  /**
   * Chooses a week. As many drills are kept as leave body work most of what it would serve without
   * them; drills alone only when no exercise fits.
   */
  Chosen choose(List<Piece> pieces, List<PlanItem> drills, Days days, int hardYesterday) {
    Optional<WeekSolver.Week> without = solved(pieces, Map.of(), days, hardYesterday);
    double least = BODY_KEEPS * without.map(WeekSolver.Week::served).orElse(0.0);
    for (int kept = drills.size(); kept >= 0; kept--) {
      Map<PlanItem, Days> placed = DrillChoice.placed(drills.subList(0, kept), days, edits);
      Optional<WeekSolver.Week> week = solved(pieces, placed, days, hardYesterday);
      boolean body =
          week.isPresent()
              && week.get().any()
              && (week.get().served() >= least || held(drills.subList(0, kept)));
      if (body) {
        return new Chosen(pieces, week.get().days(), placed);
      }
    }
    for (int kept = drills.size(); kept > 0; kept--) {
      List<PlanItem> some = drills.subList(0, kept);
      if (Session.length(some) <= wishes.minutesPerDay() * 60) {
        return Chosen.drillsAlone(pieces, DrillChoice.placed(some, days, edits));
      }
    }
    return Chosen.drillsAlone(pieces, Map.of());
  }

  private boolean held(List<PlanItem> drills) {
    return drills.stream().anyMatch(d -> edits.pins().containsKey(d.id()));
  }

  private Optional<WeekSolver.Week> solved(
      List<Piece> pieces, Map<PlanItem, Days> drills, Days days, int hardYesterday) {
    int[] left = secondsLeft(drills, days);
    List<Object> key = new ArrayList<>();
    pieces.forEach(p -> key.add(List.of(p.item().id(), p.seconds(), p.choices(), p.must())));
    key.add(Arrays.stream(left).boxed().toList());
    key.add(hardYesterday);
    return solved.computeIfAbsent(key, k -> solveOrGiveWay(pieces, left, hardYesterday));
  }

  /** Solves; when what is pinned does not fit, the last pinned gives way until the rest does. */
  private Optional<WeekSolver.Week> solveOrGiveWay(
      List<Piece> pieces, int[] left, int hardYesterday) {
    List<Piece> now = new ArrayList<>(pieces);
    while (true) {
      Optional<WeekSolver.Week> found =
          WeekSolver.solve(needs, now, left, hardYesterday, together(now));
      if (found.isPresent()) {
        return found;
      }
      Optional<ItemId> last =
          edits.pinned().stream()
              .filter(id -> now.stream().anyMatch(p -> p.must() && p.item().id().equals(id)))
              .reduce((a, b) -> b);
      if (last.isEmpty()) {
        return Optional.empty();
      }
      outcomes.note(new PlanNote.NoRoom(last.get()));
      now.replaceAll(p -> p.item().id().equals(last.get()) ? p.free() : p);
    }
  }

  private Optional<WeekSolver.Together> together(List<Piece> pieces) {
    if (!reciprocal) {
      return Optional.empty();
    }
    List<Integer> then = new ArrayList<>();
    Optional<Integer> first = Optional.empty();
    for (int i = 0; i < pieces.size(); i++) {
      Exercise exercise = pieces.get(i).item().exercise().orElseThrow();
      if (!exercise.hard() && exercise.serves().contains(LimitKind.HIP_FLEXOR)) {
        first = Optional.of(i);
      } else if (Climbs.seat(exercise)) {
        then.add(i);
      }
    }
    return first.map(f -> new WeekSolver.Together(f, then));
  }

  /** Seconds each day has for exercises, each with its pause; negative without a session. */
  int[] secondsLeft(Map<PlanItem, Days> drills, Days days) {
    int[] left = new int[Days.IN_A_WEEK];
    for (int d = 0; d < Days.IN_A_WEEK; d++) {
      int day = d + 1;
      int taken =
          drills.entrySet().stream()
              .filter(e -> e.getValue().has(day))
              .mapToInt(e -> e.getKey().seconds() + Session.BETWEEN_ITEMS)
              .sum();
      left[d] = days.has(day) ? wishes.minutesPerDay() * 60 - SET_UP_LESS_PAUSE - taken : -1;
    }
    return left;
  }
}
