package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import loosehip.app.golfer.Workups;
import loosehip.app.store.Visits;
import loosehip.core.safety.Caution;
import loosehip.core.safety.NotedCaution;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What an earlier visit says of safety is known at every door, whatever is at hand. */
class GuardOverVisitsTest extends FormsTest {
  @Autowired Workups workups;
  @Autowired Visits visits;

  @Test
  void whoStoodUnsteadilyLastTimeIsStillGuarded() {
    taken("one-leg-stand.left.open", 3);
    visits.start(wren.account(), file(), LocalDate.now());
    workups.forget();
    workups.fileToWrite(wren.account(), golfer);
    assertThat(workups.guard(wren.account(), golfer).health().cautions())
        .extracting(NotedCaution::caution)
        .contains(Caution.BALANCE);
  }
}
