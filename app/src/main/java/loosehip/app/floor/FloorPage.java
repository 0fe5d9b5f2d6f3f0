package loosehip.app.floor;

import java.util.List;
import java.util.Optional;

/**
 * Answers of the floor angle tool.
 *
 * @param wanted the angle wanted, in words
 * @param triple the best three; empty when the bag has none
 * @param typed the angle of three typed lengths, or why they make none; empty when none were typed
 * @param typedRefused whether the three typed make no triangle
 * @param pair tip distance of the two chosen shafts, in words; empty when none were chosen
 * @param tape marks for tape
 * @param radius radius of the tape marks, in words
 */
public record FloorPage(
    String wanted,
    Optional<Laid> triple,
    String typed,
    boolean typedRefused,
    String pair,
    List<Mark> tape,
    String radius) {

  /**
   * Three shafts laid out.
   *
   * @param one name and length from the apex along the base
   * @param other name and length from the apex
   * @param closing name and length across
   * @param made the angle really made
   * @param off how far from the one wanted
   * @param baseX tip of the base shaft in the drawing
   * @param otherX tip of the other shaft in the drawing
   * @param otherY tip of the other shaft in the drawing
   */
  public record Laid(
      String one,
      String other,
      String closing,
      String made,
      String off,
      double baseX,
      double otherX,
      double otherY) {}

  /** A tape mark, in words. */
  public record Mark(String degrees, String along, String across) {}
}
