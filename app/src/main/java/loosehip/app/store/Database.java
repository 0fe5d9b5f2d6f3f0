package loosehip.app.store;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import javax.sql.DataSource;
import loosehip.app.store.migration.V6__Facts_and_plans_as_data;
import loosehip.app.store.migration.V7__Cautions_act_on_demands;
import loosehip.app.store.migration.V8__Own_words_and_set_up_routines;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.conf.RenderQuotedNames;
import org.jooq.conf.Settings;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * One SQLite file in WAL mode: many readers, one writer. What was said to be saved is on the disk
 * (synchronous FULL), and what is deleted is written over (secure delete).
 */
public final class Database implements AutoCloseable {
  private static final Logger LOG = LoggerFactory.getLogger(Database.class);
  private static final int READERS = 4;

  private final HikariDataSource writePool;
  private final HikariDataSource readPool;
  private final DSLContext write;
  private final DSLContext read;
  private final AtomicLong writes = new AtomicLong();
  private final AtomicLong practiceWrites = new AtomicLong();

  private Database(Path file) {
    String url =
        "jdbc:sqlite:"
            + file
            + "?journal_mode=WAL&synchronous=FULL&foreign_keys=on&busy_timeout=5000"
            + "&transaction_mode=IMMEDIATE";
    DatabaseCheck.before(file);
    this.writePool = pool(url, 1);
    try {
      flyway(writePool).migrate();
      Remains.sweep(writePool);
    } catch (RuntimeException e) {
      writePool.close();
      throw e;
    }
    this.readPool = pool(url.replace("&transaction_mode=IMMEDIATE", ""), READERS);
    Settings quiet =
        new Settings()
            .withExecuteLogging(false)
            .withFetchWarnings(false)
            .withReturnIdentityOnUpdatableRecord(false)
            .withRenderQuotedNames(RenderQuotedNames.NEVER);
    this.write = DSL.using(writePool, SQLDialect.SQLITE, quiet);
    this.read = DSL.using(readPool, SQLDialect.SQLITE, quiet);
  }

  /** What brings the tables up to date. */
  static Flyway flyway(DataSource source) {
    return Flyway.configure()
        .dataSource(source)
        .javaMigrations(
            new V6__Facts_and_plans_as_data(),
            new V7__Cautions_act_on_demands(),
            new V8__Own_words_and_set_up_routines())
        .load();
  }

  /** Opens the file, making it and bringing its tables up to date where needed. */
  public static Database open(Path file) {
    try {
      Files.createDirectories(file.toAbsolutePath().getParent());
    } catch (IOException e) {
      throw new UncheckedIOException("Cannot make the data folder " + file.getParent(), e);
    }
    return new Database(file);
  }

  private static HikariDataSource pool(String url, int size) {
    HikariConfig config = new HikariConfig();
    config.setJdbcUrl(url);
    config.setMaximumPoolSize(size);
    config.setMinimumIdle(1);
    config.setInitializationFailTimeout(5000);
    config.setConnectionInitSql("PRAGMA secure_delete=ON");
    return new HikariDataSource(config);
  }

  /** For reading. */
  DSLContext read() {
    return read;
  }

  /**
   * Does one short write transaction; all of it is kept, or none.
   *
   * @throws DiskFull when there is no room for it
   */
  <T> T write(Function<DSLContext, T> work) {
    try {
      return written(work);
    } finally {
      practiceWrites.incrementAndGet();
      writes.incrementAndGet();
    }
  }

  /** The same of what is recorded of golfers alone: nothing a practice or its people set. */
  <T> T record(Function<DSLContext, T> work) {
    try {
      return written(work);
    } finally {
      writes.incrementAndGet();
    }
  }

  private <T> T written(Function<DSLContext, T> work) {
    try {
      return write.transactionResult(configuration -> work.apply(DSL.using(configuration)));
    } catch (DataAccessException failed) {
      throw DiskFull.told(failed);
    }
  }

  /**
   * Writes what a page does not wait for and no golfer's file holds (looks, glances): where there
   * is no room it is left out, and it is not counted.
   */
  void writeIfRoom(Function<DSLContext, ?> work) {
    try {
      written(work);
    } catch (DiskFull noRoom) {
      LOG.warn("The disk is full: something nobody waits for was not written");
    }
  }

  /** How many writes there were since the file was opened: while it stands, no file changed. */
  long writes() {
    return writes.get();
  }

  /** How many of these may have changed what a practice or its people set, or who they are. */
  long practiceWrites() {
    return practiceWrites.get();
  }

  /** Folds a large write back into the file and lets the planner know the new sizes. */
  void settle() {
    write.execute("PRAGMA wal_checkpoint(TRUNCATE)");
    write.execute("PRAGMA optimize=0x10002");
  }

  /**
   * Nothing deleted is left in the file or beside it.
   *
   * @return whether it could be done now; otherwise the next opening does it
   */
  boolean forgetDeleted() {
    return Remains.sweep(writePool);
  }

  @Override
  public void close() {
    readPool.close();
    writePool.close();
  }
}
