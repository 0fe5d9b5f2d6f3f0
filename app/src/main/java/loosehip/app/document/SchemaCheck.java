package loosehip.app.document;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import loosehip.app.words.Numbers;
import tools.jackson.databind.JsonNode;

/**
 * Holds a document against its JSON Schema (2020-12) and says of each problem where it is, what is
 * wrong, and what would be right.
 */
public final class SchemaCheck {
  private final Schema schema;

  /** A check against this schema. */
  public SchemaCheck(JsonNode schema) {
    this.schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(schema);
  }

  /** Everything that is wrong, in the order of the document; empty when it fits. */
  public List<Problem> problems(JsonNode document) {
    List<Problem> problems = new ArrayList<>();
    for (Error error : schema.validate(document)) {
      Problem problem = problem(error);
      if (!problems.contains(problem)) {
        problems.add(problem);
      }
    }
    return List.copyOf(problems);
  }

  private static Problem problem(Error error) {
    String at = pointer(error);
    JsonNode asked = error.getSchemaNode();
    JsonNode found = error.getInstanceNode();
    return switch (error.getKeyword()) {
      case "additionalProperties", "propertyNames" ->
          new Problem(
              at + "/" + escaped(String.valueOf(error.getProperty())), "unknown key", keys(error));
      case "enum" ->
          found.isString()
              ? new Problem(
                  at, "unknown id \"" + found.stringValue() + "\"", "known: " + list(asked))
              : new Problem(at, "is not a text", "known: " + list(asked));
      case "const" -> constant(at, asked);
      case "type" -> type(at, asked.isString() ? asked.stringValue() : list(asked));
      case "minimum", "maximum" ->
          new Problem(at, number(found) + " is out of range", range(error));
      case "required" ->
          new Problem(
              at + "/" + escaped(String.valueOf(error.getProperty())), "is missing", "put it in");
      case "maxItems" ->
          new Problem(
              at, found.size() + " where " + asked + " are the most", "leave some of them out");
      case "minItems", "minLength" -> new Problem(at, "is empty", "put at least one here");
      case "maxLength" -> new Problem(at, "is too long", "at most " + asked + " letters");
      case "pattern" ->
          new Problem(
              at,
              "has letters an id cannot have",
              "take small letters, digits and hyphens, such as shed-turn");
      default -> new Problem(at, error.getMessage(), "see the schema under docs/schema");
    };
  }

  private static Problem constant(String at, JsonNode asked) {
    String only = asked.isString() ? "\"" + asked.stringValue() + "\"" : asked.toString();
    return new Problem(at, "is not " + only, "put " + only);
  }

  private static Problem type(String at, String wanted) {
    return switch (wanted) {
      case "object" -> new Problem(at, "is not an object", "put { … } here");
      case "array" -> new Problem(at, "is not a list", "put [ … ] here");
      case "boolean" -> new Problem(at, "is neither true nor false", "put true or false");
      case "number" -> new Problem(at, "is not a number", "put a number");
      case "integer" -> new Problem(at, "is not a whole number", "put a whole number");
      case "string" -> new Problem(at, "is not a text", "put a text in quotes");
      default -> new Problem(at, "is of another kind", "put one of " + wanted);
    };
  }

  private static String range(Error error) {
    Object edge = error.getArguments().length == 0 ? "" : error.getArguments()[0];
    return error.getKeyword().equals("minimum") ? "put at least " + edge : "put at most " + edge;
  }

  private static String number(JsonNode found) {
    return found.isNumber() ? Numbers.exact(found.doubleValue()) : found.toString();
  }

  /** The keys that would be known, as far as the schema's own keyword lists them. */
  private static String keys(Error error) {
    JsonNode asked = error.getSchemaNode();
    return asked.isObject() && asked.has("enum")
        ? "known here: " + list(asked.get("enum"))
        : "see the schema under docs/schema for the keys known here";
  }

  private static String list(JsonNode values) {
    return values
        .valueStream()
        .map(v -> v.isString() ? v.stringValue() : v.toString())
        .collect(Collectors.joining(", "));
  }

  private static String pointer(Error error) {
    StringBuilder pointer = new StringBuilder();
    for (int i = 0; i < error.getInstanceLocation().getNameCount(); i++) {
      pointer
          .append('/')
          .append(escaped(String.valueOf(error.getInstanceLocation().getElement(i))));
    }
    return pointer.toString();
  }

  private static String escaped(String key) {
    return key.replace("~", "~0").replace("/", "~1");
  }
}
