package loosehip.core;

import loosehip.core.body.Handed;
import loosehip.core.limit.Body;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.Setup;

/** Bodies of right-handed golfers, judged by the shipped figures unless said otherwise. */
public final class Bodies {
  private Bodies() {}

  /** What was screened of a right-handed golfer. */
  public static Body of(Screen screen) {
    return new Body(screen, Handed.RIGHT);
  }

  /** The same, written in a line. */
  public static Body of(String sheet) {
    return of(Screens.of(sheet));
  }

  /** The ranges its pivot is paid from. */
  public static Hips hips(Screen screen, Handed handed, Setup setup) {
    return Hips.of(new Body(screen, handed), Coefficients.SHIPPED, setup);
  }
}
