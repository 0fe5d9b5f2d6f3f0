package loosehip.app.document;

import loosehip.core.plan.Days;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;

/** Reads days of a week from a list of numbers, 1 to 7. */
final class DaysFromList extends StdDeserializer<Days> {
  DaysFromList() {
    super(Days.class);
  }

  @Override
  public Days deserialize(JsonParser parser, DeserializationContext context) {
    int[] days = context.readValue(parser, int[].class);
    try {
      return Days.of(days);
    } catch (IllegalArgumentException wrong) {
      return (Days) context.handleWeirdStringValue(Days.class, "", wrong.getMessage());
    }
  }
}
