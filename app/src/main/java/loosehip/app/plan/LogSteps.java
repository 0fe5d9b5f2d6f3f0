package loosehip.app.plan;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Homework;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.RungRule;
import loosehip.core.plan.Dose;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import org.springframework.stereotype.Component;

/**
 * What the log asks of each item of the plan in force. What was said counts over new versions too,
 * as long as they ask for the same item in the same amount; a version that acts upon it begins
 * afresh.
 */
@Component
public class LogSteps {
  private final Plans plans;
  private final Homework homework;

  LogSteps(Plans plans, Homework homework) {
    this.plans = plans;
    this.homework = homework;
  }

  /** The step of every item something was said about, in the order of a session. */
  public Map<ItemId, RungRule.Verdict> of(Workup workup) {
    List<Plans.Plan> versions = plans.earlier(workup);
    return versions.isEmpty()
        ? Map.of()
        : of(versions, homework.of(workup.file().id()), versions.get(0).week(workup.today()));
  }

  /**
   * The same of a week of the newest version.
   *
   * @param versions every version, the newest first
   */
  public Map<ItemId, RungRule.Verdict> of(
      List<Plans.Plan> versions, List<Homework.Said> log, int week) {
    Plans.Plan now = versions.get(0);
    Set<ItemId> asked = new LinkedHashSet<>();
    now.block().items(week).forEach(i -> asked.add(i.id()));
    log.stream()
        .filter(k -> k.plan() == number(now) && k.log().stops())
        .forEach(k -> asked.add(k.item()));
    Set<ItemId> drills =
        now.block().items(week).stream()
            .filter(PlanItem::drill)
            .map(PlanItem::id)
            .collect(Collectors.toSet());
    Map<ItemId, RungRule.Verdict> steps = new LinkedHashMap<>();
    for (ItemId item : asked) {
      List<ItemLog> said = said(versions, log, item);
      if (!said.isEmpty()) {
        steps.put(item, drills.contains(item) ? RungRule.ofDrill(said) : RungRule.of(said));
      }
    }
    return steps;
  }

  private static List<ItemLog> said(
      List<Plans.Plan> versions, List<Homework.Said> log, ItemId item) {
    Optional<Dose.Prescribed> now = much(versions.get(0), item);
    Set<Integer> same =
        versions.stream()
            .takeWhile(v -> much(v, item).equals(now))
            .map(LogSteps::number)
            .collect(Collectors.toSet());
    return log.stream()
        .filter(k -> k.item().equals(item) && same.contains(k.plan()) && k.saysOfRung())
        .map(Homework.Said::log)
        .toList();
  }

  private static Optional<Dose.Prescribed> much(Plans.Plan plan, ItemId item) {
    return plan.block().weeks().stream()
        .flatMap(w -> w.sessions().stream())
        .flatMap(s -> s.item(item).stream())
        .findFirst()
        .map(PlanItem::much);
  }

  private static int number(Plans.Plan plan) {
    return plan.kept().orElseThrow().number();
  }
}
