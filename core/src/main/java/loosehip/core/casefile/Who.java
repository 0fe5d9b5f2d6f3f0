package loosehip.core.casefile;

import java.util.Optional;
import loosehip.core.body.Handed;

/**
 * Who a case is about, without a name.
 *
 * @param ref how whoever made the file tells this golfer from others
 * @param birthYear year of birth
 * @param handed which way the golfer stands
 * @param heightCm height standing tall, in centimetres
 */
public record Who(
    Optional<String> ref, Optional<Integer> birthYear, Handed handed, Optional<Double> heightCm) {

  /** Somebody of whom only the hand is known. */
  public static Who of(Handed handed) {
    return new Who(Optional.empty(), Optional.empty(), handed, Optional.empty());
  }

  /** The same standing the other way. */
  Who mirrored() {
    return new Who(ref, birthYear, handed == Handed.RIGHT ? Handed.LEFT : Handed.RIGHT, heightCm);
  }
}
