package loosehip.app.casefile;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.golfer.Workups;
import loosehip.app.practice.RoomShelf;
import loosehip.app.store.Account;
import loosehip.app.store.CasesTaken;
import loosehip.app.store.Note;
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
   * @param file what the undo calls it, and what it says
   */
  String asNew(Account by, String name, LocalDate on, WaitingCases.Waiting file) {
    return taken.asNew(
        by,
        name,
        Facts.CONSENT.noteTyped(rooms.of(by.practiceId()).consent().id()),
        on,
        contents(file, on));
  }

  /** What is taken of a file; days after the one it is taken as are none of it. */
  CasesTaken.Contents contents(WaitingCases.Waiting file, LocalDate on) {
    CaseFacts facts = CaseFacts.of(file.golfer().orElseThrow(), LocalDate.now(clock));
    List<Note> notes = new ArrayList<>(facts.notes());
    file.notes().forEach((card, words) -> notes.add(Facts.TEST_NOTE.about(card).note(words)));
    return new CasesTaken.Contents(
        file.fileName(),
        notes,
        tries(facts),
        file.earlier().headMap(on).entrySet().stream()
            .map(
                day -> {
                  CaseFacts then = CaseFacts.of(day.getValue());
                  return new CasesTaken.EarlierDay(day.getKey(), then.notes(), tries(then));
                })
            .toList());
  }

  private static List<CasesTaken.Try> tries(CaseFacts facts) {
    return facts.tries().stream().map(t -> new CasesTaken.Try(t.taken(), t.scatter())).toList();
  }

  /**
   * Takes a made-up golfer to practise with.
   *
   * @throws IllegalArgumentException when the text is no case file: ours is one
   */
  public String madeUp(Account by, String name, String text) {
    LocalDate today = LocalDate.now(clock);
    CaseReader.Outcome read = CaseReader.read(text, today);
    if (read.golfer().isEmpty()) {
      throw new IllegalArgumentException("No case file: " + read.problems());
    }
    String id = asNew(by, name, today, WaitingCases.Waiting.of(name, name, read));
    standards.anew(by.practiceId());
    workups.forget();
    workups.saved(by, id);
    return id;
  }
}
