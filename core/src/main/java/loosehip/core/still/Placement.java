package loosehip.core.still;

import java.util.Optional;

/**
 * A turn, growth and shift that carries places of one picture into another.
 *
 * @param re the real part of turn and growth: growth × cosine
 * @param im the imaginary part: growth × sine
 * @param dx shift to the right after that, pixels
 * @param dy shift downwards after that, pixels
 */
record Placement(double re, double im, double dx, double dy) {
  private static final Placement AS_IT_IS = new Placement(1, 0, 0, 0);

  /** Turns a picture so that its plumb line stands upright; about the picture's corner. */
  static Placement levelled(Optional<Segment> plumb) {
    return plumb.map(Placement::upright).orElse(AS_IT_IS);
  }

  private static Placement upright(Segment plumb) {
    Spot low = plumb.a().y() >= plumb.b().y() ? plumb.a() : plumb.b();
    Spot high = low == plumb.a() ? plumb.b() : plumb.a();
    double off = Math.atan2(high.x() - low.x(), low.y() - high.y());
    return new Placement(Math.cos(-off), Math.sin(-off), 0, 0);
  }

  /**
   * Lays one still over another of the same camera: by two fixed marks where both have them, else
   * by the ball where both see it, else as the camera stood.
   */
  static Placement tie(Still from, Still to) {
    if (from.marks().isPresent() && to.marks().isPresent()) {
      return similar(from.marks().get(), to.marks().get());
    }
    Optional<Spot> there = to.at(Landmark.BALL);
    return from.at(Landmark.BALL)
        .flatMap(
            here ->
                there.map(ball -> new Placement(1, 0, ball.x() - here.x(), ball.y() - here.y())))
        .orElse(AS_IT_IS);
  }

  private static Placement similar(Segment from, Segment to) {
    double fx = from.b().x() - from.a().x();
    double fy = from.b().y() - from.a().y();
    double tx = to.b().x() - to.a().x();
    double ty = to.b().y() - to.a().y();
    double square = fx * fx + fy * fy;
    if (square == 0) {
      return AS_IT_IS;
    }
    double re = (tx * fx + ty * fy) / square;
    double im = (ty * fx - tx * fy) / square;
    double dx = to.a().x() - (re * from.a().x() - im * from.a().y());
    double dy = to.a().y() - (im * from.a().x() + re * from.a().y());
    return new Placement(re, im, dx, dy);
  }

  /** Where a place comes to lie. */
  Spot of(Spot spot) {
    return new Spot(re * spot.x() - im * spot.y() + dx, im * spot.x() + re * spot.y() + dy);
  }

  /** This, and another after it. */
  Placement then(Placement next) {
    Spot shift = next.of(new Spot(dx, dy));
    return new Placement(
        next.re * re - next.im * im, next.im * re + next.re * im, shift.x(), shift.y());
  }

  /** How many times longer things become. */
  double growth() {
    return Math.hypot(re, im);
  }
}
