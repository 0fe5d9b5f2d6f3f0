package loosehip.app.exercise;

import java.util.List;

/**
 * How an exercise or drill is told to a golfer.
 *
 * @param id the product's id
 * @param name says what the body does
 * @param purpose what it is for
 * @param start the start position
 * @param steps what to do, in order
 * @param feel what it should feel like
 * @param spoils what spoils it
 * @param harder how to make it harder
 * @param easier how to make it easier
 * @param stop stop signs beside the general ones
 */
public record ExerciseText(
    String id,
    String name,
    String purpose,
    String start,
    List<String> steps,
    String feel,
    String spoils,
    String harder,
    String easier,
    String stop) {
  /** The same words under another id. */
  ExerciseText as(String otherId) {
    return new ExerciseText(
        otherId, name, purpose, start, steps, feel, spoils, harder, easier, stop);
  }
}
