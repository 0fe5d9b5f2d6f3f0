package loosehip.core.plan;

import java.util.Collections;
import java.util.EnumSet;
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
 * @param position where it is done
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
    Position position,
    Tools tools,
    Set<Demand> demands,
    Set<Gate> gates) {

  /** Fast work is for the third week on. */
  static final int FAST_FROM_WEEK = 3;

  private static final int WEIGHT_FROM_WEEK = 2;

  private static final LadderId LOADED = LadderId.of("hip-turn-loaded");

  /** Demands that nobody meets cold. */
  private static final Set<Demand> DEEP =
      EnumSet.of(Demand.KNEE_DEEP, Demand.IR_END, Demand.ER_END, Demand.HEAVY);

  /** Sorts of work. */
  public enum Kind implements Named {
    RANGE("range", Phase.LOOSEN),
    CONTROL("control", Phase.CONTROL),
    SWITCH("switch", Phase.SWITCH_ON),
    STRENGTH("strength", Phase.STRENGTHEN),
    COMBINE("combine", Phase.COMBINE),
    SPEED("speed", Phase.FAST);

    private final String id;
    private final Phase phase;

    Kind(String id, Phase phase) {
      this.id = id;
      this.phase = phase;
    }

    @Override
    public String id() {
      return id;
    }

    /** The word for its place in a session. */
    public String word() {
      return phase.word();
    }
  }

  /** Its part of a session. */
  public Phase phase() {
    boolean loaded =
        kind == Kind.RANGE && (ladder.equals(LOADED) || demands.contains(Demand.KNEE_DEEP));
    return loaded ? Phase.LOADED : kind.phase;
  }

  /** Whether it must not be among the first two of a session. */
  public boolean deep() {
    return !Collections.disjoint(demands, DEEP);
  }

  /** Whether it needs 48 hours before the same limit is worked again. */
  public boolean hard() {
    return kind == Kind.STRENGTH || kind == Kind.COMBINE || kind == Kind.SPEED;
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
