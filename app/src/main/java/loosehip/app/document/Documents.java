package loosehip.app.document;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import java.util.function.Function;
import loosehip.core.link.Fault;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import loosehip.core.plan.Days;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LadderId;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/**
 * The one way documents are read and written: whatever has an id goes by it, what is absent is left
 * out, keys stand in the order of the record.
 */
public final class Documents {
  /** Reads and writes documents in few lines. */
  public static final JsonMapper JSON =
      JsonMapper.builder()
          .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
          .changeDefaultPropertyInclusion(v -> v.withValueInclusion(JsonInclude.Include.NON_ABSENT))
          .addMixIn(Named.class, ById.class)
          .addModule(ids())
          .build();

  /** The same for files that people look at. */
  public static final JsonMapper INDENTED =
      JSON.rebuild().enable(SerializationFeature.INDENT_OUTPUT).build();

  private Documents() {}

  /** Everything with an id goes by it. */
  private interface ById {
    @JsonValue
    String id();
  }

  private static SimpleModule ids() {
    SimpleModule module = new SimpleModule("loose-hip-ids");
    text(module, ItemId.class, ItemId::of);
    text(module, LadderId.class, LadderId::of);
    text(
        module,
        Slot.class,
        key ->
            Slot.parse(key)
                .orElseThrow(() -> new IllegalArgumentException("No slot has the key " + key)));
    module.addDeserializer(
        Fault.class,
        new FromText<>(
            Fault.class,
            id ->
                Fault.parse(id)
                    .orElseThrow(() -> new IllegalArgumentException("No fault has the id " + id))));
    module.addSerializer(Days.class, new DaysAsList());
    module.addDeserializer(Days.class, new DaysFromList());
    return module;
  }

  /** A type that goes by its text, as a value and as a key. */
  private static <T> void text(SimpleModule module, Class<T> type, Function<String, T> read) {
    module.addSerializer(type, ToStringSerializer.instance);
    module.addKeySerializer(type, new KeyAsText());
    module.addDeserializer(type, new FromText<>(type, read));
    module.addKeyDeserializer(
        type,
        new KeyDeserializer() {
          @Override
          public Object deserializeKey(String key, DeserializationContext context) {
            return read.apply(key);
          }
        });
  }

  private static final class FromText<T> extends StdScalarDeserializer<T> {
    private final transient Function<String, T> read;

    FromText(Class<T> type, Function<String, T> read) {
      super(type);
      this.read = read;
    }

    @Override
    public T deserialize(JsonParser parser, DeserializationContext context)
        throws JacksonException {
      String text = parser.getString();
      try {
        return read.apply(text);
      } catch (IllegalArgumentException wrong) {
        return (T) context.handleWeirdStringValue(_valueClass, text, wrong.getMessage());
      }
    }
  }
}
