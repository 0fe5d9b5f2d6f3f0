package loosehip.core.still;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a figure is worked out from landmarks. A handful of kinds serve every figure, so that a page
 * can work the same ones while a landmark is dragged. Angles are those of the picture plane, in
 * degrees.
 */
public sealed interface Formula {
  /** Whether ahead (where the toes, or the target, are) counts as positive, or the other way. */
  enum Sense {
    AHEAD(1),
    BACK(-1);

    private final int sign;

    Sense(int sign) {
      this.sign = sign;
    }

    /** +1 when ahead counts as positive, else −1. */
    public int sign() {
      return sign;
    }
  }

  /** The landmarks it needs. */
  List<Landmark> needs();

  /** Its value; empty when something it needs is not there. */
  Optional<Double> of(Pose pose);

  /** How far along from one landmark to another a third one is, level across; 0 to 1 between. */
  record Share(Landmark from, Landmark to, Landmark of) implements Formula {
    @Override
    public List<Landmark> needs() {
      return List.of(from, to, of);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      double whole = pose.at(to).x() - pose.at(from).x();
      return finite((pose.at(of).x() - pose.at(from).x()) / whole);
    }
  }

  /** How far a line from a low landmark up to a high one leans from upright. */
  record Lean(Landmark low, Landmark high, Sense sense) implements Formula {
    @Override
    public List<Landmark> needs() {
      return List.of(low, high);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      Spot a = pose.at(low);
      Spot b = pose.at(high);
      double across = sense.sign() * pose.ahead() * (b.x() - a.x());
      return finite(Math.toDegrees(Math.atan2(across, a.y() - b.y())));
    }
  }

  /** How far a joint is bent: 180 less the angle at the middle landmark. */
  record Bend(Landmark above, Landmark at, Landmark below) implements Formula {
    @Override
    public List<Landmark> needs() {
      return List.of(above, at, below);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      Spot b = pose.at(at);
      double ux = pose.at(above).x() - b.x();
      double uy = pose.at(above).y() - b.y();
      double vx = pose.at(below).x() - b.x();
      double vy = pose.at(below).y() - b.y();
      double angle = Math.toDegrees(Math.atan2(Math.abs(ux * vy - uy * vx), ux * vx + uy * vy));
      return finite(180 - angle);
    }
  }

  /** How far a line falls from level on its way ahead. */
  record Fall(Landmark from, Landmark to) implements Formula {
    @Override
    public List<Landmark> needs() {
      return List.of(from, to);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      Spot a = pose.at(from);
      Spot b = pose.at(to);
      return finite(Math.toDegrees(Math.atan2(b.y() - a.y(), pose.ahead() * (b.x() - a.x()))));
    }
  }

  /** How far a curve bows out, over the length of its chord. */
  record Bow(Landmark low, Landmark middle, Landmark high, Sense sense) implements Formula {
    @Override
    public List<Landmark> needs() {
      return List.of(low, middle, high);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      Spot a = pose.at(low);
      double cx = pose.at(high).x() - a.x();
      double cy = pose.at(high).y() - a.y();
      double cross = cx * (pose.at(middle).y() - a.y()) - cy * (pose.at(middle).x() - a.x());
      return finite(sense.sign() * pose.ahead() * cross / (cx * cx + cy * cy));
    }
  }

  /** One gap over another. */
  record Gaps(Landmark a, Landmark b, Landmark over, Landmark and) implements Formula {
    @Override
    public List<Landmark> needs() {
      return List.of(a, b, over, and);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      return finite(pose.at(a).to(pose.at(b)) / pose.at(over).to(pose.at(and)));
    }
  }

  /** Degrees between the two halves of a line that has a landmark in its middle. */
  record Turn(Landmark low, Landmark middle, Landmark high, Sense sense) implements Formula {
    @Override
    public List<Landmark> needs() {
      return List.of(low, middle, high);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      Optional<Double> first = new Lean(low, middle, sense).of(pose);
      return new Lean(middle, high, sense).of(pose).flatMap(b -> first.map(a -> b - a));
    }
  }

  /** By how much of the body height three places miss one vertical; the third lies on the foot. */
  record Stack(Landmark a, Landmark b, Landmark heel, Landmark toe) implements Formula {
    /** Where the ball of the foot is, from heel to toe of the shoe (ours). */
    public static final double BALL_OF_FOOT = 0.7;

    @Override
    public List<Landmark> needs() {
      return List.of(a, b, heel, toe);
    }

    @Override
    public Optional<Double> of(Pose pose) {
      double foot = pose.at(heel).x() + BALL_OF_FOOT * (pose.at(toe).x() - pose.at(heel).x());
      double[] x = {pose.at(a).x(), pose.at(b).x(), foot};
      double spread = Math.max(x[0], Math.max(x[1], x[2])) - Math.min(x[0], Math.min(x[1], x[2]));
      return pose.heightPx().flatMap(height -> finite(spread / height));
    }
  }

  /** How far the middle of some landmarks has moved across since address, centimetres. */
  record Across(List<Landmark> of, Sense sense) implements Formula {
    @Override
    public List<Landmark> needs() {
      return of;
    }

    @Override
    public Optional<Double> of(Pose pose) {
      return since(pose, of, (now, then) -> sense.sign() * pose.ahead() * (now.x() - then.x()));
    }
  }

  /** How much higher the middle of some landmarks is than at address, centimetres. */
  record Higher(List<Landmark> of) implements Formula {
    @Override
    public List<Landmark> needs() {
      return of;
    }

    @Override
    public Optional<Double> of(Pose pose) {
      return since(pose, of, (now, then) -> then.y() - now.y());
    }
  }

  /** How much more a joint is bent than at address, degrees. */
  record MoreBent(Bend bend) implements Formula {
    @Override
    public List<Landmark> needs() {
      return bend.needs();
    }

    @Override
    public Optional<Double> of(Pose pose) {
      return pose.address()
          .filter(then -> then.sees(needs()))
          .flatMap(bend::of)
          .flatMap(then -> bend.of(pose).map(now -> now - then));
    }
  }

  /** How far the middle of some landmarks lies beyond another one, less a length; centimetres. */
  record Beyond(List<Landmark> of, Landmark past, Sense sense, double lessCm) implements Formula {
    @Override
    public List<Landmark> needs() {
      return Stream.concat(of.stream(), Stream.of(past)).toList();
    }

    @Override
    public Optional<Double> of(Pose pose) {
      double pixels = pose.middle(of).x() - pose.at(past).x();
      return pose.pixelsPerCm()
          .flatMap(scale -> finite(sense.sign() * pose.ahead() * pixels / scale - lessCm));
    }
  }

  /** What moved, in pixels. */
  interface Move {
    double between(Spot now, Spot then);
  }

  private static Optional<Double> since(Pose pose, List<Landmark> of, Move move) {
    return pose.address()
        .filter(then -> then.sees(of))
        .flatMap(
            then ->
                pose.pixelsPerCm()
                    .flatMap(
                        scale -> finite(move.between(pose.middle(of), then.middle(of)) / scale)));
  }

  private static Optional<Double> finite(double value) {
    return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
  }
}
