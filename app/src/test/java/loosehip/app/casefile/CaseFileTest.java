package loosehip.app.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import loosehip.app.document.Documents;
import loosehip.app.document.SchemaCheck;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.measure.Band;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class CaseFileTest {
  static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
  private static final Path SCHEMAS = Path.of("..", "docs", "schema");

  @TempDir Path folder;

  @Test
  void theExampleReadsAndItsAssessmentFitsTheSchema() throws IOException {
    String example = resource("left-hander.json");
    fits("case-file.schema.json", example);
    CaseFile golfer = read(example);
    assertThat(golfer.screen().band(ScreenTest.TILT_CONTROL, Optional.empty()))
        .isEqualTo(Band.CLOSE);
    String result = AssessmentWriter.write(Assessment.of(golfer));
    fits("assessment.schema.json", result);
    JsonNode json = JsonMapper.shared().readTree(result);
    assertThat(json.at("/status").stringValue()).isEqualTo("incomplete");
    assertThat(json.at("/measurements/0/mean").doubleValue()).isEqualTo(25.0);
    assertThat(json.at("/missing/0").stringValue()).isEqualTo("seated-rotation");
    assertThat(json.at("/links/0/triage").stringValue()).isEqualTo("body first");
  }

  @Test
  void aWholeCaseGivesBudgetSchoolsOptionsAndPlan() throws IOException {
    String example = resource("example-b.json");
    fits("case-file.schema.json", example);
    CaseFile golfer = read(example);
    String result = AssessmentWriter.write(Assessment.of(golfer));
    fits("assessment.schema.json", result);
    JsonNode json = JsonMapper.shared().readTree(result);
    assertThat(json.at("/status").stringValue()).isEqualTo("ok");
    assertThat(json.at("/budget/backMargin").doubleValue()).isEqualTo(-29.0);
    assertThat(json.at("/budget/limiting").stringValue()).isEqualTo("trail");
    assertThat(json.at("/setupOptions/0/score").doubleValue()).isEqualTo(100.7);
    assertThat(json.at("/forecast/0/margin").stringValue()).isEqualTo("back");
    assertThat(json.at("/plan/weeks").size()).isEqualTo(6);
  }

  @Test
  void referSaysSoAndGivesNoPlan() throws IOException {
    String refer =
        resource("example-b.json")
            .replace("\"warningSigns\": []", "\"warningSigns\": [\"night-pain\"]");
    CaseFile golfer = read(refer);
    String result = AssessmentWriter.write(Assessment.of(golfer));
    fits("assessment.schema.json", result);
    JsonNode json = JsonMapper.shared().readTree(result);
    assertThat(json.at("/status").stringValue()).isEqualTo("refer");
    assertThat(json.has("plan")).isFalse();
    assertThat(json.has("budget")).isFalse();
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource(
      delimiter = '|',
      value = {
        "{ | /: is not JSON",
        "[] | /: is not an object",
        "'' | /: the file is empty",
        "{\"format\":\"other\",\"version\":1} | /format: is not \"loose-hip-case\"",
        "{\"format\":\"loose-hip-case\",\"version\":2} | /version: is not 1; this program reads version 1",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"hips\":1} | /hips: unknown key",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"a/b\":1} | /a~1b: unknown key",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"school\":\"mine\"} | /school: unknown id \"mine\"; known: settled-base",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"complaints\":[\"lost-distance\",\"x\"]} | /complaints/1: unknown id",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"complaints\":\"x\"} | /complaints: is not a list",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"screen\":[{\"test\":\"seated-rotation\",\"side\":\"left\",\"tries\":[20]}]} | /screen/0/direction: is missing",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"screen\":[{\"test\":\"trunk-turn\",\"tries\":[20]}]} | /screen/0/side: is missing",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"screen\":[{\"test\":\"hinge-contact\",\"tries\":[\"20\"]}]} | /screen/0/tries/0: is not a number",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"screen\":[{\"test\":\"hinge-contact\",\"tries\":[1e99]}]} | /screen/0/tries/0",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"screen\":[{\"test\":\"hinge-contact\",\"tries\":[1,2,3,4,5,6]}]} | /screen/0/tries: 6 where 5 are the most",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"screen\":[{\"test\":\"glute-switch\",\"side\":\"left\",\"tall\":\"yes\"}]} | /screen/0/tall: is neither true nor false",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"plan\":{\"start\":\"soon\"}} | /plan/start: \"soon\" is no date",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"plan\":{\"daysPerWeek\":2.5}} | /plan/daysPerWeek: is not a whole number",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"golfer\":{\"birthYear\":2400}} | /golfer/birthYear: 2400 is out of range",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"golfer\":{\"birthDate\":\"2999-01-01\"}} | /golfer/birthDate: lies in the future",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"health\":{\"cautions\":[{\"id\":\"back\",\"side\":\"left\"}]}} | /health/cautions/0/side: belongs to a caution that has no side",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"health\":{\"cautions\":[{\"id\":\"knee\",\"clearance\":{\"by\":\"Dr Imrie\",\"lifts\":[\"sprint\"]}}]}} | /health/cautions/0/clearance/lifts/0: unknown id \"sprint\"",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"health\":{\"cautions\":[{\"id\":\"knee\",\"clearance\":{\"on\":\"2026-01-01\"}}]}} | /health/cautions/0/clearance/by: is missing",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"health\":{\"clearances\":[{\"sign\":\"hot-joint\",\"by\":\"Dr Imrie\",\"on\":\"2999-01-01\"}]}} | /health/clearances/0/on: lies in the future",
        "{\"format\":\"loose-hip-case\",\"version\":1,\"health\":{\"cautions\":[{\"id\":\"pregnancy\",\"week\":60}]}} | /health/cautions/0/week: 60 is out of range",
      })
  void eachProblemNamesItsPlaceAndWhatWouldBeRight(String file, String line) throws IOException {
    Path path = Files.writeString(folder.resolve("case.json"), file);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int exit = AssessCommand.run(new String[] {path.toString()}, stream(out), stream(err));
    assertThat(exit).isEqualTo(2);
    assertThat(out.size()).isZero();
    assertThat(err.toString(StandardCharsets.UTF_8)).contains(line).doesNotContain("Exception");
  }

  /** A clearance in force ends the wait, one whose day has passed does not; a minor is known. */
  @Test
  void theFileSaysWhatIsClearedAndWhoIsAMinor() {
    String head = "{\"format\":\"loose-hip-case\",\"version\":1,\"golfer\":{\"birthYear\":2015},";
    String cleared =
        head
            + "\"health\":{\"warningSigns\":[\"hot-joint\"],\"clearances\":[{\"sign\":\"hot-joint\","
            + "\"by\":\"Dr Imrie\",\"profession\":\"doctor\",\"lookAgainBy\":\"%s\",\"blocks\":[\"fast\"]}]}}";
    CaseFile inForce = read(cleared.formatted(TODAY));
    assertThat(inForce.health().refer()).isFalse();
    assertThat(inForce.health().movement(Set.of(Demand.FAST)).blocked()).isPresent();
    assertThat(inForce.health().active(Caution.UNDER_18)).isTrue();
    CaseFile lapsed = read(cleared.formatted(TODAY.minusDays(1)));
    assertThat(lapsed.health().refer()).isTrue();
    assertThat(read(CaseWriter.write(inForce))).isEqualTo(inForce);
  }

  @Test
  void theCommandPrintsTheAssessmentAndNothingElse() throws IOException {
    Path path = Files.writeString(folder.resolve("case.json"), resource("example-b.json"));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    assertThat(AssessCommand.run(new String[] {path.toString()}, stream(out), stream(err)))
        .isZero();
    assertThat(err.size()).isZero();
    fits("assessment.schema.json", out.toString(StandardCharsets.UTF_8));
    assertThat(AssessCommand.run(new String[] {}, stream(out), stream(err))).isEqualTo(2);
  }

  @Test
  void theNewestDateCounts() {
    CaseFile golfer =
        read(
            """
            {"format":"loose-hip-case","version":1,"screen":[
              {"test":"trunk-turn","side":"left","tries":[40],"date":"2026-03-01"},
              {"test":"trunk-turn","side":"left","tries":[30],"date":"2025-03-01"}]}""");
    Slot slot = Slot.parse("trunk-turn.left").orElseThrow();
    assertThat(golfer.screen().measurement(slot).orElseThrow().mean()).isEqualTo(40);
  }

  @ParameterizedTest
  @CsvSource({"left-hander.json", "example-b.json"})
  void whatIsWrittenReadsBackToTheSameJudgement(String name) throws IOException {
    CaseFile golfer = read(resource(name));
    String written = CaseWriter.write(golfer);
    fits("case-file.schema.json", written);
    assertThat(read(written)).isEqualTo(golfer);
    assertThat(Assessment.of(read(written))).isEqualTo(Assessment.of(golfer));
  }

  /** Everything a case holds reaches the file and comes back; what is made of it is the same. */
  @Test
  void whateverACaseHoldsReadsBackToTheSameCaseAndTheSameAssessment() {
    for (int seed = 0; seed < 100; seed++) {
      CaseFile golfer = RandomCases.of(seed);
      String written = CaseWriter.write(golfer);
      CaseFile back = read(written);
      assertThat(back).as("case of seed %d", seed).isEqualTo(golfer);
      assertThat(CaseWriter.write(back)).as("file of seed %d", seed).isEqualTo(written);
      assertThat(AssessmentWriter.write(Assessment.of(back)))
          .as("assessment of seed %d", seed)
          .isEqualTo(AssessmentWriter.write(Assessment.of(golfer)));
    }
  }

  @Test
  void everyAssessmentFitsItsSchema() throws IOException {
    for (int seed = 200; seed < 260; seed++) {
      fits("assessment.schema.json", AssessmentWriter.write(Assessment.of(RandomCases.of(seed))));
    }
  }

  @Test
  void theSchemaInDocsIsTheOneThatChecks() throws IOException {
    assertThat(Documents.JSON.readTree(Files.readString(SCHEMAS.resolve("case-file.schema.json"))))
        .isEqualTo(Documents.JSON.valueToTree(CaseSchema.of(2026)));
  }

  private static CaseFile read(String text) {
    CaseReader.Outcome outcome = CaseReader.read(text, TODAY);
    assertThat(outcome.problems()).isEmpty();
    return outcome.golfer().orElseThrow();
  }

  private static void fits(String schema, String json) throws IOException {
    JsonNode shipped = Documents.JSON.readTree(Files.readString(SCHEMAS.resolve(schema)));
    assertThat(new SchemaCheck(shipped).problems(Documents.JSON.readTree(json))).isEmpty();
  }

  private static PrintStream stream(ByteArrayOutputStream out) {
    return new PrintStream(out, true, StandardCharsets.UTF_8);
  }

  private static String resource(String name) throws IOException {
    try (var in = CaseFileTest.class.getResourceAsStream(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
