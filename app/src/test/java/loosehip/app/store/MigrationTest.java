package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.Optional;
import loosehip.app.golfer.GolferText;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A data base of an earlier edition is brought up to date with everything in it. */
class MigrationTest {
  @TempDir Path home;

  private static void run(String url, String... lines) throws SQLException {
    try (Connection connection = DriverManager.getConnection(url);
        Statement statement = connection.createStatement()) {
      for (String line : lines) {
        statement.execute(line);
      }
    }
  }

  @Test
  void stepsOfAnEarlierEditionCanStillBeTakenBack() throws SQLException {
    Path file = home.resolve("old.db");
    String url = "jdbc:sqlite:" + file;
    Flyway.configure().dataSource(url, null, null).target("2").load().migrate();
    run(
        url,
        "INSERT INTO practice VALUES ('p', 'The Shed', '2026-01-01T00:00:00Z')",
        "INSERT INTO account VALUES ('a', 'p', 'wren', 'Wren', 'hash', 'owner',"
            + " '2026-01-01T00:00:00Z')",
        "INSERT INTO golfer (id, practice_id, name, name_key, created_at)"
            + " VALUES ('g', 'p', 'Isla Brodie', 'isla brodie', '2026-01-01T00:00:00Z')",
        "INSERT INTO visit (id, golfer_id, number, started_at)"
            + " VALUES ('v', 'g', 1, '2026-01-02T09:00:00Z')",
        "INSERT INTO observation VALUES ('o', 'g', NULL, 'who.handed', 'left', NULL,"
            + " '2026-01-02T09:01:00Z', 'a')",
        "INSERT INTO step (golfer_id, kind, row_id, label, station, done_at)"
            + " VALUES ('g', 'observation', 'o', 'left-handed', 'talk', '2026-01-02T09:01:00Z')");

    try (Database database = Database.open(file)) {
      GolferFiles files = new GolferFiles(database, Clock.systemUTC());
      GolferFile golfer = files.load("p", "g").orElseThrow();
      assertThat(GolferText.noted(golfer, "who.handed")).contains("left");
      assertThat(golfer.given()).isEmpty();
      Account wren = new Accounts(database, Clock.systemUTC()).bySignInName("wren").orElseThrow();
      assertThat(new Journal(database, Clock.systemUTC()).undo(golfer, wren))
          .contains(new Journal.UndoneStep("left-handed", "talk", Optional.empty()));
      assertThat(GolferText.noted(files.load("p", "g").orElseThrow(), "who.handed")).isEmpty();
    }
    try (Connection connection = DriverManager.getConnection(url);
        ResultSet kept = connection.createStatement().executeQuery("SELECT id FROM step")) {
      assertThat(kept.next()).isTrue();
      assertThat(kept.getInt(1)).as("numbering goes on").isEqualTo(1);
    }
  }
}
