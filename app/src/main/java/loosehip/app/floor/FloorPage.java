package loosehip.app.floor;

import java.util.List;
import java.util.Optional;
import loosehip.core.floor.FloorTemplate;

/**
 * The floor angle tool, ready to be shown.
 *
 * @param bag what the practice has
 * @param asked what was asked
 * @param puttingIn something being put into the bag
 * @param angleProblem what is wrong with the angle asked for; empty when nothing is
 * @param radiusProblem what is wrong with the radius asked for; empty when nothing is
 * @param answers the answers
 * @param papers papers it can be printed on; none for an angle no paper holds
 */
public record FloorPage(
    List<Bags.InBag> bag,
    Asked asked,
    PuttingIn puttingIn,
    String angleProblem,
    String radiusProblem,
    Answers answers,
    List<FloorTemplate.Paper> papers) {

  /** What was asked of the tool, as typed. */
  public record Asked(
      String angle, String first, String second, String radius, String a, String b, String c) {
    static final Asked USUAL = new Asked("60", "", "", "80", "", "", "");
  }

  /**
   * Something being put into the bag, as typed.
   *
   * @param problem why it was not put in; empty when nothing was refused
   */
  public record PuttingIn(String name, String length, boolean inches, String problem) {
    static final PuttingIn NOTHING = new PuttingIn("", "", false, "");
  }

  /**
   * The answers.
   *
   * @param wanted the angle wanted, in words
   * @param triple the best three; empty when the bag has none
   * @param typed the angle of three typed lengths, or why they make none; empty when none were
   *     typed
   * @param typedRefused whether the three typed make no triangle
   * @param pair tip distance of the two chosen shafts, in words; empty when none were chosen
   * @param tape marks for tape
   * @param radius radius of the tape marks, in words
   */
  public record Answers(
      String wanted,
      Optional<Laid> triple,
      String typed,
      boolean typedRefused,
      String pair,
      List<Mark> tape,
      String radius) {}

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
