package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.GolferText;
import loosehip.app.store.TakenTry;
import loosehip.app.store.Visits;
import loosehip.app.words.SafetyWords;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/**
 * The forms of Talk and Measure without a browser: what is kept, what is refused, what comes back.
 */
class MeasureFormsTest extends FormsTest {
  @Autowired Visits visits;

  private static final String CARD = "seated-rotation.right.internal";

  @Test
  void aTryIsTakenOnceEvenWhenItsFormComesTwice() throws Exception {
    take("24", "k1").andExpect(content().string(containsString("24.0°")));
    take("24", "k1").andExpect(content().string(containsString("it was not added twice")));
    assertThat(values()).containsExactly(24.0);
    take("26", "k2").andExpect(content().string(containsString("25.0°")));
  }

  /** From another test the work alone is asked for, and what somebody else may have said since. */
  @Test
  void theNextTestComesWithoutItsFrame() throws Exception {
    String address = "/golfers/" + golfer + "/measure?card=" + CARD;
    String part =
        mvc.perform(get(address).with(user(wren)).header("HX-Target", "measure"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(part)
        .contains("id=\"measure\"", "id=\"stations\"", "id=\"cautions\"", "id=\"withdrawn\"")
        .contains("data-drawn=")
        .doesNotContain("<head", "id=\"plan-view\"", "<script");
    assertThat(page(address).andReturn().getResponse().getContentAsString())
        .contains("id=\"measure\"", "<head", "id=\"plan-view\"");
  }

  @Test
  void theAnswerBringsTabsCautionsAndPictureAlong() throws Exception {
    note("order", "hips");
    take("24", "k1")
        .andExpect(content().string(containsString("id=\"stations\"")))
        .andExpect(content().string(containsString("id=\"plan-view\"")))
        .andExpect(content().string(containsString("1 of 21")))
        .andExpect(content().string(containsString("undo")));
  }

  @ParameterizedTest(name = "“{0}”: {1}")
  @CsvSource({
    "'', Nothing typed yet",
    "abc, is not a number",
    "-4, -4 cannot be",
    "9999, 9999 cannot be",
    "78, Really 78?",
  })
  void whatIsNotTakenIsSaidAndKept(String typed, String words) throws Exception {
    take(typed, "k1")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(words)))
        .andExpect(content().string(containsString("value=\"" + typed + "\"")));
    assertThat(values()).isEmpty();
  }

  @Test
  void aHoldStoppedAtTheLimitIsMarkedAndNeverCountsAsShort() throws Exception {
    note("caution.heart", "yes");
    hold("10", "h1").andExpect(content().string(containsString("at least: held to the limit")));
    Slot mark = Slot.of(ScreenTest.FRONT_HOLD, Part.LIMIT);
    assertThat(file().tries(mark)).extracting(t -> t.word().orElse("")).containsExactly("yes");
    hold("7", "h2").andExpect(content().string(containsString("short of 20")));
    assertThat(file().tries(mark)).extracting(t -> t.word().orElse("")).containsExactly("no");
  }

  private ResultActions hold(String seconds, String key) throws Exception {
    return send(
        post("/golfers/" + golfer + "/measure/front-hold/tries")
            .param("value", seconds)
            .param("submitKey", key));
  }

  /** One key answered eight questions; one undo takes them back. */
  @Test
  void theSignsAnsweredAtOnceAreTakenBackAtOnce() throws Exception {
    assertThat(answered()).isEqualTo(WarningSign.values().length);
    send(post("/golfers/" + golfer + "/undo"));
    assertThat(answered()).isZero();
  }

  private long answered() {
    return Stream.of(WarningSign.values())
        .filter(sign -> Facts.WARNING.about(sign).isIn(file()))
        .count();
  }

  @Test
  void aCompensationThatVoidsMakesTheTryVoid() throws Exception {
    send(
        post(tries())
            .param("value", "24")
            .param("submitKey", "a")
            .param("compensations", "pelvis-lifted"));
    send(
        post(tries())
            .param("value", "30")
            .param("submitKey", "b")
            .param("compensations", "trunk-lean"));
    List<TakenTry> taken = file().tries(Slot.parse(CARD).orElseThrow());
    assertThat(taken.get(0).voided()).isTrue();
    assertThat(taken.get(1).voided()).isFalse();
  }

  @Test
  void voidingTwiceCountsAgain() throws Exception {
    take("24", "k1");
    send(post(measure() + "/void"));
    assertThat(file().tries().get(0).voided()).isTrue();
    send(post(measure() + "/void"));
    assertThat(file().tries().get(0).voided()).isFalse();
    send(post("/golfers/" + golfer + "/measure/trunk-turn.left/void"))
        .andExpect(content().string(containsString("There is no try to void here")));
  }

  @Test
  void aSixthTryIsNotTakenAndSaysWhatToDo() throws Exception {
    for (int i = 0; i < 5; i++) {
      take("2" + i, "k" + i);
    }
    take("29", "k9").andExpect(content().string(containsString("Five tries are taken")));
    assertThat(values()).hasSize(5);
  }

  @Test
  void wordsAreTakenAndCorrected() throws Exception {
    String words = "/golfers/" + golfer + "/measure/glute-switch.left/words/glute-switch.left.";
    send(post(words + "tall").param("value", "yes"));
    send(post(words + "tall").param("value", "no"));
    send(post(words + "hinged").param("value", "no"))
        .andExpect(content().string(containsString("short")));
    send(post(words + "hinged").param("value", "maybe"))
        .andExpect(content().string(containsString("something unknown")));
    assertThat(file().tries()).extracting(t -> t.word().orElse("")).containsExactly("no", "no");
  }

  @Test
  void painEndsTheSideAndZeroTakesItBack() throws Exception {
    take("24", "k1");
    send(post(measure() + "/pain").param("level", "5").param("site", "groin"))
        .andExpect(content().string(containsString("Stopped by pain (groin)")));
    send(post(measure() + "/pain").param("level", "12"))
        .andExpect(content().string(containsString("whole number from 0 to 10")));
    send(post(measure() + "/pain").param("level", "0"))
        .andExpect(content().string(not(containsString("Stopped by pain"))));
  }

  @Test
  void aFactChangesThePictureAndAWrongOneKeepsTheOld() throws Exception {
    note("setup.leadFlare", "20").andExpect(content().string(containsString("flare 20")));
    note("setup.leadFlare", "ninety")
        .andExpect(content().string(containsString("is a number from -20 to 60")))
        .andExpect(content().string(containsString("flare 20")))
        .andExpect(content().string(containsString("not saved")));
    note("bogus.thing", "1").andExpect(content().string(containsString("Reload it")));
    assertThat(GolferText.noted(file(), "setup.leadFlare")).contains("20");
  }

  @Test
  void undoGoesBackToThePageItCameFromAndNowhereElse() throws Exception {
    note("setup.leadFlare", "20");
    String here = "/golfers/" + golfer + "/set-up";
    send(post("/golfers/" + golfer + "/undo").param("here", here))
        .andExpect(redirectedUrl(here))
        .andExpect(flash().attribute("undone", "Taken back: Lead foot flare, Set-up."));
    assertThat(GolferText.noted(file(), "setup.leadFlare")).isEmpty();
    send(post("/golfers/" + golfer + "/undo").param("here", "http://elsewhere/"))
        .andExpect(redirectedUrlPattern("/golfers/*/talk"));
    while (journal.next(golfer, wren.account()).isPresent()) {
      send(post("/golfers/" + golfer + "/undo").param("here", here));
    }
    send(post("/golfers/" + golfer + "/undo").param("here", here)).andExpect(redirectedUrl(here));
  }

  @Test
  void aCautionIsClearedOnlyByNameAndDate() throws Exception {
    note("caution.inner-knee", "left");
    String clear = "/golfers/" + golfer + "/talk/clear/inner-knee";
    send(post(clear).param("clinician", "Dr Imrie").param("profession", "surgeon"))
        .andExpect(content().string(containsString("needs its date")))
        .andExpect(content().string(containsString("value=\"Dr Imrie\"")));
    assertThat(GolferText.noted(file(), "cleared-caution.inner-knee")).isEmpty();
    send(post(clear)
            .param("clinician", "Dr Imrie")
            .param("profession", "surgeon")
            .param("none", "yes")
            .param("on", "2026-11-20"))
        .andExpect(redirectedUrlPattern("/golfers/*/talk#h-cautions"));
    Clearance clearance = Facts.CLEARED_CAUTION.about(Caution.INNER_KNEE).in(file()).orElseThrow();
    assertThat(SafetyWords.clearance(clearance)).isEqualTo("Dr Imrie, surgeon, 20 Nov 2026");
  }

  @Test
  void allNoAnswersOnlyWhatIsStillOpen() throws Exception {
    note("warning.night-pain", "yes");
    send(post("/golfers/" + golfer + "/talk/all-no"));
    assertThat(GolferText.noted(file(), "warning.night-pain")).contains("yes");
    assertThat(GolferText.noted(file(), "warning.hot-joint")).contains("no");
  }

  @Test
  void everythingKeptGoesOutCorrectionsIncluded() throws Exception {
    note("caution-note.back", "sore in spring");
    take("24", "k1");
    send(post(measure() + "/void"));
    mvc.perform(
            get("/golfers/" + golfer + "/everything.json")
                .with(user(wren))
                .sessionAttr(loosehip.app.signin.SaidAgain.AT, java.time.Instant.now()))
        .andExpect(content().string(containsString("Isla Brodie")))
        .andExpect(content().string(containsString("sore in spring")))
        .andExpect(content().string(containsString("\"supersedes\"")))
        .andExpect(content().string(containsString("\"voided\" : 1")));
  }

  @Test
  void aNewVisitStartsOnlyOnAnotherDayAndAsksTheWarningSignsAgain() throws Exception {
    note("warning.hot-joint", "no");
    send(post("/golfers/" + golfer + "/visits"));
    assertThat(file().visitNumber()).isEqualTo(1);
    String before = golfers.add(wren.account(), "Ewan Kerr", LocalDate.now().minusDays(40));
    golfer = before;
    note("consent", "wording 1");
    note("warning.hot-joint", "no");
    asked();
    take("24", "k1");
    send(post("/golfers/" + golfer + "/visits"));
    assertThat(file().visitNumber()).isEqualTo(2);
    assertThat(GolferText.noted(file(), "consent")).isPresent();
    assertThat(GolferText.noted(file(), "warning.hot-joint")).isEmpty();
    assertThat(file().earlier().get(0).tries()).hasSize(1);
    take("31", "k2").andExpect(content().string(containsString("ask first")));
    asked();
    take("31", "k3").andExpect(content().string(containsString("last time 24.0")));
  }

  @Test
  void nothingButAClearanceClosesAWarningSign() throws Exception {
    golfer = golfers.add(wren.account(), "Ewan Kerr", LocalDate.now().minusDays(9));
    note("consent", "wording 1");
    note("warning.night-pain", "yes");
    note("warning.night-pain", "no").andExpect(content().string(containsString("The yes stays")));
    note("warning.night-pain", "").andExpect(content().string(containsString("The yes stays")));
    send(post("/golfers/" + golfer + "/visits"));
    assertThat(file().visitNumber()).isEqualTo(1);
    assertThat(GolferText.noted(file(), "warning.night-pain")).contains("yes");
    send(
        post("/golfers/" + golfer + "/talk/clear/night-pain")
            .param("clinician", "Dr Imrie")
            .param("profession", "doctor")
            .param("limits", "walks first")
            .param("on", "2026-11-20"));
    send(post("/golfers/" + golfer + "/visits"));
    assertThat(file().visitNumber()).isEqualTo(2);
  }

  /** A yes waits at whatever visit it was said; a later visit's no does not close it. */
  @Test
  void aYesOfAnEarlierVisitStillWaits() throws Exception {
    golfer = golfers.add(wren.account(), "Ewan Kerr", LocalDate.now().minusDays(9));
    note("consent", "wording 1");
    asked();
    note("warning.after-fall", "yes");
    visits.start(wren.account(), file(), LocalDate.now());
    assertThat(file().visitNumber()).isEqualTo(2);
    asked();
    assertThat(GolferText.noted(file(), "warning.after-fall")).contains("no");
    take("24", "k1").andExpect(content().string(containsString("waits for a clinician")));
    assertThat(file().tries()).isEmpty();
    page("/golfers/" + golfer + "/plan")
        .andExpect(content().string(containsString("Waiting for a clinician")));
  }

  /** When the day to look again has passed the golfer waits again, on Today too. */
  @Test
  void aLapsedClearanceStandsUnderWaitingOnToday() throws Exception {
    note("warning.after-fall", "yes");
    send(
        post("/golfers/" + golfer + "/talk/clear/after-fall")
            .param("clinician", "Dr Imrie")
            .param("profession", "doctor")
            .param("none", "yes")
            .param("on", LocalDate.now().minusDays(20).toString())
            .param("review", LocalDate.now().minusDays(1).toString()));
    page("/").andExpect(content().string(containsString("was to be looked at again by")));
    take("24", "k1").andExpect(content().string(containsString("waits for a clinician")));
    send(
        post("/golfers/" + golfer + "/talk/clear/after-fall")
            .param("clinician", "Dr Imrie")
            .param("profession", "doctor")
            .param("none", "yes")
            .param("on", LocalDate.now().toString())
            .param("review", LocalDate.now().plusDays(30).toString()));
    page("/").andExpect(content().string(not(containsString("was to be looked at again by"))));
    take("24", "k2");
    assertThat(file().tries()).hasSize(1);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "caution.back | left | This caution has no side",
        "caution.knee | yes | Say which side it is",
        "pregnancy.week | 60 | goes from 1 to 42",
        "pain-now.back | 11 | goes from 0 to 10",
        "who.birth-date | 2999-01-01 | lies in the past",
        "who.birth-date | 1801-01-01 | lies in the past",
      })
  void whatCannotBeOfHealthIsRefusedAndTheOldIsKept(String topic, String value, String words)
      throws Exception {
    note(topic, value).andExpect(content().string(containsString(words)));
    assertThat(GolferText.noted(file(), topic)).isEmpty();
  }

  @Test
  void aNameCannotBeEmptiedOrTooLong() throws Exception {
    send(post("/golfers/" + golfer + "/name").param("value", "  "))
        .andExpect(content().string(containsString("the old one is kept")));
    send(post("/golfers/" + golfer + "/name").param("value", "Isla Kerr"));
    assertThat(file().name()).isEqualTo("Isla Kerr");
  }

  @Test
  void withoutAPlanTheSheetLeadsBackToThePlan() throws Exception {
    for (String sheet : List.of("sheet", "sheet.pdf")) {
      mvc.perform(get("/golfers/" + golfer + "/" + sheet).with(user(wren)))
          .andExpect(header().string("Location", "/golfers/" + golfer + "/plan"));
    }
    mvc.perform(get("/golfers/" + golfer + "/plan").with(user(wren)))
        .andExpect(content().string(containsString("A plan needs the minutes a day")));
  }

  @Test
  void theCaseFileGoesOutWithoutTheName() throws Exception {
    note("who.birth-year", "1961");
    mvc.perform(get("/golfers/" + golfer + "/case.json").with(user(wren)))
        .andExpect(content().string(containsString("\"birthYear\" : 1961")))
        .andExpect(content().string(not(containsString("Brodie"))));
  }

  private ResultActions take(String value, String key) throws Exception {
    return send(post(tries()).param("value", value).param("submitKey", key));
  }

  private String measure() {
    return "/golfers/" + golfer + "/measure/" + CARD;
  }

  private String tries() {
    return measure() + "/tries";
  }

  private List<Double> values() {
    return file().tries(Slot.parse(CARD).orElseThrow()).stream()
        .map(t -> t.value().orElseThrow())
        .toList();
  }
}
