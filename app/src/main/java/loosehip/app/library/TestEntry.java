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
 */
public record TestEntry(
    String key,
    String title,
    String about,
    String words,
    String range,
    Optional<Scale> scale,
    String outcomes) {

  /**
   * Band edges in force beside the shipped ones.
   *
   * @param enough in force
   * @param close in force
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
      List<String> history) {}

  /**
   * A method of reading angles.
   *
   * @param id its id
   * @param title its name
   * @param inForce deviation of one try in force, before anybody's own takes over
   * @param shipped the shipped one
   * @param own whether the practice set its own
   * @param people each person's own scatter, in words
   */
  public record MethodEntry(
      String id, String title, String inForce, String shipped, boolean own, List<String> people) {}
}
