package loosehip.core.safety;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Whether a golfer may do a movement, by what it asks of the body: as it is, changed, or not.
 *
 * @param blocked what keeps it from this golfer; empty when they may do it
 * @param changed how it is done differently, each way once; empty when it is blocked
 */
public record Movement(Optional<Blocked> blocked, List<Changed> changed) {

  /** What blocks a demand. */
  public record Blocked(By by, Demand demand) {}

  /** Who or what says so. */
  public sealed interface By {
    /** A caution. */
    record OfCaution(NotedCaution noted) implements By {}

    /** A clinician, with a clearance that has limits. */
    record OfClearance(Clearance clearance) implements By {}
  }

  /** A caution changes how a demand is met. */
  public record Changed(NotedCaution by, Demand demand, Change how) {}

  static Movement of(Health health, Set<Demand> demands) {
    List<Changed> changed = new ArrayList<>();
    Set<Change> said = EnumSet.noneOf(Change.class);
    Set<Demand> asked = sorted(demands);
    for (Clearance clearance : health.limits()) {
      for (Demand demand : asked) {
        if (clearance.blocks().contains(demand)) {
          return blocked(new By.OfClearance(clearance), demand);
        }
      }
    }
    for (NotedCaution noted : health.cautions()) {
      DemandRules rules = DemandRules.of(noted);
      for (Demand demand : asked) {
        if (rules.blocks().contains(demand) && !held(noted, demand, demands)) {
          return blocked(new By.OfCaution(noted), demand);
        }
        Change how = rules.changes().get(demand);
        if (how != null && said.add(how)) {
          changed.add(new Changed(noted, demand, how));
        }
      }
    }
    return new Movement(Optional.empty(), List.copyOf(changed));
  }

  private static Movement blocked(By by, Demand demand) {
    return new Movement(Optional.of(new Blocked(by, demand)), List.of());
  }

  /** What a caution can block, whatever further is known: what a clinician can allow. */
  public static Set<Demand> blockedBy(Caution caution) {
    NotedCaution worst =
        new NotedCaution(
            caution,
            Optional.empty(),
            "",
            new NotedCaution.Detail(
                Optional.empty(), Optional.empty(), Optional.empty(), true, true, false),
            Optional.empty());
    return DemandRules.of(worst).blocks();
  }

  /** A new knee bears a turning pelvis while a hand is on something. */
  private static boolean held(NotedCaution noted, Demand demand, Set<Demand> demands) {
    return noted.caution() == Caution.KNEE
        && demand == Demand.STANCE_TWIST
        && demands.contains(Demand.ONE_LEG_HELD);
  }

  private static Set<Demand> sorted(Set<Demand> demands) {
    Set<Demand> sorted = EnumSet.noneOf(Demand.class);
    sorted.addAll(demands);
    return sorted;
  }
}
