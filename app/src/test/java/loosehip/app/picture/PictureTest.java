package loosehip.app.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import loosehip.app.picture.RefusedPicture.Reason;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is brought in as a picture, and what becomes of it. */
class PictureTest {
  /** The smallest WebP that a browser writes: 1 × 1 and lossy; too small to be taken. */
  private static final byte[] WEBP =
      Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoBAAEADsD+JaQAA3AAAAAA");

  private static byte[] picture(String format, int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.RED);
    g.fillRect(0, 0, width / 2, height / 2);
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, format, out);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    return out.toByteArray();
  }

  private static byte[] join(byte[]... parts) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    for (byte[] part : parts) {
      out.writeBytes(part);
    }
    return out.toByteArray();
  }

  private static byte[] text(String text) {
    return text.getBytes(StandardCharsets.ISO_8859_1);
  }

  private static void refused(byte[] bytes, Reason reason) {
    assertThatThrownBy(() -> Picture.anew(bytes, 2000))
        .isInstanceOfSatisfying(
            RefusedPicture.class,
            no -> {
              assertThat(no.reason()).isEqualTo(reason);
              assertThat(no.reason().words()).contains("Nothing was kept").endsWith(".");
            });
  }

  @ParameterizedTest
  @CsvSource({"jpg, 400, 300, 400, 300", "png, 3000, 1500, 2000, 1000", "jpg, 90, 2400, 75, 2000"})
  void aPictureIsMadeAnewNoLargerThanAsked(
      String format, int width, int height, int keptWidth, int keptHeight) throws Exception {
    Picture anew = Picture.anew(picture(format, width, height), 2000);
    assertThat(anew.width()).isEqualTo(keptWidth);
    assertThat(anew.height()).isEqualTo(keptHeight);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(anew.jpeg()));
    assertThat(read.getWidth()).isEqualTo(keptWidth);
    assertThat(new Color(read.getRGB(5, 5)).getRed()).isGreaterThan(180);
  }

  /** A red corner at the upper left, held by the camera in each of eight ways. */
  @ParameterizedTest
  @CsvSource({
    "1, 0, 0", "2, 1, 0", "3, 1, 1", "4, 0, 1", "5, 0, 0", "6, 1, 0", "7, 1, 1", "8, 0, 1"
  })
  void theTurnOfTheCameraIsAppliedAndItsMetadataIsGone(int orientation, int right, int low)
      throws Exception {
    Picture anew = Picture.anew(turned(picture("jpg", 400, 200), orientation), 2000);
    boolean sideways = orientation >= 5;
    assertThat(anew.width()).isEqualTo(sideways ? 200 : 400);
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(anew.jpeg()));
    int x = right == 0 ? 8 : read.getWidth() - 8;
    int y = low == 0 ? 8 : read.getHeight() - 8;
    assertThat(new Color(read.getRGB(x, y)).getRed()).isGreaterThan(180);
    assertThat(new String(anew.jpeg(), StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
  }

  private static byte[] turned(byte[] jpeg, int orientation) {
    byte[] exif = {
      (byte) 0xFF,
      (byte) 0xE1,
      0,
      34,
      'E',
      'x',
      'i',
      'f',
      0,
      0,
      'M',
      'M',
      0,
      42,
      0,
      0,
      0,
      8,
      0,
      1,
      0x01,
      0x12,
      0,
      3,
      0,
      0,
      0,
      1,
      0,
      (byte) orientation,
      0,
      0,
      0,
      0,
      0,
      0
    };
    return join(Arrays.copyOf(jpeg, 2), exif, Arrays.copyOfRange(jpeg, 2, jpeg.length));
  }

  @Test
  void whatIsNoPictureIsRefusedWithTheReason() {
    refused(new byte[0], Reason.EMPTY);
    refused(new byte[Picture.BYTES_MOST + 1], Reason.TOO_LARGE);
    refused(join(new byte[] {0, 0, 0, 24}, text("ftypheic0000mif1")), Reason.HEIC);
    refused(join(new byte[] {0, 0, 0, 24}, text("ftypmp420000")), Reason.VIDEO);
    refused(text("%PDF-1.7 and so on"), Reason.PDF);
    refused(picture("bmp", 70, 70), Reason.BMP);
    refused(text("BM is how this note begins"), Reason.NOT_A_PICTURE);
    refused(picture("tiff", 70, 70), Reason.TIFF);
    refused(picture("gif", 70, 70), Reason.GIF);
    refused(
        text("<svg xmlns='http://www.w3.org/2000/svg'><script>1</script></svg>"), Reason.DRAWING);
    refused(text("just words"), Reason.NOT_A_PICTURE);
  }

  @Test
  void aScriptOrAFileHiddenInAPictureIsRefused() {
    byte[] jpeg = picture("jpg", 300, 300);
    refused(join(jpeg, text("<ScRipt>alert(1)</script>")), Reason.SCRIPT);
    refused(join(jpeg, picture("jpg", 70, 70)), Reason.PICTURE_INSIDE);
    refused(join(picture("png", 300, 300), picture("png", 70, 70)), Reason.PICTURE_INSIDE);
    refused(join(jpeg, new byte[] {'P', 'K', 3, 4}, new byte[40]), Reason.PICTURE_INSIDE);
  }

  /** Four bytes that spell the start of a tag turn up in any larger photograph. */
  @Test
  void bytesThatSpellSomethingByChanceAreNoScript() throws Exception {
    byte[] jpeg = picture("jpg", 300, 300);
    byte[] comment = {(byte) 0xFF, (byte) 0xFE, 0, 8, '<', 's', 'v', 'g', 7, 9};
    byte[] spelled =
        join(Arrays.copyOf(jpeg, 2), comment, Arrays.copyOfRange(jpeg, 2, jpeg.length));
    assertThat(Picture.anew(spelled, 2000).width()).isEqualTo(300);
  }

  @Test
  void aPictureThatBreaksOffIsRefused() {
    byte[] jpeg = picture("jpg", 900, 900);
    refused(Arrays.copyOf(jpeg, jpeg.length / 2), Reason.BROKEN);
    byte[] png = picture("png", 300, 300);
    refused(Arrays.copyOf(png, png.length / 2), Reason.BROKEN);
  }

  @Test
  void aBombOfPixelsIsRefusedBeforeItUnfolds() {
    refused(bomb(60_000, 60_000), Reason.TOO_MANY_PIXELS);
    refused(picture("png", 40, 40), Reason.TOO_SMALL);
    refused(WEBP, Reason.TOO_SMALL);
  }

  /** A PNG whose head claims a size that its few bytes do not hold. */
  private static byte[] bomb(int width, int height) {
    byte[] png = picture("png", 100, 100);
    for (int i = 0; i < 4; i++) {
      png[16 + i] = (byte) (width >> (24 - 8 * i));
      png[20 + i] = (byte) (height >> (24 - 8 * i));
    }
    CRC32 crc = new CRC32();
    crc.update(png, 12, 17);
    for (int i = 0; i < 4; i++) {
      png[29 + i] = (byte) (crc.getValue() >> (24 - 8 * i));
    }
    return png;
  }
}
