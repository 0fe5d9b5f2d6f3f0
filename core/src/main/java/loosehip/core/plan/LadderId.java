package loosehip.core.plan;

/**
 * The id of a ladder of exercises.
 *
 * @param id as the catalogue names it
 */
public record LadderId(String id) implements Comparable<LadderId> {

  /** The ladder of this name. */
  public static LadderId of(String id) {
    return new LadderId(id);
  }

  @Override
  public int compareTo(LadderId other) {
    return id.compareTo(other.id);
  }

  @Override
  public String toString() {
    return id;
  }
}
