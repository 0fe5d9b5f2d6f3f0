package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import loosehip.app.golfer.Examiners;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.store.OwnExercises;
import loosehip.core.link.Cause;
import loosehip.core.link.PivotFault;
import loosehip.core.measure.ScreenTest;
import loosehip.core.pivot.Coefficient;
import loosehip.core.pivot.Coefficients;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** What a practice sets for itself: kept, refused in words, reset, with its history. */
class LibraryFormsTest extends FormsTest {
  private static final String OWN =
      """
      {"id": "%s", "name": "Shed turn", "purpose": "turns", "start": "Stand.", "steps": ["Turn"],
       "feel": "hip", "spoils": "haste", "harder": "more", "easier": "less", "stop": "%s",
       "kind": "range", "serves": ["%s"], "dose": "1 x 8-10, 3 ps",
       "demands": ["knee-bend"]%s}""";

  @Autowired StandardsShelf shelf;
  @Autowired Examiners examiners;
  @Autowired OwnExercises exercises;

  private Coefficients coefficients() {
    return shelf.of(wren.account().practiceId()).coefficients();
  }

  private ResultActions figure(String id, String value) throws Exception {
    return send(post("/library/budget/" + id).param("value", value));
  }

  @Test
  void aFigureIsKeptWithItsHistoryAndABlankResetsIt() throws Exception {
    String id = Coefficient.RELEASE_HEEL.id();
    figure(id, "20").andExpect(content().string(containsString("20. Wren, ")));
    assertThat(coefficients().of(Coefficient.RELEASE_HEEL)).isEqualTo(20);
    figure(id, "").andExpect(content().string(containsString("reset. Wren, ")));
    assertThat(coefficients().own()).isEmpty();
  }

  @ParameterizedTest(name = "{0} = {1}: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "release-heel | lots | you typed lots. The old value is kept",
        "release-heel | 5000 | you typed 5000. The old value is kept",
        "rotation-first.pelvis-low | 60 | the least pelvis turn would be above the most",
      })
  void aFigureThatCannotBeIsRefusedInWords(String id, String typed, String words) throws Exception {
    figure(id, typed)
        .andExpect(content().string(containsString(words)))
        .andExpect(content().string(containsString("value=\"" + typed + "\"")));
    assertThat(coefficients().own()).isEmpty();
  }

  @Test
  void anUnknownFigureRuleOrTestIsSaidNotToBeThere() throws Exception {
    figure("no-such", "3")
        .andExpect(status().isNotFound())
        .andExpect(content().string(containsString("There is no such figure")));
    for (String rule : List.of("sway/no-such", "no-such/body-hinge")) {
      send(post("/library/rules/" + rule).param("prior", ".3"))
          .andExpect(status().isNotFound())
          .andExpect(content().string(containsString("There is no such cause")));
    }
    for (String test : List.of("no-such", "squat-depth", "hinge-contact.no-such")) {
      send(post("/library/bands/" + test))
          .andExpect(status().isNotFound())
          .andExpect(content().string(containsString("There is no such test")));
    }
  }

  @Test
  void aCauseIsWeighedOtherwiseAndReset() throws Exception {
    String rule = "/library/rules/sway/body-trail-ir-trail";
    send(post(rule).param("prior", "0,5").param("strength", "weak"))
        .andExpect(content().string(containsString("0.50 weak. Wren, ")));
    assertThat(trailIr()).isEqualTo(0.5);
    send(post(rule).param("prior", "1.2").param("strength", "weak"))
        .andExpect(content().string(containsString("you typed 1.2. The old weight is kept")));
    assertThat(trailIr()).isEqualTo(0.5);
    send(post(rule).param("prior", "").param("strength", "strong"));
    assertThat(trailIr()).isEqualTo(0.35);
  }

  private double trailIr() {
    return shelf.of(wren.account().practiceId()).rules().causes(PivotFault.SWAY).stream()
        .filter(c -> c.source().id().equals("trail-ir"))
        .mapToDouble(Cause::prior)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void bandEdgesAndADeviationAreThePracticesOwn() throws Exception {
    send(post("/library/bands/hinge-contact").param("enough", "45").param("close", "35"));
    assertThat(shelf.of(wren.account().practiceId()).scales()).isNotNull();
    send(post("/library/bands/hinge-contact").param("enough", "35").param("close", "45"))
        .andExpect(content().string(containsString("enough must lie above close")));
    send(post("/library/deviation/goniometer").param("value", "3"));
    send(post("/library/deviation/goniometer").param("value", "99"))
        .andExpect(content().string(containsString("you typed 99. The old value is kept")));
    assertThat(shelf.of(wren.account().practiceId()).byMethod()).containsValue(3.0);
    send(post("/library/deviation/goniometer").param("value", ""));
    send(post("/library/bands/hinge-contact"));
    assertThat(shelf.of(wren.account().practiceId()).byMethod()).isEmpty();
  }

  @Test
  void onesOwnOrderGrowsMovesAndShrinks() throws Exception {
    for (String test : List.of("hinge-contact", "tilt-control", "trunk-turn")) {
      send(post("/library/order").param("add", test));
    }
    send(post("/library/order").param("earlier", "tilt-control"));
    send(post("/library/order").param("remove", "trunk-turn"));
    send(post("/library/order").param("add", "no-such-test"));
    assertThat(examiners.ownOrder(wren.account()))
        .containsExactly(ScreenTest.TILT_CONTROL, ScreenTest.HINGE_CONTACT);
    send(post("/library/order/practice"));
    send(post("/library/order").param("remove", "hinge-contact"));
    send(post("/library/order").param("remove", "tilt-control"));
    assertThat(examiners.ownOrder(wren.account())).isEmpty();
    assertThat(examiners.practiceOrder(wren.account()))
        .containsExactly(ScreenTest.TILT_CONTROL, ScreenTest.HINGE_CONTACT);
    page("/golfers/" + golfer + "/measure?mode=run")
        .andExpect(content().string(containsString(">Ours<")));
    send(post("/library/order/practice").param("take", "away"));
    assertThat(examiners.practiceOrder(wren.account())).isEmpty();
  }

  private ResultActions bring(String... exercises) throws Exception {
    String file =
        "{\"format\": \"loose-hip-exercises\", \"version\": 1, \"exercises\": ["
            + String.join(",", exercises)
            + "]}";
    return send(
        multipart("/library/exercises/own/file")
            .file(
                new MockMultipartFile(
                    "file", "x.json", "application/json", file.getBytes(StandardCharsets.UTF_8))));
  }

  @Test
  void aFileOfExercisesIsTakenWholeOrNotAtAll() throws Exception {
    bring(OWN.formatted("aa", "pain", "trail-ir", ""), OWN.formatted("bb", "", "trail-ir", ""))
        .andExpect(
            flash()
                .attribute(
                    "adding",
                    Matchers.hasToString(containsString("Nothing of the file was taken:"))))
        .andExpect(flash().attribute("adding", Matchers.hasToString(containsString("stop"))));
    bring(OWN.formatted("aa", "pain", "no-such-limit", ""))
        .andExpect(
            flash().attribute("adding", Matchers.hasToString(containsString("no-such-limit"))));
    bring(
            OWN.formatted("aa", "pain", "trail-ir", ", \"above\": \"bb\""),
            OWN.formatted("bb", "pain", "trail-ir", ", \"above\": \"aa\""))
        .andExpect(flash().attribute("adding", Matchers.hasToString(containsString("circle"))));
    assertThat(exercises.of(wren.account().practiceId()))
        .extracting(OwnExercises.Stored::exerciseId)
        .doesNotContain("aa", "bb");

    bring(
            OWN.formatted("aa", "pain", "trail-ir", ""),
            OWN.formatted("bb", "pain", "trail-ir", ", \"above\": \"aa\""))
        .andExpect(
            flash()
                .attribute("adding", Matchers.hasToString(containsString("2 exercises taken."))));
    page("/library/exercises").andExpect(content().string(containsString("your own, rung 2 of 2")));
    page("/library/exercises/own.json")
        .andExpect(content().string(containsString("\"above\" : \"aa\"")));

    send(post("/library/exercises/own/aa/drop"))
        .andExpect(
            flash().attribute("adding", Matchers.hasToString(containsString("stands above it"))));
    send(post("/library/exercises/own/bb/drop"));
    send(post("/library/exercises/own/aa/drop"));
    assertThat(exercises.of(wren.account().practiceId()))
        .extracting(OwnExercises.Stored::exerciseId)
        .doesNotContain("aa", "bb");
  }

  @Test
  void whatIsNoFileOfExercisesOrNoPhotoIsSaid() throws Exception {
    send(multipart("/library/exercises/own/file")
            .file(new MockMultipartFile("file", "x", "text/plain", new byte[] {1, 2})))
        .andExpect(
            flash().attribute("adding", Matchers.hasToString(containsString("no JSON file"))));
    send(multipart("/library/exercises/own")
            .file(new MockMultipartFile("photo", "x.gif", "image/gif", new byte[] {1, 2, 3}))
            .param("name", "Shed turn"))
        .andExpect(
            flash()
                .attribute(
                    "adding", Matchers.hasToString(containsString("no picture that can be read"))))
        .andExpect(flash().attribute("adding", Matchers.hasToString(containsString("Shed turn"))));
    page("/library/exercises/own/nothing/photo").andExpect(status().isNotFound());
  }
}
