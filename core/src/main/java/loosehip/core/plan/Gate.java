package loosehip.core.plan;

import java.util.Set;
import loosehip.core.limit.Body;
import loosehip.core.limit.LimitKind;
import loosehip.core.measure.Band;
import loosehip.core.named.Named;
import loosehip.core.safety.TestGate;

/** What must be measured at least so before an exercise is given; untested counts as not yet. */
public enum Gate implements Named {
  /** Five seconds on each leg, eyes open. */
  STAND_5("stand-5"),
  /** Ten seconds on each leg, eyes open. */
  STAND_10("stand-10"),
  /** The hinge at least close. */
  HINGE("hinge-close"),
  /** The side of both hips at least close. */
  SIDE_HIP("side-hip-close"),
  /** The seat muscles switch on, tall and hinged. */
  SWITCH("switch-both");

  private static final int SOME_SECONDS = 5;

  private final String id;

  Gate(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }

  /** Whether a body as it was screened has passed it. */
  boolean passed(Body body) {
    return switch (this) {
      case STAND_5 -> TestGate.stands(body.screen(), SOME_SECONDS);
      case STAND_10 -> TestGate.stands(body.screen(), TestGate.STAND_SECONDS);
      case HINGE -> body.band(LimitKind.HINGE).atLeastClose();
      case SIDE_HIP -> body.band(LimitKind.SIDE_HIP).atLeastClose();
      case SWITCH -> body.band(LimitKind.GLUTE_SWITCH) == Band.ENOUGH;
    };
  }

  /** The limits whose measuring would tell. */
  Set<LimitKind> limits() {
    return switch (this) {
      case STAND_5, STAND_10 -> Set.of(LimitKind.SINGLE_LEG);
      case HINGE -> Set.of(LimitKind.HINGE);
      case SIDE_HIP -> Set.of(LimitKind.SIDE_HIP);
      case SWITCH -> Set.of(LimitKind.GLUTE_SWITCH);
    };
  }
}
