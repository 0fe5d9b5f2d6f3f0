package loosehip.core.incline;

/**
 * How a phone lies, as browsers tell it: turns about its own axes, in degrees, the first about the
 * screen's normal, then about its short side, then about its long side (W3C, Device Orientation
 * Event: Z-X′-Y″). How the screen is turned plays no part.
 *
 * @param alpha about the normal of the screen, 0 to 360
 * @param beta about the short side, −180 to 180
 * @param gamma about the long side, −90 to 90
 */
public record Orientation(double alpha, double beta, double gamma) {

  /** Upwards as the phone sees it, along its short side, to the right of the screen. */
  double upAcross() {
    return -Math.cos(Math.toRadians(beta)) * Math.sin(Math.toRadians(gamma));
  }

  /** Upwards as the phone sees it, along its long side, to the top of the screen. */
  double upAlong() {
    return Math.sin(Math.toRadians(beta));
  }

  /** Upwards as the phone sees it, out of the screen. */
  double upOut() {
    return Math.cos(Math.toRadians(beta)) * Math.cos(Math.toRadians(gamma));
  }

  /**
   * Which way the long side points on the floor, degrees, anticlockwise from above; the zero is the
   * device's own. Upright it points nowhere: then the screen's back is followed.
   */
  double heading() {
    double a = Math.toRadians(alpha);
    double b = Math.toRadians(beta);
    double g = Math.toRadians(gamma);
    double east = -Math.sin(a) * Math.cos(b);
    double north = Math.cos(a) * Math.cos(b);
    if (Math.hypot(east, north) < UPRIGHT) {
      east = -(Math.cos(a) * Math.sin(g) + Math.sin(a) * Math.sin(b) * Math.cos(g));
      north = -(Math.sin(a) * Math.sin(g) - Math.cos(a) * Math.sin(b) * Math.cos(g));
    }
    return Math.toDegrees(Math.atan2(-east, north));
  }

  /** Less than this of the long side lies on the floor: 20° from upright (ours). */
  private static final double UPRIGHT = 0.34;
}
