package loosehip.app.store;

import static loosehip.app.store.generated.Tables.READING;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import loosehip.core.measure.OwnPace.Begun;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import org.springframework.stereotype.Repository;

/** When one person began one test after the other. */
@Repository
public class TestTimes {
  private final Database database;

  TestTimes(Database database) {
    this.database = database;
  }

  /**
   * The tests begun among this account's newest tries, the oldest first. A correction begins
   * nothing, and neither does what came in a file.
   */
  public List<Begun> begunBy(String accountId) {
    List<Begun> tries = new ArrayList<>();
    database
        .read()
        .select(READING.VISIT_ID, READING.SLOT, READING.TAKEN_AT)
        .from(READING)
        .where(READING.TAKEN_BY.eq(accountId))
        .and(READING.SUPERSEDES.isNull())
        .and(READING.SUBMIT_KEY.isNull().or(READING.SUBMIT_KEY.notLike(TrySets.FROM_FILE + "%")))
        .orderBy(READING.TAKEN_AT.desc())
        .limit(TrySets.NEWEST)
        .forEach(
            r ->
                Slot.parse(r.get(READING.SLOT))
                    .ifPresent(
                        slot ->
                            tries.add(
                                new Begun(
                                    r.get(READING.VISIT_ID),
                                    slot.test(),
                                    Instant.parse(r.get(READING.TAKEN_AT))))));
    Collections.reverse(tries);
    return firsts(tries);
  }

  /** Of the tries of one test in a row, the first. */
  private static List<Begun> firsts(List<Begun> tries) {
    List<Begun> begun = new ArrayList<>();
    Optional<ScreenTest> test = Optional.empty();
    String visit = "";
    for (Begun next : tries) {
      if (!next.visit().equals(visit) || !test.equals(Optional.of(next.test()))) {
        begun.add(next);
      }
      visit = next.visit();
      test = Optional.of(next.test());
    }
    return begun;
  }
}
