package loosehip.core.measure;

/**
 * One try of a test.
 *
 * @param value the number read, in the test's unit
 * @param voided whether it is kept but dropped from the mean
 */
public record Try(double value, boolean voided) {

  /** A try that counts. */
  public static Try of(double value) {
    return new Try(value, false);
  }
}
