package loosehip.core.plan;

import java.util.List;
import java.util.Set;
import loosehip.core.limit.LimitKind;
import loosehip.core.named.Named;
import loosehip.core.safety.Demand;

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
 * @param demands what it asks of the body; cautions act on these
 * @param gates what must be measured before it is given
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
    Set<Demand> demands,
    Set<Gate> gates) {

  /** Fast work is for the third week on. */
  static final int FAST_FROM_WEEK = 3;

  private static final int WEIGHT_FROM_WEEK = 2;

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

  /** The first week of a block it may be in: fast work from the third, a weight from the second. */
  public int fromWeek() {
    if (kind == Kind.SPEED) {
      return FAST_FROM_WEEK;
    }
    return demands.contains(Demand.HEAVY) ? WEIGHT_FROM_WEEK : 1;
  }

  /** How much of a need for this limit one such exercise serves: 1, 0.5 or 0. */
  public double service(LimitKind limit) {
    return serves.contains(limit) ? 1 : also.contains(limit) ? 0.5 : 0;
  }
}
