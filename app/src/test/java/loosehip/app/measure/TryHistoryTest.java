package loosehip.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.GolferFiles.TryEvent;
import org.junit.jupiter.api.Test;

class TryHistoryTest {
  private static TryEvent event(
      String by, int ordinal, String said, boolean voided, boolean withdrawn) {
    return new TryEvent(
        Instant.parse("2026-11-25T10:42:00Z"),
        by,
        ordinal,
        Optional.of(Double.valueOf(said)),
        "",
        voided,
        withdrawn,
        false,
        by.equals("Phone"));
  }

  @Test
  void takenCorrectedVoidedAndTakenBackAreToldWithWho() {
    List<String> lines =
        TryHistory.lines(
            List.of(
                event("Wren", 1, "24", false, false),
                event("Wren", 2, "60", false, false),
                event("Moss", 2, "26", false, false),
                event("Wren", 1, "24", true, false),
                event("Wren", 1, "24", false, false),
                event("Moss", 2, "26", false, true),
                event("Phone", 3, "25", false, false)));
    assertThat(lines.stream().map(l -> l.replaceAll(", \\d+ \\w+ \\d+, \\d+:\\d+$", "")))
        .containsExactly(
            "Try 1: 24 taken. Wren",
            "Try 2: 60 taken. Wren",
            "Try 2: 60 corrected to 26. Moss",
            "Try 1: 24 voided. Wren",
            "Try 1: 24 counts again. Wren",
            "Try 2: 26 taken back. Moss",
            "Try 3: 25 taken by phone. Phone");
  }
}
