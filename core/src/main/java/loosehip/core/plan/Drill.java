package loosehip.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Fault;
import loosehip.core.link.PivotFault;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;

/**
 * A practice drill. Its reduced form has no gate, so that a fault in work always has something.
 *
 * @param id the product's id
 * @param faults faults it works on
 * @param schools the schools it belongs to; empty when it serves all
 * @param style the way to start down it belongs to; empty when it serves all
 * @param needs limits that must be at least close before the full form is given
 * @param dose how much, in either form
 * @param full what the full form asks for
 * @param reduced what the reduced form asks for
 * @param notWith cautions it is never given with, whatever it asks
 * @param notWhile faults it is not given beside
 * @param firstWith cautions with which it goes before the others
 * @param fromWeek the first week of a block it may be in
 */
public record Drill(
    ItemId id,
    List<PivotFault> faults,
    Set<School> schools,
    Optional<Downswing> style,
    List<LimitKind> needs,
    Dose dose,
    Asks full,
    Asks reduced,
    Set<Caution> notWith,
    Set<Fault> notWhile,
    Set<Caution> firstWith,
    int fromWeek) {

  /** What one form asks for: tools at hand, and of the body. */
  public record Asks(Tools tools, Set<Demand> demands) {}

  /** The two forms of a drill. */
  public enum Form {
    FULL("full"),
    REDUCED("reduced");

    private final String id;

    Form(String id) {
      this.id = id;
    }

    /** The word shown and written to files. */
    public String id() {
      return id;
    }
  }

  /** What a form asks for. */
  public Asks asks(Form form) {
    return form == Form.FULL ? full : reduced;
  }
}
