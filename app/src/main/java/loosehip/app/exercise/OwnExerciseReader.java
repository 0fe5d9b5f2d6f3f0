package loosehip.app.exercise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.document.Documents;
import loosehip.app.document.Problem;
import loosehip.app.document.SchemaCheck;
import loosehip.app.words.Typed;
import loosehip.core.plan.Dose;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Reads and writes own exercises; what is wrong is said field by field. */
public final class OwnExerciseReader {
  private static final SchemaCheck FILE = check(OwnExerciseDocument.schema());
  private static final SchemaCheck ONE = check(OwnExerciseDocument.exercise());
  private static final Set<String> LISTS = Set.of("serves", "also", "tools", "demands");

  /** What is ticked when an exercise asks nothing of what cautions act on. */
  public static final String NO_DEMANDS = "none";

  private OwnExerciseReader() {}

  private static SchemaCheck check(Map<String, Object> schema) {
    return new SchemaCheck(Documents.JSON.valueToTree(schema));
  }

  /** What was read, and every problem with it; anything wrong means nothing is taken. */
  public record Read(List<OwnExercise> exercises, List<Problem> problems) {
    private static Read wrong(List<Problem> problems) {
      return new Read(List.of(), problems);
    }
  }

  /** Reads a file of exercises. */
  public static Read file(String text) {
    JsonNode json;
    try {
      json = Documents.JSON.readTree(text);
    } catch (JacksonException unreadable) {
      return Read.wrong(
          List.of(new Problem("", "this is no JSON file", "bring one that was saved here")));
    }
    List<Problem> problems = new ArrayList<>(said(FILE.problems(json)));
    if (!problems.isEmpty()) {
      return Read.wrong(problems);
    }
    List<OwnExercise> exercises = new ArrayList<>();
    List<OwnExerciseDocument> parts =
        Documents.JSON.treeToValue(json, OwnExerciseDocument.OfMany.class).exercises();
    for (int i = 0; i < parts.size(); i++) {
      exercise(parts.get(i), "/exercises/" + i, problems).ifPresent(exercises::add);
    }
    problems.addAll(ladders(exercises));
    return new Read(exercises, List.copyOf(problems));
  }

  /** Reads one exercise as it is kept; empty when it cannot be read any more. */
  public static Optional<OwnExercise> kept(String text) {
    return exercise(
        Documents.JSON.readValue(text, OwnExerciseDocument.class), "", new ArrayList<>());
  }

  /** Reads one exercise from a form: what is chosen one by one, steps apart by semicolons. */
  public static Read form(Map<String, List<String>> typed) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (String list : LISTS) {
      map.put(list, typed.getOrDefault(list, List.of()));
    }
    typed.forEach(
        (key, values) -> {
          String clean = Typed.clean(values.get(0));
          if (key.equals("steps")) {
            map.put(key, split(clean, "[;\\n]+"));
          } else if (!LISTS.contains(key) && !clean.isEmpty() && !key.startsWith("_")) {
            map.put(key, clean);
          }
        });
    List<String> demands = typed.getOrDefault("demands", List.of());
    if (demands.isEmpty()) {
      map.remove("demands");
    } else {
      map.put("demands", demands.stream().filter(d -> !d.equals(NO_DEMANDS)).toList());
    }
    map.putIfAbsent("id", slug(typed.getOrDefault("name", List.of("")).get(0)));
    JsonNode json = Documents.JSON.valueToTree(map);
    List<Problem> problems = new ArrayList<>(said(ONE.problems(json)));
    if (!problems.isEmpty()) {
      return Read.wrong(problems);
    }
    List<OwnExercise> read =
        exercise(Documents.JSON.treeToValue(json, OwnExerciseDocument.class), "", problems)
            .map(List::of)
            .orElse(List.of());
    return new Read(read, List.copyOf(problems));
  }

  /** Why stop signs and demands are asked for is said where they are missing. */
  private static List<Problem> said(List<Problem> problems) {
    return problems.stream().map(OwnExerciseReader::said).toList();
  }

  private static Problem said(Problem problem) {
    if (problem.pointer().endsWith("/stop")) {
      return new Problem(
          problem.pointer(), problem.wrong(), "an exercise without stop signs is not taken");
    }
    return problem.pointer().endsWith("/demands")
        ? new Problem(
            problem.pointer(),
            problem.wrong(),
            "say what it asks of the body, or that it asks none of it, so that cautions hold")
        : problem;
  }

  private static List<String> split(String value, String by) {
    return Arrays.stream(value.split(by)).map(String::strip).filter(w -> !w.isEmpty()).toList();
  }

  private static String slug(String name) {
    return Arrays.stream(name.toLowerCase(Locale.ROOT).split("[^a-z0-9]+"))
        .filter(word -> !word.isEmpty())
        .collect(Collectors.joining("-"));
  }

  private static Optional<OwnExercise> exercise(
      OwnExerciseDocument document, String at, List<Problem> problems) {
    try {
      return Optional.of(document.exercise(Dose.parse(document.dose().strip())));
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

  /** Ladders that turn in a circle, and rungs above what is not there. */
  public static List<Problem> ladders(List<OwnExercise> exercises) {
    Map<String, OwnExercise> byId =
        exercises.stream()
            .collect(Collectors.toMap(OwnExercise::id, e -> e, (a, b) -> b, LinkedHashMap::new));
    List<Problem> problems = new ArrayList<>();
    if (byId.size() < exercises.size()) {
      problems.add(new Problem("", "two exercises share an id", "give one of them another"));
    }
    for (OwnExercise exercise : byId.values()) {
      Set<String> met = new LinkedHashSet<>(List.of(exercise.id()));
      Optional<String> below = exercise.above();
      while (below.isPresent()) {
        if (!byId.containsKey(below.get())) {
          problems.add(
              new Problem(
                  "",
                  exercise.id() + " stands above " + below.get() + ", which is not there",
                  "name one of your own"));
          break;
        }
        if (!met.add(below.get())) {
          problems.add(
              new Problem(
                  "",
                  "the ladder of " + exercise.id() + " goes round in a circle: " + met,
                  "let one of them begin it"));
          break;
        }
        below = byId.get(below.get()).above();
      }
    }
    return problems;
  }

  /** One exercise as it is kept. */
  public static String write(OwnExercise exercise) {
    return Documents.JSON.writeValueAsString(OwnExerciseDocument.of(exercise));
  }

  /** A file of exercises, to be read again here or elsewhere. */
  public static String write(List<OwnExercise> exercises) {
    return Documents.INDENTED.writeValueAsString(
        new OwnExerciseDocument.OfMany(
            OwnExerciseDocument.FORMAT,
            1,
            exercises.stream().map(OwnExerciseDocument::of).toList()));
  }
}
