package loosehip.app.casefile;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;

/**
 * A place in a case file that knows its pointer and notes what is wrong there. Reading goes on
 * after a problem, so that one run names them all.
 */
final class Node {
  private final JsonNode json;
  private final String pointer;
  private final List<Problem> problems;

  Node(JsonNode json, String pointer, List<Problem> problems) {
    this.json = json;
    this.pointer = pointer;
    this.problems = problems;
  }

  String pointer() {
    return pointer;
  }

  void wrong(String what, String right) {
    problems.add(new Problem(pointer, what, right));
  }

  /** Refuses keys that this place does not have. */
  Node keys(String... allowed) {
    if (!json.isObject()) {
      wrong("is not an object", "put { … } here");
      return this;
    }
    Set<String> known = new LinkedHashSet<>(Arrays.asList(allowed));
    for (String key : json.propertyNames()) {
      if (!known.contains(key)) {
        problems.add(
            new Problem(
                pointer + "/" + key.replace("~", "~0").replace("/", "~1"),
                "unknown key",
                "known here: " + String.join(", ", known)));
      }
    }
    return this;
  }

  boolean has(String key) {
    return json.has(key) && !json.get(key).isNull();
  }

  Optional<Node> child(String key) {
    return has(key)
        ? Optional.of(new Node(json.get(key), pointer + "/" + key, problems))
        : Optional.empty();
  }

  List<Node> items(String key) {
    Optional<Node> child = child(key);
    if (child.isEmpty()) {
      return List.of();
    }
    if (!child.get().json.isArray()) {
      child.get().wrong("is not a list", "put [ … ] here");
      return List.of();
    }
    List<Node> items = new ArrayList<>();
    int at = 0;
    for (JsonNode item : child.get().json) {
      items.add(new Node(item, child.get().pointer + "/" + at++, problems));
    }
    return items;
  }

  Optional<String> text(String key) {
    return child(key).flatMap(Node::text);
  }

  Optional<String> text() {
    if (!json.isString()) {
      wrong("is not a text", "put a text in quotes");
      return Optional.empty();
    }
    return Optional.of(json.stringValue());
  }

  Optional<Boolean> yes(String key) {
    return child(key)
        .flatMap(
            c -> {
              if (!c.json.isBoolean()) {
                c.wrong("is neither true nor false", "put true or false");
                return Optional.empty();
              }
              return Optional.of(c.json.booleanValue());
            });
  }

  Optional<Double> number(String key, double low, double high) {
    return child(key).flatMap(c -> c.number(low, high));
  }

  Optional<Double> number(double low, double high) {
    String range = "put a number from " + plain(low) + " to " + plain(high);
    if (!json.isNumber()) {
      wrong("is not a number", range);
      return Optional.empty();
    }
    double value = json.doubleValue();
    if (!(value >= low && value <= high)) {
      wrong(plain(value) + " is out of range", range);
      return Optional.empty();
    }
    return Optional.of(value);
  }

  Optional<Integer> whole(String key, int low, int high) {
    Optional<Double> number = number(key, low, high);
    if (number.isPresent() && number.get() != Math.rint(number.get())) {
      child(key).orElseThrow().wrong("is not a whole number", "put a whole number");
      return Optional.empty();
    }
    return number.map(Double::intValue);
  }

  /** An id of this place, or a problem that lists the ids there are. */
  <T> Optional<T> id(String key, Function<String, Optional<T>> parse, List<String> known) {
    return child(key).flatMap(c -> c.id(parse, known));
  }

  <T> Optional<T> id(Function<String, Optional<T>> parse, List<String> known) {
    Optional<String> text = text();
    Optional<T> parsed = text.flatMap(parse);
    if (text.isPresent() && parsed.isEmpty()) {
      wrong("unknown id \"" + text.get() + "\"", "known: " + String.join(", ", known));
    }
    return parsed;
  }

  <T> List<T> ids(String key, Function<String, Optional<T>> parse, List<String> known) {
    List<T> ids = new ArrayList<>();
    items(key).forEach(i -> i.id(parse, known).ifPresent(ids::add));
    return ids;
  }

  private static String plain(double number) {
    return number == Math.rint(number) && Math.abs(number) < 1e15
        ? String.valueOf((long) number)
        : String.valueOf(number);
  }
}
