package loosehip.app.phone;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * An address to be read by a phone's camera.
 *
 * @param size modules along one edge, the quiet margin among them
 * @param path the dark modules as one SVG path, a module a unit
 * @param rows the modules row by row, {@code #} for a dark one
 */
public record QrCode(int size, String path, List<String> rows) {
  private static final int QUIET = 4;

  /** The code of an address. */
  public static QrCode of(String address) {
    try {
      BitMatrix bits =
          new QRCodeWriter()
              .encode(
                  address,
                  BarcodeFormat.QR_CODE,
                  0,
                  0,
                  Map.of(
                      EncodeHintType.ERROR_CORRECTION,
                      ErrorCorrectionLevel.M,
                      EncodeHintType.MARGIN,
                      QUIET));
      StringBuilder path = new StringBuilder();
      List<String> rows = new ArrayList<>();
      for (int y = 0; y < bits.getHeight(); y++) {
        StringBuilder row = new StringBuilder();
        for (int x = 0; x < bits.getWidth(); x++) {
          row.append(bits.get(x, y) ? '#' : ' ');
          if (bits.get(x, y)) {
            path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
          }
        }
        rows.add(row.toString());
      }
      return new QrCode(bits.getWidth(), path.toString(), List.copyOf(rows));
    } catch (WriterException tooLong) {
      throw new IllegalArgumentException("No code holds this address", tooLong);
    }
  }

  /** The code for a terminal, two rows of modules a line, light on dark as terminals mostly are. */
  public String asText() {
    StringBuilder text = new StringBuilder();
    for (int y = 0; y < size; y += 2) {
      text.append("  ");
      for (int x = 0; x < size; x++) {
        boolean above = rows.get(y).charAt(x) == '#';
        boolean below = y + 1 < size && rows.get(y + 1).charAt(x) == '#';
        text.append(above ? (below ? ' ' : '▄') : below ? '▀' : '█');
      }
      text.append('\n');
    }
    return text.toString();
  }
}
