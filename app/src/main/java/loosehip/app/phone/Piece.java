package loosehip.app.phone;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Leg;
import loosehip.core.plan.Dose;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Position;
import loosehip.core.plan.PreRoundReset;

/**
 * One thing to play: what the player counts. Figures that are 0 are left out of its JSON.
 *
 * @param id the exercise, drill or routine
 * @param sets sets on every side
 * @param reps repetitions a set and side
 * @param hold seconds held in each repetition; 0 for none
 * @param out seconds of the way out
 * @param stay seconds of the stay that belongs to the tempo
 * @param back seconds of the way back
 * @param ways positions or directions each repetition is done in
 * @param sides the sides in the order they are taken; one without words where it has none
 * @param extra sets more on the first side
 * @param position where it is done
 * @param asked what doing all of it comes to: {@code top} or {@code between}
 */
@JsonInclude(JsonInclude.Include.NON_DEFAULT)
record Piece(
    String id,
    int sets,
    int reps,
    int hold,
    double out,
    double stay,
    double back,
    int ways,
    List<String> sides,
    int extra,
    Position position,
    String asked) {

  /** What an item of a session asks for. */
  static Piece of(Workup workup, PlanItem item, String asked) {
    Dose.Prescribed much = item.much();
    Dose dose = item.dose();
    return new Piece(
        item.id().id(),
        much.sets(),
        much.reps(),
        much.holdSeconds(),
        dose.tempo().map(t -> (double) t.out()).orElse(dose.secondsPerRep() / 2.0),
        dose.tempo().map(t -> (double) t.hold()).orElse(0.0),
        dose.tempo().map(t -> (double) t.back()).orElse(dose.secondsPerRep() / 2.0),
        dose.ways(),
        sides(workup, item),
        much.extraSets(),
        item.position(),
        asked);
  }

  /** What a part of the pre-round reset asks for. */
  static Piece of(Workup workup, PreRoundReset.Part part) {
    var exercise = workup.golfer().practice().catalogue().find(part.exercise()).orElseThrow();
    Dose dose = exercise.dose();
    boolean each = part.counted() == PreRoundReset.Counted.EACH_SIDE;
    return new Piece(
        part.exercise().id(),
        1,
        part.reps(),
        dose.holdLow(),
        dose.secondsPerRep() / 2.0,
        0,
        dose.secondsPerRep() / 2.0,
        1,
        each ? List.of(side(workup, Leg.TRAIL), side(workup, Leg.LEAD)) : List.of(""),
        0,
        exercise.position(),
        "");
  }

  /** The weaker side first, where it is known; else the trail side. */
  private static List<String> sides(Workup workup, PlanItem item) {
    if (item.only().isPresent()) {
      return List.of(side(workup, item.only().get()));
    } else if (item.sides() < 2) {
      return List.of("");
    }
    Leg first = item.why().weakerFirst().orElse(Leg.TRAIL);
    Leg other = first == Leg.TRAIL ? Leg.LEAD : Leg.TRAIL;
    return List.of(side(workup, first), side(workup, other));
  }

  private static String side(Workup workup, Leg leg) {
    return workup.golfer().handed().side(leg).id() + " (" + leg.id() + ")";
  }
}
