package loosehip.core.plan;

import java.util.List;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.named.Named;
import loosehip.core.safety.Caution;

/**
 * One exercise on its rung of a ladder.
 *
 * @param id the product's id
 * @param ladder the ladder it stands on
 * @param rung its rung, 1 the easiest
 * @param kind what sort of work it is; decides order and frequency
 * @param serves limits it serves fully
 * @param also limits it serves by half
 * @param dose how much
 * @param tools what must be at hand
 * @param cautions what blocks it on the side concerned
 */
public record Exercise(
    ItemId id,
    LadderId ladder,
    int rung,
    Kind kind,
    List<LimitKind> serves,
    List<LimitKind> also,
    Dose dose,
    Set<Tool> tools,
    Set<Caution> cautions) {

  /** Sorts of work, in the order of a session. */
  public enum Kind implements Named {
    RANGE("range", "loosen"),
    CONTROL("control", "switch on"),
    SWITCH("switch", "switch on"),
    STRENGTH("strength", "combine"),
    SPEED("speed", "fast");

    private final String id;
    private final String word;

    Kind(String id, String word) {
      this.id = id;
      this.word = word;
    }

    @Override
    public String id() {
      return id;
    }

    /** The word for its place in a session. */
    public String word() {
      return word;
    }
  }

  /** Whether it needs 48 hours before the same limit is worked again. */
  public boolean hard() {
    return kind == Kind.STRENGTH || kind == Kind.SPEED;
  }

  /** How much of a need for this limit one such exercise serves: 1, 0.5 or 0. */
  public double service(LimitKind limit) {
    return serves.contains(limit) ? 1 : also.contains(limit) ? 0.5 : 0;
  }
}
