package loosehip.app.exercise;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A photo as it is kept: decoded, made no larger than 900 pixels, encoded anew without metadata.
 */
public final class Photo {
  /** Most bytes an uploaded picture may have. */
  public static final int BYTES_MOST = 15 * 1024 * 1024;

  private static final int SIDE_MOST = 900;
  private static final long PIXELS_MOST = 60_000_000L;

  private Photo() {}

  /** The picture made anew as JPEG; empty when these bytes are no JPEG or PNG of sane size. */
  public static Optional<byte[]> anew(byte[] bytes) {
    if (bytes.length == 0 || bytes.length > BYTES_MOST) {
      return Optional.empty();
    }
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      var readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        return Optional.empty();
      }
      ImageReader reader = readers.next();
      reader.setInput(in, true, true);
      if ((long) reader.getWidth(0) * reader.getHeight(0) > PIXELS_MOST) {
        return Optional.empty();
      }
      return Optional.of(encode(smaller(reader.read(0))));
    } catch (IOException | RuntimeException unreadable) {
      return Optional.empty();
    }
  }

  private static BufferedImage smaller(BufferedImage from) {
    double by = Math.min(1, SIDE_MOST / (double) Math.max(from.getWidth(), from.getHeight()));
    int width = Math.max(1, (int) Math.round(from.getWidth() * by));
    int height = Math.max(1, (int) Math.round(from.getHeight() * by));
    BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = to.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, width, height);
    g.drawImage(from, 0, 0, width, height, null);
    g.dispose();
    return to;
  }

  private static byte[] encode(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }
}
