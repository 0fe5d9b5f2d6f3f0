package loosehip.app.planview;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.pivot.BudgetMargin;
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
 * @param scale the degrees of the dial
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
    Scale scale,
    String target,
    List<Said> words,
    List<Hips.Part> missing) {

  private static final double MIDDLE = 280;
  private static final double LABEL_AWAY = 92;

  /** Whether the target lies to the left of the picture. */
  public boolean targetLeft() {
    return target.equals("left");
  }

  /** A ring sector: whose ({@code trail} or {@code lead}) and from where. */
  public record Piece(String leg, String from, String path) {
    /** The pattern it is filled with, so that it can be told without colour; empty for none. */
    public Optional<String> fill() {
      boolean lead = leg.equals(Leg.LEAD.id());
      return switch (from) {
        case "setup" -> Optional.of("url(#dots-" + leg + ")");
        case "hip" -> lead ? Optional.of("url(#hatch-lead)") : Optional.empty();
        case "slack", "wedge" -> lead ? Optional.of("url(#hatch-lead-pale)") : Optional.empty();
        default -> Optional.empty();
      };
    }
  }

  /** A tick with its label. */
  public record Tick(String kind, String path, String label, double x, double y, String anchor) {}

  /**
   * A foot: whose, where, turned by how much on the picture, and its label.
   *
   * @param looked whether anybody looked how it stands; drawn dashed where nobody did
   */
  public record Foot(
      String leg,
      double x,
      double y,
      double rotation,
      String label,
      String sideLabel,
      boolean looked) {
    /** The styles it is drawn with. */
    public String styles() {
      return "pv-foot pv-foot-" + leg + (looked ? "" : " pv-foot-unseen");
    }

    /** Where its labels stand, outside of it. */
    public double labelX() {
      return x > MIDDLE ? x + LABEL_AWAY : x - LABEL_AWAY;
    }

    /** Whether it is the lead foot. */
    public boolean lead() {
      return leg.equals(Leg.LEAD.id());
    }
  }

  /** The pelvis: how far it is turned on the picture, with its joints. */
  public record Pelvis(
      double rotation, Optional<Double> turned, double trailX, double leadX, double y) {}

  /**
   * The degrees of the dial.
   *
   * @param marks all marks as one path
   * @param degrees the numbers beside the longer ones
   */
  public record Scale(String marks, List<Degrees> degrees) {}

  /** A number of degrees, and the middle of where it stands. */
  public record Degrees(int turn, double x, double y) {}

  /**
   * One direction in words.
   *
   * @param which which margin it is
   * @param verdict {@code 9 short}, {@code 18 to spare}
   * @param band id of the band, for the cup
   * @param chance how likely it is to be short, in words
   * @param number the chance as a number, shown on demand
   * @param detail what has and what needs
   */
  public record Said(
      BudgetMargin which,
      String verdict,
      String band,
      String chance,
      String number,
      String detail) {
    /** {@code Going back} or {@code Coming through}. */
    public String heading() {
      return which.title();
    }
  }

  /** The line a folded plan view shows. */
  public String summary() {
    if (words.isEmpty()) {
      return "nothing to show yet: measure the hips";
    }
    return String.join(
        " · ",
        words.stream().map(w -> w.heading().toLowerCase(Locale.ROOT) + " " + w.verdict()).toList());
  }
}
