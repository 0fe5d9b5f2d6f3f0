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
import java.util.function.Function;
import java.util.stream.Collectors;
import loosehip.core.link.LimitKind;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes own exercises as JSON; what is wrong is said field by field. */
public final class OwnExerciseReader {
  /** The name every file carries. */
  public static final String FORMAT = "loose-hip-exercises";

  private static final int TEXT_MOST = 600;
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
  private static final List<String> TEXTS =
      List.of("name", "purpose", "start", "feel", "spoils", "harder", "easier", "stop");
  private static final Set<String> KEYS =
      Set.of(
          "id",
          "name",
          "purpose",
          "start",
          "steps",
          "feel",
          "spoils",
          "harder",
          "easier",
          "stop",
          "kind",
          "serves",
          "also",
          "dose",
          "tools",
          "cautions",
          "above");

  private OwnExerciseReader() {}

  /** What was read, and every problem with it; anything wrong means nothing is taken. */
  public record Read(List<OwnExercise> exercises, List<String> problems) {}

  /** Reads a file of exercises. */
  public static Read file(String text) {
    List<String> problems = new ArrayList<>();
    List<OwnExercise> exercises = new ArrayList<>();
    try {
      JsonNode root = JSON.readTree(text);
      if (!FORMAT.equals(root.path("format").asString(""))) {
        return new Read(List.of(), List.of("/format is not \"" + FORMAT + "\""));
      }
      JsonNode list = root.path("exercises");
      if (!list.isArray() || list.isEmpty()) {
        return new Read(List.of(), List.of("/exercises holds no exercise"));
      }
      int at = 0;
      for (JsonNode node : list) {
        one(node, "/exercises/" + at++, problems).ifPresent(exercises::add);
      }
    } catch (JacksonException unreadable) {
      return new Read(List.of(), List.of("This is no JSON file: nothing was taken"));
    }
    problems.addAll(ladders(exercises));
    return new Read(exercises, problems);
  }

  /** Reads one exercise as it is kept. */
  public static Optional<OwnExercise> kept(String text) {
    return one(JSON.readTree(text), "", new ArrayList<>());
  }

  /** Reads one exercise from a form: lists apart by spaces, steps by semicolons or lines. */
  public static Read form(Map<String, String> typed) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (String key : KEYS) {
      String value = typed.getOrDefault(key, "").strip();
      switch (key) {
        case "steps" -> map.put(key, split(value, "[;\\n]+"));
        case "serves", "also", "tools", "cautions" -> map.put(key, split(value, "[\\s,]+"));
        default -> {
          if (!value.isEmpty()) {
            map.put(key, value);
          }
        }
      }
    }
    map.putIfAbsent("id", slug(typed.getOrDefault("name", "")));
    List<String> problems = new ArrayList<>();
    List<OwnExercise> read =
        one(JSON.valueToTree(map), "", problems).map(List::of).orElse(List.of());
    return new Read(read, problems);
  }

  private static List<String> split(String value, String by) {
    return Arrays.stream(value.split(by)).map(String::strip).filter(w -> !w.isEmpty()).toList();
  }

  private static String slug(String name) {
    return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
  }

  private static Optional<OwnExercise> one(JsonNode node, String at, List<String> problems) {
    int before = problems.size();
    node.propertyNames()
        .forEach(
            key -> {
              if (!KEYS.contains(key)) {
                problems.add(at + "/" + key + " is not known");
              }
            });
    String id = node.path("id").asString("");
    if (!id.matches("[a-z0-9][a-z0-9-]{1,59}")) {
      problems.add(at + "/id takes 2 to 60 small letters, digits and hyphens");
    }
    Map<String, String> texts = new LinkedHashMap<>();
    for (String key : TEXTS) {
      String value = node.path(key).asString("").strip();
      if (value.isEmpty()) {
        problems.add(
            at
                + "/"
                + key
                + (key.equals("stop")
                    ? " is missing: an exercise without stop signs is not taken"
                    : " is missing"));
      } else if (value.length() > TEXT_MOST) {
        problems.add(at + "/" + key + " is longer than " + TEXT_MOST + " letters");
      }
      texts.put(key, value);
    }
    List<String> steps = strings(node.path("steps"));
    if (steps.isEmpty()) {
      problems.add(at + "/steps holds no step");
    }
    Optional<Exercise.Kind> kind =
        Arrays.stream(Exercise.Kind.values())
            .filter(k -> k.name().equalsIgnoreCase(node.path("kind").asString("")))
            .findFirst();
    if (kind.isEmpty()) {
      problems.add(at + "/kind is one of range, control, switch, strength, speed");
    }
    List<LimitKind> serves = ids(node, "serves", LimitKind::parse, at, problems);
    if (strings(node.path("serves")).isEmpty()) {
      problems.add(at + "/serves names no limit");
    }
    List<LimitKind> also = ids(node, "also", LimitKind::parse, at, problems);
    List<Tool> tools = ids(node, "tools", Tool::parse, at, problems);
    List<Caution> cautions = ids(node, "cautions", Caution::parse, at, problems);
    String doseText = node.path("dose").asString("");
    Optional<Dose> dose = dose(doseText);
    if (dose.isEmpty()) {
      problems.add(
          at
              + "/dose reads like \"2-3 x 10-15, 3 + 5 ps\": sets x times, seconds each + hold, ps"
              + " for each side");
    }
    if (problems.size() > before) {
      return Optional.empty();
    }
    ExerciseText text =
        new ExerciseText(
            id,
            texts.get("name"),
            texts.get("purpose"),
            texts.get("start"),
            steps.stream().map(OwnExerciseReader::sentence).toList(),
            texts.get("feel"),
            texts.get("spoils"),
            texts.get("harder"),
            texts.get("easier"),
            texts.get("stop"));
    return Optional.of(
        new OwnExercise(
            id,
            text,
            kind.get(),
            serves,
            also,
            dose.get(),
            doseText,
            new LinkedHashSet<>(tools),
            new LinkedHashSet<>(cautions),
            Optional.of(node.path("above").asString("")).filter(a -> !a.isBlank())));
  }

  private static String sentence(String step) {
    return step.endsWith(".") ? step : step + ".";
  }

  private static Optional<Dose> dose(String text) {
    try {
      return Optional.of(Dose.parse(text.strip()));
    } catch (IllegalArgumentException unreadable) {
      return Optional.empty();
    }
  }

  private static List<String> strings(JsonNode list) {
    List<String> words = new ArrayList<>();
    list.forEach(n -> words.add(n.asString("").strip()));
    words.removeIf(String::isEmpty);
    return words;
  }

  private static <T> List<T> ids(
      JsonNode node,
      String key,
      Function<String, Optional<T>> parse,
      String at,
      List<String> problems) {
    List<T> found = new ArrayList<>();
    for (String word : strings(node.path(key))) {
      Optional<T> id = parse.apply(word);
      id.ifPresentOrElse(
          found::add,
          () -> problems.add(at + "/" + key + " names \"" + word + "\", which is unknown"));
    }
    return found;
  }

  /** Ladders that turn in a circle, and rungs above what is not there. */
  public static List<String> ladders(List<OwnExercise> exercises) {
    Map<String, OwnExercise> byId =
        exercises.stream()
            .collect(Collectors.toMap(OwnExercise::id, e -> e, (a, b) -> b, LinkedHashMap::new));
    List<String> problems = new ArrayList<>();
    if (byId.size() < exercises.size()) {
      problems.add("Two exercises share an id");
    }
    for (OwnExercise exercise : byId.values()) {
      Set<String> met = new LinkedHashSet<>(List.of(exercise.id()));
      Optional<String> below = exercise.above();
      while (below.isPresent()) {
        if (!byId.containsKey(below.get())) {
          problems.add(exercise.id() + " stands above " + below.get() + ", which is not there");
          break;
        }
        if (!met.add(below.get())) {
          problems.add("The ladder of " + exercise.id() + " goes round in a circle: " + met);
          break;
        }
        below = byId.get(below.get()).above();
      }
    }
    return problems;
  }

  /** One exercise as it is kept. */
  public static String write(OwnExercise exercise) {
    return JSON.writeValueAsString(map(exercise));
  }

  /** A file of exercises, to be read again here or elsewhere. */
  public static String write(List<OwnExercise> exercises) {
    Map<String, Object> file = new LinkedHashMap<>();
    file.put("format", FORMAT);
    file.put("version", 1);
    file.put("exercises", exercises.stream().map(OwnExerciseReader::map).toList());
    return JSON.writeValueAsString(file);
  }

  private static Map<String, Object> map(OwnExercise e) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("id", e.id());
    map.put("name", e.text().name());
    map.put("purpose", e.text().purpose());
    map.put("start", e.text().start());
    map.put("steps", e.text().steps());
    map.put("feel", e.text().feel());
    map.put("spoils", e.text().spoils());
    map.put("harder", e.text().harder());
    map.put("easier", e.text().easier());
    map.put("stop", e.text().stop());
    map.put("kind", e.kind().name().toLowerCase(Locale.ROOT));
    map.put("serves", e.serves().stream().map(LimitKind::id).toList());
    map.put("also", e.also().stream().map(LimitKind::id).toList());
    map.put("dose", e.doseText());
    map.put("tools", e.tools().stream().map(Tool::id).toList());
    map.put("cautions", e.cautions().stream().map(Caution::id).toList());
    e.above().ifPresent(a -> map.put("above", a));
    return map;
  }
}
