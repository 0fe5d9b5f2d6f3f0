package loosehip.app.document;

import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/** Writes a key by its text. */
final class KeyAsText extends ValueSerializer<Object> {
  @Override
  public void serialize(Object key, JsonGenerator out, SerializationContext context) {
    out.writeName(key.toString());
  }
}
