package loosehip.core.measure;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;

/**
 * Which tests a screen runs through; always grouped by position, so nobody gets up and down twice.
 */
public enum RunningOrder {
  HIPS(
      "hips",
      "Hips first",
      EnumSet.of(
          ScreenTest.STANDING_TURN,
          ScreenTest.HINGE_CONTACT,
          ScreenTest.GLUTE_SWITCH,
          ScreenTest.SIDE_HIP_HOLD,
          ScreenTest.SEATED_ROTATION,
          ScreenTest.TRUNK_TURN,
          ScreenTest.PRONE_ROTATION,
          ScreenTest.BRIDGE_HOLD)),
  QUICK(
      "quick",
      "Quick",
      EnumSet.of(
          ScreenTest.STANDING_TURN,
          ScreenTest.TILT_CONTROL,
          ScreenTest.HINGE_CONTACT,
          ScreenTest.TRUNK_TURN,
          ScreenTest.GLUTE_SWITCH,
          ScreenTest.ONE_LEG_STAND,
          ScreenTest.BRIDGE_HOLD)),
  FULL("full", "Full", EnumSet.allOf(ScreenTest.class));

  private final String id;
  private final String title;
  private final Set<ScreenTest> tests;

  RunningOrder(String id, String title, Set<ScreenTest> tests) {
    this.id = id;
    this.title = title;
    this.tests = tests;
  }

  /** The id used in addresses. */
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /** The cards, in the order taken. */
  public List<TestCard> cards(Handed handed) {
    return tests.stream().sorted().flatMap(t -> TestCard.of(t, handed).stream()).toList();
  }

  /** How many cards are taken. */
  public int taken(Screen screen, Handed handed) {
    return (int) cards(handed).stream().filter(c -> c.taken(screen)).count();
  }

  /** Minutes of tests still to take, rounded up. */
  public int minutesLeft(Screen screen, Handed handed) {
    double minutes = 0;
    for (ScreenTest test : tests) {
      List<TestCard> cards = TestCard.of(test, handed);
      long open = cards.stream().filter(c -> !c.taken(screen)).count();
      minutes += test.minutes() * open / (double) cards.size();
    }
    return (int) Math.ceil(minutes);
  }

  /** The order with this id, or empty. */
  public static Optional<RunningOrder> parse(String id) {
    return Arrays.stream(values()).filter(o -> o.id.equals(id)).findFirst();
  }
}
