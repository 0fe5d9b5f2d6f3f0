package loosehip.core.link;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;

/**
 * Which test not yet taken would settle most: the expected fall in the summed binary entropy of all
 * causes it touches, weighted by how clearly each fault is seen, over its minutes. Outcomes follow
 * P(short, close, enough | cause) = .6, .25, .15, and for "not the cause" the same divided by the
 * factor each finding carries. The rehearsal's outcomes, given a cause, are 2:1 (ours).
 */
public final class NextTests {
  private static final int BEST = 3;
  private static final double[] GIVEN_CAUSE = {.6, .25, .15};
  private static final double[] REHEARSAL_GIVEN_CAUSE = {2 / 3.0, 1 / 3.0};

  private final Map<String, NextTest> gains = new LinkedHashMap<>();
  private final Map<String, Set<String>> decides = new LinkedHashMap<>();

  private NextTests() {}

  /** The best three, most useful a minute first. */
  public static List<NextTest> best(Screen screen, Handed handed, Seen seen, List<Link> links) {
    return ranked(screen, handed, seen, links).stream().limit(BEST).toList();
  }

  /** Every test that would settle something, most useful a minute first. */
  public static List<NextTest> ranked(Screen screen, Handed handed, Seen seen, List<Link> links) {
    NextTests tests = new NextTests();
    for (Link link : links) {
      for (CauseChance chance : link.causes()) {
        tests.consider(screen, handed, seen, link, chance);
      }
    }
    return tests.gains.values().stream()
        .filter(t -> t.value() > 1e-6)
        .sorted(Comparator.comparingDouble(NextTest::value).reversed())
        .map(t -> tests.explained(t))
        .toList();
  }

  private NextTest explained(NextTest test) {
    String why = "decides " + String.join(", ", decides.get(test.id() + test.side()));
    return new NextTest(test.id(), test.title(), test.side(), test.minutes(), test.value(), why);
  }

  private void consider(Screen screen, Handed handed, Seen seen, Link link, CauseChance chance) {
    double weight = link.level().severity();
    if (chance.cause() instanceof Cause.Body body && !chance.settled()) {
      double[] factors = {
        body.strength().factor(Band.SHORT),
        body.strength().factor(Band.CLOSE),
        body.strength().factor(Band.ENOUGH)
      };
      double gain = weight * expectedFall(chance.odds(), GIVEN_CAUSE, factors);
      ScreenTest test = body.limit().tests().get(0);
      for (Optional<Side> side : untaken(body.limit(), test, screen, handed)) {
        double minutes = test.sided() ? Math.max(1, test.minutes() / 2.0) : test.minutes();
        String name = body.limit().title().toLowerCase(Locale.ROOT);
        add(test.id(), test.title(), side, minutes, gain, name + " behind " + faultName(link));
      }
    }
    if (chance.cause() instanceof Cause.FromSetup && !chance.settled()) {
      double gain = weight * expectedFall(chance.odds(), GIVEN_CAUSE, new double[] {4, 2, .3});
      add(
          "set-up",
          "Look at the set-up",
          Optional.empty(),
          1,
          gain,
          "set-up or not behind " + faultName(link));
    }
    if (seen.rehearsal(link.fault()) == Rehearsal.NOT_TRIED) {
      rehearse(link, chance, weight);
    }
  }

  private void rehearse(Link link, CauseChance chance, double weight) {
    double[] factors =
        switch (chance.cause().family()) {
          case BODY -> new double[] {2, .5};
          case HABIT -> new double[] {3, .3};
          default -> new double[0];
        };
    if (factors.length > 0) {
      double gain = weight * expectedFall(chance.odds(), REHEARSAL_GIVEN_CAUSE, factors);
      add(
          "rehearsal:" + link.fault().id(),
          "Slow rehearsal, " + faultName(link),
          Optional.empty(),
          1,
          gain,
          "body or habit behind " + faultName(link));
    }
  }

  private static List<Optional<Side>> untaken(
      Limit limit, ScreenTest test, Screen screen, Handed handed) {
    List<Optional<Side>> sides = new ArrayList<>();
    for (Optional<Side> side : limit.sides(test, handed)) {
      if (!screen.taken(test, side) || limit.kind().hipRange()) {
        sides.add(side);
      }
    }
    return sides;
  }

  private void add(
      String id, String title, Optional<Side> side, double minutes, double gain, String what) {
    String key = id + side;
    gains.merge(
        key,
        new NextTest(id, title, side, minutes, gain / minutes, ""),
        (a, b) -> new NextTest(id, title, side, minutes, a.value() + b.value(), ""));
    decides.computeIfAbsent(key, k -> new LinkedHashSet<>()).add(what);
  }

  private static String faultName(Link link) {
    return link.fault().title().toLowerCase(Locale.ROOT);
  }

  /**
   * Expected fall in binary entropy, bits. Given "not the cause" each outcome is as likely as given
   * the cause, divided by its factor and made to sum to 1; the chance afterwards follows by Bayes'
   * rule, so that the fall is never negative.
   */
  static double expectedFall(double odds, double[] givenCause, double[] factors) {
    double p = odds / (1 + odds);
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
