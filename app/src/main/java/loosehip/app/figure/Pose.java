package loosehip.app.figure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A body from its joint angles. Limbs are told in degrees from straight down, positive to the right
 * of the picture; the trunk in degrees from straight up. Lengths are in the drawing's units, in the
 * proportions of an adult.
 */
final class Pose {
  static final double TRUNK = 54;
  private static final double NECK = 17;
  private static final double HEAD = 10.5;
  private static final double UPPER_ARM = 29;
  private static final double FOREARM = 27;
  private static final double THIGH = 44;
  private static final double SHIN = 42;
  private static final double FOOT = 15;

  private final Map<String, double[]> told;

  private Pose(Map<String, double[]> told) {
    this.told = told;
  }

  /**
   * Reads {@code at=100,110 trunk=0 A=10,5 B=-10,-5 M=0,0,90 O=0,0,90}: pelvis place, trunk, near
   * and far arm, moving and other leg; {@code hw}/{@code sw} half widths of hips and shoulders,
   * {@code bend} how far the back is rounded.
   */
  static Pose parse(String text) {
    Map<String, double[]> told = new HashMap<>();
    for (String word : text.strip().split("\\s+")) {
      String[] halves = word.split("=");
      String[] cells = halves[1].split(",");
      double[] numbers = new double[cells.length];
      for (int i = 0; i < cells.length; i++) {
        numbers[i] = Double.parseDouble(cells[i]);
      }
      told.put(halves[0], numbers);
    }
    return new Pose(told);
  }

  private double one(String name, double usual) {
    return told.containsKey(name) ? told.get(name)[0] : usual;
  }

  /** The lines of this body. */
  List<Stroke> strokes(boolean ghost) {
    List<Stroke> strokes = new ArrayList<>();
    double[] at = told.getOrDefault("at", new double[] {100, 104});
    double trunk = one("trunk", 0);
    double hips = one("hw", 0);
    double shoulders = one("sw", 0);
    double tilt = one("tilt", 0);
    double neckX = at[0] + TRUNK * sin(trunk);
    double neckY = at[1] - TRUNK * cos(trunk);
    leg("O", "line", at[0] + hips, at[1] + tilt, ghost).ifPresent(strokes::add);
    arm("B", neckX + shoulders, neckY, ghost).ifPresent(strokes::add);
    double bend = one("bend", 0);
    strokes.add(
        new Stroke(
            "line",
            path(
                "M%.1f %.1fQ%.1f %.1f %.1f %.1f",
                at[0],
                at[1],
                (at[0] + neckX) / 2 - bend * cos(trunk),
                (at[1] + neckY) / 2 - bend * sin(trunk),
                neckX,
                neckY),
            ghost));
    if (hips > 0) {
      strokes.add(
          new Stroke(
              "line",
              path("M%.1f %.1fL%.1f %.1f", at[0] - hips, at[1] - tilt, at[0] + hips, at[1] + tilt),
              ghost));
    }
    if (shoulders > 0) {
      strokes.add(
          new Stroke(
              "line",
              path("M%.1f %.1fL%.1f %.1f", neckX - shoulders, neckY, neckX + shoulders, neckY),
              ghost));
    }
    double nod = one("neck", trunk);
    strokes.add(
        new Stroke("head", circle(neckX + NECK * sin(nod), neckY - NECK * cos(nod), HEAD), ghost));
    leg("M", "limb", at[0] - hips, at[1] - tilt, ghost).ifPresent(strokes::add);
    arm("A", neckX - shoulders, neckY, ghost).ifPresent(strokes::add);
    return strokes;
  }

  private Optional<Stroke> leg(String name, String style, double x, double y, boolean ghost) {
    double[] angles = told.get(name);
    if (angles == null) {
      return Optional.empty();
    }
    double thigh = one(name + "len", 1) * THIGH;
    double kneeX = x + thigh * sin(angles[0]);
    double kneeY = y + thigh * cos(angles[0]);
    double ankleX = kneeX + SHIN * sin(angles[1]);
    double ankleY = kneeY + SHIN * cos(angles[1]);
    String path = path("M%.1f %.1fL%.1f %.1fL%.1f %.1f", x, y, kneeX, kneeY, ankleX, ankleY);
    if (angles.length > 2) {
      path += path("L%.1f %.1f", ankleX + FOOT * sin(angles[2]), ankleY + FOOT * cos(angles[2]));
    }
    return Optional.of(new Stroke(style, path, ghost));
  }

  private Optional<Stroke> arm(String name, double x, double y, boolean ghost) {
    double[] angles = told.get(name);
    if (angles == null) {
      return Optional.empty();
    }
    double elbowX = x + UPPER_ARM * sin(angles[0]);
    double elbowY = y + UPPER_ARM * cos(angles[0]);
    return Optional.of(
        new Stroke(
            "line",
            path(
                "M%.1f %.1fL%.1f %.1fL%.1f %.1f",
                x,
                y,
                elbowX,
                elbowY,
                elbowX + FOREARM * sin(angles[1]),
                elbowY + FOREARM * cos(angles[1])),
            ghost));
  }

  static String circle(double x, double y, double r) {
    return path(
        "M%.1f %.1fa%.1f %.1f 0 1 0 %.1f 0a%.1f %.1f 0 1 0 %.1f 0Z",
        x - r, y, r, r, 2 * r, r, r, -2 * r);
  }

  static String path(String pattern, Object... numbers) {
    return String.format(Locale.ROOT, pattern, numbers);
  }

  static double sin(double degrees) {
    return Math.sin(Math.toRadians(degrees));
  }

  static double cos(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}
