package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whatever the pages of the file have been through, an erased golfer is in none of them. */
class ErasureTest extends StoreTest {
  private static final int GOLFERS = 120;
  private static final int[] LENGTHS = {1, 5, 50, 300, 900};

  private String everyByte() throws IOException {
    StringBuilder all = new StringBuilder();
    try (Stream<Path> parts = Files.list(home)) {
      for (Path part : parts.toList()) {
        all.append(Files.readString(part, StandardCharsets.ISO_8859_1));
      }
    }
    return all.toString();
  }

  /** Rows moved between pages as tables grow leave copies that deleting does not write over. */
  @Test
  void copiesOfRowsThatMovedGoToo() throws IOException {
    Random lengths = new Random(18);
    List<GolferFile> added = new ArrayList<>();
    for (int n = 0; n < GOLFERS; n++) {
      String one = golfers.add(wren, "Quenby " + n, LocalDate.of(2026, 11, 1));
      added.add(files.load(wren.practiceId(), one).orElseThrow());
      for (int visit = 0; visit < 2; visit++) {
        GolferFile present = added.get(Math.max(0, n - lengths.nextInt(5)));
        List<Note> notes = new ArrayList<>();
        for (int k = 0; k < 24; k++) {
          String words = "w".repeat(LENGTHS[lengths.nextInt(LENGTHS.length)]);
          notes.add(new Note("wish." + k, Optional.of(words), true, "wish", "talk"));
        }
        journal.note(present, wren, notes, "wishes");
      }
    }
    List<GolferFile> leaving = added.stream().filter(g -> added.indexOf(g) % 2 == 0).toList();
    database.write(db -> leaving.stream().mapToInt(g -> Golfers.erase(db, g)).sum());
    database.forgetDeleted();
    String left = everyByte();
    assertThat(leaving).extracting(GolferFile::id).noneMatch(left::contains);
    assertThat(left).contains(added.get(1).id());
  }

  /** Cut off between erasing and tidying, or with no room to tidy: the next start does it. */
  @Test
  void tidyingThatWasCutOffIsDoneAtTheNextStart() throws Exception {
    GolferFile gone = file();
    database.write(db -> Golfers.erase(db, gone));
    assertThat(clean()).isFalse();
    database.close();
    database = Database.open(home.resolve("test.db"));
    assertThat(clean()).isTrue();
    assertThat(everyByte()).doesNotContain(gone.id());
  }

  private boolean clean() throws SQLException {
    try (var connection = DriverManager.getConnection("jdbc:sqlite:" + home.resolve("test.db"));
        var result = connection.createStatement().executeQuery("PRAGMA user_version")) {
      return result.getInt(1) == 1;
    }
  }
}
