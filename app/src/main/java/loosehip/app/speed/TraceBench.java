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
  private static final int WARM_UPS = 40;
  private static final int RUNS = 61;
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
    double[] medians = medians(() -> fields(file), whole);
    double plain = times * medians[0];
    double all = times * medians[1];
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

  /** The two by turns, so that a machine that is slow for a while is slow for both. */
  private static double[] medians(Callable<Integer> one, Callable<Integer> other) throws Exception {
    double[] ones = new double[RUNS];
    double[] others = new double[RUNS];
    for (int i = -WARM_UPS; i < RUNS; i++) {
      double took = milliseconds(one);
      double tookToo = milliseconds(other);
      if (i >= 0) {
        ones[i] = took;
        others[i] = tookToo;
      }
    }
    Arrays.sort(ones);
    Arrays.sort(others);
    return new double[] {ones[RUNS / 2], others[RUNS / 2]};
  }

  private static double milliseconds(Callable<Integer> work) throws Exception {
    long began = System.nanoTime();
    if (work.call() == 0) {
      throw new IllegalStateException("Nothing was read");
    }
    return (System.nanoTime() - began) / 1e6;
  }
}
