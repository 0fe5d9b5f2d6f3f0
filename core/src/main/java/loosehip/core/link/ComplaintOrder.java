package loosehip.core.link;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.ScreenTest;

/**
 * The running order a complaint calls for: Quick, and the tests the rule book would learn most from
 * if the faults behind the complaint were clear to see. It depends on the complaints and the rule
 * book alone, so it stays put while readings come in.
 */
public final class ComplaintOrder {
  private static final int ADDED = 5;

  private ComplaintOrder() {}

  /**
   * The order for these complaints; without any, Quick and the two hip-only turns.
   *
   * @param rules the rule book in force
   */
  public static RunningOrder of(Set<Complaint> complaints, RuleBook rules, Handed handed) {
    List<ScreenTest> tests = new ArrayList<>(RunningOrder.QUICK.tests());
    informative(complaints, rules, handed).stream()
        .filter(t -> !tests.contains(t))
        .limit(ADDED)
        .forEach(tests::add);
    return new RunningOrder(RunningOrder.BY_COMPLAINT, "By complaint", tests);
  }

  private static List<ScreenTest> informative(
      Set<Complaint> complaints, RuleBook rules, Handed handed) {
    Set<PivotFault> faults = EnumSet.noneOf(PivotFault.class);
    Set<SetupFault> atAddress = EnumSet.noneOf(SetupFault.class);
    complaints.forEach(c -> faults.addAll(c.lookFirst()));
    complaints.forEach(c -> atAddress.addAll(c.atAddress()));
    if (faults.isEmpty()) {
      return List.of(ScreenTest.SEATED_ROTATION, ScreenTest.PRONE_ROTATION);
    }
    Map<SetupFault, Level> stance = new EnumMap<>(SetupFault.class);
    atAddress.forEach(f -> stance.put(f, Level.CLEAR));
    Map<PivotFault, Level> clear = new EnumMap<>(PivotFault.class);
    faults.forEach(f -> clear.put(f, Level.CLEAR));
    Seen seen = new Seen(stance, clear, Map.of(), Set.of());
    return SeenOrder.informative(seen, rules, handed);
  }
}
