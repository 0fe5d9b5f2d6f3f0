package loosehip.core.measure;

/**
 * The result of one numeric slot.
 *
 * @param slot where it belongs
 * @param mean mean of the tries that count, in the test's unit
 * @param standardError standard error of that mean, same unit
 * @param tries how many tries count, 1 to 5
 * @param band against what golf demands
 * @param stoppedByPain whether pain ended the test; then it is no evidence of stiffness
 */
public record Measurement(
    Slot slot, double mean, double standardError, int tries, Band band, boolean stoppedByPain) {

  /** Squared standard error. */
  public double variance() {
    return standardError * standardError;
  }
}
