package loosehip.app.library;

import java.util.List;
import java.util.Optional;

/**
 * One test, or a part of one with edges of its own, in the library.
 *
 * @param key under which its edges are kept
 * @param title its name
 * @param about position, minutes and what is recorded
 * @param words what is looked for, to be searched
 * @param range what a field accepts and what raises no question; empty for words
 * @param scale its band edges; empty for words
 * @param outcomes the words it is told in, best first
 * @param problem why typed edges were not kept, in words; empty when nothing was refused
 */
public record TestEntry(
    String key,
    String title,
    String about,
    String words,
    String range,
    Optional<Scale> scale,
    String outcomes,
    String problem) {

  /** Its id on the page. */
  public String id() {
    return "test-" + key.replace('.', '-');
  }

  /** The same with edges as typed and refused. */
  TestEntry typed(String enough, String close, String why) {
    return new TestEntry(
        key, title, about, words, range, scale.map(s -> s.typed(enough, close)), outcomes, why);
  }

  /**
   * Band edges in force beside the shipped ones.
   *
   * @param enough in force, or as typed and refused
   * @param close in force, or as typed and refused
   * @param shippedEnough shipped
   * @param shippedClose shipped
   * @param own whether the practice set its own
   * @param moreIsBetter which way is better
   * @param unit what is written after the numbers
   * @param enoughAt where the edge lies on a line from 0 to 100
   * @param closeAt where the edge lies on a line from 0 to 100
   * @param low left end of the line
   * @param high right end of the line
   * @param history who set what, the newest first
   */
  public record Scale(
      String enough,
      String close,
      String shippedEnough,
      String shippedClose,
      boolean own,
      boolean moreIsBetter,
      String unit,
      double enoughAt,
      double closeAt,
      String low,
      String high,
      List<String> history) {
    /** Length of the line in the drawing. */
    private static final double LONG = 292;

    private static final double LEFT = 4;

    Scale typed(String typedEnough, String typedClose) {
      return new Scale(
          typedEnough,
          typedClose,
          shippedEnough,
          shippedClose,
          own,
          moreIsBetter,
          unit,
          enoughAt,
          closeAt,
          low,
          high,
          history);
    }

    /** Which way is enough, in words. */
    public String way() {
      return moreIsBetter ? "from" : "up to";
    }

    /** Where the band of enough begins in the drawing. */
    public double enoughX() {
      return moreIsBetter ? LEFT + at(enoughAt) : LEFT;
    }

    /** How wide the band of enough is in the drawing. */
    public double enoughWidth() {
      return moreIsBetter ? LONG - at(enoughAt) : at(enoughAt);
    }

    /** Where the band of close begins in the drawing. */
    public double closeX() {
      return LEFT + at(Math.min(enoughAt, closeAt));
    }

    /** How wide the band of close is in the drawing. */
    public double closeWidth() {
      return Math.abs(at(enoughAt) - at(closeAt));
    }

    private static double at(double hundredth) {
      return LONG * hundredth / 100;
    }
  }

  /**
   * A method of reading angles.
   *
   * @param id its id
   * @param title its name
   * @param inForce deviation of one try in force, before anybody's own takes over
   * @param shipped the shipped one
   * @param own whether the practice set its own
   * @param people each person's own scatter, in words
   * @param problem why a typed one was not kept, in words; empty when nothing was refused
   */
  public record MethodEntry(
      String id,
      String title,
      String inForce,
      String shipped,
      boolean own,
      List<String> people,
      String problem) {
    /** Where the one in force comes from. */
    public String source() {
      return own ? "shipped: " + shipped : "shipped";
    }
  }
}
