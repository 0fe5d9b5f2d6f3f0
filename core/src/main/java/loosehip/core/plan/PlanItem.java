package loosehip.core.plan;

import java.util.Optional;

/**
 * One thing to do in a session.
 *
 * @param id the exercise or drill
 * @param exercise the exercise, with its rung; empty for a drill
 * @param dose the dose it is taken from
 * @param much how much in this session
 * @param seconds how long it takes, pauses inside it included
 * @param why why it is in
 */
public record PlanItem(
    ItemId id, Optional<Exercise> exercise, Dose dose, Dose.Prescribed much, int seconds, Why why) {

  /** Whether this is a practice drill rather than an exercise. */
  public boolean drill() {
    return exercise.isEmpty();
  }

  /** Its place in the order of a session: loosen, switch on, combine, groove. */
  public String place() {
    return exercise.map(e -> e.kind().word()).orElse("groove");
  }
}
