package loosehip.app.store.migration;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.json.JsonMapper;

/** Reads the lines in which versions before 6 kept clearances and set-up changes. */
final class OldWords {
  private static final JsonMapper JSON = new JsonMapper();
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);
  private static final String DATE = "(\\d{1,2} \\p{L}{3,4} \\d{4})";
  private static final Pattern CLEARANCE =
      Pattern.compile(
          "(.*?), " + DATE + "(?:: (.*?))?(?:; look again by " + DATE + ")?", Pattern.DOTALL);

  private OldWords() {}

  /** {@code Dr Moss, 3 Mar 2027: limits; look again by 4 May 2027}, as a record. */
  static Optional<String> clearance(String line) {
    Map<String, Object> record = new LinkedHashMap<>();
    Matcher m = CLEARANCE.matcher(line);
    Optional<LocalDate> on = m.matches() ? day(m.group(2)) : Optional.empty();
    if (on.isPresent()) {
      record.put("by", m.group(1));
      record.put("on", on.get().toString());
      record.put("limits", m.group(3) == null ? "" : m.group(3));
      if (m.group(4) != null) {
        day(m.group(4)).ifPresent(day -> record.put("lookAgainBy", day.toString()));
      }
    } else {
      record.put("by", line);
      record.put("limits", "");
    }
    return Optional.of(JSON.writeValueAsString(record));
  }

  private static Optional<LocalDate> day(String text) {
    try {
      return Optional.of(LocalDate.parse(text, DAY));
    } catch (DateTimeParseException unreadable) {
      return Optional.empty();
    }
  }

  /** {@code trailFlare=5.0 leadFlare=…}, as a record; a line that holds none stays as it is. */
  static Optional<String> setupTaken(String line) {
    Map<String, String> words = new LinkedHashMap<>();
    for (String word : line.split(" ")) {
      String[] halves = word.split("=", 2);
      if (halves.length == 2) {
        words.put(halves[0], halves[1]);
      }
    }
    if (!words.containsKey("trailFlare") || !words.containsKey("trailIn")) {
      return Optional.empty();
    }
    Map<String, Object> record = new LinkedHashMap<>();
    record.put("then", levers(words, "trailFlare", "leadFlare", "straightening", "release"));
    record.put(
        "before", levers(words, "wasTrailFlare", "wasLeadFlare", "wasStraightening", "wasRelease"));
    record.put("unpinched", "true".equals(words.get("unpinch")));
    record.put("levelled", number(words, "tilt") == 0);
    Map<String, Object> ranges = new LinkedHashMap<>();
    ranges.put("trailIn", number(words, "trailIn"));
    ranges.put("leadOut", number(words, "leadOut"));
    ranges.put("leadIn", number(words, "leadIn"));
    record.put("ranges", ranges);
    return Optional.of(JSON.writeValueAsString(record));
  }

  private static Map<String, Object> levers(
      Map<String, String> words, String trail, String lead, String straight, String release) {
    Map<String, Object> levers = new LinkedHashMap<>();
    levers.put("trailFlare", number(words, trail));
    levers.put("leadFlare", number(words, lead));
    levers.put("straightening", number(words, straight));
    levers.put("release", words.getOrDefault(release, "held"));
    return levers;
  }

  private static double number(Map<String, String> words, String name) {
    try {
      return Double.parseDouble(words.getOrDefault(name, "0"));
    } catch (NumberFormatException unreadable) {
      return 0;
    }
  }
}
