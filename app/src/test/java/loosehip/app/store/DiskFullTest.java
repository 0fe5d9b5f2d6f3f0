package loosehip.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import loosehip.app.golfer.GolferText;
import org.junit.jupiter.api.Test;

/** No room is told as that, nothing that stood is lost, and with room again it goes on. */
class DiskFullTest extends StoreTest {
  private void note(String words) {
    journal.note(file(), wren, new Note("wish.want", Optional.of(words), true, "wish", "talk"));
  }

  private void most(String pages) {
    database.write(db -> db.fetchValue("PRAGMA max_page_count = " + pages));
  }

  @Test
  void noRoomIsToldAndNothingIsLost() {
    note("before");
    most(String.valueOf(database.read().fetchValue("PRAGMA page_count")));
    assertThatThrownBy(
            () -> {
              for (int i = 0; i < 200; i++) {
                note("x".repeat(3000) + i);
              }
            })
        .isInstanceOf(DiskFull.class);
    String kept = GolferText.noted(file(), "wish.want").orElseThrow();
    assertThat(kept).matches("before|x{3000}\\d+");
    most("1073741823");
    note("after");
    assertThat(GolferText.noted(file(), "wish.want")).contains("after");
  }

  @Test
  void anythingElseThatFailsIsToldAsItself() {
    assertThatThrownBy(() -> database.write(db -> db.execute("INSERT INTO nothing VALUES (1)")))
        .isNotInstanceOf(DiskFull.class);
  }
}
