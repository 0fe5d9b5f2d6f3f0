package loosehip.app.golfer;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import loosehip.app.store.Account;
import loosehip.app.store.Glance;
import loosehip.app.store.Golfers;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What lists show of golfers. Nobody who saves waits for it: it is worked out a moment later, and
 * at the latest when a list is read. Who is behind stands in the data base, so a program that ends
 * in between forgets nobody.
 */
@Component
public class Glances implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(Glances.class);

  /** Long enough that a run of tries is worked out once, short enough to be done before a list. */
  private static final int SOON_MILLIS = 700;

  private final Golfers golfers;
  private final Workups workups;
  private final Set<String> awaited = ConcurrentHashMap.newKeySet();
  private final ScheduledExecutorService worker =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "glances");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            return thread;
          });

  Glances(Golfers golfers, Workups workups) {
    this.golfers = golfers;
    this.workups = workups;
  }

  /** Every golfer of the practice as they stand now, by name. */
  public List<Glance> all(Account account) {
    bringInStep(account);
    return golfers.all(account.practiceId());
  }

  /** Golfers whose name holds all the words typed, as they stand now. */
  public List<Glance> find(Account account, String typed) {
    bringInStep(account);
    return golfers.find(account.practiceId(), typed);
  }

  @EventListener
  void soon(GolferSaved saved) {
    Account by = saved.by();
    if (awaited.add(by.practiceId())) {
      worker.schedule(() -> now(by), SOON_MILLIS, TimeUnit.MILLISECONDS);
    }
  }

  private void now(Account by) {
    awaited.remove(by.practiceId());
    try {
      bringInStep(by);
    } catch (RuntimeException failed) {
      LOG.warn("What lists show waits for the next list: {}", failed.getClass().getSimpleName());
    }
  }

  /** Works out whoever is behind; how far is read before the file, so that no write is missed. */
  private void bringInStep(Account account) {
    for (Map.Entry<String, Integer> behind : golfers.behind(account.practiceId()).entrySet()) {
      workups
          .openAnew(account, behind.getKey())
          .ifPresent(
              w -> golfers.show(account.practiceId(), AtAGlance.glance(w), behind.getValue()));
    }
  }

  @Override
  public void destroy() {
    worker.shutdownNow();
  }
}
