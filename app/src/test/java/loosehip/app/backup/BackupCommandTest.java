package loosehip.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import loosehip.app.store.DataFolder;
import loosehip.app.store.YearsOfPeople;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backed up, damaged, brought back: nothing is missing, and nothing is overwritten. */
class BackupCommandTest {
  @TempDir Path temp;

  private Path home;
  private Path stick;
  private int minutes;

  private record Answer(int code, String out, String err) {}

  private Answer run(Path at, String... args) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    String[] all = new String[args.length + 1];
    all[0] = at.toString();
    System.arraycopy(args, 0, all, 1, args.length);
    Instant now = Instant.parse("2026-11-27T06:00:00Z").plusSeconds(60L * minutes++);
    int code =
        BackupCommand.run(
            all, new PrintStream(out), new PrintStream(err), Clock.fixed(now, ZoneOffset.UTC));
    return new Answer(
        code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }

  @BeforeEach
  void aFolderWithTwoGolfers() throws IOException {
    home = temp.resolve("home");
    stick = temp.resolve("stick");
    YearsOfPeople.make(home, "Isla Brodie", "Ewan Kerr");
  }

  private List<String> golfers(Path at) throws SQLException {
    return YearsOfPeople.names(at);
  }

  private Path newest() {
    return Backup.in(stick).get(0);
  }

  @Test
  void madeWhileItIsWrittenToDamagedAndBroughtBack() throws Exception {
    try (Connection busy =
            DriverManager.getConnection("jdbc:sqlite:" + home.resolve(DataFolder.DATABASE));
        Statement statement = busy.createStatement()) {
      busy.setAutoCommit(false);
      statement.execute("UPDATE practice SET name = 'half-way'");
      Answer made = run(home, "backup", "--to", stick.toString());
      assertThat(made.err()).isEmpty();
      assertThat(made.code()).isZero();
      assertThat(made.out()).contains("Made and read back").contains("2 golfers");
      busy.rollback();
    }
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(newest())))
        .isEqualTo("rw-------");

    Path database = home.resolve(DataFolder.DATABASE);
    Files.writeString(database, "damaged ".repeat(1000));
    assertThat(run(home, "restore", newest().toString(), "--dry-run").out())
        .contains("2 golfers")
        .contains("Nothing was changed");
    assertThat(Files.readString(database)).startsWith("damaged");
    Answer back = run(home, "restore", newest().toString());
    assertThat(back.err()).isEmpty();
    assertThat(golfers(home)).containsExactlyInAnyOrder("Isla Brodie", "Ewan Kerr");
    assertThat(back.out()).contains("replaced-");
    Path aside =
        Files.list(home)
            .filter(f -> f.getFileName().toString().startsWith("replaced-"))
            .findFirst()
            .orElseThrow();
    assertThat(Files.readString(aside.resolve(DataFolder.DATABASE))).startsWith("damaged");
  }

  @Test
  void withAPassphraseNobodyReadsItWithoutIt() throws Exception {
    Path secret = Files.writeString(temp.resolve("secret.txt"), "larch over the ninth green\n");
    Path wrong = Files.writeString(temp.resolve("wrong.txt"), "something else\n");
    assertThat(
            run(home, "backup", "--to", stick.toString(), "--passphrase-file", secret.toString())
                .out())
        .contains("Encrypted");
    String bytes = new String(Files.readAllBytes(newest()), StandardCharsets.ISO_8859_1);
    assertThat(bytes).doesNotContain("Isla").doesNotContain("SQLite format");
    assertThat(run(home, "restore", newest().toString()).err()).contains("is encrypted");
    assertThat(
            run(home, "restore", newest().toString(), "--passphrase-file", wrong.toString()).err())
        .contains("another one");
    Path elsewhere = temp.resolve("new-laptop");
    assertThat(
            run(elsewhere, "restore", newest().toString(), "--passphrase-file", secret.toString())
                .code())
        .isZero();
    assertThat(golfers(elsewhere)).hasSize(2);
  }

  @Test
  void onlyTheNewestAreKept() {
    for (int i = 0; i < 4; i++) {
      run(home, "backup", "--to", stick.toString(), "--keep", "2");
    }
    assertThat(Backup.in(stick)).hasSize(2);
    assertThat(newest().getFileName().toString()).isEqualTo("loose-hip-2026-11-27-060300.zip");
  }

  @Test
  void nothingIsBroughtBackToAFolderInUseOrFromWhatIsNoBackup() throws Exception {
    run(home, "backup", "--to", stick.toString());
    try (DataFolder running = DataFolder.hold(home)) {
      assertThat(running.uploads()).isDirectory();
      assertThat(run(home, "restore", newest().toString()).err()).contains("Another copy");
    }
    Path no = Files.writeString(temp.resolve("no.zip"), "not a zip");
    assertThat(run(home, "restore", no.toString()).err()).contains("is no backup");
    byte[] cut = Files.readAllBytes(newest());
    for (int i = 200; i < cut.length / 2; i += 7) {
      cut[i] ^= 0x11;
    }
    Path damaged = Files.write(temp.resolve("damaged.zip"), cut);
    Answer refused = run(home, "restore", damaged.toString());
    assertThat(refused.code()).isEqualTo(2);
    assertThat(refused.err()).isNotEmpty();
    assertThat(golfers(home)).hasSize(2);
  }

  @Test
  void useIsSaid() {
    assertThat(run(home, "backup", "--keep", "0").err()).contains("Use: loose-hip backup");
    assertThat(run(home, "backup", "--to").err()).contains("--to wants a value");
    assertThat(run(home, "restore").err()).contains("Use: loose-hip restore");
    assertThat(run(temp.resolve("empty"), "backup").err()).contains("nothing to back up");
  }
}
