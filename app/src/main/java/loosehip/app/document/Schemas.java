package loosehip.app.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import loosehip.core.named.Named;

/** Small pieces that JSON Schemas are put together from. */
public final class Schemas {
  private Schemas() {}

  /** An object that knows exactly these keys. */
  public static Map<String, Object> object(Map<String, Object> properties, String... required) {
    Map<String, Object> object = new LinkedHashMap<>();
    object.put("type", "object");
    object.put("propertyNames", Map.of("enum", new ArrayList<>(properties.keySet())));
    object.put("properties", properties);
    if (required.length > 0) {
      object.put("required", List.of(required));
    }
    return object;
  }

  /** A whole document: an object of a format and its version. */
  public static Map<String, Object> document(
      String id, String title, String description, Map<String, Object> object) {
    Map<String, Object> document = new LinkedHashMap<>();
    document.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    document.put("$id", id);
    document.put("title", title);
    document.put("description", description);
    document.putAll(object);
    return document;
  }

  /** A list of such items. */
  public static Map<String, Object> list(Map<String, Object> items) {
    return Map.of("type", "array", "items", items);
  }

  /** A list of at most so many. */
  public static Map<String, Object> list(Map<String, Object> items, int most) {
    return Map.of("type", "array", "maxItems", most, "items", items);
  }

  /** One of an enumeration, by id. */
  public static <E extends Enum<E> & Named> Map<String, Object> id(Class<E> of) {
    return oneOf(Named.ids(of));
  }

  /** One of these texts. */
  public static Map<String, Object> oneOf(List<String> texts) {
    return Map.of("enum", texts);
  }

  /** Exactly this value. */
  public static Map<String, Object> only(Object value) {
    return Map.of("const", value);
  }

  /** A number within bounds, both included. */
  public static Map<String, Object> number(double least, double most) {
    return bounded("number", least, most);
  }

  /** Any number. */
  public static Map<String, Object> number() {
    return Map.of("type", "number");
  }

  /** A whole number within bounds, both included. */
  public static Map<String, Object> whole(int least, int most) {
    return bounded("integer", least, most);
  }

  private static Map<String, Object> bounded(String type, Number least, Number most) {
    Map<String, Object> number = new LinkedHashMap<>();
    number.put("type", type);
    number.put("minimum", least);
    number.put("maximum", most);
    return number;
  }

  /** A text. */
  public static Map<String, Object> text() {
    return Map.of("type", "string");
  }

  /** A text of at most so many letters that is not empty. */
  public static Map<String, Object> text(int most) {
    Map<String, Object> text = new LinkedHashMap<>();
    text.put("type", "string");
    text.put("minLength", 1);
    text.put("maxLength", most);
    return text;
  }

  /** A day. */
  public static Map<String, Object> date() {
    return Map.of("type", "string", "format", "date");
  }

  /** True or false. */
  public static Map<String, Object> yesOrNo() {
    return Map.of("type", "boolean");
  }
}
