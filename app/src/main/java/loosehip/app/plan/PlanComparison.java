package loosehip.app.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.words.PlanWords;
import loosehip.core.plan.Block;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;

/**
 * Two versions of a plan side by side, item by item.
 *
 * @param golfer the golfer's id
 * @param from number of the earlier version
 * @param to number of the later version
 * @param lines every item of either version, those that differ first
 */
public record PlanComparison(String golfer, int from, int to, List<Line> lines) {

  /** What became of an item. */
  public enum Kind {
    IN("new"),
    OUT("gone"),
    CHANGED("changed"),
    SAME("");

    private final String word;

    Kind(String word) {
      this.word = word;
    }

    /** The word shown; empty when nothing became of it. */
    public String word() {
      return word;
    }

    /** The word the style is named by. */
    public String style() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /** One item in both; a version without it holds a dash. */
  public record Line(String name, Kind kind, String before, String after) {
    static Line of(String name, String before, String after) {
      Kind kind =
          Objects.equals(before, after)
              ? Kind.SAME
              : before.isEmpty() ? Kind.IN : after.isEmpty() ? Kind.OUT : Kind.CHANGED;
      return new Line(name, kind, dash(before), dash(after));
    }

    private static String dash(String words) {
      return words.isEmpty() ? "–" : words;
    }
  }

  /** Every item of either version, those that differ first. */
  static List<Line> of(Plans.Plan before, Plans.Plan after, ExerciseTexts texts) {
    Map<ItemId, String> was = told(before);
    Map<ItemId, String> is = told(after);
    List<Line> differs = new ArrayList<>();
    List<Line> same = new ArrayList<>();
    for (ItemId id : union(was, is)) {
      String name = texts.find(id).map(ExerciseText::name).orElse(id.id());
      Line line = Line.of(name, was.getOrDefault(id, ""), is.getOrDefault(id, ""));
      (line.kind() == Kind.SAME ? same : differs).add(line);
    }
    differs.addAll(same);
    return differs;
  }

  private static Iterable<ItemId> union(Map<ItemId, String> was, Map<ItemId, String> is) {
    TreeSet<ItemId> all = new TreeSet<>(was.keySet());
    all.addAll(is.keySet());
    return all;
  }

  /** What is done of each item: weeks, days of its first week, and how much. */
  private static Map<ItemId, String> told(Plans.Plan plan) {
    Block block = plan.block();
    Map<ItemId, String> told = new LinkedHashMap<>();
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
                + PlanWords.dose(item.dose(), item.much());
        told.merge(item.id(), words, (a, b) -> a + "; " + b);
      }
    }
    return told;
  }
}
