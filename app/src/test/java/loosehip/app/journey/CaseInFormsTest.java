package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import loosehip.app.store.CasesTaken;
import loosehip.app.store.Glance;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;

/** Case files in: looked at, taken as somebody new or as a visit, and all of it back. */
class CaseInFormsTest extends FormsTest {
  private static final String FILE =
      """
      {"format": "loose-hip-case", "version": 1,
       "golfer": {"ref": "R-07", "birthYear": 1961, "handed": "left", "heightCm": 171},
       "health": {"warningSigns": [%s], "cautions": [{"id": "inner-knee", "side": "left"}]},
       "screen": [{"test": "seated-rotation", "side": "left", "direction": "internal",
         "method": "goniometer", "tries": [24, 26, 25], "tryDeviation": 2.5},
         {"test": "squat-depth", "reached": "partial"}],
       "plan": {"minutesPerDay": 20, "daysPerWeek": 4, "start": "2026-11-30"}}
      """;

  @Autowired CasesTaken taken;

  private final MockHttpSession session = new MockHttpSession();

  private ResultActions as(AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
    return mvc.perform(request.session(session).with(user(wren)).with(csrf()));
  }

  private ResultActions bring(String name, byte[] bytes) throws Exception {
    return as(
        multipart("/cases").file(new MockMultipartFile("file", name, "application/json", bytes)));
  }

  /** Brings one that fits; answers its address. */
  private String brought(String text) throws Exception {
    String address =
        bring("r-07.json", text.getBytes(StandardCharsets.UTF_8))
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    assertThat(address).startsWith("/cases/");
    return address;
  }

  private String made(ResultActions answer) throws Exception {
    String address = answer.andReturn().getResponse().getRedirectedUrl();
    Matcher id = Pattern.compile("/golfers/([^/]+)/talk").matcher(String.valueOf(address));
    assertThat(id.find()).isTrue();
    return id.group(1);
  }

  private static byte[] zip(Map<String, byte[]> files) throws Exception {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    }
    return bytes.toByteArray();
  }

  private static byte[] file(String signs) {
    return FILE.formatted(signs).getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void somebodyNewComesWithConsentAloneAndGoesAgainInOneStep() throws Exception {
    String at = brought(FILE.formatted(""));
    as(get(at)).andExpect(content().string(containsString("2 tests measured")));
    as(post(at + "/take").param("name", "Quenby Larch"))
        .andExpect(content().string(containsString("consent first")));
    assertThat(golfers.find(wren.account().practiceId(), "quenby")).isEmpty();

    golfer = made(as(post(at + "/take").param("name", "Quenby Larch").param("consent", "yes")));
    assertThat(file().name()).isEqualTo("Quenby Larch");
    assertThat(file().facts().get("who.handed").value()).isEqualTo("left");
    assertThat(file().facts()).doesNotContainKey("warning.night-pain");
    assertThat(file().tries())
        .filteredOn(t -> t.value().isPresent())
        .hasSize(3)
        .allSatisfy(t -> assertThat(t.scatter()).contains(2.5))
        .allSatisfy(t -> assertThat(t.byId()).isEmpty());

    String id = taken.newest(wren.account().practiceId()).get(0).id();
    as(post("/cases/taken/" + id + "/undo"))
        .andExpect(flash().attribute("told", containsString("nothing of the file is kept")));
    assertThat(golfers.find(wren.account().practiceId(), "quenby")).isEmpty();
    as(post("/cases/taken/" + id + "/undo"))
        .andExpect(flash().attribute("told", containsString("taken back before")));
  }

  @Test
  void aVisitOfSomebodyHereShowsWhatWouldChangeAndGoesAgain() throws Exception {
    note("wish.minutes", "15");
    String at = brought(FILE.formatted(""));
    as(get(at).param("golfer", golfer))
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("minutes a day: 15"),
                        containsString("minutes a day: 20"),
                        containsString("hand: left"))));
    String visit = file().visitId();
    as(post(at + "/take").param("golfer", golfer))
        .andExpect(redirectedUrl("/golfers/" + golfer + "/talk"));
    assertThat(file().visitId()).isNotEqualTo(visit);
    assertThat(file().facts().get("wish.minutes").value()).isEqualTo("20");

    String id = taken.newest(wren.account().practiceId()).get(0).id();
    as(post("/cases/taken/" + id + "/undo"));
    assertThat(file().visitId()).isEqualTo(visit);
    assertThat(file().facts().get("wish.minutes").value()).isEqualTo("15");
    assertThat(file().facts().get("who.handed").value()).isEqualTo("right");
    assertThat(file().facts()).doesNotContainKey("caution.inner-knee");
  }

  @Test
  void severalDaysOfAFileAreVisitsOfTheirOwnAndGoTogether() throws Exception {
    String dated =
        FILE.formatted("")
            .replace("\"tries\": [24, 26, 25]", "\"date\": \"2026-05-04\", \"tries\": [24, 26, 25]")
            .replace(
                "{\"test\": \"squat-depth\"",
                "{\"test\": \"seated-rotation\", \"side\": \"left\", \"direction\": \"internal\","
                    + " \"date\": \"2026-02-03\", \"tries\": [18, 19], \"pain\": 2},"
                    + " {\"test\": \"squat-depth\"");
    String at = brought(dated);
    as(get(at))
        .andExpect(content().string(containsString("3 Feb 2026")))
        .andExpect(content().string(containsString("value=\"2026-05-04\"")));
    golfer =
        made(
            as(
                post(at + "/take")
                    .param("name", "Sorrel Dunn")
                    .param("consent", "yes")
                    .param("on", "2026-05-04")));
    assertThat(file().visitOn()).isEqualTo(LocalDate.of(2026, 5, 4));
    assertThat(file().earlier())
        .singleElement()
        .satisfies(
            v -> {
              assertThat(v.on()).isEqualTo(LocalDate.of(2026, 2, 3));
              assertThat(v.tries()).extracting(t -> t.value().orElseThrow()).contains(18.0, 19.0);
            });
    String id = taken.newest(wren.account().practiceId()).get(0).id();
    as(post("/cases/taken/" + id + "/undo"))
        .andExpect(flash().attribute("told", containsString("nothing of the file is kept")));

    String again = brought(dated);
    golfer = golfers.add(wren.account(), "Sorrel Here");
    note("consent", "wording 1");
    String visit = file().visitId();
    as(post(again + "/take").param("golfer", golfer));
    assertThat(file().earlier()).hasSize(2);
    as(post("/cases/taken/" + taken.newest(wren.account().practiceId()).get(0).id() + "/undo"));
    assertThat(file().visitId()).isEqualTo(visit);
    assertThat(file().earlier()).isEmpty();
  }

  @Test
  void notesOnTestsGoOutAndComeInAgain() throws Exception {
    note("test-note.seated-rotation.left.internal", "Guards the knee.");
    note("test-note.tilt-control.arch", "Laughs while arching.");
    note("test-note.hop-hold.right", "Would rather not.");
    send(
        post("/golfers/" + golfer + "/measure/seated-rotation.left.internal/tries")
            .param("value", "24"));
    String written =
        page("/golfers/" + golfer + "/case.json").andReturn().getResponse().getContentAsString();
    String at = brought(written);
    golfer = made(as(post(at + "/take").param("name", "Alder Fenn").param("consent", "yes")));
    assertThat(file().facts().get("test-note.seated-rotation.left.internal").value())
        .isEqualTo("Guards the knee.");
    assertThat(file().facts().get("test-note.tilt-control.arch").value())
        .isEqualTo("Laughs while arching.");
    assertThat(file().facts().get("test-note.hop-hold.right").value())
        .isEqualTo("Would rather not.");
    assertThat(
            page("/golfers/" + golfer + "/case.json")
                .andReturn()
                .getResponse()
                .getContentAsString())
        .isEqualTo(written.replace("\"asked\" : true", "\"asked\" : false"));
  }

  @Test
  void oneOfManyIsTakenWithConsentAlone() throws Exception {
    String at = brought(FILE.formatted("").replace("R-07", "R-70"));
    as(post(at + "/take-new")).andExpect(status().isConflict());
    as(post(at + "/take-new").param("consent", "yes")).andExpect(status().isNoContent());
    assertThat(golfers.find(wren.account().practiceId(), "R-70")).isNotEmpty();
    as(post(at + "/take-new").param("consent", "yes")).andExpect(status().isNotFound());
  }

  @Test
  void whatSomebodyWentOnWithIsNotTakenBack() throws Exception {
    String at = brought(FILE.formatted(""));
    golfer = made(as(post(at + "/take").param("name", "Rowan Ash").param("consent", "yes")));
    note("wish.want", "more carry");
    String id = taken.newest(wren.account().practiceId()).get(0).id();
    as(post("/cases/taken/" + id + "/undo"))
        .andExpect(flash().attribute("told", containsString("gone on with")));
    assertThat(file().facts().get("wish.want").value()).isEqualTo("more carry");
  }

  @Test
  void anOpenWarningSignStaysOne() throws Exception {
    String at = brought(FILE.formatted("\"night-pain\""));
    as(get(at)).andExpect(content().string(containsString("A warning sign is open")));
    golfer = made(as(post(at + "/take").param("name", "Elm Dale").param("consent", "yes")));
    send(post("/golfers/" + golfer + "/measure/hinge-contact/tries").param("value", "37"))
        .andExpect(content().string(containsString("waits for a clinician")));
  }

  /** A minor's data wait for a guardian, by whichever of the three ways a file is taken. */
  @Test
  void aMinorIsNotTakenWithoutAGuardian() throws Exception {
    String minor =
        FILE.formatted("").replace("1961", String.valueOf(LocalDate.now().getYear() - 14));
    String at = brought(minor);
    as(post(at + "/take").param("name", "Young Alder").param("consent", "yes"))
        .andExpect(content().string(containsString("a guardian must consent first")));
    as(post("/cases/take-all").param("consent", "yes"))
        .andExpect(flash().attribute("told", containsString("0 taken")));
    note("who.birth-year", String.valueOf(LocalDate.now().getYear() - 14));
    as(post(at + "/take").param("golfer", golfer))
        .andExpect(content().string(containsString("a guardian must consent first")));
    assertThat(file().tries()).isEmpty();
    assertThat(golfers.find(wren.account().practiceId(), "alder")).isEmpty();
  }

  @Test
  void everyProblemIsNamedByItsPlaceAndNothingIsKept() throws Exception {
    bring(
            "bad.json",
            "{\"format\": \"loose-hip-case\", \"version\": 1, \"golfer\": {\"handed\": \"both\"}, \"shoe\": 9}"
                .getBytes(StandardCharsets.UTF_8))
        .andExpect(redirectedUrl("/cases"));
    as(get("/cases"))
        .andExpect(
            content().string(allOf(containsString("/golfer/handed"), containsString("/shoe"))));
    bring("empty.json", new byte[0])
        .andExpect(content().string(containsString("Nothing was read")));
    as(get("/cases/not-there")).andExpect(status().isNotFound());
  }

  @Test
  void aZipIsTakenFileByFileAndAZipInItIsNotOpened() throws Exception {
    byte[] inner = zip(Map.of("x.json", file("")));
    bring(
        "all.zip",
        zip(
            Map.of(
                "a/one.json",
                file(""),
                "two.json",
                file(""),
                "deep.zip",
                inner,
                "noise.json",
                new byte[] {(byte) 0xC3, 0x28})));
    as(get("/cases"))
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("one.json"),
                        containsString("is a zip in a zip"),
                        containsString("is not UTF-8 text"),
                        containsString("Take all 2 as new golfers"))));
    as(post("/cases/take-all")).andExpect(content().string(containsString("Nothing was taken")));
    as(post("/cases/take-all").param("consent", "yes")).andExpect(redirectedUrl("/cases"));
    assertThat(golfers.find(wren.account().practiceId(), "r-07"))
        .extracting(Glance::name)
        .hasSize(2);
    bring("broken.zip", java.util.Arrays.copyOf(zip(Map.of("x.json", file(""))), 60));
    as(get("/cases")).andExpect(content().string(containsString("breaks off or is damaged")));
  }

  @Test
  void whatWaitsIsForOneSessionAlone() throws Exception {
    String at = brought(FILE.formatted(""));
    mvc.perform(get(at).session(new MockHttpSession()).with(user(wren)))
        .andExpect(status().isNotFound())
        .andExpect(content().string(not(containsString("R-07"))));
  }
}
