package loosehip.app.still;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Stills;
import loosehip.core.body.Handed;
import loosehip.core.link.Level;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.Demands;
import loosehip.core.still.CameraCheck;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.Still;
import loosehip.core.still.StillFigure;
import loosehip.core.still.StillFinding;
import loosehip.core.still.StillFindings;
import loosehip.core.still.StillProblem;
import loosehip.core.still.StillReading;
import loosehip.core.still.StillValue;
import loosehip.core.still.StillView;

/**
 * A golfer's still, read: its figures, what they suggest, and what stands in the way.
 *
 * @param reading the figures
 * @param findings what they suggest
 * @param problems why it cannot be read as marked; nothing is taken over while there are any
 * @param camera how the camera stood, where it can be told
 * @param address the address still it is read against
 * @param tall the neutral belt line, from a still standing tall
 * @param shape the shape of the golfer's back
 * @param asks what the golfer's school demands
 * @param arched whether an arched lower back is clear at address
 */
record ReadStill(
    StillReading reading,
    List<StillFinding> findings,
    List<StillProblem> problems,
    Optional<CameraCheck> camera,
    Optional<Stills.Kept> address,
    Optional<StillValue> tall,
    SpineShape shape,
    Demands asks,
    boolean arched) {

  /** Straightening that may be off by more than one step of the search is not taken over (ours). */
  private static final double SURE_STRAIGHTENING = 5;

  static ReadStill of(Workup workup, Stills.Kept kept, StillMarks marks, List<Stills.Kept> all) {
    Handed handed = workup.golfer().handed();
    Optional<Double> height = Facts.HEIGHT.in(workup.file());
    SpineShape shape = Measured.shape(workup.file(), workup.golfer().school());
    Demands asks = workup.asks();
    Still still = marks.still(kept, handed, height);
    List<StillProblem> problems = new ArrayList<>(StillProblem.of(still));
    Optional<Stills.Kept> address =
        kept.checkpoint().pairs()
            ? all.stream()
                .filter(s -> s.visitId().equals(kept.visitId()) && s.view() == kept.view())
                .filter(s -> s.checkpoint() == Checkpoint.ADDRESS)
                .reduce((first, second) -> second)
            : Optional.empty();
    Optional<Still> then = address.map(a -> StillMarks.of(a).still(a, handed, height));
    then.flatMap(t -> StillProblem.ofPair(still, t)).ifPresent(problems::add);
    StillReading reading = StillReading.of(still, then, shape, asks);
    boolean arched = workup.golfer().seen().level(SetupFault.ARCHED) == Level.CLEAR;
    return new ReadStill(
        reading,
        StillFindings.of(reading, shape, asks, arched),
        problems,
        marks.camera(kept, still),
        address,
        tall(workup, kept, all, handed, height),
        shape,
        asks,
        arched);
  }

  private static Optional<StillValue> tall(
      Workup workup,
      Stills.Kept kept,
      List<Stills.Kept> all,
      Handed handed,
      Optional<Double> height) {
    return all.stream()
        .filter(s -> s.checkpoint() == Checkpoint.TALL && s.view() == StillView.DOWN_THE_LINE)
        .filter(s -> s.visitId().equals(kept.visitId()))
        .reduce((first, second) -> second)
        .map(s -> StillMarks.of(s).still(s, handed, height))
        .flatMap(
            s ->
                StillReading.of(s, Optional.empty(), SpineShape.FLAT, workup.asks())
                    .value(StillFigure.BELT_TILT));
  }

  /** The figures a trainer reads at this moment, in their order. */
  List<StillFigure> shown() {
    Still still = reading.still();
    return StillFigure.shown(still.view(), still.checkpoint());
  }

  /** What goes into the set-up, each with its error; what is too unsure stays on the picture. */
  Map<SetupFigure, StillValue> setup() {
    Map<SetupFigure, StillValue> figures = new EnumMap<>(SetupFigure.class);
    if (reading.still().checkpoint() != Checkpoint.ADDRESS) {
      return figures;
    }
    reading.values().stream()
        .filter(StillValue::speaks)
        .forEach(v -> v.figure().ofSetup().ifPresent(figure -> figures.put(figure, v)));
    hipBend().ifPresent(v -> figures.put(SetupFigure.HIP_BEND, v));
    pelvicTilt().ifPresent(v -> figures.put(SetupFigure.PELVIC_TILT, v));
    return figures;
  }

  /** Hip bend: trunk incline and half the knee bend, since the thigh leans back by about that. */
  private Optional<StillValue> hipBend() {
    return reading
        .value(StillFigure.TRUNK_INCLINE)
        .flatMap(
            trunk ->
                reading
                    .value(StillFigure.KNEE_FLEX)
                    .map(
                        knee ->
                            new StillValue(
                                StillFigure.TRUNK_INCLINE,
                                trunk.value() + knee.value() / 2,
                                Math.hypot(trunk.plusMinus(), knee.plusMinus() / 2),
                                Optional.empty())));
  }

  /** Pelvic tilt: the belt at address less the golfer's own neutral, standing tall. */
  private Optional<StillValue> pelvicTilt() {
    return reading
        .value(StillFigure.BELT_TILT)
        .flatMap(
            belt ->
                tall.map(
                    neutral ->
                        new StillValue(
                            StillFigure.BELT_TILT,
                            belt.value() - neutral.value(),
                            Math.hypot(belt.plusMinus(), neutral.plusMinus()),
                            Optional.empty())));
  }

  /** How far the trail knee straightened since address, from the top seen down the line. */
  Optional<StillValue> straightening() {
    return reading
        .value(StillFigure.KNEE_FLEX_CHANGE)
        .filter(v -> reading.still().checkpoint() == Checkpoint.TOP)
        .filter(v -> v.plusMinus() <= SURE_STRAIGHTENING)
        .map(v -> new StillValue(v.figure(), -v.value(), v.plusMinus(), Optional.empty()));
  }

  /** What goes into the swing, each with its error; what is too unsure stays on the picture. */
  Map<SwingFigure, StillValue> swing() {
    Map<SwingFigure, StillValue> figures = new LinkedHashMap<>(StillFindings.swing(reading));
    figures.entrySet().removeIf(e -> !StillFindings.sure(e.getKey(), e.getValue(), asks, arched));
    return figures;
  }
}
