package loosehip.app.phone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class QrCodeTest {
  private static final int MODULE = 4;

  /** The code as a camera sees it, each module four pixels wide. */
  private static final class Seen extends LuminanceSource {
    private final List<String> rows;

    Seen(QrCode code) {
      super(code.size() * MODULE, code.size() * MODULE);
      this.rows = code.rows();
    }

    @Override
    public byte[] getRow(int y, byte[] row) {
      byte[] line = row == null || row.length < getWidth() ? new byte[getWidth()] : row;
      for (int x = 0; x < getWidth(); x++) {
        line[x] = (byte) (rows.get(y / MODULE).charAt(x / MODULE) == '#' ? 0 : 255);
      }
      return line;
    }

    @Override
    public byte[] getMatrix() {
      byte[] all = new byte[getWidth() * getHeight()];
      for (int y = 0; y < getHeight(); y++) {
        System.arraycopy(getRow(y, null), 0, all, y * getWidth(), getWidth());
      }
      return all;
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "https://192.168.178.123:8443/r/6EiV4Oe94LmG-zIhEnKVVA/",
        "http://localhost:8040/trust"
      })
  void aCameraReadsTheAddress(String address) throws Exception {
    QrCode code = QrCode.of(address);
    var read =
        new QRCodeReader()
            .decode(
                new BinaryBitmap(new GlobalHistogramBinarizer(new Seen(code))),
                Map.of(DecodeHintType.PURE_BARCODE, true));
    assertThat(read.getText()).isEqualTo(address);
    assertThat(code.rows()).hasSize(code.size()).allMatch(r -> r.length() == code.size());
    long dark = code.rows().stream().flatMapToInt(String::chars).filter(c -> c == '#').count();
    assertThat(code.path().chars().filter(c -> c == 'M').count()).isEqualTo(dark);
  }

  @Test
  void aTerminalShowsTwoRowsALine() {
    QrCode code = QrCode.of("https://10.0.0.2:8443/trust");
    List<String> lines = code.asText().lines().toList();
    assertThat(lines).hasSize((code.size() + 1) / 2).allMatch(l -> l.length() == code.size() + 2);
    assertThat(lines.get(0).strip()).matches("█+");
  }

  @Test
  void whatNoCodeHoldsIsRefused() {
    assertThatThrownBy(() -> QrCode.of("x".repeat(5000)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
