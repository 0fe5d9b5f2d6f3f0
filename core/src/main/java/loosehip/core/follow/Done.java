package loosehip.core.follow;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import loosehip.core.plan.Dose;

/** How much of an item was done in one session, against the range of its dose. */
public enum Done {
  /** The top dose or more. */
  TOP("top"),
  /** Between the low dose and the top dose. */
  BETWEEN("between"),
  /** Less than the low dose, or nothing. */
  UNDER("under");

  private final String id;

  Done(String id) {
    this.id = id;
  }

  /** The id it is kept under. */
  public String id() {
    return id;
  }

  /** Whether it counts as done for adherence: at least the low dose. */
  public boolean counts() {
    return this != UNDER;
  }

  /**
   * The amounts a dose tells apart, in words: repetitions, else seconds of a hold, else sets. A
   * dose without a range tells only all of it from less.
   */
  public static Map<Done, String> told(Dose dose) {
    if (dose.repsLow() < dose.repsTop()) {
      return told(dose.repsLow(), dose.repsTop(), "");
    }
    if (dose.holdLow() < dose.holdTop()) {
      return told(dose.holdLow(), dose.holdTop(), " s");
    }
    if (dose.setsLow() < dose.setsTop()) {
      return told(dose.setsLow(), dose.setsTop(), " sets");
    }
    Map<Done, String> told = new EnumMap<>(Done.class);
    told.put(TOP, "all of it");
    told.put(UNDER, "less");
    return told;
  }

  private static Map<Done, String> told(int low, int top, String unit) {
    Map<Done, String> told = new EnumMap<>(Done.class);
    told.put(TOP, top + unit);
    told.put(BETWEEN, low == top - 1 ? low + unit : low + "–" + (top - 1) + unit);
    told.put(UNDER, "under " + low + unit);
    return told;
  }

  /** What doing as much as was asked comes to. */
  public static Done asked(Dose dose, Dose.Prescribed much) {
    boolean top =
        much.reps() >= dose.repsTop()
            && much.holdSeconds() >= dose.holdTop()
            && much.sets() >= dose.setsTop();
    return top ? TOP : BETWEEN;
  }

  /** The amount with this id, or empty. */
  public static Optional<Done> parse(String id) {
    return Arrays.stream(values()).filter(d -> d.id.equals(id)).findFirst();
  }
}
