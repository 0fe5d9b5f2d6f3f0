package loosehip.core.measure;

/**
 * What a field accepts: outside the hard range a number is refused, outside the usual range it is
 * asked about once and kept when confirmed. All four bounds are included.
 *
 * @param hardLow lowest number that can be recorded
 * @param hardHigh highest number that can be recorded
 * @param usualLow lowest number that raises no question
 * @param usualHigh highest number that raises no question
 */
public record FieldRange(double hardLow, double hardHigh, double usualLow, double usualHigh) {

  /** Whether the number can be recorded at all. */
  public boolean accepts(double value) {
    return value >= hardLow && value <= hardHigh;
  }

  /** Whether the number raises no question. */
  public boolean usual(double value) {
    return value >= usualLow && value <= usualHigh;
  }
}
