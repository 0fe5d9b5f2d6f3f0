package loosehip.app.research;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

/** Groups that are too small to hide in. */
class ResearchTableTest {
  private static ResearchTable faults() {
    return new ResearchTable(
        "faults",
        "",
        Column.text("golfer", ""),
        Column.shared("fault", ""),
        Column.text("level", ""));
  }

  @Test
  void fourGolfersAreHeldBackAndFiveAreNot() {
    ResearchTable table = faults();
    for (int i = 1; i <= 5; i++) {
      table.add("G" + i, "sway", "clear");
    }
    for (int i = 1; i <= 4; i++) {
      table.add("G" + i, "slide", "clear");
    }
    table.holdSmallGroupsBack();
    assertThat(table.rows()).hasSize(5).allMatch(row -> row.get(1).equals("sway"));
    assertThat(table.heldBack()).isEqualTo(4);
  }

  @Test
  void manyRowsOfFewGolfersAreStillFewGolfers() {
    ResearchTable table = faults();
    for (int i = 0; i < 40; i++) {
      table.add("G" + i % 4, "slide", "clear");
    }
    table.holdSmallGroupsBack();
    assertThat(table.rows()).isEmpty();
  }

  @Test
  void aRowHasACellForEveryColumn() {
    assertThatThrownBy(() -> faults().add("G1", "sway"))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
