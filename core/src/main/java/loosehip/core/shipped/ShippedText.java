package loosehip.core.shipped;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.stream.Stream;

/** A text that ships beside a class: rows of cells parted by bars, {@code #} starts a remark. */
public final class ShippedText {
  private ShippedText() {}

  /**
   * The whole text.
   *
   * @param beside the class next to which it lies
   * @param name its file name
   * @throws IllegalStateException when it is missing
   */
  public static String read(Class<?> beside, String name) {
    try (InputStream in = beside.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException(name + " is missing beside " + beside);
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Its rows, each cut into cells without the blanks around them; remarks and blank lines left out.
   */
  public static Stream<String[]> rows(Class<?> beside, String name) {
    return read(beside, name)
        .lines()
        .filter(line -> !line.isBlank() && !line.startsWith("#"))
        .map(line -> Arrays.stream(line.split("\\|")).map(String::strip).toArray(String[]::new));
  }
}
