package loosehip.app.exercise;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import loosehip.app.document.Documents;
import loosehip.app.document.Problem;
import loosehip.app.document.SchemaCheck;
import loosehip.core.plan.Dose;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Reads and writes a practice's own exercises and drills; what is wrong is said field by field. */
public final class OwnItemReader {
  private static final SchemaCheck FILE = check(OwnItemsDocument.schema());
  private static final SchemaCheck EXERCISE = check(OwnExerciseDocument.schema());
  private static final SchemaCheck DRILL = check(OwnDrillDocument.schema());

  private OwnItemReader() {}

  private static SchemaCheck check(Map<String, Object> schema) {
    return new SchemaCheck(Documents.JSON.valueToTree(schema));
  }

  /** What was read, and every problem with it; anything wrong means nothing is taken. */
  public record Read(List<OwnItem> items, List<Problem> problems) {
    private static Read wrong(List<Problem> problems) {
      return new Read(List.of(), problems);
    }

    private static Read wrong(String wrong, String right) {
      return wrong(List.of(new Problem("", wrong, right)));
    }
  }

  /** Reads a file of exercises and drills. */
  public static Read file(String text) {
    JsonNode json;
    try {
      json = Documents.JSON.readTree(text);
    } catch (JacksonException unreadable) {
      return Read.wrong("this is no JSON file", "bring one that was saved here");
    }
    List<Problem> problems = new ArrayList<>(said(FILE.problems(json)));
    if (!problems.isEmpty()) {
      return Read.wrong(problems);
    }
    OwnItemsDocument file = Documents.JSON.treeToValue(json, OwnItemsDocument.class);
    List<OwnItem> items = new ArrayList<>();
    if (file.exercises() != null) {
      each(file.exercises(), "/exercises/", problems, d -> d.dose(), d -> d::exercise, items);
    }
    if (file.drills() != null) {
      each(file.drills(), "/drills/", problems, d -> d.dose(), d -> d::drill, items);
    }
    problems.addAll(ladders(items));
    return items.isEmpty() && problems.isEmpty()
        ? Read.wrong("holds no exercise and no drill", "bring one that was saved here")
        : new Read(items, List.copyOf(problems));
  }

  private static <D> void each(
      List<D> documents,
      String at,
      List<Problem> problems,
      Function<D, String> dose,
      Function<D, Function<Dose, OwnItem>> item,
      List<OwnItem> read) {
    for (int i = 0; i < documents.size(); i++) {
      D document = documents.get(i);
      dosed(dose.apply(document), at + i, problems)
          .map(d -> item.apply(document).apply(d))
          .ifPresent(read::add);
    }
  }

  /** Reads one item as it is kept; empty when it cannot be read any more. */
  public static Optional<OwnItem> kept(String text) {
    return one(Documents.JSON.readTree(text), new ArrayList<>());
  }

  /** Reads one item as it was typed: an exercise, or a drill when it names faults. */
  static Read typed(JsonNode json) {
    SchemaCheck check = json.has(OwnDrillDocument.FAULTS) ? DRILL : EXERCISE;
    List<Problem> problems = new ArrayList<>(said(check.problems(json)));
    if (!problems.isEmpty()) {
      return Read.wrong(problems);
    }
    List<OwnItem> read = one(json, problems).map(List::of).orElse(List.of());
    return new Read(read, List.copyOf(problems));
  }

  private static Optional<OwnItem> one(JsonNode json, List<Problem> problems) {
    if (json.has(OwnDrillDocument.FAULTS)) {
      OwnDrillDocument drill = Documents.JSON.treeToValue(json, OwnDrillDocument.class);
      return dosed(drill.dose(), "", problems).map(drill::drill);
    }
    OwnExerciseDocument exercise = Documents.JSON.treeToValue(json, OwnExerciseDocument.class);
    return dosed(exercise.dose(), "", problems).map(exercise::exercise);
  }

  private static Optional<Dose> dosed(String dose, String at, List<Problem> problems) {
    try {
      return Optional.of(Dose.parse(dose.strip()));
    } catch (IllegalArgumentException unreadable) {
      problems.add(
          new Problem(
              at + "/dose",
              "is no dose",
              "it reads like \"2-3 x 10-15, 3 + 5 ps\": sets x times, seconds each + hold, ps for"
                  + " each side"));
      return Optional.empty();
    }
  }

  /** Why stop signs and demands are asked for is said where they are missing. */
  private static List<Problem> said(List<Problem> problems) {
    return problems.stream().map(OwnItemReader::said).toList();
  }

  private static Problem said(Problem problem) {
    String pointer = problem.pointer();
    if (pointer.endsWith("/stop")) {
      return new Problem(
          pointer, problem.wrong(), "an exercise or drill without stop signs is not taken");
    } else if (pointer.endsWith("/demands") || pointer.endsWith("/easierDemands")) {
      return new Problem(
          pointer,
          problem.wrong(),
          "say what it asks of the body, or that it asks none of it, so that cautions hold");
    }
    return problem;
  }

  /** Ids given twice, ladders that turn in a circle, and rungs above what is not there. */
  public static List<Problem> ladders(List<? extends OwnItem> items) {
    List<Problem> problems = new ArrayList<>();
    if (items.stream().map(OwnItem::id).distinct().count() < items.size()) {
      problems.add(new Problem("", "two exercises share an id", "give one of them another"));
    }
    Map<String, OwnExercise> byId =
        items.stream()
            .filter(OwnExercise.class::isInstance)
            .map(OwnExercise.class::cast)
            .collect(Collectors.toMap(OwnExercise::id, e -> e, (a, b) -> b, LinkedHashMap::new));
    byId.values().forEach(exercise -> ladder(exercise, byId).ifPresent(problems::add));
    return problems;
  }

  private static Optional<Problem> ladder(OwnExercise from, Map<String, OwnExercise> byId) {
    Set<String> met = new LinkedHashSet<>(List.of(from.id()));
    Optional<String> below = from.above();
    while (below.isPresent()) {
      if (!byId.containsKey(below.get())) {
        return Optional.of(
            new Problem(
                "",
                from.id() + " stands above " + below.get() + ", which is not there",
                "name one of your own"));
      }
      if (!met.add(below.get())) {
        return Optional.of(
            new Problem(
                "",
                "the ladder of " + from.id() + " goes round in a circle: " + met,
                "let one of them begin it"));
      }
      below = byId.get(below.get()).above();
    }
    return Optional.empty();
  }

  /** One item as it is kept. */
  public static String write(OwnItem item) {
    return Documents.JSON.writeValueAsString(
        item instanceof OwnDrill drill
            ? OwnDrillDocument.of(drill)
            : OwnExerciseDocument.of((OwnExercise) item));
  }

  /** A file of exercises and drills, to be read again here or elsewhere. */
  public static String write(List<OwnItem> items) {
    return Documents.INDENTED.writeValueAsString(OwnItemsDocument.of(items));
  }
}
