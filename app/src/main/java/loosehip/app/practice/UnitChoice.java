package loosehip.app.practice;

import java.util.List;
import loosehip.core.named.Named;

/**
 * Something a practice chooses once.
 *
 * @param what what it is kept under
 * @param words what it is
 * @param options what can be chosen
 */
public record UnitChoice(String what, String words, List<Option> options) {
  /** A choice with an example of it. */
  public record Option(String id, String words, String example, boolean chosen) {}

  static Option of(Named option, Named now, String words, String example) {
    return new Option(option.id(), words, example, option.equals(now));
  }
}
