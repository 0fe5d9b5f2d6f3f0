package loosehip.core.safety;

import static loosehip.core.safety.Demand.ARCH_END;
import static loosehip.core.safety.Demand.ARM_LOAD;
import static loosehip.core.safety.Demand.ARM_UP;
import static loosehip.core.safety.Demand.BEND_END;
import static loosehip.core.safety.Demand.BEND_LOAD;
import static loosehip.core.safety.Demand.ER_END;
import static loosehip.core.safety.Demand.EYES_CLOSED;
import static loosehip.core.safety.Demand.FAST;
import static loosehip.core.safety.Demand.GROIN;
import static loosehip.core.safety.Demand.HANDS_DOWN;
import static loosehip.core.safety.Demand.HEAVY;
import static loosehip.core.safety.Demand.HIP_CROSS;
import static loosehip.core.safety.Demand.HIP_DEEP;
import static loosehip.core.safety.Demand.IMPACT;
import static loosehip.core.safety.Demand.IR_END;
import static loosehip.core.safety.Demand.KNEEL;
import static loosehip.core.safety.Demand.KNEE_BEND;
import static loosehip.core.safety.Demand.KNEE_DEEP;
import static loosehip.core.safety.Demand.KNEE_TWIST;
import static loosehip.core.safety.Demand.NERVE;
import static loosehip.core.safety.Demand.ONE_LEG;
import static loosehip.core.safety.Demand.ONE_LEG_HELD;
import static loosehip.core.safety.Demand.ON_BACK;
import static loosehip.core.safety.Demand.ON_FRONT;
import static loosehip.core.safety.Demand.STANCE_TWIST;
import static loosehip.core.safety.Demand.STRAIN;
import static loosehip.core.safety.Demand.TWIST_END;
import static loosehip.core.safety.Demand.TWIST_LOAD;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * What one noted caution does with the demands of a movement: blocks them, or asks that the
 * movement be done differently. Source: the table of domain/06.
 *
 * @param blocks demands that must not be made, those lifted by a clearance left out
 * @param changes how a movement with a demand is done instead
 */
record DemandRules(Set<Demand> blocks, Map<Demand, Change> changes) {
  private static final int HURTS = 4;
  private static final int LATE = 16;

  static DemandRules of(NotedCaution noted) {
    NotedCaution.Detail detail = noted.detail();
    Rules rules = new Rules();
    switch (noted.caution()) {
      case HIP_REPLACEMENT ->
          rules
              .block(IR_END, ER_END, HIP_DEEP, HIP_CROSS, IMPACT)
              .change(Change.HAND_ON_SOMETHING, ONE_LEG)
              .change(Change.INSIDE_THE_LIMIT, STANCE_TWIST)
              .change(Change.RIGHT_ANGLE, KNEE_DEEP);
      case HIP_PINCH ->
          rules.block(IR_END, HIP_DEEP).change(Change.SHORT_OF_THE_PINCH, KNEE_DEEP, HIP_CROSS);
      case INNER_KNEE ->
          rules.block(KNEE_TWIST, IMPACT).change(Change.SMALLER, GROIN, STANCE_TWIST);
      case KNEE -> {
        rules
            .block(KNEEL, KNEE_DEEP, IMPACT)
            .change(Change.SHALLOW_AND_HELD, KNEE_BEND)
            .change(Change.HAND_ON_SOMETHING, ONE_LEG);
        if (detail.replacement()) {
          rules.block(KNEE_TWIST, STANCE_TWIST);
        }
      }
      case BACK -> {
        rules.block(HEAVY, IMPACT);
        if (hurts(noted)) {
          rules.block(BEND_LOAD, TWIST_LOAD, TWIST_END, ARCH_END, FAST);
        } else {
          rules.change(Change.HALF_RANGE, BEND_LOAD, TWIST_LOAD, TWIST_END, ARCH_END, FAST);
        }
      }
      case SCIATICA -> rules.block(NERVE, BEND_END, HEAVY, IMPACT);
      case BRITTLE_BONES ->
          rules
              .block(BEND_END, BEND_LOAD, TWIST_LOAD, TWIST_END, HEAVY, IMPACT)
              .change(Change.HAND_ON_SOMETHING, ONE_LEG);
      case BALANCE ->
          rules
              .block(ONE_LEG, EYES_CLOSED, IMPACT, FAST)
              .change(Change.HELPER, ONE_LEG_HELD, STANCE_TWIST);
      case HEART -> rules.block(STRAIN, FAST, HEAVY, IMPACT).change(Change.BREATHE, STRAIN, HEAVY);
      case PREGNANCY -> {
        rules
            .block(STRAIN, HEAVY, IMPACT, FAST, ON_FRONT)
            .change(Change.NOT_PUSHED, IR_END, ER_END, GROIN);
        if (late(detail)) {
          rules.block(ON_BACK);
        }
      }
      case GROIN -> rules.block(GROIN, ER_END).change(Change.NARROWER, KNEE_DEEP);
      case SHOULDER -> rules.block(ARM_UP, ARM_LOAD);
      case WRIST -> rules.block(HANDS_DOWN);
      case UNDER_18 -> {
        if (detail.guarded()) {
          rules.change(Change.TECHNIQUE_FIRST, HEAVY, FAST, IMPACT);
        } else {
          rules.block(HEAVY, FAST, IMPACT);
        }
      }
    }
    rules.blocks.removeAll(noted.lifted());
    return new DemandRules(rules.blocks, rules.changes);
  }

  /** Back pain that was not asked after counts as bad. */
  static boolean hurts(NotedCaution back) {
    return back.detail().painNow().orElse(HURTS) >= HURTS;
  }

  /** A week that was not asked after counts as late; after a birth none does. */
  private static boolean late(NotedCaution.Detail detail) {
    return detail.weeksAfter().isEmpty() && detail.week().orElse(LATE) >= LATE;
  }

  private static final class Rules {
    private final Set<Demand> blocks = EnumSet.noneOf(Demand.class);
    private final Map<Demand, Change> changes = new EnumMap<>(Demand.class);

    Rules block(Demand... demands) {
      blocks.addAll(Set.of(demands));
      return this;
    }

    Rules change(Change how, Demand... demands) {
      for (Demand demand : demands) {
        changes.put(demand, how);
      }
      return this;
    }
  }
}
