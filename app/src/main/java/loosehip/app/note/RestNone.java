package loosehip.app.note;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Cases;
import loosehip.app.golfer.Workups;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Journal;
import loosehip.core.link.Level;
import loosehip.core.safety.Passage;
import org.springframework.stereotype.Component;

/**
 * Answers what is left of a view with "none", as one step that one undo takes back. What was said
 * stays, and so does what a figure says.
 */
@Component
public class RestNone {
  private final Workups workups;
  private final Journal journal;
  private final Clock clock;

  RestNone(Workups workups, Journal journal, Clock clock) {
    this.workups = workups;
    this.journal = journal;
    this.clock = clock;
  }

  /**
   * Answers them; nothing is kept without consent, in a closed visit, or before the hand is said.
   *
   * @param faults the levels that stand on the view, without those a figure sets
   * @param where the view, as undo calls it
   */
  public void answer(Account by, String golfer, List<Fact<Level>> faults, String where) {
    GolferFile file = workups.fileToWrite(by, golfer);
    boolean open =
        file.closed().isEmpty()
            && Facts.CONSENT.isIn(file)
            && Cases.guard(file, LocalDate.now(clock)).refuses(Passage.SIDED).isEmpty();
    if (open) {
      journal.note(
          file,
          by,
          faults.stream().filter(f -> !f.isIn(file)).map(f -> f.note(Level.NONE)).toList(),
          where + ": the rest none");
      workups.saved(by, golfer);
    }
  }
}
