package loosehip.app.exercise;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.app.document.Documents;
import loosehip.app.words.Typed;
import tools.jackson.databind.JsonNode;

/**
 * Reads an own exercise or drill as it is typed: what is chosen one by one, steps by semicolons.
 */
public final class OwnItemForm {
  /** What is ticked when an item asks nothing of what cautions act on, or needs no tool. */
  public static final String NONE = "none";

  /** What is ticked when the easier form of a drill asks the same as the full one. */
  public static final String SAME = "same";

  private static final String DEMANDS = "demands";
  private static final String EASIER_DEMANDS = "easierDemands";
  private static final String EASIER_TOOLS = "easierTools";

  private static final Set<String> LISTS =
      Set.of(
          "serves",
          "also",
          "tools",
          DEMANDS,
          "schools",
          "needs",
          OwnDrillDocument.FAULTS,
          EASIER_DEMANDS,
          EASIER_TOOLS);

  private OwnItemForm() {}

  /** Reads an exercise. */
  public static OwnItemReader.Read exercise(Map<String, List<String>> typed) {
    return OwnItemReader.typed(json(typed, Set.of("serves", "also", "tools")));
  }

  /** Reads a drill. */
  public static OwnItemReader.Read drill(Map<String, List<String>> typed) {
    Map<String, List<String>> all = new LinkedHashMap<>(typed);
    theSame(all, EASIER_DEMANDS, DEMANDS);
    theSame(all, EASIER_TOOLS, "tools");
    if (all.getOrDefault(EASIER_TOOLS, List.of()).isEmpty()) {
      all.remove(EASIER_TOOLS);
    }
    return OwnItemReader.typed(json(all, Set.of(OwnDrillDocument.FAULTS, "schools", "tools")));
  }

  /**
   * Where the easier form asks the same as the full one, it asks that and what is ticked besides.
   */
  private static void theSame(Map<String, List<String>> all, String easier, String full) {
    List<String> ticked = all.getOrDefault(easier, List.of());
    if (ticked.contains(SAME)) {
      all.put(
          easier,
          Stream.concat(all.getOrDefault(full, List.of()).stream(), ticked.stream())
              .filter(t -> !t.equals(SAME))
              .distinct()
              .toList());
    }
  }

  /**
   * What was typed as a document.
   *
   * @param always lists that are there when nothing of them was chosen
   */
  private static JsonNode json(Map<String, List<String>> typed, Set<String> always) {
    Map<String, Object> map = new LinkedHashMap<>();
    always.forEach(list -> map.put(list, List.of()));
    typed.forEach(
        (key, values) -> {
          String clean = Typed.clean(values.isEmpty() ? "" : values.get(0));
          if (key.equals("steps")) {
            map.put(key, split(clean, "[;\\n]+"));
          } else if (LISTS.contains(key)) {
            chosen(key, values, map);
          } else if (key.equals("last")) {
            map.put(key, clean.equals("yes"));
          } else if (!clean.isEmpty() && !key.startsWith("_")) {
            map.put(key, clean);
          }
        });
    map.putIfAbsent("id", slug(typed.getOrDefault("name", List.of("")).get(0)));
    return Documents.JSON.valueToTree(map);
  }

  /** A list of demands of which nothing was ticked, not even "none", is not there. */
  private static void chosen(String key, List<String> values, Map<String, Object> map) {
    boolean demands = key.equals(DEMANDS) || key.equals(EASIER_DEMANDS);
    if (!demands || !values.isEmpty()) {
      map.put(key, values.stream().filter(v -> !v.equals(NONE)).toList());
    }
  }

  private static List<String> split(String value, String by) {
    return Arrays.stream(value.split(by)).map(String::strip).filter(w -> !w.isEmpty()).toList();
  }

  private static String slug(String name) {
    return Arrays.stream(name.toLowerCase(Locale.ROOT).split("[^a-z0-9]+"))
        .filter(word -> !word.isEmpty())
        .collect(Collectors.joining("-"));
  }
}
