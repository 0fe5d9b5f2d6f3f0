package loosehip.app.planview;

import java.util.List;
import java.util.Optional;
import loosehip.core.pivot.Hips;

/**
 * The hips from above, ready to be drawn: what each side has, what the school needs, and the same
 * in words. All lengths are in units of the picture.
 *
 * @param school name of the school
 * @param idea its idea in a phrase
 * @param bands what the school asks for
 * @param pieces what hips, slack and set-up give, ring by ring
 * @param wedges each hip's own arcs at its joint
 * @param ticks capacity and demand
 * @param feet the two feet
 * @param pelvis the pelvis, square and turned
 * @param scale degree marks
 * @param target which way the target lies: {@code left} or {@code right}
 * @param words capacity, demand, band and margin in words
 * @param missing what no test has given yet
 */
public record PlanView(
    String school,
    String idea,
    List<String> bands,
    List<Piece> pieces,
    List<Piece> wedges,
    List<Tick> ticks,
    List<Foot> feet,
    Pelvis pelvis,
    List<Mark> scale,
    String target,
    List<Said> words,
    List<Hips.MissingTest> missing) {

  /** A ring sector: whose ({@code trail} or {@code lead}) and from where. */
  public record Piece(String leg, String from, String path) {}

  /** A tick with its label. */
  public record Tick(String kind, String path, String label, double x, double y, String anchor) {}

  /** A foot: whose, where, turned by how much on the picture, and its label. */
  public record Foot(
      String leg, double x, double y, double rotation, String label, String sideLabel) {}

  /** The pelvis: how far it is turned on the picture, with its joints. */
  public record Pelvis(
      double rotation, Optional<Double> turned, double trailX, double leadX, double y) {}

  /** A degree mark. */
  public record Mark(String path, String label, double x, double y) {}

  /**
   * One direction in words.
   *
   * @param heading {@code Going back} or {@code Coming through}
   * @param verdict {@code 9 short}, {@code 18 to spare}
   * @param band id of the band, for the cup
   * @param chance how likely it is to be short, in words
   * @param number the chance as a number, shown on demand
   * @param detail what has and what needs
   */
  public record Said(
      String heading, String verdict, String band, String chance, String number, String detail) {}

  /** The line a folded plan view shows. */
  public String summary() {
    if (words.isEmpty()) {
      return "nothing to show yet: measure the hips";
    }
    return String.join(
        " · ", words.stream().map(w -> w.heading().toLowerCase() + " " + w.verdict()).toList());
  }
}
