package loosehip.core.measure;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;

/**
 * Which tests a screen runs through; always grouped by position, so nobody gets up and down twice.
 *
 * @param id the id used in addresses
 * @param title the name shown
 * @param tests the tests, in the order taken
 */
public record RunningOrder(String id, String title, List<ScreenTest> tests) {
  /** The hips and what surrounds them: enough for the turn budget and the first links. */
  public static final RunningOrder HIPS =
      of(
          "hips",
          "Hips first",
          ScreenTest.STANDING_TURN,
          ScreenTest.HINGE_CONTACT,
          ScreenTest.GLUTE_SWITCH,
          ScreenTest.SIDE_HIP_HOLD,
          ScreenTest.SEATED_ROTATION,
          ScreenTest.TRUNK_TURN,
          ScreenTest.PRONE_ROTATION,
          ScreenTest.BRIDGE_HOLD);

  /** Twelve minutes of a clinic day. */
  public static final RunningOrder QUICK =
      of(
          "quick",
          "Quick",
          ScreenTest.STANDING_TURN,
          ScreenTest.TILT_CONTROL,
          ScreenTest.HINGE_CONTACT,
          ScreenTest.TRUNK_TURN,
          ScreenTest.GLUTE_SWITCH,
          ScreenTest.ONE_LEG_STAND,
          ScreenTest.BRIDGE_HOLD);

  /** Every test. */
  public static final RunningOrder FULL = of("full", "Full", ScreenTest.values());

  /** The orders that are the same for everybody. */
  public static final List<RunningOrder> SHIPPED = List.of(HIPS, QUICK, FULL);

  /** The id of the order made from a golfer's complaints. */
  public static final String BY_COMPLAINT = "complaint";

  /** The id of the order made from the faults seen. */
  public static final String BY_SEEN = "seen";

  /** The id of an order that a practice made for everybody in it. */
  public static final String OF_PRACTICE = "practice";

  /** The id of a trainer's own order. */
  public static final String OWN = "own";

  /** Groups by position; within a position the order given is kept. */
  public RunningOrder {
    tests = tests.stream().distinct().sorted(Comparator.comparing(ScreenTest::position)).toList();
  }

  private static RunningOrder of(String id, String title, ScreenTest... tests) {
    return new RunningOrder(id, title, Arrays.asList(tests));
  }

  /** The cards, in the order taken, the trail side first. */
  public List<TestCard> cards(Handed handed) {
    return cards(handed, Map.of());
  }

  /**
   * The cards, in the order taken.
   *
   * @param first the side to take first in a test, where it is not the trail side
   */
  public List<TestCard> cards(Handed handed, Map<ScreenTest, Side> first) {
    return tests.stream()
        .flatMap(t -> TestCard.of(t, first.getOrDefault(t, handed.side(Leg.TRAIL))).stream())
        .toList();
  }

  /** How many cards are taken. */
  public int taken(Screen screen, Handed handed) {
    return (int) cards(handed).stream().filter(c -> c.taken(screen)).count();
  }

  /** Minutes of tests still to take, rounded up. */
  public int minutesLeft(Screen screen, Handed handed) {
    return minutesLeft(screen, handed, Set.of(), OwnPace.UNKNOWN);
  }

  /**
   * Minutes of tests still to take, rounded up.
   *
   * @param skipped keys of cards that will not be taken
   * @param pace how long whoever measures takes
   */
  public int minutesLeft(Screen screen, Handed handed, Set<String> skipped, OwnPace pace) {
    double minutes = 0;
    for (ScreenTest test : tests) {
      List<TestCard> cards = TestCard.of(test, handed);
      long open =
          cards.stream().filter(c -> !c.taken(screen) && !skipped.contains(c.key())).count();
      minutes += pace.minutes(test) * open / (double) cards.size();
    }
    return (int) Math.ceil(minutes);
  }

  /** The shipped order with this id, or empty. */
  public static Optional<RunningOrder> parse(String id) {
    return SHIPPED.stream().filter(o -> o.id.equals(id)).findFirst();
  }

  /** Whether this is the id of an order, shipped or made for a golfer or a trainer. */
  public static boolean known(String id) {
    return parse(id).isPresent() || List.of(BY_COMPLAINT, BY_SEEN, OF_PRACTICE, OWN).contains(id);
  }
}
