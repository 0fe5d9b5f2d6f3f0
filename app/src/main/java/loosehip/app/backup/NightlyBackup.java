package loosehip.app.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import loosehip.app.Settings;
import loosehip.app.store.DataFolder;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Makes a backup by itself once a day while the program runs, in the data folder, the newest
 * fourteen kept. A laptop sleeps at night, so it is the age of the last one that counts.
 */
@Component
@Lazy(false)
public class NightlyBackup implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(NightlyBackup.class);
  private static final Duration EVERY = Duration.ofHours(24);
  private static final int LOOK_MINUTES = 30;
  private static final int KEEP = 14;

  private final Settings settings;
  private final Clock clock;
  private final ScheduledExecutorService worker =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "backup");
            thread.setDaemon(true);
            return thread;
          });

  NightlyBackup(Settings settings, Clock clock) {
    this.settings = settings;
    this.clock = clock;
  }

  @EventListener(ApplicationReadyEvent.class)
  void ready() {
    if (!settings.demo()) {
      worker.scheduleWithFixedDelay(this::whenDue, LOOK_MINUTES, LOOK_MINUTES, TimeUnit.MINUTES);
    }
  }

  private Path folder() {
    return settings.home().resolve("backups");
  }

  /** The newest backup in the data folder, and when it was made. */
  public Optional<Instant> last() {
    List<Path> all = Backup.in(folder());
    if (all.isEmpty()) {
      return Optional.empty();
    }
    try {
      return Optional.of(Files.getLastModifiedTime(all.get(0)).toInstant());
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  void whenDue() {
    boolean due = last().map(at -> at.plus(EVERY).isBefore(Instant.now(clock))).orElse(true);
    if (due) {
      now();
    }
  }

  /** Makes one now; what went wrong, in words, or empty. */
  public synchronized Optional<String> now() {
    try {
      Backup.make(settings.home().resolve(DataFolder.DATABASE), folder(), Optional.empty(), clock);
      Backup.keep(folder(), KEEP);
      return Optional.empty();
    } catch (Backup.Failed failed) {
      LOG.warn("No backup was made: {}", failed.getMessage());
      return Optional.of(failed.getMessage());
    }
  }

  @Override
  public void destroy() {
    worker.shutdownNow();
  }
}
