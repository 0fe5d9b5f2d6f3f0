package loosehip.app.fact;

import java.util.List;
import java.util.Optional;

/** What is noted while a block is followed, and what recordings gave. */
public final class FollowFacts {
  /**
   * That a visit is a retest: what was measured last time stays out of sight until the new set is
   * whole.
   */
  public static final Fact<String> RETEST =
      new Fact<>("retest", Fact.Scope.VISIT, Station.MEASURE, "blind retest", Codecs.mark());

  private static final List<FactFamily<?, ?>> FAMILIES =
      List.of(SessionTold.ON, OutcomeTold.ON, FromTrace.ON);

  private FollowFacts() {}

  /** The fact kept under a key, or empty when there is none. */
  static Optional<Fact<?>> parse(String key) {
    return key.equals(RETEST.key())
        ? Optional.of(RETEST)
        : FAMILIES.stream().map(f -> f.parse(key)).flatMap(Optional::stream).findFirst();
  }
}
