package loosehip.app.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** A data base of its own with a practice, its trainer and one golfer. */
abstract class StoreTest {
  private static final byte[] EMPTY = empty();

  @TempDir Path home;

  final Clock clock = Clock.systemUTC();
  Database database;
  Accounts accounts;
  Golfers golfers;
  GolferFiles files;
  Journal journal;
  Account wren;
  String id;

  /** The golfer's name. */
  String golferName() {
    return "Isla Brodie";
  }

  @BeforeEach
  void aGolferOfThePractice() throws IOException {
    Files.write(home.resolve("test.db"), EMPTY);
    database = Database.open(home.resolve("test.db"));
    accounts = new Accounts(database, clock);
    golfers = new Golfers(database, clock);
    files = new GolferFiles(database, clock);
    journal = new Journal(database, clock);
    wren = accounts.addPractice("The Shed", "Wren", "wren", "hash");
    id = golfers.add(wren, golferName(), LocalDate.of(2026, 11, 1));
  }

  /** The tables as they are made today, made once. */
  private static byte[] empty() {
    try {
      Path file = Files.createTempDirectory("loose-hip-empty").resolve("test.db");
      Database.open(file).close();
      return Files.readAllBytes(file);
    } catch (IOException unwritten) {
      throw new UncheckedIOException(unwritten);
    }
  }

  @AfterEach
  void close() {
    database.close();
  }

  GolferFile file() {
    return files.load(wren.practiceId(), id).orElseThrow();
  }
}
