package loosehip.core.plan;

import java.time.LocalDate;
import java.util.List;

/**
 * A plan of four to eight weeks.
 *
 * @param weeks each week's sessions
 * @param leftOut serious candidates that are not in it, with the reason
 * @param halfWay date of the half-way check for tilt and hinge
 * @param retest date of the retest
 */
public record Block(List<Week> weeks, List<LeftOut> leftOut, LocalDate halfWay, LocalDate retest) {

  /** One week. */
  public record Week(int number, List<Session> sessions) {}

  /** Every different item of the first week, in the order of a session. */
  public List<PlanItem> items() {
    return weeks.get(0).sessions().stream()
        .flatMap(s -> s.items().stream())
        .collect(
            java.util.stream.Collectors.toMap(
                PlanItem::id, i -> i, (a, b) -> a, java.util.LinkedHashMap::new))
        .values()
        .stream()
        .sorted(java.util.Comparator.comparingInt(Planner::order))
        .toList();
  }

  /** Whether nothing could be planned. */
  public boolean empty() {
    return weeks.stream().allMatch(w -> w.sessions().isEmpty());
  }
}
