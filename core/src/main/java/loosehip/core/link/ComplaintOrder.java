package loosehip.core.link;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;

/**
 * The running order a complaint calls for: Quick, and the tests the rule book would learn most from
 * if the faults behind the complaint were clear to see. It depends on the complaints alone, so it
 * stays put while readings come in.
 */
public final class ComplaintOrder {
  private static final int ADDED = 5;

  private ComplaintOrder() {}

  /** The order for these complaints; without any, Quick and the two hip-only turns. */
  public static RunningOrder of(Set<Complaint> complaints, Handed handed) {
    List<ScreenTest> tests = new ArrayList<>(RunningOrder.QUICK.tests());
    informative(complaints, handed).stream()
        .filter(t -> !tests.contains(t))
        .limit(ADDED)
        .forEach(tests::add);
    return new RunningOrder(RunningOrder.BY_COMPLAINT, "By complaint", tests);
  }

  private static List<ScreenTest> informative(Set<Complaint> complaints, Handed handed) {
    Set<PivotFault> faults = EnumSet.noneOf(PivotFault.class);
    complaints.forEach(c -> faults.addAll(c.lookFirst()));
    if (faults.isEmpty()) {
      return List.of(ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION);
    }
    Map<PivotFault, Level> clear = new EnumMap<>(PivotFault.class);
    faults.forEach(f -> clear.put(f, Level.CLEAR));
    Seen seen = new Seen(Map.of(), clear, Map.of(), Set.of());
    Screen nothing = Screen.empty();
    List<Link> links =
        new Evidence(RuleBook.standard(), nothing, handed, seen, Optional.empty()).links();
    return NextTests.ranked(nothing, handed, seen, links).stream()
        .map(t -> ScreenTest.parse(t.id()))
        .flatMap(Optional::stream)
        .distinct()
        .toList();
  }
}
