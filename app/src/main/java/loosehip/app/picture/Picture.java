package loosehip.app.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/**
 * A picture as it is kept: decoded, turned upright, made no larger than asked, and encoded anew as
 * JPEG, so that nothing that came along with it (place, device, a second picture) is kept.
 *
 * @param jpeg its bytes
 * @param width pixels
 * @param height pixels
 */
public record Picture(byte[] jpeg, int width, int height) {
  /** Most bytes a picture may have that is brought in. */
  public static final int BYTES_MOST = 15 * 1024 * 1024;

  /** Most pixels a picture may unfold to. */
  private static final long PIXELS_MOST = 60_000_000L;

  /** More than this is read coarsely: a phone's twelve million are read whole. */
  private static final long PIXELS_WHOLE = 16_000_000L;

  private static final int LEAST_SIDE = 64;
  private static final float QUALITY = 0.88f;

  /** One picture at a time is unfolded, so that a handful of them does not fill the memory. */
  private static final Semaphore ONE_AT_A_TIME = new Semaphore(1);

  /**
   * Makes a picture anew.
   *
   * @param bytes what was brought in
   * @param sideMost most pixels along its longer side afterwards
   * @throws RefusedPicture when it is not taken, with the reason
   */
  public static Picture anew(byte[] bytes, int sideMost) throws RefusedPicture {
    PictureBytes.check(bytes);
    ONE_AT_A_TIME.acquireUninterruptibly();
    try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      var readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new RefusedPicture(RefusedPicture.Reason.NOT_A_PICTURE);
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        return encoded(smaller(decoded(reader), orientation(bytes), sideMost));
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException unreadable) {
      throw new RefusedPicture(RefusedPicture.Reason.BROKEN);
    } finally {
      ONE_AT_A_TIME.release();
    }
  }

  /**
   * The same picture made smaller.
   *
   * @param sideMost most pixels along its longer side
   */
  public Picture smaller(int sideMost) {
    try {
      BufferedImage whole = ImageIO.read(new ByteArrayInputStream(jpeg));
      return encoded(smaller(whole, 1, sideMost));
    } catch (IOException e) {
      throw new UncheckedIOException("A picture of our own could not be read", e);
    }
  }

  private static BufferedImage decoded(ImageReader reader) throws IOException, RefusedPicture {
    long width = reader.getWidth(0);
    long height = reader.getHeight(0);
    if (width * height > PIXELS_MOST) {
      throw new RefusedPicture(RefusedPicture.Reason.TOO_MANY_PIXELS);
    }
    if (Math.min(width, height) < LEAST_SIDE) {
      throw new RefusedPicture(RefusedPicture.Reason.TOO_SMALL);
    }
    ImageReadParam how = reader.getDefaultReadParam();
    int step = (int) Math.ceil(Math.sqrt(width * height / (double) PIXELS_WHOLE));
    how.setSourceSubsampling(step, step, 0, 0);
    boolean[] cutShort = new boolean[1];
    reader.addIIOReadWarningListener((source, warning) -> cutShort[0] |= endsEarly(warning));
    BufferedImage image = reader.read(0, how);
    if (cutShort[0]) {
      throw new RefusedPicture(RefusedPicture.Reason.BROKEN);
    }
    return image;
  }

  /** A reader that runs out of bytes fills up with grey and only warns. */
  private static boolean endsEarly(String warning) {
    String said = warning.toLowerCase(Locale.ROOT);
    return said.contains("premature") || said.contains("truncated");
  }

  private static int orientation(byte[] bytes) {
    try {
      ExifIFD0Directory exif =
          ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
              .getFirstDirectoryOfType(ExifIFD0Directory.class);
      Integer turn = exif == null ? null : exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
      return turn == null || turn < 1 || turn > 8 ? 1 : turn;
    } catch (ImageProcessingException | IOException noMetadata) {
      return 1;
    }
  }

  private static BufferedImage smaller(BufferedImage from, int orientation, int sideMost) {
    boolean sideways = orientation >= 5;
    int w = from.getWidth();
    int h = from.getHeight();
    double by = Math.min(1, sideMost / (double) Math.max(w, h));
    int width = Math.max(1, (int) Math.round((sideways ? h : w) * by));
    int height = Math.max(1, (int) Math.round((sideways ? w : h) * by));
    BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = to.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, width, height);
    AffineTransform placed = AffineTransform.getScaleInstance(by, by);
    placed.concatenate(upright(orientation, w, h));
    g.drawImage(from, placed, null);
    g.dispose();
    return to;
  }

  /** Carries a picture as the camera held it to one that stands upright (EXIF 2.3, orientation). */
  static AffineTransform upright(int orientation, double w, double h) {
    return switch (orientation) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
      default -> new AffineTransform();
    };
  }

  /** An image as JPEG without any metadata. */
  public static Picture encoded(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (var stream = ImageIO.createImageOutputStream(out)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(QUALITY);
      writer.setOutput(stream);
      writer.write(null, new IIOImage(inBytes(image), null, null), how);
    } finally {
      writer.dispose();
    }
    return new Picture(out.toByteArray(), image.getWidth(), image.getHeight());
  }

  /** The same image byte by byte, as the writer takes it in half the time. */
  private static BufferedImage inBytes(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    BufferedImage bytes = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = bytes.createGraphics();
    g.drawImage(image, 0, 0, null);
    g.dispose();
    return bytes;
  }
}
