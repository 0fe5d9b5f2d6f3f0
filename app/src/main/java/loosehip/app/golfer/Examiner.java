package loosehip.app.golfer;

import java.util.List;
import loosehip.core.measure.OwnPace;
import loosehip.core.measure.ScreenTest;

/**
 * Whoever measures, as far as it changes what a golfer is taken through.
 *
 * @param ownOrder a running order of their own; empty when they made none
 * @param practiceOrder the running order of their practice; empty when it made none
 * @param pace how long they take for a test
 */
public record Examiner(List<ScreenTest> ownOrder, List<ScreenTest> practiceOrder, OwnPace pace) {
  /** Somebody with no order of their own, whose pace is not known. */
  public static final Examiner ANYBODY = new Examiner(List.of(), List.of(), OwnPace.UNKNOWN);

  /** Copies the lists. */
  public Examiner {
    ownOrder = List.copyOf(ownOrder);
    practiceOrder = List.copyOf(practiceOrder);
  }
}
