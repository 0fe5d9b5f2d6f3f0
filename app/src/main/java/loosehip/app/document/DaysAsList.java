package loosehip.app.document;

import loosehip.core.plan.Days;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/** Writes days of a week as a list of numbers, 1 to 7. */
final class DaysAsList extends ValueSerializer<Days> {
  @Override
  public void serialize(Days days, JsonGenerator out, SerializationContext context) {
    out.writeStartArray();
    days.list().forEach(out::writeNumber);
    out.writeEndArray();
  }
}
