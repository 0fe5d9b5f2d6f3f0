package loosehip.app.readings;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.BufferedInputStream;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import loosehip.app.golfer.Workups;
import loosehip.app.readings.RowReader.BadRow;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.FileReadings;
import loosehip.app.store.ReadingFiles;
import loosehip.app.store.ReadingFiles.FileRow;
import loosehip.app.store.ReadingFiles.Judged;
import loosehip.app.store.ReadingFiles.Outcome;
import loosehip.app.store.TakenTry;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;
import loosehip.app.words.SafetyWords;
import loosehip.core.safety.Guard;
import loosehip.core.safety.Passage;
import loosehip.core.safety.Refusal;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Works through files of readings beside the pages, one after the other. Rows pass through a few
 * hundred at a time, so a million of them need no more memory than a thousand.
 */
@Component
@Lazy(false)
public class Intake implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Intake.class);
  private static final int AT_ONCE = 1000;
  private static final int VISITS_AT_HAND = 200;
  private static final int FIELD_MOST = 4000;

  private final ReadingFiles files;
  private final FileReadings readings;
  private final Workups workups;
  private final Accounts accounts;
  private final Clock clock;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "readings");
            thread.setDaemon(true);
            return thread;
          });

  Intake(
      ReadingFiles files, FileReadings readings, Workups workups, Accounts accounts, Clock clock) {
    this.accounts = accounts;
    this.files = files;
    this.readings = readings;
    this.workups = workups;
    this.clock = clock;
    files.cutOff();
  }

  @Override
  public void destroy() {
    worker.shutdownNow();
  }

  /** Starts checking a file that was brought; the copy is deleted when done. */
  public String check(Account by, String name, Path copy) throws IOException {
    String id = files.start(by, name, Files.size(copy));
    worker.submit(() -> checkQuietly(id, by, copy));
    return id;
  }

  private void checkQuietly(String id, Account by, Path copy) {
    try {
      new Check(id, by, copy).run();
      files.state(id, "checked", "");
    } catch (Columns.WrongHeader e) {
      files.state(id, "refused", e.getMessage());
    } catch (CsvParseException | UncheckedIOException | IOException e) {
      files.state(
          id,
          "refused",
          "The file cannot be read as CSV in UTF-8. Save it so, and bring it again; nothing was"
              + " taken.");
    } catch (RuntimeException e) {
      LOG.error("Checking a file of readings failed: {}", e.getClass().getSimpleName());
      files.state(id, "refused", "Checking failed. Nothing was taken; bring the file again.");
    } finally {
      try {
        Files.deleteIfExists(copy);
      } catch (IOException e) {
        LOG.warn("A copy of a file of readings could not be deleted");
      }
    }
  }

  /** What a stop of the program cut off goes on: each row is taken, or taken out, once. */
  @EventListener(ApplicationReadyEvent.class)
  void goOn() {
    for (ReadingFiles.CutOff cutOff : files.cutOffHalfWay()) {
      accounts
          .byId(cutOff.broughtBy())
          .ifPresent(
              by ->
                  worker.submit(
                      () -> {
                        if (cutOff.taking()) {
                          taken(cutOff.id(), by);
                        } else {
                          undone(cutOff.id(), by);
                        }
                      }));
    }
  }

  /** Takes the good rows of a checked file; nothing when it is not waiting for that. */
  void take(String id, Account by) {
    if (files.move(id, "checked", "taking")) {
      worker.submit(() -> taken(id, by));
    }
  }

  private void taken(String id, Account by) {
    try {
      readings.take(id, by, done -> files.progress(id, done, 0));
      readings.touched(id).forEach(g -> workups.saved(by, g));
      files.state(id, "taken", "");
    } catch (RuntimeException e) {
      LOG.error("Taking a file of readings failed: {}", e.getClass().getSimpleName());
      files.state(id, "taken", "It was cut off: what was taken so far can be undone as one step.");
    }
  }

  /** Takes back what a file brought. */
  void undo(String id, Account by) {
    if (files.move(id, "taken", "undoing")) {
      worker.submit(() -> undone(id, by));
    }
  }

  private void undone(String id, Account by) {
    try {
      int left = readings.undo(id, by, done -> files.progress(id, done, 0));
      readings.touched(id).forEach(g -> workups.saved(by, g));
      files.state(
          id,
          "undone",
          left == 0 ? "" : left + " had been corrected since and were left as corrected.");
    } catch (RuntimeException e) {
      LOG.error("Undoing a file of readings failed: {}", e.getClass().getSimpleName());
      files.state(id, "taken", "Undoing was cut off; undo again.");
    }
  }

  /** One pass through a file. */
  private final class Check {
    private final String id;
    private final Path copy;
    private final Account by;
    private final Map<String, Guard> guards = new HashMap<>();
    private final Map<String, FileReadings.Known> golfers;
    private final Map<String, List<String>> byName = new HashMap<>();
    private final Map<String, Map<String, TakenTry>> standing =
        new LinkedHashMap<>(16, 0.75f, true) {
          private static final long serialVersionUID = 1L;

          @Override
          protected boolean removeEldestEntry(Map.Entry<String, Map<String, TakenTry>> eldest) {
            return size() > VISITS_AT_HAND;
          }
        };

    Check(String id, Account by, Path copy) {
      this.id = id;
      this.by = by;
      this.copy = copy;
      this.golfers = readings.golfers(by.practiceId());
      golfers.forEach(
          (golfer, known) ->
              byName.computeIfAbsent(known.nameKey(), k -> new ArrayList<>()).add(golfer));
    }

    void run() throws IOException, Columns.WrongHeader {
      Columns columns = Columns.of(firstLine());
      RowReader reader = new RowReader(columns, LocalDate.now(clock));
      List<Judged> waiting = new ArrayList<>();
      int rows = 0;
      try (Counted bytes = new Counted(Files.newInputStream(copy));
          Reader text = utf8(bytes);
          CsvReader<CsvRecord> csv =
              CsvReader.builder()
                  .fieldSeparator(columns.separator())
                  .maxBufferSize(1 << 20)
                  .allowMissingFields(true)
                  .allowExtraFields(true)
                  .ofCsvRecord(text)) {
        for (CsvRecord record : csv) {
          if (record.getStartingLineNumber() == 1) {
            continue;
          }
          waiting.add(judge(reader, record));
          rows++;
          if (waiting.size() == AT_ONCE) {
            files.keep(id, waiting);
            files.progress(id, rows, bytes.passed());
            waiting.clear();
          }
        }
        files.keep(id, waiting);
        files.progress(id, rows, bytes.passed());
      }
    }

    private String firstLine() throws IOException {
      try (InputStream in = new BufferedInputStream(Files.newInputStream(copy));
          Reader text = utf8(in)) {
        StringBuilder line = new StringBuilder();
        int c = text.read();
        while (c >= 0 && c != '\n' && c != '\r' && line.length() < FIELD_MOST) {
          line.append((char) c);
          c = text.read();
        }
        return line.toString();
      }
    }

    private Judged judge(RowReader reader, CsvRecord record) {
      int line = (int) record.getStartingLineNumber();
      try {
        RowReader.Line read = reader.read(record.getFields());
        String golfer = whose(read);
        return against(line, golfer, read, reader.source(record.getFields()));
      } catch (BadRow e) {
        String words = shortened(e.getMessage()) + reader.source(record.getFields());
        return new Judged(line, Outcome.REFUSED, words, Optional.empty(), Optional.empty());
      }
    }

    private String whose(RowReader.Line read) throws BadRow {
      String golfer;
      if (read.golferId().isPresent() && golfers.containsKey(read.golferId().get())) {
        golfer = read.golferId().get();
      } else if (read.golfer().isPresent()) {
        List<String> named = byName.getOrDefault(FileReadings.key(read.golfer().get()), List.of());
        if (named.size() > 1) {
          throw new BadRow("golfer", "more than one has this name; give golfer_id");
        }
        if (named.isEmpty()) {
          throw new BadRow("golfer", "nobody here has this name; add the golfer first");
        }
        golfer = named.get(0);
      } else {
        throw new BadRow("golfer_id", "nobody here has this id, and no name is given");
      }
      if (!golfers.get(golfer).consented()) {
        throw new BadRow("golfer", "has not consented to health data being kept (Talk)");
      }
      Guard guard = guards.computeIfAbsent(golfer, g -> workups.guard(by, g));
      boolean today = read.row().visitOn().equals(LocalDate.now(clock));
      Optional<Refusal> refusal = today ? guard.refuses(Passage.MOVES) : guard.gravest();
      if (refusal.isPresent()) {
        throw new BadRow("golfer", SafetyWords.refusal(refusal.get()));
      }
      return golfer;
    }

    private Judged against(int line, String golfer, RowReader.Line read, String source) {
      FileRow row = read.row();
      Map<String, TakenTry> there =
          standing.computeIfAbsent(
              golfer + " " + row.visitOn(), k -> readings.standing(golfer, row.visitOn()));
      TakenTry old = there.get(row.slot().key() + " " + row.ordinal());
      String said = said(row);
      String where =
          row.slot().said() + ", try " + row.ordinal() + ", " + Dates.day(row.visitOn()) + ": ";
      String behind = (read.unusual() ? " (unusual)" : "") + source;
      if (old == null) {
        return judged(line, Outcome.NEW, where + said + behind, golfer, row);
      }
      if (same(old, row)) {
        return judged(line, Outcome.SAME, where + said + " is there already" + source, golfer, row);
      }
      String was = said(asRow(old, row.visitOn()));
      return judged(line, Outcome.CORRECTS, where + was + " becomes " + said + behind, golfer, row);
    }

    private Judged judged(int line, Outcome outcome, String words, String golfer, FileRow row) {
      return new Judged(line, outcome, words, Optional.of(golfer), Optional.of(row));
    }
  }

  private static FileRow asRow(TakenTry t, LocalDate on) {
    return new FileRow(
        on, t.slot(), t.ordinal(), t.value(), t.word(), t.method(), t.compensations(), t.voided());
  }

  private static boolean same(TakenTry old, FileRow row) {
    return asRow(old, row.visitOn()).equals(row);
  }

  private static String said(FileRow row) {
    String value =
        row.value()
            .map(v -> Numbers.exact(v) + row.slot().test().unit().sign())
            .or(row::word)
            .orElse("");
    return value
        + row.method().map(m -> " by " + m.id()).orElse("")
        + (row.compensations().isEmpty() ? "" : ", compensation")
        + (row.voided() ? ", void" : "");
  }

  private static String shortened(String words) {
    return words.length() > 300 ? words.substring(0, 300) + "…" : words;
  }

  /** UTF-8 or nothing: a wrong byte ends the reading. A byte order mark is skipped. */
  private static Reader utf8(InputStream in) throws IOException {
    BufferedInputStream marked = new BufferedInputStream(in);
    marked.mark(3);
    byte[] first = marked.readNBytes(3);
    boolean bom =
        first.length == 3
            && first[0] == (byte) 0xEF
            && first[1] == (byte) 0xBB
            && first[2] == (byte) 0xBF;
    if (!bom) {
      marked.reset();
    }
    return new InputStreamReader(
        marked,
        StandardCharsets.UTF_8
            .newDecoder()
            .onMalformedInput(CodingErrorAction.REPORT)
            .onUnmappableCharacter(CodingErrorAction.REPORT));
  }

  /** Counts the bytes that passed. */
  private static final class Counted extends FilterInputStream {
    private long passed;

    Counted(InputStream in) {
      super(in);
    }

    long passed() {
      return passed;
    }

    @Override
    public int read() throws IOException {
      int b = super.read();
      passed += b >= 0 ? 1 : 0;
      return b;
    }

    @Override
    public int read(byte[] b, int off, int len) throws IOException {
      int n = super.read(b, off, len);
      passed += Math.max(0, n);
      return n;
    }
  }
}
