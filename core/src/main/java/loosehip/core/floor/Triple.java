package loosehip.core.floor;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Three shafts of the bag laid tip to tip.
 *
 * @param one from the apex
 * @param other from the apex
 * @param closing across their tips
 * @param degrees the angle really made at the apex
 */
public record Triple(Shaft one, Shaft other, Shaft closing, double degrees) {

  /**
   * The three shafts whose angle comes nearest to the one wanted; of equals, the pair from the apex
   * that is longest together, since a longer angle is read better. Empty when no three of the bag
   * make a triangle.
   */
  public static Optional<Triple> best(List<Shaft> bag, double wanted) {
    Triple best = null;
    for (int i = 0; i < bag.size(); i++) {
      for (int j = i + 1; j < bag.size(); j++) {
        for (int k = 0; k < bag.size(); k++) {
          if (k != i && k != j) {
            best = better(best, triple(bag.get(i), bag.get(j), bag.get(k)), wanted);
          }
        }
      }
    }
    return Optional.ofNullable(best);
  }

  private static @Nullable Triple better(
      @Nullable Triple best, @Nullable Triple next, double wanted) {
    if (next == null) {
      return best;
    }
    if (best == null) {
      return next;
    }
    double gain = best.off(wanted) - next.off(wanted);
    boolean same = Math.abs(gain) < 1e-9;
    return same ? (next.reach() > best.reach() ? next : best) : gain > 0 ? next : best;
  }

  private static @Nullable Triple triple(Shaft a, Shaft b, Shaft c) {
    try {
      double degrees = FloorAngle.between(a.centimetres(), b.centimetres(), c.centimetres());
      return new Triple(a, b, c, degrees);
    } catch (FloorAngle.ImpossibleTriangle none) {
      return null;
    }
  }

  private double off(double wanted) {
    return Math.abs(degrees - wanted);
  }

  private double reach() {
    return one.centimetres() + other.centimetres();
  }
}
