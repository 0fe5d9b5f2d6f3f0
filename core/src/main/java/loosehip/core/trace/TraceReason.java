package loosehip.core.trace;

import loosehip.core.link.SwingFigure;

/** Why a recording suggests something. Put into words where it is shown. */
public sealed interface TraceReason {

  /** The pelvis stopped early. */
  record StoppedEarly(TraceReading.Stop stop) implements TraceReason {}

  /** A figure of the swing beyond the edge its school sets. */
  record BeyondEdge(SwingFigure figure, double value, double edge) implements TraceReason {}

  /** It tilted instead of turning on. */
  record TiltedOn(TraceReading.Dip dip) implements TraceReason {}

  /** Two segments returned in the wrong order, or too close together. */
  record ReturnedTooSoon(TraceReading.Lag lag) implements TraceReason {}

  /** The weight fell on the toes. */
  record OnTheToes(PressureReading.Toes toes) implements TraceReason {}

  /** A figure of the weight outside its window. */
  record OutsideWindow(PressureReading.Check check) implements TraceReason {}
}
