package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.servlet.RequestDispatcher;
import java.net.URI;
import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.GolferText;
import loosehip.app.store.Note;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.MediaType;
import org.springframework.security.crypto.password.PasswordEncoder;

/** What was once answered wrongly, by somebody who types what nobody expects. */
@Order(10)
class WrongAnswersTest extends FormsTest {
  private static final String[] PAGES = {
    "talk",
    "measure",
    "measure/sheet",
    "set-up",
    "set-up/figures",
    "swing",
    "links",
    "plan",
    "follow",
    "visits",
    "pivot",
    "sheet",
    "sheet.pdf",
    "reset.pdf",
    "handover",
    "handover.pdf",
    "case.json",
    "plan.ics",
    "everything.json"
  };

  @Autowired
  @Qualifier("passwordEncoder")
  PasswordEncoder passwords;

  private String at(String page) {
    return "/golfers/" + golfer + "/" + page;
  }

  /** Keeps a value as an older edition may have kept it, past every check. */
  private void kept(String key, String value, boolean ofVisit) {
    journal.note(file(), wren.account(), new Note(key, Optional.of(value), ofVisit, key, "talk"));
  }

  private void stiff() throws Exception {
    for (String fact :
        new String[] {
          "fault.sway=clear", "wish.minutes=25", "wish.days=5", "wish.tool-chair=yes"
        }) {
      String[] halves = fact.split("=");
      note(halves[0], halves[1]);
    }
    take("seated-rotation.right.internal", "20");
    take("seated-rotation.left.internal", "36");
    take("seated-rotation.left.external", "42");
    take("trunk-turn.right", "38");
    take("bridge-hold.left", "8");
  }

  private void take(String card, String value) throws Exception {
    send(post(at("measure/" + card + "/tries")).param("value", value).param("submitKey", card))
        .andExpect(status().isOk());
  }

  private void everyPageAnswers() throws Exception {
    for (String page : PAGES) {
      int answer = page(at(page)).andReturn().getResponse().getStatus();
      assertThat(answer).as(page).isIn(200, 302);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "measure/no-such-test/tries",
        "measure/sheet/no-such-test/tries",
        "measure/seated-rotation.middle.internal/tries",
        "measure/seated-rotation/tries",
        "measure/no-such-test/pain",
        "measure/no-such-test/void",
        "measure/no-such-test/skip"
      })
  void anUnknownTestIsAnsweredInWordsAndNothingIsStored(String address) throws Exception {
    send(post(at(address)).param("value", "24").param("level", "5").param("reason", "no time"))
        .andExpect(status().isNotFound())
        .andExpect(content().string(containsString("There is no such test")));
    assertThat(file().tries()).isEmpty();
    assertThat(Facts.PAIN.in(file())).isEmpty();
    assertThat(Facts.SKIP.in(file())).isEmpty();
  }

  @Test
  void aWordedTestTakesNoNumbersAndSaysSo() throws Exception {
    send(post(at("measure/squat-depth/tries")).param("value", "5"))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("told in words")));
    assertThat(file().tries()).isEmpty();
  }

  @Test
  void anAbsurdStartIsRefusedAndOneKeptBeforeClosesNoPage() throws Exception {
    stiff();
    note("wish.start", "+999999999-01-01")
        .andExpect(content().string(containsString("more than 20 years away")));
    assertThat(GolferText.noted(file(), "wish.start")).isEmpty();
    kept("wish.start", "+999999999-01-01", false);
    everyPageAnswers();
  }

  @Test
  void lettersNoPaperShowsAreNotKeptAndThoseKeptBeforeBreakNoPdf() throws Exception {
    stiff();
    send(post(at("name")).param("value", "Isla\u000b Brodie"));
    assertThat(file().name()).isEqualTo("Isla Brodie");
    golfer = golfers.add(wren.account(), "Ewan\u000b Kerr");
    note("consent", "wording 1");
    asked();
    stiff();
    everyPageAnswers();
    page(at("sheet.pdf")).andExpect(content().contentType("application/pdf"));
  }

  @Test
  void anEmptySetUpChangeIsNotTakenAndOneKeptBeforeBreaksNothing() throws Exception {
    stiff();
    send(post(at("pivot/accept")));
    assertThat(Facts.SETUP_TODAY.isIn(file())).isFalse();
    kept(
        "setup-today",
        """
        {"then":{"trailFlare":0,"leadFlare":0,"straightening":0,"release":"held"},
        "before":{"trailFlare":0,"leadFlare":0,"straightening":0,"release":"held"},
        "unpinched":false,"levelled":false,"ranges":{"trailIn":20,"leadOut":42,"leadIn":36}}""",
        false);
    everyPageAnswers();
    page(at("plan")).andExpect(content().string(containsString("how they stand already")));
  }

  @Test
  void aPlanWithAnOwnExerciseHasAFollowPageToItsEnd() throws Exception {
    stiff();
    mvc.perform(
            multipart("/library/exercises/own")
                .with(user(wren))
                .with(csrf())
                .param("name", "Shed turn")
                .param("purpose", "turns")
                .param("start", "Stand.")
                .param("steps", "Turn; wait")
                .param("feel", "hip")
                .param("spoils", "haste")
                .param("harder", "more")
                .param("easier", "less")
                .param("stop", "pain")
                .param("kind", "range")
                .param("dose", "1 x 8-10, 3")
                .param("demands", "none")
                .param("serves", "trail-ir"))
        .andExpect(redirectedUrl("/library/exercises#own"));
    note("wish.start", LocalDate.now().toString());
    String plan = page(at("plan")).andReturn().getResponse().getContentAsString();
    String own = plan.substring(plan.indexOf("own-"), plan.indexOf('"', plan.indexOf("own-")));
    send(post(at("plan/give")));
    send(post(at("plan/add")).param("item", own));
    page(at("follow"))
        .andExpect(content().string(containsString("id=\"log-" + own + "\"")))
        .andExpect(content().string(containsString("id=\"log-steps\"")))
        .andExpect(content().string(containsString("</html>")));
  }

  @ParameterizedTest
  @CsvSource({
    "/golfers/%7Bx%7D/undo",
    "/golfers/a%0Ab/undo",
    "/golfers/%7Bx%7D/plan/give",
    "/golfers/%7Bx%7D/follow/2026-11-26",
    "/golfers/%7Bx%7D/visits",
    "/golfers/a%0Ab/pivot/accept",
    "/golfers/%7Bx%7D/measure/squat-depth/skip",
    "/golfers/%7Bx%7D/talk/clear/knee",
  })
  void bracesAndLineBreaksInAnAddressAreNoAddressOfOurs(String address) throws Exception {
    int answer =
        mvc.perform(post(URI.create(address)).with(user(wren)).with(csrf()))
            .andReturn()
            .getResponse()
            .getStatus();
    assertThat(answer).isIn(400, 404);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "talk/clear/%7Bx%7D",
        "plan/%7Bx%7D",
        "visits/%7Bx%7D/baseline",
        "links/%7Bx%7D/%0A",
        "follow/%7Bx%7D"
      })
  void norAreTheyFurtherOn(String rest) throws Exception {
    int answer =
        mvc.perform(post(URI.create(at(rest))).with(user(wren)).with(csrf()))
            .andReturn()
            .getResponse()
            .getStatus();
    assertThat(answer).as(rest).isBetween(200, 499);
  }

  @ParameterizedTest
  @ValueSource(strings = {"{x}", "/golfers/ID/{x}", "/golfers/ID/talk\n/x", "//elsewhere/", "%"})
  void anUndoGoesBackToThisGolferWhateverItIsTold(String here) throws Exception {
    send(post(at("undo")).param("here", here.replace("ID", golfer)))
        .andExpect(redirectedUrl(at("talk")));
  }

  @Test
  void aSearchOfFifteenHundredWordsIsAnswered() throws Exception {
    mvc.perform(get("/find").param("q", "isla ".repeat(1500)).with(user(wren)))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Isla Brodie")));
  }

  @Test
  void aMissingUploadIsAskedFor() throws Exception {
    send(post("/readings")).andExpect(content().string(containsString("Choose a CSV file first")));
    mvc.perform(multipart("/library/exercises/own/file").with(user(wren)).with(csrf()))
        .andExpect(redirectedUrl("/library/exercises#own"));
    mvc.perform(multipart("/library/exercises/own").with(user(wren)).with(csrf()))
        .andExpect(redirectedUrl("/library/exercises#own"));
  }

  @Test
  void aBrokenPageAddressOfTheBrowserDoesNotHinderASave() throws Exception {
    send(post(at("notes/wish.want"))
            .param("value", "Straighter")
            .header("HX-Current-URL", "http://[broken {"))
        .andExpect(status().isOk());
    assertThat(Facts.WANT.in(file())).contains("Straighter");
  }

  /** The advice is that a short sentence is good; it may be a long one, in any letters. */
  @Test
  void aSentenceOverSeventyTwoBytesIsAPassword() {
    String sentence = "Ich übe jeden Tag zehn Minuten ".repeat(5);
    String hash = passwords.encode(sentence);
    assertThat(hash).startsWith("{pbkdf2}");
    assertThat(passwords.matches(sentence + "x", hash)).isFalse();
    assertThat(
            passwords.matches(
                "password", "$2a$10$8pX2bnF8Vn8m6OT8D4ANXOeMOTHNRYT3dJRBBKMRn3LwBmgOKJ6Q6"))
        .as("a hash of the edition before is read, here as another password's")
        .isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "400, does not fit what this address takes",
    "405, cannot be done at this address",
    "413, too large to be taken"
  })
  void whatIsSentWronglyIsNotOurSidesFault(int status, String words) throws Exception {
    String page =
        mvc.perform(
                get("/error")
                    .requestAttr(RequestDispatcher.ERROR_STATUS_CODE, status)
                    .accept(MediaType.TEXT_HTML))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(page).contains(words).doesNotContain("our side").doesNotContain("restart");
  }
}
