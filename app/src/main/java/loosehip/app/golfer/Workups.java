package loosehip.app.golfer;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.core.safety.Guard;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Works a golfer up, and tells whoever follows that something was saved. */
@Component
public class Workups {
  private static final int GOLFERS_AT_HAND = 60;
  private static final int MINUTES_AT_HAND = 20;

  private final GolferFiles files;
  private final ApplicationEventPublisher events;
  private final StandardsShelf standards;
  private final Examiners examiners;
  private final Presence presence;
  private final Clock clock;
  private final Cache<Judged.Of, Judged> judged =
      Caffeine.newBuilder()
          .maximumSize(GOLFERS_AT_HAND)
          .expireAfterAccess(MINUTES_AT_HAND, TimeUnit.MINUTES)
          .build();

  /** What every door asked of a file; goes with the file. */
  private final Cache<GolferFile, Guarded> guards = Caffeine.newBuilder().weakKeys().build();

  /** What others keep of golfers, to be let go with the rest. */
  private final List<Runnable> others = new CopyOnWriteArrayList<>();

  private record Guarded(LocalDate today, Guard guard) {}

  Workups(
      GolferFiles files,
      ApplicationEventPublisher events,
      StandardsShelf standards,
      Examiners examiners,
      Presence presence,
      Clock clock) {
    this.files = files;
    this.events = events;
    this.standards = standards;
    this.examiners = examiners;
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
    return workup(file(account, golferId), account, Examiner.ANYBODY);
  }

  /** The golfer as the data base has them this moment; empty when the practice has no such one. */
  Optional<Workup> openAnew(Account account, String golferId) {
    return files
        .loadAnew(account.practiceId(), golferId)
        .map(file -> workup(file, account, Examiner.ANYBODY));
  }

  private Workup workup(GolferFile file, Account account, Examiner examiner) {
    Standards held = standards.of(account.practiceId());
    LocalDate today = LocalDate.now(clock);
    Judged known =
        judged.get(
            new Judged.Of(file, held, today), of -> new Judged(of.file(), of.standards(), today));
    return Workup.of(file, known, held, examiner, today);
  }

  /** What was worked out about golfers is let go, as when one of them is erased. */
  public void forget() {
    judged.invalidateAll();
    guards.invalidateAll();
    files.forget();
    others.forEach(Runnable::run);
  }

  /** Whoever keeps something of golfers at hand lets it go with the rest. */
  public void forgetAlso(Runnable what) {
    others.add(what);
  }

  /** What every door asks before it opens for a golfer; earlier visits tell of cautions too. */
  public Guard guard(Account account, String golferId) {
    GolferFile file = file(account, golferId);
    LocalDate today = LocalDate.now(clock);
    return guards
        .asMap()
        .compute(
            file,
            (f, before) ->
                before != null && before.today().equals(today)
                    ? before
                    : new Guarded(today, Cases.guard(f, today)))
        .guard();
  }

  /** The golfer, judged as things stand. */
  public Workup open(Account account, String golferId) {
    GolferFile file = file(account, golferId);
    presence.here(golferId, account);
    return workup(file, account, examiners.of(account));
  }

  /** The golfer after something was saved; the lists follow soon. */
  public Workup saved(Account account, String golferId) {
    events.publishEvent(new GolferSaved(account));
    return open(account, golferId);
  }

  /** The same after a golfer's own phone sent something: nobody of the practice is there. */
  public Workup sent(Account inTheNameOf, String golferId) {
    events.publishEvent(new GolferSaved(inTheNameOf));
    return openToWrite(inTheNameOf, golferId);
  }

  /** No golfer of this id in this practice. */
  public static class UnknownGolfer extends RuntimeException {
    private static final long serialVersionUID = 1L;

    UnknownGolfer() {
      super("No such golfer in this practice");
    }
  }
}
