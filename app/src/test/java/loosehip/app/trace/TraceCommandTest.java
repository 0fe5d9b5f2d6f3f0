package loosehip.app.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import loosehip.app.document.Documents;
import loosehip.core.played.SwingKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The two commands: answers as documents, and what is said of files that cannot be read. */
class TraceCommandTest {
  private static final byte[] MOVEMENT = TraceFiles.movement(SwingKind.GOOD_ORDER);
  private static final byte[] PRESSURE = TraceFiles.pressure(SwingKind.GOOD_ORDER);

  @TempDir private Path folder;

  private record Answer(int code, String out, List<String> err) {
    JsonNode json() {
      return Documents.JSON.readTree(out);
    }
  }

  private Answer run(String command, byte[] file, String... more) throws IOException {
    Path path = folder.resolve("swing.csv");
    Files.write(path, file);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    String[] args = new String[2 + more.length];
    args[0] = command;
    args[1] = path.toString();
    System.arraycopy(more, 0, args, 2, more.length);
    int code = TraceCommand.run(args, new PrintStream(out), new PrintStream(err));
    return new Answer(
        code,
        out.toString(StandardCharsets.UTF_8),
        err.toString(StandardCharsets.UTF_8).lines().toList());
  }

  private String refused(String command, byte[] file) throws IOException {
    Answer answer = run(command, file);
    assertThat(answer.code()).isEqualTo(2);
    assertThat(answer.out()).isEmpty();
    assertThat(answer.err()).isNotEmpty();
    return String.join("\n", answer.err());
  }

  @Test
  void aMovementIsPrintedWithEveryKey() throws IOException {
    Answer answer = run("trace", TraceFiles.movement(SwingKind.EARLY_STOP));
    assertThat(answer.code()).isZero();
    assertThat(answer.err()).isEmpty();
    JsonNode json = answer.json();
    assertThat(json.propertyNames())
        .contains(
            "format",
            "version",
            "rows",
            "hz",
            "gaps",
            "start",
            "tops",
            "impact",
            "atTop",
            "separation",
            "stop",
            "dip",
            "returnOrder",
            "lags",
            "outOfOrder",
            "openAtImpact",
            "peaks",
            "ratio",
            "findings");
    assertThat(json.path("format").asString()).isEqualTo("loose-hip-trace");
    assertThat(json.path("rows").asInt()).isEqualTo(481);
    assertThat(json.path("hz").toString()).isEqualTo("200.0");
    assertThat(json.path("tops").propertyNames()).containsExactly("pelvis", "torso", "arm");
    assertThat(json.path("lags").propertyNames()).containsExactly("pelvisTorso", "torsoArm");
    assertThat(json.path("stop").path("share").toString()).matches("0\\.\\d\\d");
    assertThat(json.path("findings").get(0).toString())
        .startsWith("{\"id\":\"early-stop\",\"kind\":\"fault\",\"level\":\"clear\",\"because\":");
  }

  @Test
  void thePairOutOfOrderIsNamedAndTheHabitSuggested() throws IOException {
    JsonNode json = run("trace", TraceFiles.movement(SwingKind.ARMS_FIRST)).json();
    assertThat(json.path("returnOrder").toString()).isEqualTo("[\"arm\",\"torso\",\"pelvis\"]");
    assertThat(json.path("outOfOrder").toString())
        .isEqualTo("[[\"pelvis\",\"torso\"],[\"torso\",\"arm\"]]");
    assertThat(json.path("findings").toString()).contains("\"upper-first\",\"kind\":\"habit\"");
  }

  @Test
  void theSchoolSetsWhatIsAsked() throws IOException {
    byte[] swing = TraceFiles.movement(SwingKind.GOOD_ORDER);
    assertThat(run("trace", swing).json().path("findings").size()).isZero();
    assertThat(run("trace", swing, "--school", "settled-base").json().path("findings").toString())
        .contains("over-turn");
    assertThat(run("trace", swing, "--school", "free-turn").json().path("findings").toString())
        .contains("early-stop");
    assertThat(run("trace", swing, "--school", "no-school").err().get(0))
        .contains("settled-base, rotation-first");
  }

  @Test
  void pressureIsPrintedByItsMoments() throws IOException {
    JsonNode json = run("pressure", TraceFiles.pressure(SwingKind.TOE_FALL)).json();
    assertThat(json.path("format").asString()).isEqualTo("loose-hip-pressure");
    assertThat(json.path("events").propertyNames())
        .containsExactly("address", "top", "arm-level", "impact", "finish");
    assertThat(json.path("events").path("top").propertyNames())
        .containsExactly("leadShare", "leadToe", "trailToe");
    assertThat(json.path("findings").get(0).path("id").asString()).isEqualTo("toe-fall");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 | 0.0450,1,2,3 | line 12: has 4 fields where the header has 5",
        "12 | 0.0450,1,2,3,4,5,6 | line 12: has 7 fields where the header has 5",
        "12 | 0.0450,NaN,0,0,0 | line 12, column pelvis_turn_deg: \"NaN\" is not a number",
        "12 | 0.0450,0,0,,0 | line 12, column torso_turn_deg: is empty",
        "12 | 0.0450,0,0,0,999 | line 12, column lead_arm_deg: 999 is beyond 360",
        "12 | 0.0150,0,0,0,0 | line 12, column time_s: 0.015 s does not come after 0.045 s",
        "1 | time_s,pelvis_tilt_deg,torso_turn_deg,lead_arm_deg | column pelvis_turn_deg: is missing",
        "1 | time_s,pelvis_turn_rad,pelvis_tilt_deg,torso_turn_deg,lead_arm_deg | call it pelvis_turn_deg",
        "1 | time_ms,pelvis_turn_deg,pelvis_tilt_deg,torso_turn_deg,lead_arm_deg | call it time_s"
      })
  void aBadLineIsNamedWithItsColumn(int line, String instead, String said) throws IOException {
    assertThat(refused("trace", TraceFiles.with(MOVEMENT, line, instead))).contains(said);
  }

  @Test
  void decimalCommasAreRefusedWithWhatToChange() throws IOException {
    String commas = TraceFiles.text(MOVEMENT).replace(',', ';').replace('.', ',');
    assertThat(refused("trace", TraceFiles.bytes(commas)))
        .contains("is written with a decimal comma; write decimals with a point: 0.0000");
    String semicolons = TraceFiles.text(MOVEMENT).replace(',', ';');
    assertThat(run("trace", TraceFiles.bytes("\uFEFF" + semicolons)).out())
        .isEqualTo(run("trace", MOVEMENT).out());
    assertThat(
            run("trace", TraceFiles.bytes(TraceFiles.text(MOVEMENT).replace("\n", "\r\n"))).out())
        .isEqualTo(run("trace", MOVEMENT).out());
  }

  @Test
  void gapsUpToFortyMillisecondsAreFilledAndSaid() throws IOException {
    JsonNode filled = run("trace", TraceFiles.without(MOVEMENT, 102, 108)).json();
    assertThat(filled.path("gaps").toString()).isEqualTo("[{\"at\":0.495,\"ms\":40.0}]");
    assertThat(refused("trace", TraceFiles.without(MOVEMENT, 102, 109)))
        .contains("line 102, column time_s: a gap of 45 ms");
  }

  @Test
  void whatIsNoSwingIsRefused() throws IOException {
    assertThat(refused("trace", new byte[0])).contains("is empty");
    assertThat(refused("trace", TraceFiles.bytes("time_s,pelvis_turn_deg,pelvis_tilt_deg\n")))
        .contains("0 rows");
    assertThat(refused("trace", new byte[] {(byte) 0xff, (byte) 0xfe, 0x41})).contains("UTF-8");
    assertThat(refused("trace", TraceFiles.without(MOVEMENT, 290, 482))).contains("no impact");
    assertThat(refused("trace", TraceFiles.twice(MOVEMENT))).contains("more than one swing");
    assertThat(refused("trace", TraceFiles.inRadians(MOVEMENT)))
        .contains("look like radians")
        .contains("57.2958");
    assertThat(refused("trace", PRESSURE)).contains("pelvis_turn_deg: is missing");
    assertThat(refused("trace", TraceFiles.with(MOVEMENT, 9, "\"0.03,1,2,3,4"))).contains("line 9");
  }

  /** Ten million rows are not read to their end. */
  @Test
  void aFileOfTooManyRowsIsLeftInTime() throws IOException {
    StringBuilder rows = new StringBuilder("time_s,lead_share,lead_toe,trail_toe,event\n");
    for (int i = 0; i < 200_050; i++) {
      rows.append(i / 1000.0).append(",0.5,0.5,0.5,\n");
    }
    assertThat(refused("pressure", TraceFiles.bytes(rows.toString())))
        .contains("line 200002: is beyond 200000 rows");
    assertThat(refused("trace", new byte[17 * 1024 * 1024])).contains("larger than 16 MB");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 | 0.0450,62,0.5,0.5, | line 12, column lead_share: 62 is beyond 1; write a share from 0 to 1: 0.62",
        "12 | 0.0450,0.5,0.5,0.5,turn | line 12, column event: \"turn\" is no moment; write one of address",
        "12 | 0.0450,0.5,0.5,0.5,impact | column event: impact is marked a second time",
        "1 | time_s,lead_share,lead_toe,trail_toe | column event: is missing"
      })
  void aBadMatIsNamed(int line, String instead, String said) throws IOException {
    assertThat(refused("pressure", TraceFiles.with(PRESSURE, line, instead))).contains(said);
  }

  @Test
  void momentsInTheWrongOrderAndNoneAtAllAreNamed() throws IOException {
    byte[] swapped =
        TraceFiles.bytes(
            TraceFiles.text(PRESSURE)
                .replace(",top", ",xx")
                .replace(",impact", ",top")
                .replace(",xx", ",impact"));
    assertThat(refused("pressure", swapped)).contains("is marked before");
    assertThat(
            refused(
                "pressure",
                TraceFiles.bytes(TraceFiles.text(PRESSURE).replaceAll("(\\d),[a-z-]+\n", "$1,\n"))))
        .contains("mark address, top");
  }

  @Test
  void withoutAFileTheUseIsSaid() {
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    assertThat(TraceCommand.run(new String[] {"pressure"}, System.out, new PrintStream(err)))
        .isEqualTo(2);
    assertThat(err.toString(StandardCharsets.UTF_8)).contains("loose-hip pressure FILE.csv");
  }
}
