package loosehip.app.golfer;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import loosehip.app.store.Account;
import org.springframework.stereotype.Component;

/** Who has a golfer open right now, so that two people see each other. */
@Component
public class Presence {
  private static final Duration HERE = Duration.ofSeconds(40);

  private final Clock clock;
  private final Map<String, Map<String, Seen>> byGolfer = new ConcurrentHashMap<>();

  /** Starts with nobody at any bench. */
  public Presence(Clock clock) {
    this.clock = clock;
  }

  private record Seen(String name, Instant at) {}

  /** Notes that somebody has this golfer open. */
  public void here(String golferId, Account account) {
    byGolfer
        .computeIfAbsent(golferId, g -> new ConcurrentHashMap<>())
        .put(account.id(), new Seen(account.shownName(), clock.instant()));
  }

  /** The names of the others who had this golfer open within the last moments. */
  public List<String> others(String golferId, Account account) {
    Instant since = clock.instant().minus(HERE);
    Map<String, Seen> seen = byGolfer.getOrDefault(golferId, Map.of());
    seen.values().removeIf(s -> s.at().isBefore(since));
    return seen.entrySet().stream()
        .filter(e -> !e.getKey().equals(account.id()))
        .map(e -> e.getValue().name())
        .sorted()
        .toList();
  }
}
