package loosehip.app.plan;

import java.util.List;
import java.util.Optional;
import loosehip.app.store.PlanTemplates;
import loosehip.core.plan.ItemId;

/**
 * The station of the plan, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param told what was just done or refused
 * @param empty why there is no block; empty when there is one
 * @param block the block; empty when there is none
 * @param given the version in the golfer's hand, in words; empty while it is only proposed
 * @param state what is to be said about it as it stands
 * @param versions versions kept, the newest first
 * @param addable what can be added
 * @param templates the practice's templates
 */
public record PlanStation(
    String golfer,
    Told told,
    Optional<Empty> empty,
    Optional<PlanPage> block,
    Optional<Given> given,
    State state,
    List<VersionLine> versions,
    List<Addable> addable,
    List<PlanTemplates.Template> templates) {

  /**
   * What was just done or refused, in words.
   *
   * @param refused empty when nothing was
   * @param done empty when nothing was
   */
  public record Told(String refused, String done) {
    static final Told NOTHING = new Told("", "");
  }

  /** The version given. */
  public record Given(int number, String label) {}

  /**
   * How the block stands.
   *
   * @param unsafe whether it must not be done as it stands
   * @param startPast whether the start wished for is past, and the block over with it
   * @param onPaper whether it runs already, on paper
   * @param outOfDate whether what was measured or noted since would give another one
   * @param decided whether the trainer decided anything about it
   * @param log what its log asks, in words; empty while it asks nothing
   */
  public record State(
      boolean unsafe,
      boolean startPast,
      boolean onPaper,
      boolean outOfDate,
      boolean decided,
      List<LogLine> log) {
    static final State NONE = new State(false, false, false, false, false, List.of());
  }

  /** What the log asks of one item. */
  public record LogLine(String step, String name, String because) {}

  /**
   * Why there is no block.
   *
   * @param notes what the planner says
   */
  public record Empty(Why why, List<String> notes) {}

  /** Why there is no block. */
  public enum Why {
    /** Minutes or days are not known. */
    NO_WISHES,
    /** Nothing calls for work. */
    NO_NEED,
    /** Nothing that serves fits. */
    NOTHING_FITS;

    /** Whether minutes or days are not known. */
    public boolean noWishes() {
      return this == NO_WISHES;
    }

    /** Whether nothing calls for work. */
    public boolean noNeed() {
      return this == NO_NEED;
    }

    /** Whether nothing that serves fits. */
    public boolean nothingFits() {
      return this == NOTHING_FITS;
    }
  }

  /** Something that can be added. */
  public record Addable(ItemId id, String name) {}

  /** A version in the list, with what its log holds. */
  public record VersionLine(int number, String label, String by, String log) {}
}
