package loosehip.core.trace;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Club;

/** Which figures of swing and set-up a recording gives, in the units of those figures. */
public final class TraceFigures {
  private static final double PERCENT = 100;
  private static final double MIDDLE = 0.5;

  private TraceFigures() {}

  /**
   * What a movement trace gives. The torso stands for the shoulders; with another club than the
   * driver their turn says nothing of the driver's.
   */
  public static Map<SwingFigure, Double> of(TraceReading reading, Club club) {
    Map<SwingFigure, Double> figures = new EnumMap<>(SwingFigure.class);
    reading
        .events()
        .tops()
        .forEach(
            (segment, top) -> {
              if (segment == SwingSegment.PELVIS) {
                figures.put(SwingFigure.PELVIS_TURN, top.turn());
              } else if (segment == SwingSegment.TORSO && club == Club.DRIVER) {
                figures.put(SwingFigure.SHOULDER_TURN, top.turn());
              }
            });
    reading
        .stop()
        .ifPresent(
            stop -> {
              figures.put(SwingFigure.STOP_SHARE, stop.share() * PERCENT);
              if (stop.early()) {
                figures.put(
                    SwingFigure.TILT_FOR_TURN, Math.abs(reading.dip().orElseThrow().change()));
              }
            });
    return figures;
  }

  /** What a pressure trace gives of the swing. */
  public static Map<SwingFigure, Double> of(PressureReading reading) {
    Map<SwingFigure, Double> figures = new EnumMap<>(SwingFigure.class);
    reading.towardsToes().ifPresent(t -> figures.put(SwingFigure.TOE_PRESSURE, t.share()));
    reading
        .check(PressureFigure.FINISH_LEAD_SHARE)
        .ifPresent(c -> figures.put(SwingFigure.LEAD_AT_FINISH, c.value() * PERCENT));
    return figures;
  }

  /** Where the weight stands along the feet at address: of the foot further from the middle. */
  public static Optional<Double> alongFeet(PressureReading reading) {
    return reading.checks().stream()
        .filter(c -> c.figure().moment() == PressureMoment.ADDRESS)
        .map(PressureReading.Check::value)
        .reduce((a, b) -> Math.abs(b - MIDDLE) > Math.abs(a - MIDDLE) ? b : a);
  }
}
