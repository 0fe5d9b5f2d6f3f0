package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.List;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Workup;
import loosehip.app.words.Numbers;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Setup;

/** Where the drawing can be taken hold of. */
final class PivotHandles {
  private static final double MIDDLE = 280;
  private static final double FOOT = 352;
  private static final double HEEL = 30;
  private static final double KNEE = 348;
  private static final double STANCE = 60;
  private static final double BELT = 34;

  private PivotHandles() {}

  /** The feet and knees on the hips from above. */
  static List<PivotPage.Handle> above(Workup workup, Setup setup) {
    int side = workup.golfer().handed() == Handed.RIGHT ? 1 : -1;
    List<PivotPage.Handle> handles = new ArrayList<>();
    for (Leg leg : Leg.values()) {
      int out = (leg == Leg.TRAIL ? 1 : -1) * side;
      double flare = leg == Leg.TRAIL ? setup.trailFlare() : setup.leadFlare();
      double pinch = leg == Leg.TRAIL ? setup.trailPinch() : setup.leadPinch();
      double x = MIDDLE + out * STANCE;
      handles.add(
          handle(
              leg == Leg.TRAIL ? BudgetFigure.TRAIL_FLARE : BudgetFigure.LEAD_FLARE,
              workup.spoken(leg) + " foot flare",
              flare,
              leg.id(),
              "foot",
              x,
              FOOT,
              out * flare,
              PivotPage.Grip.turn(x, FOOT + HEEL, out)));
      handles.add(
          handle(
              leg == Leg.TRAIL ? BudgetFigure.TRAIL_PINCH : BudgetFigure.LEAD_PINCH,
              workup.spoken(leg) + " knee pinch",
              pinch,
              leg.id(),
              "knee",
              x - out * pinch,
              KNEE,
              0,
              PivotPage.Grip.push(-out, 0)));
    }
    return handles;
  }

  /** Trunk, belt and back on the body from the side. */
  static List<PivotPage.Handle> side(Workup workup, Setup setup) {
    Figures.PostureMarks marks =
        Figures.postureMarks(setup.hipFlexion(), setup.pelvicTilt(), setup.rounding());
    double tilt = Math.toRadians(setup.pelvicTilt());
    return List.of(
        handle(
            BudgetFigure.HIP_FLEXION,
            "Hip bend",
            setup.hipFlexion(),
            "",
            "bend",
            marks.neckX(),
            marks.neckY(),
            0,
            PivotPage.Grip.turn(marks.hipX(), marks.hipY(), 1)),
        handle(
            BudgetFigure.PELVIC_TILT,
            "Pelvic tilt, arched is more",
            setup.pelvicTilt(),
            "",
            "belt",
            marks.hipX() - BELT * Math.cos(tilt),
            marks.hipY() - BELT * Math.sin(tilt),
            setup.pelvicTilt(),
            PivotPage.Grip.push(0, -1)),
        handle(
            BudgetFigure.ROUNDING,
            "Back rounding",
            setup.rounding(),
            "",
            "back",
            marks.backX(),
            marks.backY(),
            0,
            PivotPage.Grip.push(marks.roundingX(), marks.roundingY())));
  }

  private static PivotPage.Handle handle(
      BudgetFigure figure,
      String title,
      double value,
      String leg,
      String kind,
      double x,
      double y,
      double rotation,
      PivotPage.Grip grip) {
    return new PivotPage.Handle(
        figure.id(),
        title,
        Numbers.plain(value),
        figure.least(),
        figure.most(),
        leg,
        kind,
        x,
        y,
        rotation,
        grip);
  }
}
