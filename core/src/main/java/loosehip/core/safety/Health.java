package loosehip.core.safety;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;

/**
 * What must be respected for one golfer.
 *
 * @param openWarnings warning signs answered yes for which no clinician's clearance is in force
 * @param unanswered warning signs not asked at this visit
 * @param cleared clearances of warning signs in force
 * @param cautions noted cautions
 */
public record Health(
    Set<WarningSign> openWarnings,
    Set<WarningSign> unanswered,
    Map<WarningSign, Clearance> cleared,
    List<NotedCaution> cautions) {
  /** Everything asked, nothing noted. */
  public static final Health CLEAR = new Health(Set.of(), Set.of(), Map.of(), List.of());

  /** Copies the collections. */
  public Health {
    openWarnings = Set.copyOf(openWarnings);
    unanswered = Set.copyOf(unanswered);
    cleared = Map.copyOf(cleared);
    cautions = List.copyOf(cautions);
  }

  /** Whether movement tests and plans must wait for a clinician. */
  public boolean refer() {
    return !openWarnings.isEmpty();
  }

  /** Whether this caution is noted on any side. */
  public boolean active(Caution caution) {
    return cautions.stream().anyMatch(c -> c.caution() == caution);
  }

  /** One that says only this of warning signs and cautions. */
  public static Health of(Set<WarningSign> openWarnings, List<NotedCaution> cautions) {
    return new Health(openWarnings, Set.of(), Map.of(), cautions);
  }

  /** Every clearance in force, of warning signs and of cautions. */
  public List<Clearance> limits() {
    return Stream.concat(
            cleared.values().stream(),
            cautions.stream().map(NotedCaution::clearance).flatMap(Optional::stream))
        .toList();
  }

  /** Whether a movement that asks this of the body may be done, and how. */
  public Movement movement(Set<Demand> demands) {
    return Movement.of(this, demands);
  }

  /** The rule that keeps a test from a side, or empty when it may be taken. */
  public Optional<TestRule> blocks(ScreenTest test, Optional<Side> side, Optional<Part> part) {
    return rules(test, side, part).filter(TestRule::blocks).findFirst();
  }

  /** What to mind while a test is taken that may be taken. */
  public List<TestRule> cares(ScreenTest test, Optional<Side> side, Optional<Part> part) {
    return rules(test, side, part).filter(rule -> !rule.blocks()).toList();
  }

  private Stream<TestRule> rules(ScreenTest test, Optional<Side> side, Optional<Part> part) {
    return cautions.stream().flatMap(c -> TestRule.of(c, test, side, part).stream());
  }

  /** The same golfer, mirrored. */
  public Health mirrored() {
    return new Health(
        openWarnings,
        unanswered,
        cleared.entrySet().stream()
            .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().mirrored())),
        cautions.stream().map(NotedCaution::mirrored).toList());
  }
}
