package loosehip.app.store;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import loosehip.app.store.migration.V6__Facts_and_plans_as_data;
import loosehip.app.store.migration.V7__Cautions_act_on_demands;
import loosehip.app.store.migration.V8__Own_words_and_set_up_routines;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;

/**
 * One SQLite file in WAL mode: many readers, one writer. Commits reach the disk at each checkpoint
 * (synchronous NORMAL): a crash of the machine may lose the last moments, never the file.
 */
public final class Database implements AutoCloseable {
  private static final int READERS = 4;

  private final HikariDataSource writePool;
  private final HikariDataSource readPool;
  private final DSLContext write;
  private final DSLContext read;
  private final AtomicLong writes = new AtomicLong();

  private Database(Path file) {
    String url =
        "jdbc:sqlite:"
            + file
            + "?journal_mode=WAL&synchronous=NORMAL&foreign_keys=on&busy_timeout=5000"
            + "&transaction_mode=IMMEDIATE";
    this.writePool = pool(url, 1);
    Flyway.configure()
        .dataSource(writePool)
        .javaMigrations(
            new V6__Facts_and_plans_as_data(),
            new V7__Cautions_act_on_demands(),
            new V8__Own_words_and_set_up_routines())
        .load()
        .migrate();
    this.readPool = pool(url.replace("&transaction_mode=IMMEDIATE", ""), READERS);
    this.write = DSL.using(writePool, SQLDialect.SQLITE);
    this.read = DSL.using(readPool, SQLDialect.SQLITE);
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
    return new HikariDataSource(config);
  }

  /** For reading. */
  DSLContext read() {
    return read;
  }

  /** Does one short write transaction; all of it is kept, or none. */
  <T> T write(Function<DSLContext, T> work) {
    try {
      return write.transactionResult(configuration -> work.apply(DSL.using(configuration)));
    } finally {
      writes.incrementAndGet();
    }
  }

  /** How many writes there were since the file was opened: while it stands, nothing has changed. */
  long writes() {
    return writes.get();
  }

  /** Folds a large write back into the file and lets the planner know the new sizes. */
  void settle() {
    write.execute("PRAGMA wal_checkpoint(TRUNCATE)");
    write.execute("PRAGMA optimize=0x10002");
  }

  @Override
  public void close() {
    readPool.close();
    writePool.close();
  }
}
