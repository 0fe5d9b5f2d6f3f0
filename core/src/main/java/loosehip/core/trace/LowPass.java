package loosehip.core.trace;

/**
 * A low-pass filter without delay: a second-order Butterworth filter run forward and backward, ends
 * padded by odd reflection (domain: traces). A sine of frequency f keeps 1 / (1 + r⁴) of its
 * amplitude, r being tan(πf / rate) over tan(π · cut-off / rate).
 */
final class LowPass {
  /** How long the ends are padded, in periods of the cut-off (ours). */
  private static final double PADDED_PERIODS = 3;

  private final double b0;
  private final double b1;
  private final double a1;
  private final double a2;
  private final int padding;

  /**
   * A filter.
   *
   * @param hz rows a second
   * @param cutOff where half the power is left after one run, Hz; below half of the rate
   */
  LowPass(double hz, double cutOff) {
    double k = Math.tan(Math.PI * cutOff / hz);
    double norm = 1 + Math.sqrt(2) * k + k * k;
    b0 = k * k / norm;
    b1 = 2 * b0;
    a1 = 2 * (k * k - 1) / norm;
    a2 = (1 - Math.sqrt(2) * k + k * k) / norm;
    padding = (int) Math.ceil(PADDED_PERIODS * hz / cutOff);
  }

  /** The values, smoothed; as many as there were. */
  double[] smooth(double[] values) {
    int n = values.length;
    if (n < 2) {
      return values.clone();
    }
    int pad = Math.min(padding, n - 1);
    double[] padded = new double[n + 2 * pad];
    System.arraycopy(values, 0, padded, pad, n);
    for (int i = 1; i <= pad; i++) {
      padded[pad - i] = 2 * values[0] - values[i];
      padded[pad + n - 1 + i] = 2 * values[n - 1] - values[n - 1 - i];
    }
    run(padded, false);
    run(padded, true);
    double[] smooth = new double[n];
    System.arraycopy(padded, pad, smooth, 0, n);
    return smooth;
  }

  /** One run in place, begun as if the first value had stood for ever. */
  private void run(double[] x, boolean backward) {
    int first = backward ? x.length - 1 : 0;
    int step = backward ? -1 : 1;
    double z1 = (1 - b0) * x[first];
    double z2 = (b0 - a2) * x[first];
    double c0 = b0;
    double c1 = b1;
    double d1 = a1;
    double d2 = a2;
    for (int i = first, left = x.length; left > 0; i += step, left--) {
      double in = x[i];
      double out = c0 * in + z1;
      z1 = c1 * in - d1 * out + z2;
      z2 = c0 * in - d2 * out;
      x[i] = out;
    }
  }
}
