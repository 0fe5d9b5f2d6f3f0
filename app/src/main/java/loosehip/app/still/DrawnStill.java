package loosehip.app.still;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import loosehip.app.picture.Picture;
import loosehip.core.body.Handed;
import loosehip.core.still.Landmark;
import loosehip.core.still.Spot;

/**
 * A made-up picture: our posed figure in front of a wall, at the size of a photo, with a little
 * noise of a camera. What landmarks on it must give is known. A driver stands upright by the wall.
 *
 * @param picture the picture
 * @param marks where its landmarks are
 */
public record DrawnStill(Picture picture, String marks) {
  private static final int WIDTH = 1200;
  private static final int HEIGHT = 1500;
  private static final double PIXELS_PER_CM = 6.4;
  private static final double GROUND = 1340;
  private static final int NOISE = 9;
  private static final double DRIVER_CM = 114.3;
  private static final Color WALL = new Color(0xC9C4B6);
  private static final Color FLOOR = new Color(0xB9B8A2);
  private static final Color GRASS = new Color(0xA9AE8D);
  private static final Color[] CLOTHES = {
    new Color(0x565E59), new Color(0x4B5360), new Color(0x6B625A)
  };

  /** Seen down the line. */
  public static DrawnStill of(PosedFigure.Behind pose, Handed handed, long seed) {
    double x = handed == Handed.RIGHT ? WIDTH * 0.38 : WIDTH * 0.62;
    Spot ankle = new Spot(x, GROUND - 8 * PIXELS_PER_CM);
    return drawn(PosedFigure.of(pose, handed, ankle, PIXELS_PER_CM), handed, seed);
  }

  /** Seen face on. */
  public static DrawnStill of(PosedFigure.Front pose, Handed handed, long seed) {
    Spot between = new Spot(WIDTH * 0.5, GROUND - 11 * PIXELS_PER_CM);
    return drawn(PosedFigure.of(pose, handed, between, PIXELS_PER_CM), handed, seed);
  }

  private static DrawnStill drawn(PosedFigure figure, Handed handed, long seed) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setColor(WALL);
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setColor(FLOOR);
    g.fillRect(0, (int) (HEIGHT * 0.7), WIDTH, HEIGHT);
    g.setColor(GRASS);
    g.fillRect(0, (int) (HEIGHT * 0.83), WIDTH, HEIGHT);
    double stick = handed == Handed.RIGHT ? WIDTH * 0.07 : WIDTH * 0.93;
    Spot foot = new Spot(stick, GROUND);
    Spot top = new Spot(stick, GROUND - DRIVER_CM * PIXELS_PER_CM);
    g.setColor(new Color(0x2E3331));
    line(g, List.of(foot, top), 9);
    g.setColor(Color.WHITE);
    Spot ball = figure.points().get(Landmark.BALL);
    line(g, List.of(ball, ball), 4.27 * PIXELS_PER_CM);
    g.setColor(CLOTHES[(int) (Math.abs(seed) % CLOTHES.length)]);
    figure.strokes().forEach(s -> line(g, s.along(), s.width()));
    g.dispose();
    noise(image, seed);
    try {
      return new DrawnStill(Picture.encoded(image), marks(figure, foot, top).write());
    } catch (IOException e) {
      throw new UncheckedIOException("A drawn picture could not be encoded", e);
    }
  }

  private static StillMarks marks(PosedFigure figure, Spot foot, Spot top) {
    Map<String, List<Double>> points = new LinkedHashMap<>();
    figure.points().forEach((landmark, spot) -> points.put(landmark.id(), at(spot)));
    points.put(StillMarks.Helper.SCALE_A.id(), at(foot));
    points.put(StillMarks.Helper.SCALE_B.id(), at(top));
    return new StillMarks(points, Set.of(), KnownLength.DRIVER).within(WIDTH, HEIGHT);
  }

  private static List<Double> at(Spot spot) {
    return List.of(spot.x(), spot.y());
  }

  private static void line(Graphics2D g, List<Spot> along, double width) {
    Path2D path = new Path2D.Double();
    path.moveTo(along.get(0).x(), along.get(0).y());
    along.forEach(s -> path.lineTo(s.x() + 0.01, s.y()));
    g.setStroke(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.draw(path);
  }

  private static void noise(BufferedImage image, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    for (int i = 0; i < pixels.length; i += 2) {
      int by = random.nextInt(2 * NOISE + 1) - NOISE;
      pixels[i] = lighter(pixels[i], by);
      pixels[i + 1] = lighter(pixels[i + 1], -by);
    }
  }

  private static int lighter(int rgb, int by) {
    return channel(rgb >> 16, by) << 16 | channel(rgb >> 8, by) << 8 | channel(rgb, by);
  }

  private static int channel(int value, int by) {
    return Math.max(0, Math.min(255, (value & 0xFF) + by));
  }
}
