package loosehip.app.casefile;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import loosehip.app.document.Problem;
import loosehip.core.named.Named;
import loosehip.core.safety.Caution;
import tools.jackson.databind.JsonNode;

/** What a schema cannot say of a case file: days that are days, and cautions that have no side. */
final class CaseLimits {
  private final LocalDate today;
  private final List<Problem> problems = new ArrayList<>();

  private CaseLimits(LocalDate today) {
    this.today = today;
  }

  static List<Problem> problems(JsonNode json, LocalDate today) {
    CaseLimits limits = new CaseLimits(today);
    limits.dates(json);
    each(json.path("health").path("cautions"), "/health/cautions", limits::side);
    return limits.problems;
  }

  /** Days are texts to the schema; here they must be days. */
  private void dates(JsonNode json) {
    date(json.path("plan").path("start"), "/plan/start");
    each(json.path("plan").path("blackout"), "/plan/blackout", this::date);
    past(json.path("golfer").path("birthDate"), "/golfer/birthDate", "put the date of birth");
    date(json.path("golfer").path("guardian").path("on"), "/golfer/guardian/on");
    each(json.path("health").path("clearances"), "/health/clearances", this::clearanceDates);
    each(
        json.path("health").path("cautions"),
        "/health/cautions",
        (caution, at) -> clearanceDates(caution.path("clearance"), at + "/clearance"));
    each(json.path("screen"), "/screen", (entry, at) -> date(entry.path("date"), at + "/date"));
  }

  private void clearanceDates(JsonNode clearance, String at) {
    past(clearance.path("on"), at + "/on", "put the day the clearance was given");
    date(clearance.path("lookAgainBy"), at + "/lookAgainBy");
  }

  private void past(JsonNode node, String at, String right) {
    boolean isDay = date(node, at);
    if (isDay && LocalDate.parse(node.stringValue()).isAfter(today)) {
      problems.add(new Problem(at, "lies in the future", right));
    }
  }

  private void side(JsonNode caution, String at) {
    boolean none =
        Named.parse(Caution.class, caution.path("id").asString(""))
            .filter(c -> !c.sided())
            .isPresent();
    if (none && caution.has("side")) {
      problems.add(
          new Problem(at + "/side", "belongs to a caution that has no side", "leave it away"));
    }
  }

  private interface Look {
    void at(JsonNode node, String pointer);
  }

  private static void each(JsonNode list, String pointer, Look look) {
    for (int i = 0; i < list.size(); i++) {
      look.at(list.path(i), pointer + "/" + i);
    }
  }

  private boolean date(JsonNode node, String pointer) {
    if (!node.isString()) {
      return false;
    }
    try {
      LocalDate.parse(node.stringValue());
      return true;
    } catch (DateTimeParseException none) {
      problems.add(
          new Problem(
              pointer,
              "\"" + node.stringValue() + "\" is no date",
              "put a date such as \"2027-01-11\""));
      return false;
    }
  }
}
