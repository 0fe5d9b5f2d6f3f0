package loosehip.core.pivot;

import java.util.List;

/**
 * How easily a body pays for one school beside the others.
 *
 * @param found the school with its best set-up
 * @param behind how far its score lies behind the best school's; 0 for the best
 * @param loses whether it clearly loses
 * @param shortBack whether it is going back, rather than coming through, that it lacks most
 * @param margin the smaller of the two margins in its best set-up, in degrees
 */
public record SchoolFit(
    SetupSearch.Found found, double behind, boolean loses, boolean shortBack, double margin) {

  /** The fit of every school searched, in the order given: the best first. */
  public static List<SchoolFit> of(List<SetupSearch.Found> schools, Coefficients model) {
    return schools.stream().map(f -> of(f, schools.get(0).best().score(), model)).toList();
  }

  private static SchoolFit of(SetupSearch.Found found, double best, Coefficients model) {
    double behind = found.best().score() - best;
    boolean back = found.best().backMargin() < found.best().impactMargin();
    return new SchoolFit(
        found,
        behind,
        behind >= model.of(Coefficient.CLEAR_LOSER),
        back,
        Math.min(found.best().backMargin(), found.best().impactMargin()));
  }
}
