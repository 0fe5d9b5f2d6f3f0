package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The folder at rest: who may read it, who holds it, what is refused at start. */
class DataFolderTest {
  @TempDir Path temp;

  private Path home() {
    return temp.resolve("home");
  }

  private static String mode(Path path) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
  }

  private void execute(String sql) throws SQLException {
    try (Connection connection =
            DriverManager.getConnection("jdbc:sqlite:" + home().resolve(DataFolder.DATABASE));
        Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  @Test
  void folderAndFilesAreForTheirOwnerAlone() throws IOException {
    Files.createDirectories(home());
    Files.setPosixFilePermissions(home(), PosixFilePermissions.fromString("rwxr-xr-x"));
    Files.writeString(home().resolve("from-earlier.db"), "x");
    Files.setPosixFilePermissions(
        home().resolve("from-earlier.db"), PosixFilePermissions.fromString("rw-r--r--"));
    try (DataFolder folder = DataFolder.hold(home());
        Database database = Database.open(folder.database())) {
      new Accounts(database, java.time.Clock.systemUTC())
          .addPractice("The Shed", "Wren", "wren", "hash");
      assertThat(mode(home())).isEqualTo("rwx------");
      try (Stream<Path> all = Files.walk(home())) {
        for (Path path : all.toList()) {
          assertThat(mode(path))
              .as(path.toString())
              .isEqualTo(Files.isDirectory(path) ? "rwx------" : "rw-------");
        }
      }
      assertThat(home().resolve(DataFolder.DATABASE + "-wal")).exists();
      assertThat(Files.readString(home().resolve("READ-ME.txt"))).contains("loose-hip backup");
    }
  }

  @Test
  void aSecondCopyOnOneFolderIsRefusedUntilTheFirstHasGone() {
    try (DataFolder first = DataFolder.hold(home())) {
      assertThat(first.uploads()).isDirectory();
      assertThatThrownBy(() -> DataFolder.hold(home()))
          .isInstanceOf(DataFolder.Refused.class)
          .hasMessageContaining("Another copy of Loose Hip is using");
    }
    DataFolder.hold(home()).close();
  }

  @Test
  void whatWasBeingBroughtWhenItWasKilledIsGoneAtTheNextStart() throws IOException {
    DataFolder first = DataFolder.hold(home());
    Files.writeString(first.uploads().resolve("half.csv"), "Isla Brodie;24");
    first.close();
    try (DataFolder second = DataFolder.hold(home());
        Stream<Path> left = Files.list(second.uploads())) {
      assertThat(left).isEmpty();
    }
  }

  @Test
  void aFolderThatIsAFileIsRefusedInWords() throws IOException {
    Files.writeString(home(), "not a folder");
    assertThatThrownBy(() -> DataFolder.hold(home()))
        .isInstanceOf(DataFolder.Refused.class)
        .hasMessageContaining("cannot be made or written to");
  }

  @Test
  void aDamagedDataBaseIsRefusedAndLeftAsItIs() throws Exception {
    try (DataFolder folder = DataFolder.hold(home())) {
      Path file = folder.database();
      Database.open(file).close();
      byte[] bytes = Files.readAllBytes(file);
      for (int i = 4096; i < bytes.length; i += 3) {
        bytes[i] ^= 0x5a;
      }
      Files.write(file, bytes);
      assertThatThrownBy(() -> Database.open(file))
          .isInstanceOf(DataFolder.Refused.class)
          .hasMessageContaining("is damaged");
      assertThat(Files.readAllBytes(file)).isEqualTo(bytes);

      Files.writeString(file, "These are no pages of a data base, and never were. ".repeat(99));
      assertThatThrownBy(() -> Database.open(file))
          .isInstanceOfSatisfying(
              DataFolder.Refused.class,
              refused -> assertThat(refused.whatToDo()).contains("loose-hip restore"));
    }
  }

  @Test
  void aDataBaseOfALaterProgramIsRefusedAndLeftAsItIs() throws Exception {
    try (DataFolder folder = DataFolder.hold(home())) {
      Database.open(folder.database()).close();
      execute(
          "INSERT INTO flyway_schema_history VALUES (999, '999', 'from the future', 'SQL',"
              + " 'V999__x.sql', 1, 'x', '2030-01-01 00:00:00.000', 1, 1)");
      byte[] before = Files.readAllBytes(folder.database());
      assertThatThrownBy(() -> Database.open(folder.database()))
          .isInstanceOf(DataFolder.Refused.class)
          .hasMessageContaining("later Loose Hip");
      assertThat(Files.readAllBytes(folder.database())).isEqualTo(before);
    }
  }

  /**
   * What was deleted while deleting left it in the file is gone once this program has opened it.
   */
  @Test
  void whatAnEarlierProgramDeletedIsWrittenOver() throws Exception {
    try (DataFolder folder = DataFolder.hold(home())) {
      Database.open(folder.database()).close();
      execute("PRAGMA user_version = 0");
      execute("CREATE TABLE note (text TEXT)");
      execute("INSERT INTO note VALUES ('" + "a-secret-of-somebody ".repeat(500) + "')");
      execute("DROP TABLE note");
      assertThat(text(folder.database())).contains("a-secret-of-somebody");
      Database.open(folder.database()).close();
      assertThat(text(folder.database())).doesNotContain("a-secret-of-somebody");
    }
  }

  private static String text(Path file) throws IOException {
    return new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
  }
}
