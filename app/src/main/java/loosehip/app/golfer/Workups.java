package loosehip.app.golfer;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.PracticeValues;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import loosehip.core.safety.Guard;
import org.springframework.stereotype.Component;

/** Works a golfer up, and keeps the lists in step with what was saved. */
@Component
public class Workups {
  private final GolferFiles files;
  private final Golfers golfers;
  private final StandardsShelf standards;
  private final PracticeValues values;
  private final Presence presence;
  private final Clock clock;

  Workups(
      GolferFiles files,
      Golfers golfers,
      StandardsShelf standards,
      PracticeValues values,
      Presence presence,
      Clock clock) {
    this.files = files;
    this.golfers = golfers;
    this.standards = standards;
    this.values = values;
    this.presence = presence;
    this.clock = clock;
  }

  /**
   * The golfer's file.
   *
   * @throws UnknownGolfer when this practice has no such golfer
   */
  public GolferFile file(Account account, String golferId) {
    return files.load(account.practiceId(), golferId).orElseThrow(UnknownGolfer::new);
  }

  /**
   * The golfer's file without earlier visits, for a write.
   *
   * @throws UnknownGolfer when this practice has no such golfer
   */
  public GolferFile fileToWrite(Account account, String golferId) {
    return files.loadToWrite(account.practiceId(), golferId).orElseThrow(UnknownGolfer::new);
  }

  /** The golfer for a write; whoever writes is not announced to others. */
  public Workup openToWrite(Account account, String golferId) {
    return Workup.of(
        file(account, golferId),
        standards.of(account.practiceId()),
        List.of(),
        LocalDate.now(clock));
  }

  /** What every door asks before it opens for a golfer. */
  public Guard guard(Account account, String golferId) {
    return Cases.guard(fileToWrite(account, golferId), LocalDate.now(clock));
  }

  /** The golfer, judged as things stand. */
  public Workup open(Account account, String golferId) {
    GolferFile file = file(account, golferId);
    presence.here(golferId, account);
    return Workup.of(
        file, standards.of(account.practiceId()), ownOrder(account), LocalDate.now(clock));
  }

  /** The running order this person made for themselves; empty when they made none. */
  public List<ScreenTest> ownOrder(Account account) {
    return Optional.ofNullable(values.ofPerson(account).get("order.own")).stream()
        .flatMap(noted -> Arrays.stream(noted.value().split(" ")))
        .map(Named.parser(ScreenTest.class))
        .flatMap(Optional::stream)
        .toList();
  }

  /** The golfer after something was saved; the lists are brought in step. */
  public Workup saved(Account account, String golferId) {
    Workup workup = open(account, golferId);
    golfers.show(AtAGlance.glance(workup));
    return workup;
  }

  /** No golfer of this id in this practice. */
  public static class UnknownGolfer extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownGolfer() {
      super("No such golfer in this practice");
    }
  }
}
