package loosehip.core.follow;

import loosehip.core.named.Named;

/** Why an item of a session was passed over (domain/09). */
public enum Skip implements Named {
  /** No time for it. */
  TIME("time", "no time", false),
  /** What it needs was not at hand. */
  TOOL("tool", "tool not at hand", false),
  /** It hurt. */
  PAIN("pain", "pain", true),
  /** The golfer did not understand what to do. */
  UNCLEAR("unclear", "not understood", false);

  private final String id;
  private final String words;
  private final boolean tooMuch;

  Skip(String id, String words, boolean tooMuch) {
    this.id = id;
    this.words = words;
    this.tooMuch = tooMuch;
  }

  @Override
  public String id() {
    return id;
  }

  /** The reason in words. */
  public String words() {
    return words;
  }

  /**
   * Whether passing over says that it was too much. Only then does it count towards a step back;
   * what was passed over for want of time, of a tool or of an explanation says nothing of the rung.
   */
  public boolean tooMuch() {
    return tooMuch;
  }
}
