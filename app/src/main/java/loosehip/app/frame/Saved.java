package loosehip.app.frame;

import java.time.LocalTime;
import loosehip.app.words.Dates;

/**
 * What became of something sent to be saved.
 *
 * @param words what the bar at the top says
 * @param problem why it was not kept, in words; empty when it was
 */
public record Saved(String words, String problem) {

  /** What became of it at this time of day. */
  public static Saved of(String problem, LocalTime at) {
    return new Saved(problem.isEmpty() ? Dates.saved(at) : "not saved", problem);
  }

  /** Whether it was kept. */
  public boolean kept() {
    return problem.isEmpty();
  }
}
