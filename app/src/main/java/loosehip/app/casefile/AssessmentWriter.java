package loosehip.app.casefile;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Angle;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Forecast;
import loosehip.core.link.Link;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.SetupOption;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import loosehip.core.plan.Block;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Session;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes an assessment as JSON: angles to one decimal, chances to two. */
public final class AssessmentWriter {
  /** The name every assessment carries. */
  public static final String FORMAT = "loose-hip-assessment";

  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private final CaseFile golfer;
  private final Assessment assessment;

  private AssessmentWriter(CaseFile golfer, Assessment assessment) {
    this.golfer = golfer;
    this.assessment = assessment;
  }

  /** The assessment of a case as JSON text. */
  public static String write(CaseFile golfer, Assessment assessment) {
    return JSON.writeValueAsString(new AssessmentWriter(golfer, assessment).all());
  }

  private Map<String, Object> all() {
    Map<String, Object> all = new LinkedHashMap<>();
    all.put("format", FORMAT);
    all.put("version", 1);
    all.put("status", assessment.status().id());
    all.put("notices", assessment.notices());
    all.put("measurements", assessment.measurements().stream().map(this::measurement).toList());
    assessment.budget().ifPresent(b -> all.put("budget", budget(b)));
    all.put(
        "missing",
        assessment.hips().missing().stream()
            .map(Hips.MissingTest::test)
            .map(ScreenTest::id)
            .distinct()
            .toList());
    all.put("forecast", assessment.forecast().stream().map(AssessmentWriter::expected).toList());
    all.put("schools", assessment.schools().stream().map(this::school).toList());
    all.put(
        "setupOptions",
        assessment.ownSchool().map(SetupSearch.Found::options).orElse(List.of()).stream()
            .map(AssessmentWriter::option)
            .toList());
    all.put("links", assessment.links().stream().map(this::link).toList());
    all.put("nextTests", nextTests());
    all.put("needs", needs());
    assessment.plan().ifPresent(p -> all.put("plan", plan(p)));
    return all;
  }

  private Map<String, Object> measurement(Measurement m) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("test", m.slot().test().id());
    m.slot().side().ifPresent(s -> map.put("side", s.id()));
    m.slot().direction().ifPresent(d -> map.put("direction", d.id()));
    m.slot()
        .part()
        .filter(p -> p != Part.INTERNAL && p != Part.EXTERNAL)
        .ifPresent(p -> map.put("part", p.id()));
    map.put("mean", tenth(m.mean()));
    map.put("sem", tenth(m.standardError()));
    map.put("band", m.stoppedByPain() ? "not-measured" : m.band().id());
    boolean hip = m.slot().direction().filter(Direction.INTERNAL::equals).isPresent();
    if (hip && m.slot().test() != ScreenTest.STANDING_TURN) {
      golfer
          .screen()
          .arcPattern(m.slot().side().orElseThrow())
          .ifPresent(a -> map.put("arcPattern", a.id()));
    }
    return map;
  }

  private static Map<String, Object> budget(TurnBudget budget) {
    Map<String, Object> map = new LinkedHashMap<>();
    budget
        .back()
        .ifPresent(
            b -> {
              map.put("trailCapacity", tenth(b.trail().total()));
              map.put("leadCapacity", tenth(b.lead().total()));
              map.put("pelvisCapacity", tenth(b.pelvis()));
              map.put("limiting", b.limiting().id());
            });
    budget.trunk().ifPresent(t -> map.put("trunk", tenth(t.degrees())));
    budget
        .back()
        .flatMap(TurnBudget.Back::demand)
        .ifPresent(d -> map.put("pelvisDemand", tenth(d.degrees())));
    margin(map, "back", budget.backMargin());
    margin(map, "shoulder", budget.back().flatMap(TurnBudget.Back::shoulder));
    budget.through().ifPresent(t -> map.put("impactCapacity", tenth(t.lead().total())));
    margin(map, "impact", budget.impactMargin());
    margin(map, "finish", budget.finishMargin());
    budget.backMargin().ifPresent(m -> map.put("pBackShort", hundredth(m.chanceShort())));
    budget.impactMargin().ifPresent(m -> map.put("pImpactShort", hundredth(m.chanceShort())));
    return map;
  }

  private static void margin(Map<String, Object> map, String name, Optional<Margin> margin) {
    margin.ifPresent(
        m -> {
          map.put(name + "Margin", tenth(m.degrees()));
          map.put(name + "Band", m.band().id());
        });
  }

  private static Map<String, Object> expected(Forecast.Expected expected) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("margin", expected.margin());
    map.put("fault", expected.fault().id());
    map.put("weight", hundredth(expected.weight()));
    return map;
  }

  private Map<String, Object> school(SetupSearch.Found found) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("id", found.school().id());
    map.put("score", tenth(found.best().score()));
    map.put("backMargin", tenth(found.best().backMargin()));
    map.put("shoulderMargin", tenth(found.best().shoulderMargin()));
    map.put("impactMargin", tenth(found.best().impactMargin()));
    map.put("finishMargin", tenth(found.best().finishMargin()));
    map.put("option", option(found.best()));
    return map;
  }

  private static Map<String, Object> option(SetupOption option) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("score", tenth(option.score()));
    map.put("cost", tenth(option.cost()));
    map.put("main", option.main().id());
    map.put("trailFlare", tenth(option.setup().trailFlare()));
    map.put("leadFlare", tenth(option.setup().leadFlare()));
    map.put("trailKneeExtension", tenth(option.setup().straightening()));
    map.put("leadRelease", option.setup().release().id());
    map.put("unpinch", option.unpinch());
    map.put("level", option.level());
    map.put("backMargin", tenth(option.backMargin()));
    map.put("impactMargin", tenth(option.impactMargin()));
    map.put("finishMargin", tenth(option.finishMargin()));
    return map;
  }

  private Map<String, Object> link(Link link) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("fault", link.fault().id());
    map.put("triage", link.triage().id());
    map.put("causes", link.causes().stream().map(this::cause).toList());
    return map;
  }

  private Map<String, Object> cause(CauseChance chance) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("id", chance.cause().id());
    map.put("family", chance.cause().family().id());
    chance.cause().leg().ifPresent(l -> map.put("side", side(l).id()));
    map.put("chance", hundredth(chance.chance()));
    map.put("word", chance.word());
    map.put(
        "because",
        chance.factors().stream()
            .map(f -> f.words() + " (x" + String.format(Locale.ROOT, "%.2f", f.value()) + ")")
            .toList());
    return map;
  }

  private Side side(Leg leg) {
    Handed handed = golfer.handed();
    return handed.side(leg);
  }

  private List<Map<String, Object>> nextTests() {
    return assessment.nextTests().stream()
        .map(
            t -> {
              Map<String, Object> map = new LinkedHashMap<>();
              map.put("test", t.id());
              t.side().ifPresent(s -> map.put("side", s.id()));
              map.put("value", hundredth(t.value()));
              map.put("why", t.why());
              return map;
            })
        .toList();
  }

  private List<Map<String, Object>> needs() {
    return assessment.needs().stream()
        .map(
            n -> {
              Map<String, Object> map = new LinkedHashMap<>();
              map.put("limit", n.limit().kind().id());
              n.limit().concerns().ifPresent(l -> map.put("side", side(l).id()));
              map.put("need", hundredth(n.size()));
              return map;
            })
        .toList();
  }

  private Map<String, Object> plan(Block block) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("weeks", block.weeks().stream().map(AssessmentWriter::week).toList());
    map.put(
        "leftOut",
        block.leftOut().stream()
            .map(l -> Map.of("exercise", l.id(), "reason", l.reason()))
            .toList());
    map.put(
        "bridge", assessment.bridge(golfer).parts().stream().map(AssessmentWriter::part).toList());
    map.put("retest", block.retest().toString());
    return map;
  }

  private static Map<String, Object> part(Bridge.Part part) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("lever", part.lever().id());
    map.put("from", tenth(part.from()));
    map.put("to", tenth(part.to()));
    map.put("range", part.range().name().toLowerCase(Locale.ROOT).replace('_', '-'));
    map.put("gain", tenth(part.gain()));
    map.put("weeks", tenth(part.weeks()));
    map.put("weeksFast", tenth(part.weeksFast()));
    map.put("weeksSlow", tenth(part.weeksSlow()));
    return map;
  }

  private static Map<String, Object> week(Block.Week week) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("week", week.number());
    map.put("sessions", week.sessions().stream().map(AssessmentWriter::session).toList());
    return map;
  }

  private static Map<String, Object> session(Session session) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("day", session.day());
    map.put("seconds", session.seconds());
    map.put("items", session.items().stream().map(AssessmentWriter::item).toList());
    return map;
  }

  private static Map<String, Object> item(PlanItem item) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put("exercise", item.id());
    item.exercise().ifPresent(e -> map.put("rung", e.rung()));
    map.put("sets", item.much().sets());
    map.put("reps", item.much().reps());
    map.put("holdSeconds", item.much().holdSeconds());
    map.put("sides", item.dose().sides());
    map.put("seconds", item.seconds());
    map.put("why", item.why());
    return map;
  }

  private static double tenth(double value) {
    return Angle.of(value).toOneDecimal();
  }

  private static double hundredth(double value) {
    return Math.round(value * 100) / 100.0;
  }
}
