package loosehip.app.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import loosehip.app.RunningApplication;
import loosehip.app.golfer.Workups;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.FileReadings;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import loosehip.app.store.ReadingFiles;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** A stop in the middle of taking or undoing a file: at the next start the work goes on. */
@SpringBootTest(properties = "spring.main.lazy-initialization=true")
class IntakeCutOffTest {
  private static final int DAYS = 1300;

  @Autowired Intake intake;
  @Autowired ReadingFiles files;
  @Autowired FileReadings readings;
  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired GolferFiles golferFiles;
  @Autowired Journal journal;
  @Autowired Workups workups;

  @DynamicPropertySource
  static void home(DynamicPropertyRegistry registry) {
    registry.add("loose-hip.home", RunningApplication::freshHome);
  }

  private static final class Killed extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  private ReadingFiles.FileState until(Account by, String id, String state) throws Exception {
    for (int i = 0; i < 400; i++) {
      ReadingFiles.FileState now = files.find(by.practiceId(), id).orElseThrow();
      if (now.state().equals(state)) {
        return now;
      }
      Thread.sleep(50);
    }
    throw new AssertionError("never " + state + ": " + files.find(by.practiceId(), id));
  }

  @Test
  void whatWasCutOffGoesOnAndEachRowIsTakenOnce() throws Exception {
    Account wren = accounts.addPractice("The Shed", "Wren", "wren", "hash");
    String golfer = golfers.add(wren, "Isla Brodie", LocalDate.of(2026, 11, 1));
    loosehip.app.store.GolferFile file = golferFiles.load(wren.practiceId(), golfer).orElseThrow();
    journal.note(file, wren, loosehip.app.fact.Facts.CONSENT.noteTyped("wording 1"));
    journal.note(file, wren, loosehip.app.fact.Facts.HANDED.noteTyped("right"));
    StringBuilder csv = new StringBuilder("golfer,visit_date,test,side,part,try,value_deg\n");
    LocalDate first = LocalDate.of(2022, 1, 1);
    for (int i = 0; i < DAYS; i++) {
      csv.append("Isla Brodie,")
          .append(first.plusDays(i))
          .append(",seated-rotation,left,internal,1,3")
          .append(i % 10)
          .append('\n');
    }
    Path copy = Files.createTempFile("readings", ".csv");
    Files.writeString(copy, csv);
    String id = intake.check(wren, "years.csv", copy);
    until(wren, id, "checked");

    assertThat(files.move(id, "checked", "taking")).isTrue();
    assertThatThrownBy(
            () ->
                readings.take(
                    id,
                    wren,
                    done -> {
                      throw new Killed();
                    }))
        .isInstanceOf(Killed.class);
    assertThat(files.cutOffHalfWay()).hasSize(1);
    intake.goOn();
    until(wren, id, "taken");
    assertThat(golferFiles.load(wren.practiceId(), golfer).orElseThrow().visitNumber())
        .isEqualTo(DAYS + 1);

    assertThat(files.move(id, "taken", "undoing")).isTrue();
    assertThatThrownBy(
            () ->
                readings.undo(
                    id,
                    wren,
                    done -> {
                      throw new Killed();
                    }))
        .isInstanceOf(Killed.class);
    intake.goOn();
    until(wren, id, "undone");
    assertThat(files.cutOffHalfWay()).isEmpty();
    assertThat(workups.open(wren, golfer).file().tries()).isEmpty();
  }
}
