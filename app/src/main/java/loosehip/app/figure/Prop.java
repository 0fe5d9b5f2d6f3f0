package loosehip.app.figure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Things around a body: ground, bench, wall, shafts, arrows, and bodies seen from above. */
final class Prop {
  private Prop() {}

  /** Reads one prop, such as {@code ground=190} or {@code arrow=100,100,30,10,80}. */
  static List<Stroke> strokes(String word) {
    String[] halves = word.split("=");
    double[] n =
        halves.length < 2
            ? new double[0]
            : Arrays.stream(halves[1].split(",")).mapToDouble(Double::parseDouble).toArray();
    return switch (halves[0]) {
      case "ground" -> List.of(line("ground", 14, n[0], 186, n[0]));
      case "bench" ->
          List.of(
              line("prop", n[0], n[2], n[1], n[2]),
              line("prop", n[0] + 8, n[2], n[0] + 8, n[3]),
              line("prop", n[1] - 8, n[2], n[1] - 8, n[3]));
      case "wall" -> List.of(line("prop", n[0], 24, n[0], 190));
      case "shaft" -> List.of(line("prop", n[0], n[1], n[2], n[3]));
      case "ref" -> List.of(line("ref", n[0], n[1], n[2], n[3]));
      case "mark" -> List.of(new Stroke("mark", Pose.circle(n[0], n[1], n[2]), false));
      case "ball" -> List.of(new Stroke("head", Pose.circle(n[0], n[1], n[2]), false));
      case "bar" -> List.of(bar("line", n, false));
      case "ghostbar" -> List.of(bar("line", n, true));
      case "limbbar" -> List.of(bar("limb", n, false));
      case "top" -> top(n);
      case "arrow" -> arc(n);
      case "push" -> push(n);
      default -> throw new IllegalArgumentException("No such prop: " + word);
    };
  }

  private static Stroke line(String style, double x1, double y1, double x2, double y2) {
    return new Stroke(style, Pose.path("M%.1f %.1fL%.1f %.1f", x1, y1, x2, y2), false);
  }

  /** A bar through a point: x, y, half length, degrees clockwise from level. */
  private static Stroke bar(String style, double[] n, boolean ghost) {
    double dx = n[2] * Pose.cos(n[3]);
    double dy = n[2] * Pose.sin(n[3]);
    return new Stroke(
        style,
        Pose.path("M%.1f %.1fL%.1f %.1f", n[0] - dx, n[1] - dy, n[0] + dx, n[1] + dy),
        ghost);
  }

  /** A foot from above: x, y, degrees clockwise from pointing up. */
  private static List<Stroke> top(double[] n) {
    double dx = Pose.sin(n[2]);
    double dy = -Pose.cos(n[2]);
    return List.of(
        new Stroke(
            "limb",
            Pose.path(
                "M%.1f %.1fQ%.1f %.1f %.1f %.1fQ%.1f %.1f %.1f %.1fZ",
                n[0] - 16 * dx,
                n[1] - 16 * dy,
                n[0] + 9 * dy,
                n[1] - 9 * dx,
                n[0] + 18 * dx,
                n[1] + 18 * dy,
                n[0] - 9 * dy,
                n[1] + 9 * dx,
                n[0] - 16 * dx,
                n[1] - 16 * dy),
            false));
  }

  /** A curved arrow: centre, radius, from and to in degrees clockwise from up. */
  private static List<Stroke> arc(double[] n) {
    double endX = n[0] + n[2] * Pose.sin(n[4]);
    double endY = n[1] - n[2] * Pose.cos(n[4]);
    int way = n[4] > n[3] ? 1 : 0;
    int large = Math.abs(n[4] - n[3]) > 180 ? 1 : 0;
    List<Stroke> strokes = new ArrayList<>();
    strokes.add(
        new Stroke(
            "arrow",
            Pose.path(
                "M%.1f %.1fA%.1f %.1f 0 %d %d %.1f %.1f",
                n[0] + n[2] * Pose.sin(n[3]),
                n[1] - n[2] * Pose.cos(n[3]),
                n[2],
                n[2],
                large,
                way,
                endX,
                endY),
            false));
    strokes.add(tip(endX, endY, n[4] + (way == 1 ? 90 : -90)));
    return strokes;
  }

  /** A straight arrow from one point to another. */
  private static List<Stroke> push(double[] n) {
    double towards = Math.toDegrees(Math.atan2(n[2] - n[0], -(n[3] - n[1])));
    return List.of(line("arrow", n[0], n[1], n[2], n[3]), tip(n[2], n[3], towards));
  }

  /** An arrow head pointing in a direction, degrees clockwise from up. */
  private static Stroke tip(double x, double y, double towards) {
    double dx = Pose.sin(towards);
    double dy = -Pose.cos(towards);
    return new Stroke(
        "arrow-head",
        Pose.path(
            "M%.1f %.1fL%.1f %.1fL%.1f %.1fZ",
            x + 9 * dx, y + 9 * dy, x - 4.5 * dy, y + 4.5 * dx, x + 4.5 * dy, y - 4.5 * dx),
        false);
  }
}
