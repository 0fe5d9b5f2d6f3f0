package loosehip.app.fact;

import java.util.List;

/** What is noted while a block is followed. */
public final class FollowFacts {
  /**
   * That a visit is a retest: what was measured last time stays out of sight until the new set is
   * whole.
   */
  public static final Fact<String> RETEST =
      new Fact<>("retest", Fact.Scope.VISIT, Station.MEASURE, "blind retest", Codecs.mark());

  static final List<Fact<?>> SINGLE = List.of(RETEST);
  static final List<FactFamily<?, ?>> FAMILIES = List.of(SessionTold.ON, OutcomeTold.ON);

  private FollowFacts() {}
}
