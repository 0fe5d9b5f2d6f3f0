package loosehip.app.golfer;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.TimeUnit;
import loosehip.app.store.Account;
import org.springframework.stereotype.Component;

/** Who has a golfer open right now, so that two people see each other. */
@Component
public class Presence {
  private static final Duration HERE = Duration.ofSeconds(40);

  private final Cache<Seat, String> seats;

  /** Starts with nobody at any golfer. */
  public Presence(Clock clock) {
    this.seats =
        Caffeine.newBuilder()
            .expireAfterWrite(HERE)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build();
  }

  /** Somebody at a golfer. */
  private record Seat(String golferId, String accountId) {}

  /** Notes that somebody has this golfer open. */
  public void here(String golferId, Account account) {
    seats.put(new Seat(golferId, account.id()), account.shownName());
  }

  /** The names of the others who had this golfer open within the last moments. */
  public List<String> others(String golferId, Account account) {
    return seats.asMap().entrySet().stream()
        .filter(e -> e.getKey().golferId().equals(golferId))
        .filter(e -> !e.getKey().accountId().equals(account.id()))
        .map(e -> e.getValue())
        .sorted()
        .toList();
  }
}
