package loosehip.core.plan;

import java.util.Optional;

/**
 * The id of an exercise or a drill. A practice's own items carry one as well.
 *
 * @param id small letters, digits and hyphens; ids of a practice's own begin with {@code own-}
 */
public record ItemId(String id) implements Comparable<ItemId> {
  private static final int LONGEST = 120;

  /**
   * @throws IllegalArgumentException when the text is no id
   */
  public ItemId {
    if (!readable(id)) {
      throw new IllegalArgumentException("No id of an exercise or drill: " + id);
    }
  }

  /** The id of this text. */
  public static ItemId of(String id) {
    return new ItemId(id);
  }

  /** The id of this text, or empty when it cannot be one. Whether there is such an item is open. */
  public static Optional<ItemId> parse(String id) {
    return readable(id) ? Optional.of(new ItemId(id)) : Optional.empty();
  }

  private static boolean readable(String id) {
    return !id.isEmpty()
        && id.length() <= LONGEST
        && id.chars().allMatch(c -> c >= 'a' && c <= 'z' || c >= '0' && c <= '9' || c == '-');
  }

  @Override
  public int compareTo(ItemId other) {
    return id.compareTo(other.id);
  }

  @Override
  public String toString() {
    return id;
  }
}
