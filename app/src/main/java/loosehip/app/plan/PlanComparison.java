package loosehip.app.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.core.plan.Block;
import loosehip.core.plan.PlanItem;

/** Sets two versions of a plan side by side, item by item. */
final class PlanComparison {
  private PlanComparison() {}

  /**
   * One item in both.
   *
   * @param kind {@code in}, {@code out}, {@code changed} or {@code same}
   */
  record Line(String name, String kind, String before, String after) {}

  /** Every item of either version, those that differ first. */
  static List<Line> of(Plans.Plan before, Plans.Plan after, ExerciseTexts texts) {
    Map<String, String> was = told(before);
    Map<String, String> is = told(after);
    List<Line> differs = new ArrayList<>();
    List<Line> same = new ArrayList<>();
    for (String id : union(was, is)) {
      String name = texts.find(id).map(ExerciseText::name).orElse(id);
      String one = was.getOrDefault(id, "");
      String two = is.getOrDefault(id, "");
      if (Objects.equals(one, two)) {
        same.add(new Line(name, "same", one, two));
      } else {
        differs.add(
            new Line(name, one.isEmpty() ? "in" : two.isEmpty() ? "out" : "changed", one, two));
      }
    }
    differs.addAll(same);
    return differs;
  }

  private static Iterable<String> union(Map<String, String> was, Map<String, String> is) {
    TreeSet<String> all = new TreeSet<>(was.keySet());
    all.addAll(is.keySet());
    return all;
  }

  /** What is done of each item: weeks, days of its first week, and how much. */
  private static Map<String, String> told(Plans.Plan plan) {
    Block block = plan.block();
    Map<String, String> told = new LinkedHashMap<>();
    for (Block.Stage stage : block.stages()) {
      for (PlanItem item : block.items(stage.first())) {
        String days =
            block.weeks().get(stage.first() - 1).sessions().stream()
                .filter(s -> s.items().stream().anyMatch(i -> i.id().equals(item.id())))
                .map(s -> PlanPages.dayName(plan, s.day()))
                .reduce((a, b) -> a + " " + b)
                .orElse("");
        String words =
            "weeks "
                + stage.first()
                + "–"
                + stage.last()
                + ", "
                + days
                + ": "
                + PlanPages.dose(item.dose(), item.much());
        told.merge(item.id(), words, (a, b) -> a + "; " + b);
      }
    }
    return told;
  }
}
