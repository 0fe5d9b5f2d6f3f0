package loosehip.app.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import loosehip.app.document.Documents;
import loosehip.app.document.Problem;
import loosehip.app.picture.RefusedPicture;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Drill;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Tools;
import loosehip.core.safety.Demand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnItemReaderTest {
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
    OwnItemReader.Read read =
        OwnItemReader.file(
            file(
                ONE.formatted("shed-turn", ""),
                ONE.formatted("shed-two", ", \"above\": \"shed-turn\"")));
    assertThat(read.problems()).isEmpty();
    assertThat(read.items()).extracting(OwnItem::id).containsExactly("shed-turn", "shed-two");
    String written = OwnItemReader.write(read.items());
    assertThat(OwnItemReader.file(written).items()).isEqualTo(read.items());
    Path shipped = Path.of("..", "docs", "schema", "exercises.schema.json");
    assertThat(Documents.JSON.readTree(Files.readString(shipped)))
        .as("the schema in docs is the one that checks")
        .isEqualTo(Documents.JSON.valueToTree(OwnItemsDocument.schema()));
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
    assertThat(OwnItemReader.file(text).problems()).anyMatch(p -> p.line().contains(problem));
    assertThat(OwnItemReader.file("{oh").problems()).hasSize(1);
  }

  @Test
  void aLadderInACircleAndARungAboveNothingAreRefused() {
    OwnItemReader.Read circle =
        OwnItemReader.file(
            file(
                ONE.formatted("aa", ", \"above\": \"bb\""),
                ONE.formatted("bb", ", \"above\": \"aa\"")));
    assertThat(circle.problems()).anyMatch(p -> p.wrong().contains("goes round in a circle"));
    assertThat(OwnItemReader.file(file(ONE.formatted("aa", ", \"above\": \"zz\""))).problems())
        .extracting(Problem::wrong)
        .containsExactly("aa stands above zz, which is not there");
    assertThat(
            OwnItemReader.file(file(ONE.formatted("aa", ""), ONE.formatted("aa", ""))).problems())
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
    assertThat(OwnItemForm.exercise(typed).problems())
        .extracting(Problem::pointer)
        .containsExactly("/stop", "/demands");
    typed.put("stop", List.of("pain"));
    assertThat(OwnItemForm.exercise(typed).problems())
        .extracting(Problem::right)
        .containsExactly(
            "say what it asks of the body, or that it asks none of it, so that cautions hold");
    typed.put("demands", List.of("none"));
    assertThat(((OwnExercise) OwnItemForm.exercise(typed).items().get(0)).demands()).isEmpty();
    typed.put("demands", List.of("kneel", "fast"));
    OwnExercise own = (OwnExercise) OwnItemForm.exercise(typed).items().get(0);
    assertThat(own.demands()).containsExactlyInAnyOrder(Demand.KNEEL, Demand.FAST);
    assertThat(own.id()).isEqualTo("shed-turn");
    assertThat(own.text().steps()).containsExactly("Turn.", "wait.");
  }

  /** One kept before demands were asked for is safe for nobody with a caution. */
  @Test
  void oneKeptWithoutDemandsAsksAllOfThem() {
    String kept = ONE.formatted("old", "").replace(",\n \"demands\": [\"kneel\"]", "");
    assertThat(kept).doesNotContain("demands");
    assertThat(((OwnExercise) OwnItemReader.kept(kept).orElseThrow()).demands())
        .containsExactlyInAnyOrder(Demand.values());
  }

  private static final String DRILL =
      """
      {"id": "%s", "name": "Pocket back", "purpose": "turns", "start": "Stand.",
       "steps": ["Turn"], "feel": "hip", "spoils": "haste", "harder": "more", "easier": "half",
       "stop": "pain", "faults": ["sway"], "schools": ["settled-base"], "style": "late-post",
       "needs": ["side-hip"], "dose": "1 x 10, 3", "tools": ["chair"], "demands": ["knee-bend"],
       "easierDemands": [], "last": true}""";

  private static String fileOfDrills(String... drills) {
    return "{\"format\": \"loose-hip-exercises\", \"version\": 1, \"drills\": ["
        + String.join(",", drills)
        + "]}";
  }

  @Test
  void aDrillIsReadWrittenAndPlannedAsItSays() {
    OwnItemReader.Read read = OwnItemReader.file(fileOfDrills(DRILL.formatted("pocket")));
    assertThat(read.problems()).isEmpty();
    OwnDrill own = (OwnDrill) read.items().get(0);
    assertThat(OwnItemReader.kept(OwnItemReader.write(own))).contains(own);
    assertThat(OwnItemReader.file(OwnItemReader.write(read.items())).items())
        .isEqualTo(read.items());
    assertThat(own.last()).isTrue();
    assertThat(own.planned(ItemId.of("own-1-pocket")))
        .isEqualTo(
            new Drill(
                ItemId.of("own-1-pocket"),
                List.of(PivotFault.SWAY),
                Set.of(School.SETTLED_BASE),
                Optional.of(Downswing.LATE_POST),
                List.of(LimitKind.SIDE_HIP),
                Dose.parse("1 x 10, 3"),
                new Drill.Asks(Tools.each(Set.of(Tool.CHAIR)), Set.of(Demand.KNEE_BEND)),
                new Drill.Asks(Tools.each(Set.of(Tool.CHAIR)), Set.of()),
                Set.of(),
                Set.of(),
                Set.of(),
                1));
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "[\"sway\"] > [] | /drills/0/faults: ",
        "\"sway\" > \"yips\" | /drills/0/faults/0: unknown id \"yips\"",
        "\"easierDemands\": [], > | /drills/0/easierDemands: is missing; say what it asks",
        "\"late-post\" > \"whirl\" | /drills/0/style: unknown id \"whirl\"",
        "1 x 10, 3 > some | /drills/0/dose: is no dose",
        "\"stop\": \"pain\" > \"stop\": \"\" | /drills/0/stop: is empty; an exercise or drill without",
      })
  void whatIsWrongWithADrillIsSaidWithItsPlace(String change, String problem) {
    String[] halves = change.split(" > ?", 2);
    String text = fileOfDrills(DRILL.formatted("pocket")).replace(halves[0], halves[1].strip());
    assertThat(OwnItemReader.file(text).problems()).anyMatch(p -> p.line().contains(problem));
  }

  @Test
  void aFileWithNothingInItAndOneIdForTwoAreRefused() {
    assertThat(
            OwnItemReader.file("{\"format\": \"loose-hip-exercises\", \"version\": 1}").problems())
        .extracting(Problem::wrong)
        .containsExactly("holds no exercise and no drill");
    String both = file(ONE.formatted("pocket", ""));
    both =
        both.substring(0, both.length() - 1) + ", \"drills\": [" + DRILL.formatted("pocket") + "]}";
    assertThat(OwnItemReader.file(both).problems())
        .extracting(Problem::wrong)
        .containsExactly("two exercises share an id");
  }

  /**
   * The easier form asks the same, nothing, or what is ticked; silence is not taken for nothing.
   */
  @Test
  void theEasierFormOfADrillSaysWhatItAsks() {
    Map<String, List<String>> typed = new HashMap<>();
    for (String key :
        List.of(
            "name", "purpose", "start", "steps", "feel", "spoils", "harder", "easier", "stop")) {
      typed.put(key, List.of(key));
    }
    typed.put("faults", List.of("sway", "slide"));
    typed.put("dose", List.of("1 x 10, 3"));
    typed.put("tools", List.of("chair"));
    typed.put("demands", List.of("knee-bend"));
    typed.put("style", List.of(""));
    typed.put("last", List.of("no"));
    assertThat(OwnItemForm.drill(typed).problems())
        .extracting(Problem::pointer)
        .containsExactly("/easierDemands");
    typed.put("easierDemands", List.of("same"));
    OwnDrill same = (OwnDrill) OwnItemForm.drill(typed).items().get(0);
    assertThat(same.easier()).isEqualTo(same.full());
    assertThat(same.faults()).containsExactly(PivotFault.SWAY, PivotFault.SLIDE);
    assertThat(same.last()).isFalse();
    typed.put("easierDemands", List.of("same", "kneel"));
    assertThat(((OwnDrill) OwnItemForm.drill(typed).items().get(0)).easier().demands())
        .containsExactlyInAnyOrder(Demand.KNEE_BEND, Demand.KNEEL);
    typed.put("easierDemands", List.of("none"));
    typed.put("easierTools", List.of("none"));
    OwnDrill free = (OwnDrill) OwnItemForm.drill(typed).items().get(0);
    assertThat(free.easier()).isEqualTo(new OwnDrill.Form(Set.of(), Set.of()));
    assertThat(free.full().tools()).containsExactly(Tool.CHAIR);
  }

  @Test
  void aPhotoIsMadeAnewSmallerAndWithoutWhatCameWithIt() throws IOException, RefusedPicture {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(2400, 1200, BufferedImage.TYPE_INT_RGB), "png", out);
    out.write("GPS 55.9 N".getBytes(StandardCharsets.UTF_8));
    byte[] anew = Photo.anew(out.toByteArray());
    BufferedImage read = ImageIO.read(new ByteArrayInputStream(anew));
    assertThat(read.getWidth()).isEqualTo(900);
    assertThat(read.getHeight()).isEqualTo(450);
    assertThat(new String(anew, StandardCharsets.ISO_8859_1)).doesNotContain("GPS");
    assertThatThrownBy(() -> Photo.anew("no picture".getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(RefusedPicture.class);
  }
}
