package loosehip.core.safety;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.core.measure.Screen;

/** Cautions nobody has to note: they follow from age and from how long the golfer stood. */
public final class DerivedCautions {
  private DerivedCautions() {}

  /**
   * What is noted, with what follows by itself where it is not noted already; in the order of
   * {@link Caution}.
   *
   * @param minor whether the golfer is, or could be, under 18
   * @param guarded whether a guardian's consent is on record
   * @param screens what was measured, the oldest first
   */
  public static List<NotedCaution> with(
      List<NotedCaution> noted, boolean minor, boolean guarded, List<Screen> screens) {
    List<NotedCaution> all = new ArrayList<>();
    for (NotedCaution caution : noted) {
      all.add(caution.caution() == Caution.UNDER_18 ? guarded(caution, guarded) : caution);
    }
    if (minor && isNot(all, Caution.UNDER_18)) {
      all.add(guarded(NotedCaution.of(Caution.UNDER_18), guarded));
    }
    if (isNot(all, Caution.BALANCE) && Unsteady.after(screens)) {
      all.add(NotedCaution.of(Caution.BALANCE));
    }
    all.sort(Comparator.comparing(NotedCaution::caution));
    return List.copyOf(all);
  }

  private static boolean isNot(List<NotedCaution> among, Caution caution) {
    return among.stream().noneMatch(c -> c.caution() == caution);
  }

  private static NotedCaution guarded(NotedCaution minor, boolean guarded) {
    return new NotedCaution(
        minor.caution(),
        minor.side(),
        minor.note(),
        new NotedCaution.Detail(
            Optional.empty(), Optional.empty(), Optional.empty(), false, false, guarded),
        minor.clearance());
  }
}
