package loosehip.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Demands;

/**
 * The faults and habits a recording suggests; nothing is set before somebody takes it over. A pair
 * that returns too late is named among what is out of order and suggests no habit: shoulders that
 * wait do not start down first.
 */
public final class TraceFindings {
  private TraceFindings() {}

  /**
   * What a movement trace suggests.
   *
   * @param asks what the golfer's school demands
   * @param club which club was swung
   */
  public static List<TraceFinding> of(TraceReading reading, Demands asks, Club club) {
    List<TraceFinding> findings = new ArrayList<>();
    Map<SwingFigure, Double> figures = TraceFigures.of(reading, club);
    boolean early = reading.stop().map(TraceReading.Stop::early).orElse(false);
    if (early) {
      reading
          .stop()
          .ifPresent(
              stop ->
                  findings.add(
                      new TraceFinding(
                          PivotFault.EARLY_STOP, Level.CLEAR, new TraceReason.StoppedEarly(stop))));
      TraceReading.Dip dip = reading.dip().orElseThrow();
      if (Math.abs(dip.change()) > TraceReading.DIPS) {
        findings.add(new TraceFinding(PivotFault.DIP, Level.SLIGHT, new TraceReason.TiltedOn(dip)));
      }
    } else {
      tooLittle(findings, PivotFault.EARLY_STOP, SwingFigure.PELVIS_TURN, figures, asks);
    }
    overTurn(findings, figures.get(SwingFigure.PELVIS_TURN), asks);
    tooLittle(findings, PivotFault.SHORT_TURN, SwingFigure.SHOULDER_TURN, figures, asks);
    reading.lags().stream()
        .filter(TraceReading.Lag::tooSoon)
        .findFirst()
        .ifPresent(
            lag ->
                findings.add(
                    new TraceFinding(
                        Habit.UPPER_FIRST, Level.CLEAR, new TraceReason.ReturnedTooSoon(lag))));
    return List.copyOf(findings);
  }

  private static void tooLittle(
      List<TraceFinding> findings,
      PivotFault fault,
      SwingFigure figure,
      Map<SwingFigure, Double> figures,
      Demands asks) {
    Double value = figures.get(figure);
    if (value == null) {
      return;
    }
    SwingFigure.Edges edges = figure.edges(asks, false);
    Level level = edges.of(value);
    if (level.present()) {
      double edge = level == Level.CLEAR ? edges.clear() : edges.slight();
      findings.add(new TraceFinding(fault, level, new TraceReason.BeyondEdge(figure, value, edge)));
    }
  }

  private static void overTurn(List<TraceFinding> findings, double turn, Demands asks) {
    SwingFigure figure = SwingFigure.PELVIS_TURN;
    Level level = SwingFigure.levels(Map.of(figure, turn), asks, false).get(PivotFault.OVER_TURN);
    if (level.present()) {
      findings.add(
          new TraceFinding(
              PivotFault.OVER_TURN,
              level,
              new TraceReason.BeyondEdge(figure, turn, asks.pelvisHigh())));
    }
  }

  /** What a pressure trace suggests. */
  public static List<TraceFinding> of(PressureReading reading) {
    List<TraceFinding> findings = new ArrayList<>();
    TraceFigures.alongFeet(reading).ifPresent(value -> atAddress(findings, reading, value));
    reading
        .towardsToes()
        .ifPresent(
            toes -> {
              if (toes.falls()) {
                findings.add(
                    new TraceFinding(
                        PivotFault.TOE_FALL, Level.CLEAR, new TraceReason.OnTheToes(toes)));
              }
            });
    hangBack(findings, reading);
    return List.copyOf(findings);
  }

  private static void atAddress(
      List<TraceFinding> findings, PressureReading reading, double value) {
    SetupFigure.levels(Map.of(SetupFigure.WEIGHT_ALONG_FEET, value), SpineShape.FLAT)
        .forEach(
            (SetupFault fault, Level level) -> {
              if (level.present()) {
                PressureReading.Check outside =
                    reading.checks().stream()
                        .filter(c -> c.figure().moment() == PressureMoment.ADDRESS)
                        .filter(c -> c.value() == value)
                        .findFirst()
                        .orElseThrow();
                findings.add(
                    new TraceFinding(fault, level, new TraceReason.OutsideWindow(outside)));
              }
            });
  }

  /** Weight that stays behind: at the finish clear below four fifths, else slight (ours). */
  private static void hangBack(List<TraceFinding> findings, PressureReading reading) {
    List<PressureReading.Check> late =
        reading.checks().stream()
            .filter(
                c ->
                    c.figure() == PressureFigure.ARM_LEVEL_LEAD_SHARE
                        || c.figure() == PressureFigure.FINISH_LEAD_SHARE)
            .filter(c -> !c.inside())
            .toList();
    if (late.isEmpty()) {
      return;
    }
    // Of the two the finish says more: by then all of the weight should be there.
    PressureReading.Check worst = late.get(late.size() - 1);
    boolean clear =
        worst.figure() == PressureFigure.FINISH_LEAD_SHARE
            && worst.value() < PressureReading.DRILL_TARGETS.get(0);
    findings.add(
        new TraceFinding(
            PivotFault.HANG_BACK,
            clear ? Level.CLEAR : Level.SLIGHT,
            new TraceReason.OutsideWindow(worst)));
  }
}
