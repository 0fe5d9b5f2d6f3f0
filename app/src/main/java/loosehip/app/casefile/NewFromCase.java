package loosehip.app.casefile;

import java.time.Clock;
import java.time.LocalDate;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.golfer.Workups;
import loosehip.app.practice.RoomShelf;
import loosehip.app.store.Account;
import loosehip.app.store.CasesTaken;
import loosehip.core.casefile.CaseFile;
import org.springframework.stereotype.Component;

/** Takes what a case file says of a golfer into the record. */
@Component
public class NewFromCase {
  private final CasesTaken taken;
  private final RoomShelf rooms;
  private final StandardsShelf standards;
  private final Workups workups;
  private final Clock clock;

  NewFromCase(
      CasesTaken taken, RoomShelf rooms, StandardsShelf standards, Workups workups, Clock clock) {
    this.taken = taken;
    this.rooms = rooms;
    this.standards = standards;
    this.workups = workups;
    this.clock = clock;
  }

  /**
   * Takes somebody new whose consent was asked; answers their id.
   *
   * @param fileName what the undo calls it
   */
  String asNew(Account by, String name, LocalDate on, String fileName, CaseFile golfer) {
    return taken.asNew(
        by,
        name,
        Facts.CONSENT.noteTyped(rooms.of(by.practiceId()).consent().id()),
        on,
        contents(fileName, golfer));
  }

  CasesTaken.Contents contents(String fileName, CaseFile golfer) {
    CaseFacts facts = CaseFacts.of(golfer, LocalDate.now(clock));
    return new CasesTaken.Contents(
        fileName,
        facts.notes(),
        facts.tries().stream().map(t -> new CasesTaken.Try(t.taken(), t.scatter())).toList());
  }

  /**
   * Takes a made-up golfer to practise with.
   *
   * @throws IllegalArgumentException when the text is no case file: ours is one
   */
  public String madeUp(Account by, String name, String text) {
    LocalDate today = LocalDate.now(clock);
    CaseFile golfer =
        CaseReader.read(text, today)
            .golfer()
            .orElseThrow(() -> new IllegalArgumentException("No case file: " + name));
    String id = asNew(by, name, today, name, golfer);
    standards.anew(by.practiceId());
    workups.forget();
    workups.saved(by, id);
    return id;
  }
}
