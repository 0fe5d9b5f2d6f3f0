package loosehip.app.store;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;

/** Data folders with some golfers in them, for tests outside this package. */
public final class YearsOfPeople {
  private YearsOfPeople() {}

  /** Makes a folder with these golfers. */
  public static void make(Path home, String... names) {
    Clock clock = Clock.systemUTC();
    try (DataFolder folder = DataFolder.hold(home);
        Database database = Database.open(folder.database())) {
      Account wren = new Accounts(database, clock).addPractice("The Shed", "Wren", "wren", "hash");
      for (String name : names) {
        new Golfers(database, clock).add(wren, name, LocalDate.of(2026, 11, 1));
      }
    }
  }

  /** The names of the golfers in a folder. */
  public static List<String> names(Path home) {
    try (DataFolder folder = DataFolder.hold(home);
        Database database = Database.open(folder.database())) {
      return database
          .read()
          .select(loosehip.app.store.generated.Tables.GOLFER.NAME)
          .from(loosehip.app.store.generated.Tables.GOLFER)
          .fetch(loosehip.app.store.generated.Tables.GOLFER.NAME);
    }
  }

  /** Who signs in by a one-time link; empty when it is nobody's. */
  public static java.util.Optional<String> byLink(Path home, String token) {
    Clock clock = Clock.systemUTC();
    try (Database database = Database.open(home.resolve(DataFolder.DATABASE))) {
      return new People(database, new Accounts(database, clock), clock)
          .byLink(token)
          .map(Account::signInName);
    }
  }
}
