package loosehip.app.planview;

/**
 * Geometry of the dial around the pelvis, seen from above. Angles are pelvis turn in degrees, 0
 * towards the ball, positive away from the target; a right-hander turns back to the right of the
 * picture, a left-hander to the left.
 */
final class Dial {
  static final double WIDTH = 560;
  static final double HEIGHT = 424;
  static final double CX = 280;
  static final double CY = 262;

  private final int side;

  Dial(boolean rightHanded) {
    this.side = rightHanded ? 1 : -1;
  }

  double x(double radius, double turn) {
    return CX + side * radius * Math.sin(Math.toRadians(turn));
  }

  double y(double radius, double turn) {
    return CY - radius * Math.cos(Math.toRadians(turn));
  }

  /** 1 when turning back goes to the right of the picture, −1 when to the left. */
  int side() {
    return side;
  }

  /** A ring sector between two radii and two turns, either way round. */
  String sector(double inner, double outer, double from, double to) {
    return sectorAt(CX, CY, inner, outer, from, to);
  }

  /** A sector around another point. */
  String sectorAt(double cx, double cy, double inner, double outer, double from, double to) {
    int sweep = (to > from) == (side > 0) ? 1 : 0;
    double a = Math.toRadians(from);
    double b = Math.toRadians(to);
    Path path = new Path();
    path.to('M', cx + side * outer * Math.sin(a), cy - outer * Math.cos(a));
    path.arc(outer, sweep, cx + side * outer * Math.sin(b), cy - outer * Math.cos(b));
    path.to('L', cx + side * inner * Math.sin(b), cy - inner * Math.cos(b));
    path.arc(inner, 1 - sweep, cx + side * inner * Math.sin(a), cy - inner * Math.cos(a));
    return path.closed();
  }

  /** A straight tick across two radii. */
  String tick(double inner, double outer, double turn) {
    Path path = new Path();
    path.to('M', x(inner, turn), y(inner, turn));
    path.to('L', x(outer, turn), y(outer, turn));
    return path.open();
  }

  /** Says where a pen goes, to a tenth of a unit. */
  private static final class Path {
    private final StringBuilder said = new StringBuilder();

    void to(char how, double x, double y) {
      said.append(how);
      pair(x, y);
    }

    void arc(double radius, int sweep, double x, double y) {
      to('A', radius, radius);
      said.append(" 0 0 ").append(sweep).append(' ');
      pair(x, y);
    }

    private void pair(double x, double y) {
      tenth(x);
      said.append(' ');
      tenth(y);
    }

    private void tenth(double value) {
      long tenths = Math.round(value * 10);
      if (tenths % 10 == 0) {
        said.append(tenths / 10);
      } else {
        said.append(tenths / 10.0);
      }
    }

    String open() {
      return said.toString();
    }

    String closed() {
      return said.append('Z').toString();
    }
  }

  /** Where text at this turn is anchored: outside the dial, growing away from it. */
  String anchor(double turn) {
    double x = x(1, turn) - CX;
    if (Math.abs(x) < 0.2) {
      return "middle";
    }
    return x > 0 ? "start" : "end";
  }
}
