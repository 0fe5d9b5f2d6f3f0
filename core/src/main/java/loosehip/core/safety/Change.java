package loosehip.core.safety;

import loosehip.core.named.Named;

/** How a movement is done differently for a caution. It is printed with the movement. */
public enum Change implements Named {
  HAND_ON_SOMETHING("hand-on-something", "a hand on something"),
  INSIDE_THE_LIMIT("inside-the-limit", "only inside the surgeon's limit"),
  RIGHT_ANGLE("right-angle", "bend the knee to a right angle at most"),
  SHORT_OF_THE_PINCH("short-of-the-pinch", "stop short of the pinch"),
  SMALLER("smaller", "make it smaller; nothing is felt inside the knee"),
  SHALLOW_AND_HELD("shallow-and-held", "shallow, a hand on something"),
  HALF_RANGE("half-range", "half the range, back neutral"),
  HELPER("helper", "support at hand, and a helper there the first times"),
  BREATHE("breathe", "breathe through, and hold 10 s at most"),
  NOT_PUSHED("not-pushed", "wide range is not pushed"),
  NARROWER("narrower", "narrower"),
  ARMS_CROSSED("arms-crossed", "arms crossed instead of a club on the shoulders"),
  TECHNIQUE_FIRST(
      "technique-first", "technique first, half the weight, from week 3, a guardian near");

  private final String id;
  private final String words;

  Change(String id, String words) {
    this.id = id;
    this.words = words;
  }

  @Override
  public String id() {
    return id;
  }

  /** What is said to whoever does it. */
  public String words() {
    return words;
  }
}
