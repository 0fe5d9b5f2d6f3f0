package loosehip.core.safety;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;

/**
 * What must be respected for one golfer.
 *
 * @param openWarnings warning signs answered yes for which no clinician's clearance is in force
 * @param unanswered warning signs not asked at this visit
 * @param cautions noted cautions
 */
public record Health(
    Set<WarningSign> openWarnings, Set<WarningSign> unanswered, List<NotedCaution> cautions) {
  /** Everything asked, nothing noted. */
  public static final Health CLEAR = new Health(Set.of(), Set.of(), List.of());

  /** Copies the collections. */
  public Health {
    openWarnings = Set.copyOf(openWarnings);
    unanswered = Set.copyOf(unanswered);
    cautions = List.copyOf(cautions);
  }

  /** Whether movement tests and plans must wait for a clinician. */
  public boolean refer() {
    return !openWarnings.isEmpty();
  }

  /** Whether this caution is noted on any side and not cleared. */
  public boolean active(Caution caution) {
    return cautions.stream().anyMatch(c -> c.caution() == caution && !c.cleared());
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
        openWarnings, unanswered, cautions.stream().map(NotedCaution::mirrored).toList());
  }
}
