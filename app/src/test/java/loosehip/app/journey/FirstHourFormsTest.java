package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import loosehip.app.fact.Facts;
import loosehip.app.practice.RoomShelf;
import loosehip.app.store.Glance;
import loosehip.core.plan.Tool;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What a practice says of itself, and what follows from it on other pages. */
class FirstHourFormsTest extends FormsTest {
  private static final String WORDS =
      "I agree that The Shed writes down my hips, to plan; I can read and erase all of it.";

  @Autowired RoomShelf rooms;

  @Test
  void consentInOnesOwnWordsHasANumberAndWhoAgreedBeforeIsAskedAgain() throws Exception {
    send(post("/first-hour/consent").param("text", "Too short."))
        .andExpect(redirectedUrl("/first-hour?open=consent#go-on"))
        .andExpect(flash().attribute("problem", containsString("The old ones stand")));
    send(post("/first-hour/consent").param("text", WORDS));
    page("/golfers/" + golfer + "/talk")
        .andExpect(content().string(allOf(containsString(WORDS), containsString("own wording"))))
        .andExpect(content().string(containsString("They agreed to wording 1.")));
    String own = rooms.of(wren.account().practiceId()).consent().id();
    send(post("/golfers/" + golfer + "/talk/consent-again"));
    assertThat(Facts.CONSENT.in(file())).contains(own);
    page("/golfers/" + golfer + "/talk")
        .andExpect(content().string(not(containsString("They agreed to"))));

    send(post("/first-hour/consent").param("text", WORDS + " Always."));
    String next = rooms.of(wren.account().practiceId()).consent().id();
    assertThat(next).isNotEqualTo(own);
    assertThat(rooms.wording(wren.account().practiceId(), own).orElseThrow().text())
        .isEqualTo(WORDS);
    page("/golfers/" + golfer + "/talk")
        .andExpect(content().string(containsString("They agreed to " + own)));
  }

  @Test
  void setUpOffersThePivotsInUseAndTheOneAGolferHas() throws Exception {
    send(post("/first-hour/schools")).andExpect(flash().attributeExists("problem"));
    send(post("/first-hour/schools").param("ticked", "settled-base"));
    page("/golfers/" + golfer + "/set-up")
        .andExpect(content().string(containsString("school-settled-base")))
        .andExpect(content().string(containsString("school-rotation-first")))
        .andExpect(content().string(not(containsString("school-free-turn"))));
    send(
        post("/first-hour/schools")
            .param("ticked", "rotation-first", "settled-base", "free-turn", "shift-and-turn"));
  }

  @Test
  void theUsualToolsAreOneTapAndOneUndo() throws Exception {
    send(post("/first-hour/tools").param("ticked", "club", "chair", "spaceship"));
    page("/golfers/" + golfer + "/talk").andExpect(content().string(containsString("usual-tools")));
    send(post("/golfers/" + golfer + "/talk/usual-tools"));
    assertThat(Facts.TOOL.in(file())).containsOnlyKeys(Tool.CLUB, Tool.CHAIR);
    page("/golfers/" + golfer + "/talk")
        .andExpect(content().string(not(containsString("id=\"usual-tools\""))));
    send(post("/golfers/" + golfer + "/undo"));
    assertThat(Facts.TOOL.in(file())).isEmpty();
  }

  @Test
  void thePracticeGolferIsMadeOnceAndGoesWithEverything() throws Exception {
    send(post("/first-hour/golfer"));
    send(post("/first-hour/golfer"));
    assertThat(golfers.find(wren.account().practiceId(), "practice golfer"))
        .singleElement()
        .satisfies(
            g -> {
              golfer = ((Glance) g).golferId();
              assertThat(file().tries()).hasSizeGreaterThan(30);
              // as in a file by hand: asked anew before anybody moves
              assertThat(Facts.WARNING.in(file())).isEmpty();
            });
    send(post("/first-hour/golfer/drop"));
    assertThat(golfers.find(wren.account().practiceId(), "practice golfer")).isEmpty();
    send(post("/first-hour/golfer/drop"))
        .andExpect(flash().attribute("told", containsString("gone")));
  }

  @Test
  void aStepLeftForLaterIsSaidAndAnUnknownOneIsNone() throws Exception {
    send(post("/first-hour/bag").param("later", "yes"));
    page("/first-hour").andExpect(content().string(containsString("left for later")));
    send(post("/first-hour/moon")).andExpect(status().isNotFound());
  }

  @Test
  void theGuideIsTwoPages() throws Exception {
    byte[] pdf = page("/guide.pdf").andReturn().getResponse().getContentAsByteArray();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isEqualTo(2);
    }
    page("/guide").andExpect(content().string(containsString("What never changes")));
  }
}
