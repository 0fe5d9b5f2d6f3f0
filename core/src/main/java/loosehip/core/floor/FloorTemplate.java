package loosehip.core.floor;

import java.util.ArrayList;
import java.util.List;
import loosehip.core.named.Named;

/**
 * The floor angle at true scale, cut into sheets to be printed without scaling and taped together.
 * All lengths in millimetres; x runs across the paper, y down it; the apex lies at (0, 0) and the
 * base line runs up the paper.
 *
 * @param degrees the angle, 20 to 90
 * @param radius how far the lines run from the apex, 150 to 900 mm
 * @param paper what it is printed on
 */
public record FloorTemplate(double degrees, double radius, Paper paper) {
  /** Length of the check bar on every sheet, in millimetres. */
  public static final double CHECK_BAR = 100;

  /** Blank edge of every sheet that printers cannot reach, in millimetres. */
  public static final double MARGIN = 12;

  /** Strip that neighbouring sheets share, in millimetres. */
  public static final double OVERLAP = 10;

  private static final double ROUND_APEX = 60;
  private static final double TICK_STEP = 5;
  private static final double TICK = 8;

  /** Paper sizes, in millimetres. */
  public enum Paper implements Named {
    A4("a4", "A4", 210, 297),
    LETTER("letter", "Letter", 215.9, 279.4);

    private final String id;
    private final String title;
    private final double width;
    private final double height;

    Paper(String id, String title, double width, double height) {
      this.id = id;
      this.title = title;
      this.width = width;
      this.height = height;
    }

    @Override
    public String id() {
      return id;
    }

    /** The name shown. */
    public String title() {
      return title;
    }

    /** Width in millimetres. */
    public double width() {
      return width;
    }

    /** Height in millimetres. */
    public double height() {
      return height;
    }
  }

  /**
   * @throws IllegalArgumentException outside 20–90° or 150–900 mm
   */
  public FloorTemplate {
    if (!(degrees >= 20 && degrees <= 90)) {
      throw new IllegalArgumentException("The template takes angles from 20 to 90 degrees.");
    }
    if (!(radius >= 150 && radius <= 900)) {
      throw new IllegalArgumentException("The template's lines are 15 to 90 cm long.");
    }
  }

  /** A straight stroke; strong ones are laid along, light ones only mark degrees. */
  public record Stroke(double x1, double y1, double x2, double y2, boolean strong) {}

  /** A number written at a point. */
  public record Label(double x, double y, String text) {}

  /**
   * One sheet: the corner of the drawing that its printable area starts at.
   *
   * @param number from 1, row by row
   * @param row from 1
   * @param column from 1
   * @param left x of the drawing at the sheet's left margin
   * @param top y of the drawing at the sheet's top margin
   */
  public record Tile(int number, int row, int column, double left, double top) {}

  /** The strokes: base line, the angle's other line, a centre line, and a tick every 5°. */
  public List<Stroke> strokes() {
    List<Stroke> strokes = new ArrayList<>();
    strokes.add(ray(0, 0, radius, true));
    strokes.add(ray(degrees, 0, radius, true));
    strokes.add(ray(degrees / 2, ROUND_APEX, radius * 0.6, false));
    for (double at = TICK_STEP; at < degrees - 1e-9; at += TICK_STEP) {
      strokes.add(ray(at, radius - (at % 15 == 0 ? 2 * TICK : TICK), radius, false));
    }
    return strokes;
  }

  private static Stroke ray(double degrees, double from, double to, boolean strong) {
    double turn = Math.toRadians(degrees);
    return new Stroke(
        from * Math.sin(turn),
        -from * Math.cos(turn),
        to * Math.sin(turn),
        -to * Math.cos(turn),
        strong);
  }

  /** A number at every 15° and at the angle itself. */
  public List<Label> labels() {
    List<Label> labels = new ArrayList<>();
    for (double at = 15; at < degrees - 1e-9; at += 15) {
      labels.add(label(at));
    }
    labels.add(label(degrees));
    return labels;
  }

  private Label label(double degrees) {
    double turn = Math.toRadians(degrees);
    double at = radius - 3.4 * TICK;
    String text = degrees == Math.rint(degrees) ? String.valueOf((int) degrees) : "" + degrees;
    return new Label(at * Math.sin(turn) - 4, -at * Math.cos(turn) + 3, text);
  }

  /** Width a sheet really shows. */
  public double printableWidth() {
    return paper.width() - 2 * MARGIN;
  }

  /** Height a sheet really shows, the strip with the check bar left out. */
  public double printableHeight() {
    return paper.height() - 2 * MARGIN - 14;
  }

  /** The sheets that cover the drawing, row by row; sheets that would be blank are left out. */
  public List<Tile> tiles() {
    double left = -ROUND_APEX / 2;
    double right = Math.max(0, radius * Math.sin(Math.toRadians(degrees))) + 10;
    double top = -radius - 6;
    double bottom = ROUND_APEX / 2;
    double across = printableWidth() - OVERLAP;
    double down = printableHeight() - OVERLAP;
    int columns = Math.max(1, (int) Math.ceil((right - left - OVERLAP) / across));
    int rows = Math.max(1, (int) Math.ceil((bottom - top - OVERLAP) / down));
    List<Tile> tiles = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double x = left + column * across;
        double y = top + row * down;
        if (touches(x, y)) {
          tiles.add(new Tile(tiles.size() + 1, row + 1, column + 1, x, y));
        }
      }
    }
    return tiles;
  }

  private boolean touches(double x, double y) {
    for (Stroke stroke : strokes()) {
      for (int i = 0; i <= 200; i++) {
        double px = stroke.x1() + (stroke.x2() - stroke.x1()) * i / 200;
        double py = stroke.y1() + (stroke.y2() - stroke.y1()) * i / 200;
        if (px >= x && px <= x + printableWidth() && py >= y && py <= y + printableHeight()) {
          return true;
        }
      }
    }
    return false;
  }
}
