package loosehip.core.safety;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;

/**
 * What must be respected for one golfer.
 *
 * @param openWarnings warning signs answered yes and not yet cleared by a named clinician
 * @param cautions noted cautions
 */
public record Health(Set<WarningSign> openWarnings, List<NotedCaution> cautions) {
  /** Nothing noted. */
  public static final Health CLEAR = new Health(Set.of(), List.of());

  /** Copies both collections. */
  public Health {
    openWarnings = Set.copyOf(openWarnings);
    cautions = List.copyOf(cautions);
  }

  /** Whether movement tests and plans must wait for a clinician. */
  public boolean refer() {
    return !openWarnings.isEmpty();
  }

  /** The noted caution of this kind on this side, not cleared, if any. */
  public Optional<NotedCaution> active(Caution caution, Side side) {
    return cautions.stream()
        .filter(c -> c.caution() == caution && !c.cleared() && c.concerns(side))
        .findFirst();
  }

  /** Whether this caution is noted on any side and not cleared. */
  public boolean active(Caution caution) {
    return cautions.stream().anyMatch(c -> c.caution() == caution && !c.cleared());
  }

  /** Why a test may not be taken on a side, or empty when it may. */
  public Optional<Block> blocks(ScreenTest test, Optional<Side> side, Optional<Part> part) {
    return rules(test, side, part, true).stream().findFirst();
  }

  /** What to mind while a test is taken that may be taken. */
  public List<Block> cares(ScreenTest test, Optional<Side> side, Optional<Part> part) {
    return rules(test, side, part, false);
  }

  private List<Block> rules(
      ScreenTest test, Optional<Side> side, Optional<Part> part, boolean blocks) {
    return cautions.stream()
        .flatMap(
            c ->
                TestRule.of(c, test, side, part)
                    .filter(r -> r.blocks() == blocks)
                    .map(r -> new Block(c.caution(), side, r.words() + ": " + c.caution().asked()))
                    .stream())
        .toList();
  }

  /** The same golfer, mirrored. */
  public Health mirrored() {
    return new Health(openWarnings, cautions.stream().map(NotedCaution::mirrored).toList());
  }
}
