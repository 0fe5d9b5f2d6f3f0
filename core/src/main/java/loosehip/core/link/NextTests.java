package loosehip.core.link;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.measure.Band;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/**
 * Which test not yet taken would settle most: the expected fall in the summed binary entropy of all
 * causes it touches, weighted by how clearly each fault is seen, over its minutes. Outcomes follow
 * P(short, close, enough | cause) = .6, .25, .15, and for "not the cause" the same divided by the
 * factor each finding carries. The rehearsal's outcomes, given a cause, are 2:1 (ours).
 */
public final class NextTests {
  private static final int BEST = 3;
  private static final double WORTH_NAMING = 1e-6;
  private static final double[] GIVEN_CAUSE = {.6, .25, .15};
  private static final double[] SETUP_FACTORS = {4, 2, .3};
  private static final double[] REHEARSAL_GIVEN_CAUSE = {2 / 3.0, 1 / 3.0};

  private final Body body;
  private final Seen seen;
  private final Map<NextTest.What, Gain> gains = new LinkedHashMap<>();

  private NextTests(Body body, Seen seen) {
    this.body = body;
    this.seen = seen;
  }

  private static final class Gain {
    private final double minutes;
    private double bits;
    private final Set<NextTest.Question> decides = new LinkedHashSet<>();

    Gain(double minutes) {
      this.minutes = minutes;
    }
  }

  /**
   * The best three, most useful a minute first.
   *
   * @param links the faults of set-up and pivot seen, with what the trainer decided about them
   */
  public static List<NextTest> best(Body body, Seen seen, List<Link> links) {
    return ranked(body, seen, links).stream().limit(BEST).toList();
  }

  /** Every test that would settle something, most useful a minute first. */
  public static List<NextTest> ranked(Body body, Seen seen, List<Link> links) {
    NextTests tests = new NextTests(body, seen);
    for (Link link : links) {
      for (CauseChance chance : link.causes()) {
        tests.consider(link, chance);
      }
    }
    return tests.gains.entrySet().stream()
        .map(e -> tests.test(e.getKey(), e.getValue()))
        .filter(t -> t.value() > WORTH_NAMING)
        .sorted(Comparator.comparingDouble(NextTest::value).reversed())
        .toList();
  }

  private NextTest test(NextTest.What what, Gain gain) {
    return new NextTest(what, gain.minutes, gain.bits / gain.minutes, List.copyOf(gain.decides));
  }

  private void consider(Link link, CauseChance chance) {
    if (chance.rejected()) {
      return;
    }
    double weight = link.severity();
    Optional<Limit> limit = chance.cause().limit();
    limit.ifPresent(of -> take(link, chance, Evidence.judged(link.fault(), of)));
    if (chance.cause().family() == Family.SETUP && !chance.settled()) {
      add(
          new NextTest.LookAtSetup(),
          1,
          weight * expectedFall(chance.counted(), GIVEN_CAUSE, SETUP_FACTORS),
          new NextTest.Question(Optional.empty(), link.fault()));
    }
    if (link.fault() instanceof PivotFault fault && seen.rehearsal(fault) == Rehearsal.NOT_TRIED) {
      rehearse(fault, chance, weight);
    }
  }

  /** Each test of the limit that was not taken, whatever another test of it has said. */
  private void take(Link link, CauseChance chance, Limit limit) {
    double bits =
        link.severity() * expectedFall(chance.counted(), GIVEN_CAUSE, factors(chance.cause()));
    for (ScreenTest test : limit.tests()) {
      for (Optional<Side> side : untaken(limit, test)) {
        add(
            new NextTest.Take(test, side),
            test.minutes(),
            bits,
            new NextTest.Question(chance.cause().limit(), link.fault()));
      }
    }
  }

  private static double[] factors(Cause cause) {
    return new double[] {
      cause.strength().factor(Band.SHORT),
      cause.strength().factor(Band.CLOSE),
      cause.strength().factor(Band.ENOUGH)
    };
  }

  private void rehearse(PivotFault fault, CauseChance chance, double weight) {
    double[] factors =
        switch (chance.cause().family()) {
          case BODY -> new double[] {2, .5};
          case HABIT -> new double[] {3, .3};
          default -> new double[0];
        };
    if (factors.length > 0) {
      add(
          new NextTest.Rehearse(fault),
          1,
          weight * expectedFall(chance.counted(), REHEARSAL_GIVEN_CAUSE, factors),
          new NextTest.Question(Optional.empty(), fault));
    }
  }

  private List<Optional<Side>> untaken(Limit limit, ScreenTest test) {
    return body.sides(limit, test).stream().filter(side -> !taken(limit, test, side)).toList();
  }

  private boolean taken(Limit limit, ScreenTest test, Optional<Side> side) {
    return limit
        .direction()
        .map(d -> body.screen().measurement(Slot.of(test, side.orElseThrow(), d)).isPresent())
        .orElseGet(() -> body.screen().taken(test, side));
  }

  private void add(NextTest.What what, double minutes, double bits, NextTest.Question question) {
    Gain gain = gains.computeIfAbsent(what, w -> new Gain(minutes));
    gain.bits += bits;
    gain.decides.add(question);
  }

  /**
   * Expected fall in binary entropy of a cause of chance {@code p}, bits. Given "not the cause"
   * each outcome is as likely as given the cause, divided by its factor and made to sum to 1; the
   * chance afterwards follows by Bayes' rule, so that the fall is never negative.
   */
  static double expectedFall(double p, double[] givenCause, double[] factors) {
    double sum = 0;
    for (int i = 0; i < factors.length; i++) {
      sum += givenCause[i] / factors[i];
    }
    double after = 0;
    for (int i = 0; i < factors.length; i++) {
      double givenNot = givenCause[i] / factors[i] / sum;
      double outcome = p * givenCause[i] + (1 - p) * givenNot;
      after += outcome * entropy(p * givenCause[i] / outcome);
    }
    return entropy(p) - after;
  }

  private static double entropy(double p) {
    if (p <= 0 || p >= 1) {
      return 0;
    }
    return -(p * Math.log(p) + (1 - p) * Math.log(1 - p)) / Math.log(2);
  }
}
