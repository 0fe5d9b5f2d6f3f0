package loosehip.app.golfer;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.store.Account;
import loosehip.app.store.Noted;
import loosehip.app.store.PracticeValues;
import loosehip.app.store.TestTimes;
import loosehip.core.measure.OwnPace;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import org.springframework.stereotype.Component;

/** Keeps what is known of whoever measures; a pace moves slowly and is worked out now and then. */
@Component
public class Examiners {
  /** The topic of one's own running order, and of a practice's. */
  private static final String OWN = "order.own";

  private static final String OF_PRACTICE = "order.practice";
  private static final Duration FRESH = Duration.ofMinutes(30);

  private final PracticeValues values;
  private final LoadingCache<String, OwnPace> paces;

  Examiners(PracticeValues values, TestTimes times) {
    this.values = values;
    this.paces =
        Caffeine.newBuilder()
            .expireAfterWrite(FRESH)
            .build(account -> OwnPace.of(times.begunBy(account)));
  }

  /** Whoever is signed in here. */
  Examiner of(Account account) {
    return new Examiner(ownOrder(account), practiceOrder(account), paces.get(account.id()));
  }

  /** The running order this person made for themselves; empty when they made none. */
  public List<ScreenTest> ownOrder(Account account) {
    return tests(values.ofPerson(account), OWN);
  }

  /** The running order made for everybody in the practice; empty when none was. */
  public List<ScreenTest> practiceOrder(Account account) {
    return tests(values.ofPractice(account.practiceId()), OF_PRACTICE);
  }

  private static List<ScreenTest> tests(Map<String, Noted> values, String topic) {
    return Optional.ofNullable(values.get(topic)).stream()
        .flatMap(noted -> Arrays.stream(noted.value().split(" ")))
        .map(Named.parser(ScreenTest.class))
        .flatMap(Optional::stream)
        .toList();
  }

  /** Keeps one's own running order; an empty one takes it away. */
  public void keepOwn(Account by, List<ScreenTest> order) {
    values.setOwn(by, OWN, kept(order));
  }

  /** Keeps the practice's running order; an empty one takes it away. */
  public void keepForPractice(Account by, List<ScreenTest> order) {
    values.set(by, OF_PRACTICE, kept(order));
  }

  private static Optional<String> kept(List<ScreenTest> order) {
    return Optional.of(String.join(" ", order.stream().map(ScreenTest::id).toList()))
        .filter(k -> !k.isEmpty());
  }
}
