package loosehip.core.plan;

import java.util.Optional;
import loosehip.core.body.Leg;

/**
 * One thing to do in a session.
 *
 * @param id the exercise, drill or set-up routine
 * @param role what it is in the session
 * @param exercise the exercise, with its rung; empty for a drill or a routine
 * @param dose the dose it is taken from
 * @param much how much in this session
 * @param seconds how long it takes, pauses inside it included
 * @param why why it is in
 * @param only the one leg it is done on; empty where it is done on all its sides
 * @param form the form of a drill
 * @param mostKg the most weight in kilograms, for what swings one
 */
public record PlanItem(
    ItemId id,
    Role role,
    Optional<Exercise> exercise,
    Dose dose,
    Dose.Prescribed much,
    int seconds,
    Why why,
    Optional<Leg> only,
    Optional<Drill.Form> form,
    Optional<Double> mostKg) {

  /** A set-up routine is done once. */
  public static final Dose ROUTINE_DOSE =
      new Dose(1, 1, 1, 1, SetupRoutine.SECONDS, 0, 0, false, 1);

  /** What an item is in a session. */
  public enum Role {
    /** Easy, first, so that nothing is met cold. */
    SETTLE,
    EXERCISE,
    /** A set-up routine. */
    ROUTINE,
    DRILL
  }

  /** An exercise done on all its sides, without a weight. */
  public static PlanItem of(Role role, Exercise exercise, Dose.Prescribed much, Why why) {
    return new PlanItem(
        exercise.id(),
        role,
        Optional.of(exercise),
        exercise.dose(),
        much,
        exercise.dose().seconds(much),
        why,
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** A drill in one of its forms. */
  static PlanItem of(Drill drill, Drill.Form form, Dose.Prescribed much, Why why) {
    return new PlanItem(
        drill.id(),
        Role.DRILL,
        Optional.empty(),
        drill.dose(),
        much,
        drill.dose().seconds(much),
        why,
        Optional.empty(),
        Optional.of(form),
        Optional.empty());
  }

  /** A set-up routine. */
  static PlanItem of(SetupRoutine routine, Why why) {
    return new PlanItem(
        routine.id(),
        Role.ROUTINE,
        Optional.empty(),
        ROUTINE_DOSE,
        ROUTINE_DOSE.low(),
        SetupRoutine.SECONDS,
        why,
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** The same with so much of it. */
  PlanItem with(Dose.Prescribed more) {
    return new PlanItem(
        id, role, exercise, dose, more, dose.seconds(more, sides()), why, only, form, mostKg);
  }

  /** The same on one leg alone. */
  PlanItem onlyOn(Leg leg) {
    return new PlanItem(
        id, role, exercise, dose, much, dose.seconds(much, 1), why, Optional.of(leg), form, mostKg);
  }

  /** The same with at most so much weight. */
  PlanItem withWeight(double kg) {
    return new PlanItem(id, role, exercise, dose, much, seconds, why, only, form, Optional.of(kg));
  }

  /** The sides it is done on, 1 or 2. */
  public int sides() {
    return only.isPresent() ? 1 : dose.sides();
  }

  /** Whether this is a practice drill rather than an exercise or a routine. */
  public boolean drill() {
    return role == Role.DRILL;
  }

  /** Its part of a session. */
  public Phase phase() {
    return switch (role) {
      case SETTLE -> Phase.SETTLE;
      case EXERCISE -> exercise.orElseThrow().phase();
      case ROUTINE -> Phase.SET_UP;
      case DRILL -> Phase.GROOVE;
    };
  }

  /** Where it is done; drills and routines stand. */
  public Position position() {
    return exercise.map(Exercise::position).orElse(Position.STANDING);
  }

  /** The word for its place in a session. */
  public String place() {
    return phase().word();
  }

  /** Which sort of work it is. */
  public Family family() {
    return switch (role) {
      case SETTLE -> Family.SETTLE;
      case ROUTINE -> Family.ROUTINE;
      case DRILL -> Family.DRILL;
      case EXERCISE -> why.family();
    };
  }

  /** Sorts of work, by what they are for; the id is written to files. */
  public enum Family {
    FAULT("fault"),
    SETUP("set-up"),
    GROUNDWORK("groundwork"),
    BASE("base"),
    SETTLE("settle"),
    DRILL("drill"),
    ROUTINE("routine");

    private final String id;

    Family(String id) {
      this.id = id;
    }

    /** The id used in files. */
    public String id() {
      return id;
    }
  }
}
