package loosehip.core.pivot;

import java.util.List;
import java.util.function.Supplier;
import loosehip.core.limit.Body;
import org.jspecify.annotations.Nullable;

/**
 * Every school with its best set-up for one golfer, searched when first asked for: most who look at
 * a golfer do not. May be shared by threads; two that ask at once find the same.
 */
public final class SchoolsSearched {
  /** Nothing to be searched, as while the budget is incomplete. */
  public static final SchoolsSearched NONE = new SchoolsSearched(List::of);

  private final Supplier<List<SetupSearch.Found>> search;
  private volatile @Nullable List<SetupSearch.Found> found;

  private SchoolsSearched(Supplier<List<SetupSearch.Found>> search) {
    this.search = search;
  }

  /** For a body that has all parts of a budget, see {@link SetupSearch#schools}. */
  public static SchoolsSearched of(Body body, Coefficients c, Setup today) {
    return new SchoolsSearched(() -> SetupSearch.schools(body, c, today));
  }

  /** Every school, the best-paying first. */
  public List<SetupSearch.Found> found() {
    List<SetupSearch.Found> now = found;
    if (now == null) {
      now = search.get();
      found = now;
    }
    return now;
  }

  /** Two searches are alike when they find the same. */
  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof SchoolsSearched searched && found().equals(searched.found());
  }

  @Override
  public int hashCode() {
    return found().hashCode();
  }
}
