package loosehip.app.still;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import loosehip.app.document.Documents;
import loosehip.app.document.SchemaCheck;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The still command: what it prints, and how it refuses. */
class StillCommandTest {
  /** Down the line at address: shin 10°, knee 24°, thigh 14° back; belt 15° down. */
  private static final String BEHIND =
      """
      {"format": "loose-hip-still", "version": 1, "view": "down-the-line", "checkpoint": "address",
       "handed": "right", "spineShape": "flat", "school": "rotation-first", "heightPx": 1400,
       "scale": {"a": [100, 1500], "b": [100, 700], "cm": 114.3},
       "points": {"heel": [500, 1500], "toe": [730, 1500], "ankle": [540, 1440],
         "knee": [592.9, 1140], "knee-front": [640, 1140], "hip": [510.6, 810],
         "belt-back": [430, 740], "belt-front": [602.7, 786.3], "neck-base": [780, 430],
         "head": null}}
      """;

  @TempDir Path folder;

  private record Ran(int exit, String out, String err) {
    JsonNode json() {
      return Documents.JSON.readTree(out);
    }
  }

  private Ran run(String text) throws IOException {
    Path file = Files.writeString(folder.resolve("still.json"), text);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int exit =
        StillCommand.run(
            new String[] {file.toString()},
            new PrintStream(out, true, StandardCharsets.UTF_8),
            new PrintStream(err, true, StandardCharsets.UTF_8));
    return new Ran(
        exit, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }

  @Test
  void figuresCarryTheirErrorAndWindow() throws IOException {
    Ran ran = run(BEHIND);
    assertThat(ran.err()).isEmpty();
    assertThat(ran.exit()).isZero();
    JsonNode figures = ran.json().get("figures");
    assertThat(figures.at("/shinLean/value").asDouble()).isEqualTo(10.0);
    assertThat(figures.at("/kneeFlex/value").asDouble()).isEqualTo(24.0);
    assertThat(figures.at("/beltTilt/value").asDouble()).isEqualTo(15.0);
    assertThat(figures.at("/trunkIncline/value").asDouble()).isEqualTo(35.3);
    assertThat(figures.at("/kneePlumb/value").asDouble()).isEqualTo(0.61);
    assertThat(figures.at("/hipOverFoot/value").asDouble()).isEqualTo(0.05);
    assertThat(figures.at("/hipOverFoot/inside").asBoolean()).isFalse();
    assertThat(figures.at("/kneeFlex/window").toString()).isEqualTo("[15.0,30.0]");
    assertThat(figures.at("/beltTilt/plusMinus").asDouble()).isBetween(0.5, 3.0);
    assertThat(ran.json().get("notSeen").toString())
        .isEqualTo("[\"upperCurve\",\"lowerArch\",\"stack\"]");
    JsonNode finding = ran.json().at("/findings/0");
    assertThat(finding.get("id").asString()).isEqualTo("heel-weighted");
    assertThat(finding.get("kind").asString()).isEqualTo("fault");
    assertThat(finding.get("level").asString()).isEqualTo("clear");
    assertThat(finding.get("because").asString()).contains("hip over the foot 0.05 ±");
    assertThat(run(BEHIND).out()).isEqualTo(ran.out());
  }

  @Test
  void aPairSaysWhatMoved() throws IOException {
    String top =
        """
        {"format": "loose-hip-still", "version": 1, "view": "face-on", "checkpoint": "top",
         "handed": "left", "scale": {"a": [0, 0], "b": [0, 1143], "cm": 114.3},
         "points": {"lead-hip": [350, 800], "trail-hip": [690, 800], "head": [540, 130],
           "belt-buckle": [520, 720], "neck-base": [540, 260], "ball": [480, 1600]},
         "with": {"points": {"lead-hip": [330, 800], "trail-hip": [670, 800], "head": [500, 110],
           "ball": [480, 1600]}}}
        """;
    Ran ran = run(top);
    assertThat(ran.err()).isEmpty();
    JsonNode figures = ran.json().get("figures");
    assertThat(figures.at("/pelvisShift/value").asDouble()).isEqualTo(2.0);
    assertThat(figures.at("/headShift/value").asDouble()).isEqualTo(4.0);
    assertThat(figures.at("/headHeight/value").asDouble()).isEqualTo(-2.0);
    assertThat(figures.at("/spineTilt/value").asDouble()).isEqualTo(2.5);
    assertThat(figures.at("/pelvisShift/window").toString()).isEqualTo("[0.0,3.0]");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"handed\": \"right\"|\"handed\": \"left\"|/handed: the toes point the other way",
        "[100, 700]|[100, 1500]|/scale: the two ends of the known length lie on one spot",
        "\"hip\": [510.6, 810]|\"hip\": [592.9, 1140]|/points/hip: the knee and the hip joint lie",
        "\"knee\": [592.9, 1140]|\"knee\": [540, 1460]|/points/knee: the knee lies below the ankle",
        "\"heel\"|\"lead-hip\"|/points/lead-hip: is not a landmark seen down-the-line",
        "\"view\": \"down-the-line\",|\"colour\": 1,|/colour: unknown key",
        "\"cm\": 114.3|\"cm\": 0|/scale/cm",
        "\"version\": 1|\"version\": 2|/version: is not 1",
        "[730, 1500]|[730]|/points/toe",
      })
  void aBadFileIsRefusedByPointer(String from, String to, String said) throws IOException {
    Ran ran = run(BEHIND.replace(from, to));
    assertThat(ran.exit()).isEqualTo(2);
    assertThat(ran.out()).isEmpty();
    assertThat(ran.err()).contains(said).contains("; ");
  }

  @Test
  void whatIsNoJsonOrNoFileIsRefused() throws IOException {
    assertThat(run("{").err()).contains("is not JSON");
    assertThat(run("").err()).contains("the file is empty");
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    assertThat(StillCommand.run(new String[] {"/no/such"}, System.out, new PrintStream(err)))
        .isEqualTo(2);
    assertThat(err.toString(StandardCharsets.UTF_8)).contains("no such file");
  }

  @Test
  void theShippedSchemaIsTheOneInForce() throws IOException {
    Path shipped = Path.of("..", "docs", "schema", "still.schema.json");
    JsonNode schema = Documents.JSON.valueToTree(StillSchema.schema());
    assertThat(Documents.JSON.readTree(Files.readString(shipped))).isEqualTo(schema);
    assertThat(new SchemaCheck(schema).problems(Documents.JSON.readTree(BEHIND)))
        .isEqualTo(List.of());
  }
}
