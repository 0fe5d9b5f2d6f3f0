package loosehip.app.speed;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.Callable;
import loosehip.app.trace.RecordingBench;

/**
 * Reads, checks and draws recordings beside a plain pass over the same file that only counts its
 * fields: 100 000 rows of a mat, and ten movements of 10 000 rows, the longest that are taken.
 */
final class TraceBench {
  private static final int WARM_UPS = 15;
  private static final int RUNS = 25;
  private static final int ROWS = 100_000;
  private static final int MOVEMENTS = 10;

  private TraceBench() {}

  static void print() throws Exception {
    byte[] mat = RecordingBench.mat(ROWS);
    byte[] movement = RecordingBench.movement(ROWS / MOVEMENTS);
    line("mat, 100 000 rows", mat, 1, () -> RecordingBench.drawnMat(mat));
    line(
        "movement, 10 × 10 000 rows",
        movement,
        MOVEMENTS,
        () -> RecordingBench.drawnMovement(movement));
  }

  private static void line(String what, byte[] file, int times, Callable<Integer> whole)
      throws Exception {
    double plain = times * median(() -> fields(file));
    double all = times * median(whole);
    System.out.printf(
        Locale.ROOT,
        "%-28s plain pass %6.1f ms   read, checked, drawn %6.1f ms   %.2f of its speed   %d kB drawn%n",
        what,
        plain,
        all,
        plain / all,
        whole.call() / 1024);
  }

  private static int fields(byte[] file) throws IOException {
    int fields = 0;
    try (CsvReader<CsvRecord> reader =
        CsvReader.builder().ofCsvRecord(new String(file, StandardCharsets.UTF_8))) {
      for (CsvRecord record : reader) {
        fields += record.getFieldCount();
      }
    }
    return fields;
  }

  private static double median(Callable<Integer> work) throws Exception {
    double[] took = new double[RUNS];
    for (int i = -WARM_UPS; i < RUNS; i++) {
      long began = System.nanoTime();
      if (work.call() == 0) {
        throw new IllegalStateException("Nothing was read");
      }
      if (i >= 0) {
        took[i] = (System.nanoTime() - began) / 1e6;
      }
    }
    Arrays.sort(took);
    return took[RUNS / 2];
  }
}
