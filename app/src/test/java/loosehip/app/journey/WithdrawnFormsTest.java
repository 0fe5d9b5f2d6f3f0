package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.sql.DriverManager;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import loosehip.app.Settings;
import loosehip.app.store.DataFolder;
import loosehip.app.trace.TraceFiles;
import loosehip.core.played.SwingKind;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;

/** A golfer who withdraws: it shows, nothing new is kept, and the ways out are at hand. */
class WithdrawnFormsTest extends FormsTest {
  private static final List<String> KEPT =
      List.of(
          "observation",
          "reading",
          "homework",
          "plan_version",
          "still",
          "recording",
          "visit",
          "phone_link");

  @Autowired Settings settings;

  @BeforeEach
  void withdrawn() throws Exception {
    send(post("/golfers/" + golfer + "/stills/consent").param("given", "yes"));
    note("wish.want", "a longer drive");
    note("consent", "");
  }

  private Map<String, Integer> counts() throws Exception {
    Map<String, Integer> counts = new LinkedHashMap<>();
    try (var connection =
            DriverManager.getConnection(
                "jdbc:sqlite:" + settings.home().resolve(DataFolder.DATABASE));
        var statement = connection.createStatement()) {
      for (String table : KEPT) {
        try (var result =
            statement.executeQuery(
                "SELECT count(*) FROM "
                    + table
                    + (table.equals("reading") ? " JOIN visit ON visit.id = visit_id" : "")
                    + " WHERE golfer_id = '"
                    + golfer
                    + "'")) {
          counts.put(table, result.getInt(1));
        }
      }
    }
    return counts;
  }

  @Test
  void nothingNewIsKeptByWhateverDoor() throws Exception {
    String at = "/golfers/" + golfer;
    ByteArrayOutputStream picture = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(500, 500, BufferedImage.TYPE_INT_RGB), "jpg", picture);
    Map<String, Integer> before = counts();
    note("wish.want", "a shorter one");
    note("warning.night-pain", "no");
    note("fault.sway", "clear");
    note("setup.trailFlare", "15");
    send(post(at + "/talk/all-no"));
    send(post(at + "/talk/hand").param("handed", "left"));
    send(post(at + "/measure/hinge-contact/tries").param("value", "37"));
    send(post(at + "/measure/hinge-contact/pain").param("level", "4"));
    send(post(at + "/measure/hinge-contact/note").param("note", "stiff"));
    send(post(at + "/measure/hinge-contact/skip").param("reason", "time"));
    send(post(at + "/measure/sheet/hinge-contact/tries").param("value", "37"));
    send(post(at + "/measure/sheet/hinge-contact/pain").param("level", "4"));
    send(post(at + "/set-up/rest-none"));
    send(post(at + "/swing/rest-none"));
    send(post(at + "/links/sway/trail-internal").param("verdict", "confirmed"));
    send(post(at + "/pivot/keep").param("trailFlare", "20"));
    send(post(at + "/pivot/accept").param("trailFlare", "20"));
    send(post(at + "/pivot/school").param("school", "classic"));
    send(post(at + "/plan/give"));
    send(post(at + "/plan/replan"));
    send(post(at + "/follow/2026-11-20/bridge").param("done", "top"));
    send(post(at + "/follow/2026-11-20"));
    send(post(at + "/follow/2026-11-20/grid").param("what", "asked"));
    send(post(at + "/follow/2026-11-20/session").param("mood", "good"));
    send(
        post(at + "/outcomes")
            .param("on", "2026-11-20")
            .param("what", "carry")
            .param("value", "180"));
    send(post(at + "/visits"));
    send(post(at + "/phone"));
    send(post(at + "/recordings/played").param("kind", "movement"));
    send(
        multipart(at + "/recordings")
            .file(
                new MockMultipartFile(
                    "recording", "a.csv", "text/csv", TraceFiles.movement(SwingKind.GOOD_ORDER))));
    send(
        multipart(at + "/stills")
            .file(new MockMultipartFile("picture", "x.jpg", "image/jpeg", picture.toByteArray()))
            .param("view", "face-on")
            .param("checkpoint", "address"));
    assertThat(counts()).isEqualTo(before);
  }

  @Test
  void itShowsOnEveryStationWithTheWaysOut() throws Exception {
    for (String station :
        List.of("talk", "measure", "set-up", "swing", "links", "plan", "follow")) {
      page("/golfers/" + golfer + "/" + station)
          .andExpect(content().string(containsString("Consent was withdrawn on ")))
          .andExpect(content().string(containsString("#their-data")));
    }
    note("consent", "wording 1")
        .andExpect(content().string(not(containsString("Consent was withdrawn"))));
    note("wish.want", "a shorter one");
    assertThat(file().facts().get("wish.want").value()).isEqualTo("a shorter one");
  }

  @Test
  void whoeverNeverConsentedDidNotWithdraw() throws Exception {
    golfer = golfers.add(wren.account(), "Ewan Kerr");
    page("/golfers/" + golfer + "/talk")
        .andExpect(content().string(not(containsString("Consent was withdrawn"))));
  }
}
