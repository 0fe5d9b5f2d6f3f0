package loosehip.core.measure;

/**
 * Pain named by the golfer during a test.
 *
 * @param level 0 (none) to 10
 * @param site where, in the golfer's words; may be blank
 */
public record Pain(int level, String site) {
  /** No pain. */
  public static final Pain NONE = new Pain(0, "");

  /** From this level a test on that side ends and its result is no evidence of stiffness. */
  public static final int STOPS_A_TEST = 4;

  /**
   * @throws IllegalArgumentException when the level is outside 0–10
   */
  public Pain {
    if (level < 0 || level > 10) {
      throw new IllegalArgumentException("Pain is a whole number from 0 to 10: " + level);
    }
  }

  /** Whether this pain ends the test. */
  public boolean stops() {
    return level >= STOPS_A_TEST;
  }
}
