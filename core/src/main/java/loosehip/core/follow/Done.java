package loosehip.core.follow;

import loosehip.core.named.Named;
import loosehip.core.plan.Dose;

/** How much of an item was done in one session, against the range of its dose. */
public enum Done implements Named {
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

  @Override
  public String id() {
    return id;
  }

  /** Whether it counts as done for adherence: at least the low dose. */
  public boolean counts() {
    return this != UNDER;
  }

  /** What doing as much as was asked comes to. */
  public static Done asked(Dose dose, Dose.Prescribed much) {
    boolean top =
        much.reps() >= dose.repsTop()
            && much.holdSeconds() >= dose.holdTop()
            && much.sets() >= dose.setsTop();
    return top ? TOP : BETWEEN;
  }
}
