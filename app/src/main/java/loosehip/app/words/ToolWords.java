package loosehip.app.words;

import loosehip.app.unit.Mass;
import loosehip.app.unit.Units;
import loosehip.core.plan.Tool;

/** Tools in words, weights in the practice's unit. */
public final class ToolWords {
  private ToolWords() {}

  /** {@code a weight of about 8 kg}; 18 lb where pounds are read. */
  public static String of(Tool tool) {
    return tool == Tool.WEIGHT && Units.now().mass() == Mass.POUNDS
        ? "a weight of about 18 lb"
        : tool.word();
  }
}
