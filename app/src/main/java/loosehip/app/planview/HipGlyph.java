package loosehip.app.planview;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import loosehip.app.words.Numbers;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;

/**
 * A 28-unit mark of four arcs: who is stiff where, without reading. Inward turn above, outward
 * below; the trail leg on its own side; a full quarter is 60 degrees.
 *
 * @param arcs the four arcs
 * @param words the same in words, for those who cannot see it
 */
public record HipGlyph(List<Arc> arcs, String words) {
  private static final double CENTRE = 14;
  private static final double RADIUS = 10;
  private static final double FULL_TURN = 60;
  private static final double QUARTER = 84;

  /** The whole quarters: below and above on the left of the picture, then on its right. */
  private static final List<String> GROUNDS =
      List.of(
          path(-1, false, QUARTER),
          path(-1, true, QUARTER),
          path(1, false, QUARTER),
          path(1, true, QUARTER));

  /**
   * One quarter.
   *
   * @param leg {@code trail} or {@code lead}
   * @param ground path of the whole quarter
   * @param path path of what the hip has; empty when not measured
   */
  public record Arc(String leg, String ground, Optional<String> path) {}

  /** Strokes of one style as one path. */
  public record Trace(String style, String path) {}

  /** The arcs by style: grounds of what is measured and of what is not, then what the hips have. */
  public List<Trace> traces() {
    List<Trace> traces = new ArrayList<>();
    trace(traces, "glyph-ground", a -> a.path().isPresent() ? a.ground() : "");
    trace(traces, "glyph-ground glyph-open", a -> a.path().isPresent() ? "" : a.ground());
    for (Leg leg : List.of(Leg.TRAIL, Leg.LEAD)) {
      trace(traces, "glyph-" + leg.id(), a -> a.leg().equals(leg.id()) ? a.path().orElse("") : "");
    }
    return traces;
  }

  private void trace(List<Trace> traces, String style, Function<Arc, String> part) {
    String path = arcs.stream().map(part).collect(Collectors.joining());
    if (!path.isEmpty()) {
      traces.add(new Trace(style, path));
    }
  }

  /**
   * The glyph of four ranges in degrees; an empty one is not measured.
   *
   * @param hand empty while nobody said it: then the rings are empty and no side is named
   */
  public static HipGlyph of(
      Optional<Handed> hand,
      Optional<Double> trailInternal,
      Optional<Double> trailExternal,
      Optional<Double> leadInternal,
      Optional<Double> leadExternal) {
    int trailSide = hand.equals(Optional.of(Handed.LEFT)) ? -1 : 1;
    List<Arc> arcs = new ArrayList<>();
    arcs.add(arc(Leg.TRAIL, trailSide, true, trailInternal));
    arcs.add(arc(Leg.TRAIL, trailSide, false, trailExternal));
    arcs.add(arc(Leg.LEAD, -trailSide, true, leadInternal));
    arcs.add(arc(Leg.LEAD, -trailSide, false, leadExternal));
    String words =
        "trail in "
            + said(trailInternal)
            + ", out "
            + said(trailExternal)
            + "; lead in "
            + said(leadInternal)
            + ", out "
            + said(leadExternal);
    return new HipGlyph(arcs, hand.isPresent() ? words : "which hand is not said yet");
  }

  private static String said(Optional<Double> turn) {
    return turn.map(t -> Math.round(t) + "°").orElse("not measured");
  }

  private static Arc arc(Leg leg, int side, boolean above, Optional<Double> turn) {
    return new Arc(
        leg.id(),
        GROUNDS.get((side > 0 ? 2 : 0) + (above ? 1 : 0)),
        turn.map(t -> path(side, above, Math.max(2, Math.min(1, t / FULL_TURN) * QUARTER))));
  }

  private static String path(int side, boolean above, double sweep) {
    double from = Math.toRadians(3);
    double to = Math.toRadians(3 + sweep);
    int up = above ? -1 : 1;
    return "M"
        + at(CENTRE + side * RADIUS * Math.sin(from), CENTRE + up * RADIUS * Math.cos(from))
        + ("A" + Numbers.plain(RADIUS) + " " + Numbers.plain(RADIUS) + " 0 0 ")
        + (side * up < 0 ? 1 : 0)
        + " "
        + at(CENTRE + side * RADIUS * Math.sin(to), CENTRE + up * RADIUS * Math.cos(to));
  }

  private static String at(double x, double y) {
    return hundredth(x) + " " + hundredth(y);
  }

  private static double hundredth(double at) {
    return Math.round(at * 100) / 100.0;
  }
}
