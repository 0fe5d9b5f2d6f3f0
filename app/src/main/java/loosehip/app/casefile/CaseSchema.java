package loosehip.app.casefile;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.document.Schemas;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.link.Complaint;
import loosehip.core.link.Fault;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.RuleBook;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SpineShape;
import loosehip.core.link.Strength;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Direction;
import loosehip.core.measure.FieldRange;
import loosehip.core.measure.Method;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.SetupLook;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.safety.WarningSign;

/**
 * The JSON Schema of a case file, made from the ids and ranges of the core, so that it cannot fall
 * behind them. {@code docs/schema} holds it as published.
 */
final class CaseSchema {
  private static final int EARLIEST_BIRTH = 1900;

  private CaseSchema() {}

  /**
   * The whole schema.
   *
   * @param thisYear the latest year of birth taken
   */
  static Map<String, Object> of(int thisYear) {
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("format", Schemas.only(CaseDocument.FORMAT));
    keys.put("version", Schemas.only(CaseDocument.VERSION));
    keys.put("golfer", golfer(thisYear));
    keys.put("complaints", Schemas.list(Schemas.id(Complaint.class)));
    keys.put("health", health());
    keys.put("screen", Schemas.list(entry()));
    keys.put("setup", setup());
    keys.put("swing", swing());
    keys.put("school", Schemas.id(School.class));
    keys.put("plan", plan());
    keys.put("arcsOverruled", Schemas.list(Schemas.id(Side.class)));
    keys.put("overrules", Schemas.list(overrule()));
    keys.put("practice", practice());
    return Schemas.document(
        "urn:loose-hip:case:1",
        "Loose Hip case file, version 1",
        "One golfer's screen. Sides are anatomical. Missing parts mean 'not measured'. Unknown keys"
            + " are refused.",
        Schemas.object(keys, "format", "version"));
  }

  private static Map<String, Object> golfer(int thisYear) {
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("ref", Schemas.text());
    keys.put("birthYear", Schemas.whole(EARLIEST_BIRTH, thisYear));
    keys.put("birthDate", Schemas.date());
    Map<String, Object> guardian = new LinkedHashMap<>();
    guardian.put("name", Schemas.text());
    guardian.put("on", Schemas.date());
    keys.put("guardian", Schemas.object(guardian, "name"));
    keys.put("handed", Schemas.id(Handed.class));
    keys.put("heightCm", Schemas.number(100, 230));
    return Schemas.object(keys);
  }

  private static Map<String, Object> health() {
    Map<String, Object> caution = new LinkedHashMap<>();
    caution.put("id", Schemas.id(Caution.class));
    caution.put("side", Schemas.id(Side.class));
    caution.put("note", Schemas.text());
    caution.put("painNow", Schemas.whole(0, 10));
    caution.put("week", Schemas.whole(1, 45));
    caution.put("weeksAfter", Schemas.whole(0, 520));
    caution.put("replacement", Schemas.yesOrNo());
    caution.put("new", Schemas.yesOrNo());
    Map<String, Object> clearance = clearance();
    clearance.put("lifts", Schemas.list(Schemas.id(Demand.class)));
    caution.put("clearance", Schemas.object(clearance, "by"));
    Map<String, Object> sign = clearance();
    sign.put("sign", Schemas.id(WarningSign.class));
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("asked", Schemas.yesOrNo());
    keys.put("warningSigns", Schemas.list(Schemas.id(WarningSign.class)));
    keys.put("clearances", Schemas.list(Schemas.object(sign, "sign", "by")));
    keys.put("cautions", Schemas.list(Schemas.object(caution, "id")));
    return Schemas.object(keys);
  }

  private static Map<String, Object> clearance() {
    Map<String, Object> degrees = new LinkedHashMap<>();
    degrees.put("side", Schemas.id(Side.class));
    degrees.put("direction", Schemas.id(Direction.class));
    degrees.put("most", Schemas.number(0, 90));
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("by", Schemas.text());
    keys.put("profession", Schemas.text());
    keys.put("on", Schemas.date());
    keys.put("lookAgainBy", Schemas.date());
    keys.put("limits", Schemas.text());
    keys.put("blocks", Schemas.list(Schemas.id(Demand.class)));
    keys.put("degrees", Schemas.list(Schemas.object(degrees, "side", "direction", "most")));
    return keys;
  }

  /** An entry; what it may hold depends on its test. */
  private static Map<String, Object> entry() {
    Map<String, Object> entry = new LinkedHashMap<>();
    entry.put("type", "object");
    entry.put("required", List.of("test"));
    entry.put("properties", Map.of("test", Schemas.id(ScreenTest.class)));
    entry.put(
        "allOf",
        Arrays.stream(ScreenTest.values())
            .map(
                test -> {
                  Map<String, Object> rule = new LinkedHashMap<>();
                  rule.put(
                      "if",
                      Map.of(
                          "required",
                          List.of("test"),
                          "properties",
                          Map.of("test", Schemas.only(test.id()))));
                  rule.put("then", entry(test));
                  return rule;
                })
            .toList());
    return entry;
  }

  private static Map<String, Object> entry(ScreenTest test) {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("test", Schemas.text());
    all.put("date", Schemas.date());
    all.put("pain", Schemas.whole(0, 10));
    all.put("painSite", Schemas.text());
    all.put("note", Schemas.text());
    all.put("side", Schemas.id(Side.class));
    all.put("direction", Schemas.id(Direction.class));
    all.put("eyes", Schemas.oneOf(List.of("open", "closed")));
    all.put("tries", Schemas.list(number(test), Reading.MOST_TRIES));
    all.put("voided", Schemas.list(Schemas.whole(0, Reading.MOST_TRIES - 1)));
    all.put("method", Schemas.id(Method.class));
    all.put("compensations", Schemas.list(Schemas.id(Compensation.class)));
    all.put("tryDeviation", Schemas.number(0.1, 90));
    Map<String, Object> keys = new LinkedHashMap<>();
    for (String key : EntryKeys.of(test)) {
      if (all.containsKey(key)) {
        keys.put(key, all.get(key));
      }
    }
    for (Part part : EntryKeys.parts(test)) {
      keys.put(
          EntryKeys.of(part),
          test.numeric(Optional.of(part)) ? oneOrMore(test) : word(test, Optional.of(part)));
    }
    EntryKeys.mainWord(test).ifPresent(key -> keys.put(key, word(test, Optional.empty())));
    List<String> required = new ArrayList<>(List.of("test"));
    if (test.sided()) {
      required.add("side");
    }
    if (test.hasPart(Part.INTERNAL)) {
      required.add("direction");
    }
    Map<String, Object> object =
        new LinkedHashMap<>(Schemas.object(keys, required.toArray(String[]::new)));
    object.remove("type");
    return object;
  }

  private static Map<String, Object> number(ScreenTest test) {
    FieldRange range = test.range();
    return Schemas.number(range.hardLow(), range.hardHigh());
  }

  private static Map<String, Object> oneOrMore(ScreenTest test) {
    Map<String, Object> either = new LinkedHashMap<>();
    either.put("type", List.of("number", "array"));
    either.put("minimum", test.range().hardLow());
    either.put("maximum", test.range().hardHigh());
    either.put("items", number(test));
    either.put("maxItems", Reading.MOST_TRIES);
    return either;
  }

  private static Map<String, Object> word(ScreenTest test, Optional<Part> part) {
    List<String> words = test.words(part);
    return words.equals(List.of("yes", "no")) ? Schemas.yesOrNo() : Schemas.oneOf(words);
  }

  private static Map<String, Object> setup() {
    Map<String, Object> fault = new LinkedHashMap<>();
    fault.put("id", Schemas.id(SetupFault.class));
    fault.put("level", Schemas.id(Level.class));
    Map<String, Object> keys = new LinkedHashMap<>();
    for (BudgetFigure figure : BudgetFigure.values()) {
      if (figure != BudgetFigure.STRAIGHTENING) {
        keys.put(figure.id(), figure(figure));
      }
    }
    keys.put("source", Schemas.oneOf(List.of(SetupLook.STILL.id(), SetupLook.EYE.id())));
    keys.put("spineShape", Schemas.id(SpineShape.class));
    keys.put("faults", Schemas.list(Schemas.object(fault, "id")));
    return Schemas.object(keys);
  }

  private static Map<String, Object> figure(BudgetFigure figure) {
    return Schemas.number(figure.least(), figure.most());
  }

  private static Map<String, Object> swing() {
    Map<String, Object> fault = new LinkedHashMap<>();
    fault.put("id", Schemas.id(PivotFault.class));
    fault.put("level", Schemas.id(Level.class));
    fault.put("rehearsal", Schemas.id(Rehearsal.class));
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put(BudgetFigure.STRAIGHTENING.id(), figure(BudgetFigure.STRAIGHTENING));
    keys.put("leadRelease", Schemas.id(LeadRelease.class));
    keys.put("club", Schemas.id(Club.class));
    keys.put("faults", Schemas.list(Schemas.object(fault, "id")));
    keys.put("habits", Schemas.list(Schemas.id(Habit.class)));
    return Schemas.object(keys);
  }

  private static Map<String, Object> plan() {
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("minutesPerDay", Schemas.whole(1, 120));
    keys.put("daysPerWeek", Schemas.whole(1, 7));
    keys.put("weeks", Schemas.whole(4, 8));
    keys.put("start", Schemas.date());
    keys.put("tools", Schemas.list(Schemas.id(Tool.class)));
    keys.put("downswing", Schemas.id(Downswing.class));
    keys.put("blackout", Schemas.list(Schemas.date()));
    keys.put("baseWork", Schemas.yesOrNo());
    keys.put("bodyKg", Schemas.number(25, 250));
    return Schemas.object(keys);
  }

  private static Map<String, Object> overrule() {
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("fault", fault());
    keys.put("cause", Schemas.text());
    keys.put("side", Schemas.id(Side.class));
    keys.put("decision", Schemas.id(Overrule.Verdict.class));
    keys.put("note", Schemas.text());
    keys.put("by", Schemas.text());
    keys.put("on", Schemas.date());
    return Schemas.object(keys, "fault", "cause", "decision");
  }

  private static Map<String, Object> fault() {
    return Schemas.oneOf(Fault.all().stream().map(Fault::id).toList());
  }

  private static Map<String, Object> practice() {
    Map<String, Object> weight = new LinkedHashMap<>();
    weight.put("fault", fault());
    weight.put("cause", Schemas.text());
    weight.put("prior", Schemas.number(RuleBook.PRIOR_LEAST, RuleBook.PRIOR_MOST));
    weight.put("strength", Schemas.id(Strength.class));
    Map<String, Object> edges = new LinkedHashMap<>();
    edges.put("type", "array");
    edges.put("minItems", 2);
    edges.put("maxItems", 2);
    edges.put("items", Schemas.number());
    Map<String, Object> keys = new LinkedHashMap<>();
    keys.put("coefficients", Map.of("type", "object", "additionalProperties", Schemas.number()));
    keys.put("bands", Map.of("type", "object", "additionalProperties", edges));
    keys.put(
        "weights", Schemas.list(Schemas.object(weight, "fault", "cause", "prior", "strength")));
    return Schemas.object(keys);
  }
}
