package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.GOLFER;
import static loosehip.app.store.generated.Tables.READING_FILE;
import static loosehip.app.store.generated.Tables.READING_FILE_ROW;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Query;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Files of readings and their rows, as they wait to be taken. */
@Repository
public class ReadingFiles {
  private final Database database;
  private final Clock clock;

  ReadingFiles(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /**
   * Takes somebody's name out of what is kept of files: their lines go with them, lines refused may
   * quote the name, and a file may be called by it.
   */
  static void forget(DSLContext db, GolferFile golfer) {
    Condition practice =
        READING_FILE.PRACTICE_ID.eq(
            DSL.select(GOLFER.PRACTICE_ID).from(GOLFER).where(GOLFER.ID.eq(golfer.id())));
    for (String word : golfer.name().strip().split("\\s+")) {
      Condition quoted = READING_FILE_ROW.WORDS.containsIgnoreCase(word);
      db.update(READING_FILE_ROW)
          .set(READING_FILE_ROW.WORDS, "a line about somebody erased since")
          .where(quoted)
          .and(
              READING_FILE_ROW.FILE_ID.in(
                  DSL.select(READING_FILE.ID).from(READING_FILE).where(practice)))
          .execute();
      db.update(READING_FILE)
          .set(READING_FILE.NAME, "a file")
          .where(practice)
          .and(READING_FILE.NAME.containsIgnoreCase(word))
          .execute();
    }
  }

  /** A reading as a line of a file gives it, whoever it is about. */
  public record FileRow(
      LocalDate visitOn,
      Slot slot,
      int ordinal,
      Optional<Double> value,
      Optional<String> word,
      Optional<Method> method,
      Set<Compensation> compensations,
      boolean voided) {}

  /** What would happen to a line. */
  public enum Outcome implements Named {
    NEW,
    CORRECTS,
    SAME,
    REFUSED;

    @Override
    public String id() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /**
   * A line judged.
   *
   * @param line its number in the file, the header being 1
   * @param outcome what would happen
   * @param words why, or what it says
   * @param golferId whose it is; empty when refused
   * @param row what it holds; empty when refused
   */
  public record Judged(
      int line, Outcome outcome, String words, Optional<String> golferId, Optional<FileRow> row) {}

  /**
   * A file as it stands.
   *
   * @param id its id
   * @param name its name
   * @param state {@code checking}, {@code checked}, {@code refused}, {@code taking}, {@code taken},
   *     {@code undoing} or {@code undone}
   * @param problem why it was refused
   * @param doneRows rows looked at so far
   * @param percent how far the present work is, 0 to 100
   * @param broughtAt when
   * @param broughtBy who
   * @param counts rows by outcome
   */
  public record FileState(
      String id,
      String name,
      String state,
      String problem,
      int doneRows,
      int percent,
      Instant broughtAt,
      String broughtBy,
      Map<String, Integer> counts) {
    /** Whether work on it is going on. */
    public boolean busy() {
      return is("checking") || is("taking") || is("undoing");
    }

    /** Whether it is being looked at, with no lines to show yet. */
    public boolean checking() {
      return is("checking");
    }

    /** Whether it waits to be taken. */
    public boolean checked() {
      return is("checked");
    }

    /** Whether it cannot be read. */
    public boolean refused() {
      return is("refused");
    }

    /** Whether its readings are in. */
    public boolean taken() {
      return is("taken");
    }

    /** Whether its readings were taken out again. */
    public boolean undone() {
      return is("undone");
    }

    private boolean is(String other) {
      return state.equals(other);
    }
  }

  /** Starts a file. */
  public String start(Account by, String name, long bytes) {
    String id = Ids.fresh();
    database.write(
        db ->
            db.insertInto(READING_FILE)
                .set(READING_FILE.ID, id)
                .set(READING_FILE.PRACTICE_ID, by.practiceId())
                .set(READING_FILE.NAME, name)
                .set(READING_FILE.STATE, "checking")
                .set(READING_FILE.ALL_BYTES, (int) Math.min(Integer.MAX_VALUE, bytes))
                .set(READING_FILE.BROUGHT_AT, Instant.now(clock).toString())
                .set(READING_FILE.BROUGHT_BY, by.id())
                .execute());
    return id;
  }

  /** Says where the work on a file stands. */
  public void progress(String fileId, int rows, long bytes) {
    database.write(
        db ->
            db.update(READING_FILE)
                .set(READING_FILE.DONE_ROWS, rows)
                .set(READING_FILE.DONE_BYTES, (int) Math.min(Integer.MAX_VALUE, bytes))
                .where(READING_FILE.ID.eq(fileId))
                .execute());
  }

  /** Moves a file on to another state. */
  public void state(String fileId, String state, String problem) {
    database.write(
        db ->
            db.update(READING_FILE)
                .set(READING_FILE.STATE, state)
                .set(READING_FILE.PROBLEM, problem)
                .where(READING_FILE.ID.eq(fileId))
                .execute());
  }

  /**
   * Moves a file on, but only from the state it is believed to be in.
   *
   * @return whether it was in that state
   */
  public boolean move(String fileId, String from, String to) {
    return database.write(
        db ->
            db.update(READING_FILE)
                    .set(READING_FILE.STATE, to)
                    .set(READING_FILE.DONE_ROWS, 0)
                    .where(READING_FILE.ID.eq(fileId))
                    .and(READING_FILE.STATE.eq(from))
                    .execute()
                == 1);
  }

  /** Keeps judged lines; a line that repeats an earlier one is kept as refused. */
  public void keep(String fileId, List<Judged> lines) {
    database.write(
        db -> {
          List<Query> inserts = new ArrayList<>();
          lines.forEach(l -> inserts.add(insert(db, fileId, l)));
          int[] done = db.batch(inserts).execute();
          for (int i = 0; i < done.length; i++) {
            if (done[i] == 0) {
              Judged l = lines.get(i);
              insert(
                      db,
                      fileId,
                      new Judged(
                          l.line(),
                          Outcome.REFUSED,
                          "repeats an earlier line: the same golfer, day, test and try",
                          Optional.empty(),
                          Optional.empty()))
                  .execute();
            }
          }
          return done.length;
        });
  }

  private static Query insert(DSLContext db, String fileId, Judged l) {
    Optional<FileRow> row = l.row();
    return db.insertInto(READING_FILE_ROW)
        .set(READING_FILE_ROW.FILE_ID, fileId)
        .set(READING_FILE_ROW.LINE, l.line())
        .set(READING_FILE_ROW.OUTCOME, l.outcome().id())
        .set(READING_FILE_ROW.WORDS, l.words())
        .set(READING_FILE_ROW.GOLFER_ID, l.golferId().orElse(null))
        .set(READING_FILE_ROW.VISIT_ON, row.map(r -> r.visitOn().toString()).orElse(null))
        .set(READING_FILE_ROW.SLOT, row.map(r -> r.slot().key()).orElse(null))
        .set(READING_FILE_ROW.ORDINAL, row.map(FileRow::ordinal).orElse(null))
        .set(READING_FILE_ROW.VALUE, row.flatMap(FileRow::value).orElse(null))
        .set(READING_FILE_ROW.WORD, row.flatMap(FileRow::word).orElse(null))
        .set(READING_FILE_ROW.METHOD, row.flatMap(FileRow::method).map(Method::id).orElse(null))
        .set(READING_FILE_ROW.COMPENSATIONS, row.map(ReadingFiles::ids).orElse(null))
        .set(READING_FILE_ROW.VOIDED, row.map(r -> r.voided() ? 1 : 0).orElse(null))
        .onConflictDoNothing();
  }

  private static String ids(FileRow row) {
    return row.compensations().stream().map(Compensation::id).collect(Collectors.joining(" "));
  }

  /** A file of the practice. */
  public Optional<FileState> find(String practiceId, String fileId) {
    return list(practiceId, READING_FILE.ID.eq(fileId)).stream().findFirst();
  }

  /** The newest files of the practice. */
  public List<FileState> newest(String practiceId) {
    return list(practiceId, DSL.noCondition());
  }

  private List<FileState> list(String practiceId, Condition which) {
    return database
        .read()
        .select(READING_FILE.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(READING_FILE)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(READING_FILE.BROUGHT_BY))
        .where(READING_FILE.PRACTICE_ID.eq(practiceId))
        .and(which)
        .orderBy(READING_FILE.BROUGHT_AT.desc())
        .limit(10)
        .fetch(this::standing);
  }

  private FileState standing(Record r) {
    String id = r.get(READING_FILE.ID);
    String state = r.get(READING_FILE.STATE);
    Map<String, Integer> counts = new HashMap<>();
    if (!state.equals("checking")) {
      database
          .read()
          .select(READING_FILE_ROW.OUTCOME, DSL.count())
          .from(READING_FILE_ROW)
          .where(READING_FILE_ROW.FILE_ID.eq(id))
          .groupBy(READING_FILE_ROW.OUTCOME)
          .forEach(c -> counts.put(c.value1(), c.value2()));
    }
    int percent =
        state.equals("checking")
            ? share(r.get(READING_FILE.DONE_BYTES), r.get(READING_FILE.ALL_BYTES))
            : share(
                r.get(READING_FILE.DONE_ROWS),
                counts.getOrDefault("new", 0) + counts.getOrDefault("corrects", 0));
    return new FileState(
        id,
        r.get(READING_FILE.NAME),
        state,
        r.get(READING_FILE.PROBLEM),
        r.get(READING_FILE.DONE_ROWS),
        percent,
        Instant.parse(r.get(READING_FILE.BROUGHT_AT)),
        r.get(ACCOUNT.SHOWN_NAME),
        counts);
  }

  private static int share(int part, int whole) {
    return whole <= 0 ? 0 : (int) Math.min(100, 100L * part / whole);
  }

  /** A line as the preview shows it. */
  public record Line(int line, String outcome, String words, String golfer) {}

  /** Lines of one outcome after a line number, in order. */
  public List<Line> lines(String fileId, String outcome, int after, int most) {
    return database
        .read()
        .select(
            READING_FILE_ROW.LINE, READING_FILE_ROW.OUTCOME, READING_FILE_ROW.WORDS, GOLFER.NAME)
        .from(READING_FILE_ROW)
        .leftJoin(GOLFER)
        .on(GOLFER.ID.eq(READING_FILE_ROW.GOLFER_ID))
        .where(READING_FILE_ROW.FILE_ID.eq(fileId))
        .and(outcome.isEmpty() ? DSL.noCondition() : READING_FILE_ROW.OUTCOME.eq(outcome))
        .and(READING_FILE_ROW.LINE.gt(after))
        .orderBy(READING_FILE_ROW.LINE)
        .limit(most)
        .fetch(
            r ->
                new Line(
                    r.value1(),
                    r.value2(),
                    r.value3(),
                    Optional.ofNullable(r.value4()).orElse("")));
  }

  /** Forgets a file that was not taken, or was undone. */
  public void drop(String practiceId, String fileId) {
    database.write(
        db ->
            db.deleteFrom(READING_FILE)
                .where(READING_FILE.ID.eq(fileId))
                .and(READING_FILE.PRACTICE_ID.eq(practiceId))
                .and(READING_FILE.STATE.in("checked", "refused", "undone"))
                .execute());
  }

  /** Files whose work a stop of the program cut off. */
  public void cutOff() {
    database.write(
        db ->
            db.update(READING_FILE)
                .set(READING_FILE.STATE, "refused")
                .set(
                    READING_FILE.PROBLEM,
                    "The program was stopped while it was checking. Bring the file again.")
                .where(READING_FILE.STATE.eq("checking"))
                .execute());
  }

  /** Work on a file that a stop of the program cut off. */
  public record CutOff(String id, boolean taking, String broughtBy) {}

  /** Files that were being taken or undone when the program stopped. */
  public List<CutOff> cutOffHalfWay() {
    return database
        .read()
        .select(READING_FILE.ID, READING_FILE.STATE, READING_FILE.BROUGHT_BY)
        .from(READING_FILE)
        .where(READING_FILE.STATE.in("taking", "undoing"))
        .fetch(
            r ->
                new CutOff(
                    r.get(READING_FILE.ID),
                    r.get(READING_FILE.STATE).equals("taking"),
                    r.get(READING_FILE.BROUGHT_BY)));
  }
}
