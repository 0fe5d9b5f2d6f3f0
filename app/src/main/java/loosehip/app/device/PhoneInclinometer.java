package loosehip.app.device;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import loosehip.app.golfer.GolferErased;
import loosehip.app.store.Ids;
import loosehip.core.incline.InclineAxis;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The trainer's own phone, joined to one golfer by a link that lasts an hour. Links live in memory
 * alone: what stands in their address is kept as a hash, and a restart ends them.
 */
@Component
public class PhoneInclinometer implements AngleSource {
  /** How long a link lasts (domain: the phone as an inclinometer). */
  public static final Duration LASTS = Duration.ofHours(1);

  private static final int LINKS_MOST = 500;

  private final Clock clock;
  private final Cache<String, PhoneJoin> byHash;
  private final Map<String, String> hashOf = new ConcurrentHashMap<>();

  PhoneInclinometer(Clock clock) {
    this.clock = clock;
    this.byHash =
        Caffeine.newBuilder()
            .maximumSize(LINKS_MOST)
            .expireAfterWrite(LASTS)
            .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.millis()))
            .build();
  }

  @Override
  public String id() {
    return "phone";
  }

  @Override
  public String title() {
    return "Your phone";
  }

  @Override
  public boolean simulated() {
    return false;
  }

  /** Makes a link for a golfer, in the place of the one before; told only now. */
  String join(String golfer, String title) {
    cut(golfer);
    String token = Ids.fresh();
    String hash = Ids.hash(token);
    byHash.put(hash, new PhoneJoin(title, Instant.now(clock).plus(LASTS)));
    hashOf.put(golfer, hash);
    return token;
  }

  /** Ends the link of a golfer at once. */
  public void cut(String golfer) {
    String hash = hashOf.remove(golfer);
    if (hash != null) {
      byHash.invalidate(hash);
    }
  }

  @EventListener
  void erased(GolferErased golfer) {
    cut(golfer.golferId());
  }

  /** The link of an address, while it lasts. */
  Optional<PhoneJoin> byToken(String token) {
    return Optional.ofNullable(byHash.getIfPresent(Ids.hash(token)));
  }

  /** The link of a golfer, while it lasts. */
  Optional<PhoneJoin> of(String golfer) {
    Optional<PhoneJoin> join = Optional.ofNullable(hashOf.get(golfer)).map(byHash::getIfPresent);
    if (join.isEmpty()) {
      hashOf.remove(golfer);
    }
    return join;
  }

  @Override
  public Stream listen(Place place, InclineAxis axis, Consumer<Sample> listener) {
    return of(place.golfer())
        .map(join -> join.listen(place.card(), axis, listener))
        .orElse(() -> {});
  }

  @Override
  public void zero(Place place) {
    of(place.golfer()).ifPresent(PhoneJoin::zero);
  }

  @Override
  public void took(Place place, double degrees) {
    of(place.golfer()).ifPresent(join -> join.took(degrees));
  }
}
