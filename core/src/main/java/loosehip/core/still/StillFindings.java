package loosehip.core.still;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.link.Fault;
import loosehip.core.link.Level;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Demands;

/**
 * The levels a still suggests: at address by the windows of the golfer's shape of back, afterwards
 * by the thresholds of the golfer's school. A figure too unsure suggests nothing.
 */
public final class StillFindings {
  private final SpineShape shape;
  private final Demands asks;
  private final boolean archedAtAddress;
  private final Map<Fault, StillFinding> found = new LinkedHashMap<>();

  private StillFindings(SpineShape shape, Demands asks, boolean archedAtAddress) {
    this.shape = shape;
    this.asks = asks;
    this.archedAtAddress = archedAtAddress;
  }

  /**
   * What a reading suggests.
   *
   * @param reading a still, read
   * @param shape the shape of the golfer's back
   * @param asks what the golfer's school demands
   * @param archedAtAddress whether an arched lower back is clear at address
   */
  public static List<StillFinding> of(
      StillReading reading, SpineShape shape, Demands asks, boolean archedAtAddress) {
    StillFindings findings = new StillFindings(shape, asks, archedAtAddress);
    switch (reading.still().checkpoint()) {
      case TALL, FINISH -> {}
      case ADDRESS -> findings.address(reading);
      case TOP, IMPACT -> findings.afterAddress(reading);
    }
    return List.copyOf(findings.found.values());
  }

  /** Belt and curves of the back speak together; otherwise of each fault the strongest counts. */
  private void address(StillReading reading) {
    Map<SetupFigure, StillValue> sure = new EnumMap<>(SetupFigure.class);
    reading.values().stream()
        .filter(StillValue::speaks)
        .forEach(v -> v.figure().ofSetup().ifPresent(figure -> sure.put(figure, v)));
    Map<SetupFigure, Double> values = new EnumMap<>(SetupFigure.class);
    sure.forEach((figure, value) -> values.put(figure, value.value()));
    SetupFigure.levels(values, shape)
        .forEach(
            (fault, level) -> {
              if (shape.counts(fault)) {
                add(fault, level, because(fault, level, sure));
              }
            });
  }

  private List<StillValue> because(
      SetupFault fault, Level level, Map<SetupFigure, StillValue> sure) {
    List<StillValue> because = new ArrayList<>();
    sure.forEach(
        (figure, value) -> {
          Level says = figure.says(value.value(), shape).get(fault);
          if (says != null && (says == level || says.present())) {
            because.add(value);
          }
        });
    if (fault == SetupFault.HUNCHED && level == Level.CLEAR) {
      because.add(sure.get(SetupFigure.BELT_TILT));
    }
    return because;
  }

  private void afterAddress(StillReading reading) {
    swing(reading)
        .forEach(
            (figure, value) -> {
              SwingFigure.Edges edges = figure.edges(asks, archedAtAddress);
              boolean allowed = figure == SwingFigure.KNEE_AT_TOP && lengthensAsAllowed(reading);
              if (sure(figure, value, asks, archedAtAddress) && !allowed) {
                add(figure.fault(), edges.of(value.value()), List.of(value));
              }
            });
  }

  /**
   * Whether a figure of the swing is sure enough to set a level: not off by more than half of where
   * it is right, or, where nothing says that, by no more than lies between slight and clear (ours).
   */
  public static boolean sure(
      SwingFigure figure, StillValue value, Demands asks, boolean archedAtAddress) {
    SwingFigure.Edges edges = figure.edges(asks, archedAtAddress);
    double gap = Math.abs(edges.clear() - edges.slight());
    return value.window().isPresent() ? value.speaks() : value.plusMinus() <= gap;
  }

  /** A trail knee that lengthens no further than the school lets it says nothing by itself. */
  private boolean lengthensAsAllowed(StillReading reading) {
    return reading
        .value(StillFigure.KNEE_FLEX_CHANGE)
        .map(change -> -change.value() <= asks.straightening())
        .orElse(false);
  }

  /** Of several figures that speak of one fault the strongest counts. */
  private void add(Fault fault, Level level, List<StillValue> because) {
    StillFinding before = found.get(fault);
    if (before == null || level.compareTo(before.level()) > 0) {
      found.put(fault, new StillFinding(fault, level, because));
    }
  }

  /** Which figures of the swing a still at this moment gives, with the value in their own sense. */
  public static Map<SwingFigure, StillValue> swing(StillReading reading) {
    Map<SwingFigure, StillValue> given = new EnumMap<>(SwingFigure.class);
    Checkpoint at = reading.still().checkpoint();
    reading
        .values()
        .forEach(
            value -> ofSwing(at, value.figure()).ifPresent(f -> given.put(f, inSense(f, value))));
    return given;
  }

  private static StillValue inSense(SwingFigure figure, StillValue value) {
    boolean turned = figure == SwingFigure.DROP || figure == SwingFigure.NEARER_IMPACT;
    return turned
        ? new StillValue(value.figure(), -value.value(), value.plusMinus(), Optional.empty())
        : value;
  }

  private static Optional<SwingFigure> ofSwing(Checkpoint at, StillFigure figure) {
    if (at == Checkpoint.TOP) {
      return switch (figure) {
        case PELVIS_SHIFT -> Optional.of(SwingFigure.PELVIS_SHIFT);
        case SPINE_TILT -> Optional.of(SwingFigure.SPINE_TILT);
        case SHOULDER_LINE -> Optional.of(SwingFigure.SHOULDER_LINE);
        case KNEE_OUTSIDE -> Optional.of(SwingFigure.KNEE_OUTSIDE);
        case HEAD_HEIGHT -> Optional.of(SwingFigure.DROP);
        case KNEE_FLEX -> Optional.of(SwingFigure.KNEE_AT_TOP);
        default -> Optional.empty();
      };
    }
    if (at == Checkpoint.IMPACT) {
      return switch (figure) {
        case PELVIS_DEPTH -> Optional.of(SwingFigure.NEARER_IMPACT);
        case PAST_ANKLE -> Optional.of(SwingFigure.PAST_ANKLE);
        case SPINE_TILT -> Optional.of(SwingFigure.SIDE_BEND);
        default -> Optional.empty();
      };
    }
    return Optional.empty();
  }
}
