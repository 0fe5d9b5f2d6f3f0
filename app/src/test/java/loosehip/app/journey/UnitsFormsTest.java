package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;

import java.util.List;
import java.util.regex.Pattern;
import loosehip.app.fact.Facts;
import loosehip.app.unit.Units;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A practice that reads inches, yards, pounds and Letter: entered, shown and printed so. */
class UnitsFormsTest extends FormsTest {
  private static final List<String> STATIONS =
      List.of(
          "talk",
          "measure",
          "set-up",
          "set-up/figures",
          "swing",
          "pivot",
          "links",
          "plan",
          "follow",
          "progress",
          "visits",
          "sheet",
          "handover",
          "letter");

  /** A number with a unit the practice does not read, or such a unit beside a field. */
  private static final Pattern METRIC = Pattern.compile(">[^<]*\\b(\\d+ ?)?(cm|kg)\\b[^<]*<");

  private void choose(String... pairs) throws Exception {
    var request = post("/library/units");
    for (int i = 0; i < pairs.length; i += 2) {
      request.param(pairs[i], pairs[i + 1]);
    }
    send(request).andExpect(flash().attribute("told", containsString("Kept")));
  }

  private void american() throws Exception {
    choose("length", "inch", "distance", "yd", "mass", "lb", "paper", "letter");
    choose("first-day", "sunday", "day-order", "month-first");
  }

  @AfterEach
  void backToMetric() throws Exception {
    choose("length", "cm", "distance", "m", "mass", "kg", "paper", "a4");
    choose("first-day", "monday", "day-order", "day-first");
    assertThat(Units.now()).isEqualTo(Units.METRIC);
  }

  private void measured() throws Exception {
    for (String value : List.of("4.5", "4 1/2\"", "11.4 cm")) {
      send(
          post("/golfers/" + golfer + "/measure/ankle-wall.left/tries")
              .param("value", value)
              .param("submitKey", "u" + value));
    }
    send(
        post("/golfers/" + golfer + "/measure/seated-rotation.left.internal/tries")
            .param("value", "24"));
  }

  private static String shown(String page) {
    return page.replaceAll("(?s)<(script|svg|style).*?</\\1>", "");
  }

  @Test
  void whatIsTypedInInchesAndPoundsIsKeptInCentimetresAndKilograms() throws Exception {
    american();
    note("who.height", "5'11\"");
    note("wish.body-kg", "176");
    measured();
    assertThat(Facts.HEIGHT.in(file())).contains(180.34);
    assertThat(Facts.BODY_KG.in(file())).contains(79.83);
    assertThat(file().tries())
        .filteredOn(t -> t.slot().key().equals("ankle-wall.left"))
        .extracting(t -> t.value().orElseThrow())
        .containsExactly(11.43, 11.43, 11.4);
    page("/golfers/" + golfer + "/talk")
        .andExpect(content().string(containsString("5&#39;11&quot;")))
        .andExpect(content().string(containsString("value=\"176\"")));
    page("/golfers/" + golfer + "/measure?mode=run&card=ankle-wall.left")
        .andExpect(content().string(containsString("4.5 in")));
    note("who.height", "12").andExpect(content().string(containsString("39.4 to 90.6 in")));
  }

  @Test
  void noStationShowsAMetricFigureThen() throws Exception {
    american();
    measured();
    note("fault.sway", "clear");
    note("swing-figure.pelvisShift", "2");
    send(
        post("/golfers/" + golfer + "/outcomes")
            .param("on", file().visitOn().toString())
            .param("what", "carry")
            .param("value", "200")
            .param("club", "driver"));
    for (String station : STATIONS) {
      String page =
          page("/golfers/" + golfer + "/" + station).andReturn().getResponse().getContentAsString();
      assertThat(METRIC.matcher(shown(page)).results().map(m -> m.group()).toList())
          .as(station)
          .isEmpty();
    }
    page("/golfers/" + golfer + "/follow")
        .andExpect(content().string(containsString("Carry, driver: 200 yd")));
    page("/golfers/" + golfer + "/talk").andExpect(content().string(containsString(", 20")));
    assertThat(Facts.SWING_FIGURE.in(file()).values()).containsExactly(5.08);
  }

  @Test
  void printsAreOnLetterThroughout() throws Exception {
    american();
    measured();
    note("wish.minutes", "15");
    note("wish.days", "4");
    note("fault.sway", "clear");
    send(post("/golfers/" + golfer + "/plan/give"));
    for (String pdf : List.of("handover.pdf", "sheet.pdf")) {
      sizeOf(
          page("/golfers/" + golfer + "/" + pdf).andReturn().getResponse().getContentAsByteArray());
    }
    sizeOf(
        send(post("/golfers/" + golfer + "/letter.pdf"))
            .andReturn()
            .getResponse()
            .getContentAsByteArray());
    page("/golfers/" + golfer + "/letter")
        .andExpect(content().string(containsString("letter-paper-")));
    page("/library/floor").andExpect(content().string(containsString("value=\"31.5\"")));
  }

  private static void sizeOf(byte[] pdf) throws Exception {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
      assertThat(document.getPage(0).getMediaBox().getHeight()).isEqualTo(792);
    }
  }

  @Test
  void whatNobodyOfferedIsRefused() throws Exception {
    send(post("/library/units").param("length", "cubit").param("moon", "full"))
        .andExpect(flash().attribute("told", containsString("nothing was changed")));
  }
}
