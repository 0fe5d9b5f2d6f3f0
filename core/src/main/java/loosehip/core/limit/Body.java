package loosehip.core.limit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.measure.Direction;
import loosehip.core.measure.ErrorModel;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/**
 * A body as it was screened, asked in trail and lead words.
 *
 * @param screen what was measured
 * @param handed which way the golfer stands
 */
public record Body(Screen screen, Handed handed) {
  /** A side difference is notable from here on, and only when larger than its own MDC; degrees. */
  public static final double NOTABLE_DIFFERENCE = 10;

  /** A body of which nothing was measured. */
  public static Body unmeasured(Handed handed) {
    return new Body(Screen.empty(), handed);
  }

  /** The anatomical side of a leg. */
  public Side side(Leg leg) {
    return handed.side(leg);
  }

  /** The turn of a hip by one test, as evidence; empty when not taken or stopped by pain. */
  public Optional<Measurement> turn(ScreenTest test, Leg leg, Direction direction) {
    return screen.turn(test, side(leg), direction);
  }

  /** The hip-only turn a page shows: seated, else face down; empty when neither counts. */
  public Optional<Measurement> turn(Leg leg, Direction direction) {
    return turn(ScreenTest.SEATED_ROTATION, leg, direction)
        .or(() -> turn(ScreenTest.PRONE_ROTATION, leg, direction));
  }

  /** The band of one test: on the worse side where it has sides. */
  public Band band(ScreenTest test) {
    return sides(test).map(side -> screen.band(test, side)).reduce(Band.NOT_MEASURED, Band::worse);
  }

  /** The band of one test on one leg. */
  public Band band(ScreenTest test, Leg leg) {
    return screen.band(test, Optional.of(side(leg)));
  }

  private static Stream<Optional<Side>> sides(ScreenTest test) {
    return test.sided()
        ? Arrays.stream(Side.values()).map(Optional::of)
        : Stream.of(Optional.empty());
  }

  /** The band of a limit, on the worse side where it names no leg. */
  public Band band(LimitKind kind) {
    return band(Limit.of(kind));
  }

  /** The band of a limit: the worst of its tests; a hip takes standing only when alone. */
  public Band band(Limit limit) {
    if (limit.kind().hipRange()) {
      Leg leg = limit.concerns().orElseThrow();
      Direction direction = limit.direction().orElseThrow();
      Band hipOnly =
          turnBand(ScreenTest.SEATED_ROTATION, leg, direction)
              .worse(turnBand(ScreenTest.PRONE_ROTATION, leg, direction));
      return hipOnly.measured() ? hipOnly : turnBand(ScreenTest.STANDING_TURN, leg, direction);
    }
    return limit.tests().stream()
        .flatMap(test -> sides(limit, test).stream().map(side -> screen.band(test, side)))
        .reduce(Band.NOT_MEASURED, Band::worse);
  }

  private Band turnBand(ScreenTest test, Leg leg, Direction direction) {
    return turn(test, leg, direction).map(Measurement::band).orElse(Band.NOT_MEASURED);
  }

  /** The anatomical sides on which a test of a limit is looked at. */
  public List<Optional<Side>> sides(Limit limit, ScreenTest test) {
    return test.sided() && limit.concerns().isPresent()
        ? List.of(limit.concerns().map(this::side))
        : sides(test).toList();
  }

  /** Every number measured for a limit, those stopped by pain among them. */
  public List<Measurement> measurements(Limit limit) {
    return limit.tests().stream().flatMap(test -> measurements(limit, test)).toList();
  }

  private Stream<Measurement> measurements(Limit limit, ScreenTest test) {
    if (limit.kind().hipRange()) {
      Side side = side(limit.concerns().orElseThrow());
      return screen.measurement(Slot.of(test, side, limit.direction().orElseThrow())).stream();
    }
    if (!test.hasWholeNumber() || !test.numeric(Optional.empty())) {
      return Stream.empty();
    }
    return sides(limit, test).stream()
        .map(side -> screen.measurement(new Slot(test, side, Optional.empty())))
        .flatMap(Optional::stream);
  }

  /** How a hip's arc is shared; empty until both directions are known. */
  public Optional<ArcPattern> arc(Leg leg) {
    return screen.arcPattern(side(leg));
  }

  /** The leg whose inward turn is notably less than the other's, by face-down or seated means. */
  public Optional<Leg> stifferHip() {
    for (ScreenTest test : List.of(ScreenTest.PRONE_ROTATION, ScreenTest.SEATED_ROTATION)) {
      Optional<Measurement> trail = turn(test, Leg.TRAIL, Direction.INTERNAL);
      Optional<Measurement> lead = turn(test, Leg.LEAD, Direction.INTERNAL);
      if (trail.isPresent() && lead.isPresent() && notable(trail.get(), lead.get())) {
        return Optional.of(trail.get().mean() < lead.get().mean() ? Leg.TRAIL : Leg.LEAD);
      }
    }
    return Optional.empty();
  }

  /** Whether two sides of an angle lie apart by more than their ruler and by enough to matter. */
  public static boolean notable(Measurement one, Measurement other) {
    double apart = Math.abs(one.mean() - other.mean());
    double ruler = ErrorModel.minimalDetectableChange(one.standardError(), other.standardError());
    return apart >= NOTABLE_DIFFERENCE && apart > ruler;
  }

  /** The same body mirrored: the other hand, every side exchanged. */
  public Body mirrored() {
    return new Body(screen.mirrored(), handed == Handed.RIGHT ? Handed.LEFT : Handed.RIGHT);
  }
}
