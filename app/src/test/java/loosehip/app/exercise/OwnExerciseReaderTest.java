package loosehip.app.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import loosehip.app.document.Documents;
import loosehip.app.document.Problem;
import loosehip.core.safety.Demand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnExerciseReaderTest {
  private static final String ONE =
      """
      {"id": "%s", "name": "Shed turn", "purpose": "turns", "start": "Stand.", "steps": ["Turn"],
       "feel": "hip", "spoils": "haste", "harder": "more", "easier": "less", "stop": "pain",
       "kind": "range", "serves": ["trail-ir"], "dose": "1 x 8-10, 3 ps",
       "demands": ["kneel"]%s}""";

  private static String file(String... exercises) {
    return "{\"format\": \"loose-hip-exercises\", \"version\": 1, \"exercises\": ["
        + String.join(",", exercises)
        + "]}";
  }

  @Test
  void aFileIsReadWrittenAndFitsItsSchema() throws IOException {
    OwnExerciseReader.Read read =
        OwnExerciseReader.file(
            file(
                ONE.formatted("shed-turn", ""),
                ONE.formatted("shed-two", ", \"above\": \"shed-turn\"")));
    assertThat(read.problems()).isEmpty();
    assertThat(read.exercises())
        .extracting(OwnExercise::id)
        .containsExactly("shed-turn", "shed-two");
    String written = OwnExerciseReader.write(read.exercises());
    assertThat(OwnExerciseReader.file(written).exercises()).isEqualTo(read.exercises());
    Path shipped = Path.of("..", "docs", "schema", "exercises.schema.json");
    assertThat(Documents.JSON.readTree(Files.readString(shipped)))
        .as("the schema in docs is the one that checks")
        .isEqualTo(Documents.JSON.valueToTree(OwnExerciseDocument.schema()));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "\"trail-ir\" > \"left-elbow\" | /exercises/0/serves/0: unknown id \"left-elbow\"",
        "\"stop\": \"pain\" > \"stop\": \"\" | /exercises/0/stop: is empty",
        "1 x 8-10, 3 ps > a lot | /exercises/0/dose: is no dose; it reads like",
        "\"range\" > \"yoga\" | /exercises/0/kind: unknown id \"yoga\"; known: ",
        "\"shed-turn\" > \"Shed Turn\" | /exercises/0/id: has letters an id cannot have; take small letters",
        "\"feel\" > \"feeling\" | /exercises/0/feeling: unknown key",
        "[\"kneel\"] > [\"elbow\"] | /exercises/0/demands/0: unknown id \"elbow\"",
        "loose-hip-exercises > other | /format: is not",
      })
  void whatIsWrongIsSaidWithItsPlace(String change, String problem) {
    String[] halves = change.split(" > ");
    String text = file(ONE.formatted("shed-turn", "")).replace(halves[0], halves[1]);
    assertThat(OwnExerciseReader.file(text).problems()).anyMatch(p -> p.line().contains(problem));
    assertThat(OwnExerciseReader.file("{oh").problems()).hasSize(1);
  }

  @Test
  void aLadderInACircleAndARungAboveNothingAreRefused() {
    OwnExerciseReader.Read circle =
        OwnExerciseReader.file(
            file(
                ONE.formatted("aa", ", \"above\": \"bb\""),
                ONE.formatted("bb", ", \"above\": \"aa\"")));
    assertThat(circle.problems()).anyMatch(p -> p.wrong().contains("goes round in a circle"));
    assertThat(OwnExerciseReader.file(file(ONE.formatted("aa", ", \"above\": \"zz\""))).problems())
        .extracting(Problem::wrong)
        .containsExactly("aa stands above zz, which is not there");
    assertThat(
            OwnExerciseReader.file(file(ONE.formatted("aa", ""), ONE.formatted("aa", "")))
                .problems())
        .extracting(Problem::wrong)
        .containsExactly("two exercises share an id");
  }

  @Test
  void aFormWithoutStopSignsIsRefusedAndOneWithThemIsNamedByItself() {
    Map<String, List<String>> typed = new HashMap<>();
    for (String key : List.of("purpose", "start", "feel", "spoils", "harder", "easier")) {
      typed.put(key, List.of(key));
    }
    typed.put("name", List.of("Shed turn!"));
    typed.put("steps", List.of("Turn; wait"));
    typed.put("kind", List.of("range"));
    typed.put("serves", List.of("trail-ir", "lead-ir"));
    typed.put("dose", List.of("1 x 8, 3"));
    assertThat(OwnExerciseReader.form(typed).problems())
        .extracting(Problem::pointer)
        .containsExactly("/stop", "/demands");
    typed.put("stop", List.of("pain"));
    assertThat(OwnExerciseReader.form(typed).problems())
        .extracting(Problem::right)
        .containsExactly(
            "say what it asks of the body, or that it asks none of it, so that cautions hold");
    typed.put("demands", List.of("none"));
    assertThat(OwnExerciseReader.form(typed).exercises().get(0).demands()).isEmpty();
    typed.put("demands", List.of("kneel", "fast"));
    OwnExercise own = OwnExerciseReader.form(typed).exercises().get(0);
    assertThat(own.demands()).containsExactlyInAnyOrder(Demand.KNEEL, Demand.FAST);
    assertThat(own.id()).isEqualTo("shed-turn");
    assertThat(own.text().steps()).containsExactly("Turn.", "wait.");
  }

  /** One kept before demands were asked for is safe for nobody with a caution. */
  @Test
  void oneKeptWithoutDemandsAsksAllOfThem() {
    String kept = ONE.formatted("old", "").replace(",\n \"demands\": [\"kneel\"]", "");
    assertThat(kept).doesNotContain("demands");
    assertThat(OwnExerciseReader.kept(kept).orElseThrow().demands())
        .containsExactlyInAnyOrder(Demand.values());
  }

  @Test
  void aPhotoIsMadeAnewSmallerAndWithoutWhatCameWithIt() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(2400, 1200, BufferedImage.TYPE_INT_RGB), "png", out);
    out.write("GPS 55.9 N".getBytes(StandardCharsets.UTF_8));
    byte[] anew = Photo.anew(out.toByteArray()).orElseThrow();
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(anew));
    assertThat(read.getWidth()).isEqualTo(900);
    assertThat(read.getHeight()).isEqualTo(450);
    assertThat(new String(anew, StandardCharsets.ISO_8859_1)).doesNotContain("GPS");
    assertThat(Photo.anew("no picture".getBytes(StandardCharsets.UTF_8))).isEmpty();
  }
}
