package loosehip.core.link;

import java.util.List;
import java.util.Optional;
import loosehip.core.body.Side;
import loosehip.core.limit.Limit;
import loosehip.core.measure.ScreenTest;

/**
 * Something not yet looked at, with what it would settle.
 *
 * @param what what to do
 * @param minutes what it takes
 * @param value expected fall in uncertainty, bits a minute
 * @param decides what it decides, fault by fault
 */
public record NextTest(What what, double minutes, double value, List<Question> decides) {

  /** What there is to do. */
  public sealed interface What {
    /** The id used in files. */
    String id();
  }

  /**
   * A screen test.
   *
   * @param side the side to test, for tests with sides
   */
  public record Take(ScreenTest test, Optional<Side> side) implements What {
    @Override
    public String id() {
      return test.id();
    }
  }

  /** The slow rehearsal of a fault's right movement. */
  public record Rehearse(PivotFault fault) implements What {
    @Override
    public String id() {
      return "rehearsal:" + fault.id();
    }
  }

  /** A look at the set-up. */
  public record LookAtSetup() implements What {
    @Override
    public String id() {
      return "set-up";
    }
  }

  /**
   * One thing that would be decided.
   *
   * @param limit the limit in question; empty for a rehearsal or a look at the set-up
   * @param behind the fault it may stand behind
   */
  public record Question(Optional<Limit> limit, Fault behind) {}

  /** The side to test, where it is a test with sides. */
  public Optional<Side> side() {
    return what instanceof Take take ? take.side() : Optional.empty();
  }
}
