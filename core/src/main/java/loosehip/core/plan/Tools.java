package loosehip.core.plan;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.named.Named;

/**
 * The tools an item asks for: one of each set. Where a text says what else will do, that is among
 * the set; where anything in a house will do, nothing is asked for.
 *
 * @param oneOfEach what must be at hand, one of each set
 */
public record Tools(List<Set<Tool>> oneOfEach) {
  /** Nothing is asked for. */
  public static final Tools NONE = new Tools(List.of());

  /** Copies all. */
  public Tools {
    oneOfEach = oneOfEach.stream().map(Set::copyOf).toList();
  }

  /** Each of these. */
  public static Tools each(Set<Tool> all) {
    return new Tools(all.stream().sorted().map(Set::of).toList());
  }

  /** Reads {@code club/wall chair}: a club or a wall, and a chair; {@code -} for nothing. */
  static Tools parse(String cell) {
    return cell.strip().equals("-")
        ? NONE
        : new Tools(
            Arrays.stream(cell.strip().split("\\s+"))
                .map(
                    either ->
                        Arrays.stream(either.split("/"))
                            .map(id -> Named.require(Tool.class, id))
                            .collect(Collectors.toSet()))
                .toList());
  }

  /** What is missing with these tools at hand: the sets of which none is there. */
  public List<Set<Tool>> missing(Set<Tool> atHand) {
    return oneOfEach.stream()
        .filter(either -> either.stream().noneMatch(atHand::contains))
        .toList();
  }

  /** Every tool named, without repeats. */
  public Set<Tool> named() {
    Set<Tool> named = EnumSet.noneOf(Tool.class);
    oneOfEach.forEach(named::addAll);
    return named;
  }

  /** What is asked for, in words: {@code a club or a free wall, and a chair}; empty for nothing. */
  public String words() {
    return words(oneOfEach);
  }

  /** Sets of tools in words. */
  public static String words(List<Set<Tool>> sets) {
    return sets.stream()
        .map(either -> either.stream().sorted().map(Tool::word).collect(Collectors.joining(" or ")))
        .collect(Collectors.joining(", and "));
  }
}
