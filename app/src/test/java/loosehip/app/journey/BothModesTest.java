package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Note;
import loosehip.core.body.Handed;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.ResultActions;

/** Every test can be taken one at a time and on the sheet, and says the same in both. */
class BothModesTest extends FormsTest {

  @BeforeEach
  void aVisitOfThreeDaysAgo() throws Exception {
    golfer = golfers.add(wren.account(), "Isla Brodie", LocalDate.now().minusDays(3));
    note("consent", "wording 1", false);
    asked();
    note("order", "full", true);
  }

  private void note(String topic, String value, boolean ofVisit) {
    journal.note(
        file(), wren.account(), new Note(topic, Optional.of(value), ofVisit, topic, "talk"));
  }

  private ResultActions send(String path, String... form) throws Exception {
    var request = post("/golfers/" + golfer + path);
    for (int i = 0; i < form.length; i += 2) {
      request.param(form[i], form[i + 1]);
    }
    return send(request);
  }

  @ParameterizedTest
  @ValueSource(strings = {"/measure/", "/measure/sheet/"})
  void everyTestIsTaken(String mode) throws Exception {
    for (TestCard card : RunningOrder.FULL.cards(Handed.RIGHT)) {
      if (card.numbers().isPresent()) {
        var range = card.test().range();
        long value = Math.round((range.usualLow() + range.usualHigh()) / 2);
        send(
                mode + card.key() + "/tries",
                "value",
                String.valueOf(value),
                "submitKey",
                UUID.randomUUID().toString())
            .andExpect(status().isOk())
            .andExpect(content().string(containsString("saved ")));
      }
      for (Slot slot : card.words()) {
        send(
                mode + card.key() + "/words/" + slot.key(),
                "value",
                slot.test().words(slot.part()).get(0))
            .andExpect(status().isOk());
      }
    }
    Workup workup = Workup.of(file(), LocalDate.now());
    assertThat(RunningOrder.FULL.cards(Handed.RIGHT))
        .allMatch(c -> c.taken(workup.golfer().screen()))
        .allMatch(c -> workup.golfer().screen().band(c.test(), c.side()).measured());
    assertThat(workup.minutesLeft()).isZero();
  }

  @Test
  void theSheetAsksRefusesCorrectsAndVoidsLikeTheOtherMode() throws Exception {
    String card = "/measure/sheet/hinge-contact";
    send(card + "/tries", "value", "999", "submitKey", "a")
        .andExpect(content().string(containsString("999 cannot be")));
    send(card + "/tries", "value", "95", "submitKey", "b")
        .andExpect(content().string(containsString("Really 95?")));
    send(card + "/tries", "value", "95", "confirm", "95", "submitKey", "c");
    String row = file().tries().get(0).rowId();
    send(card + "/tries", "value", "45", "correcting", row, "submitKey", "d")
        .andExpect(content().string(containsString("45.0°")));
    send(card + "/void").andExpect(content().string(containsString("voided")));
    assertThat(file().tries().get(0).voided()).isTrue();
    assertThat(file().tries()).hasSize(1);
  }

  @Test
  void aClosedVisitTakesNothingUntilItIsResumed() throws Exception {
    send("/visits/close").andExpect(redirectedUrlPattern("/golfers/*/visits"));
    send("/measure/hinge-contact/tries", "value", "40", "submitKey", "a")
        .andExpect(content().string(containsString("this visit is closed")));
    send("/notes/setup.leadFlare", "value", "10")
        .andExpect(content().string(containsString("this visit is closed")));
    send("/notes/wish.want", "value", "Straighter")
        .andExpect(content().string(containsString("saved ")));
    send("/undo", "here", "/golfers/" + golfer + "/measure")
        .andExpect(redirectedUrlPattern("/golfers/*/measure"));
    assertThat(GolferText.noted(file(), "wish.want")).contains("Straighter");
    send("/visits/resume");
    send("/measure/hinge-contact/tries", "value", "40", "submitKey", "a");
    assertThat(file().tries()).hasSize(1);
  }

  @Test
  void aBirthYearThatMakesAMinorKeepsWhatThereIsAndAsksForAGuardian() throws Exception {
    send("/measure/hinge-contact/tries", "value", "40", "submitKey", "a");
    send("/notes/who.birth-year", "value", String.valueOf(LocalDate.now().getYear() - 12));
    send("/measure/trunk-turn.left/tries", "value", "40", "submitKey", "b")
        .andExpect(content().string(containsString("a guardian&#39;s name is needed first")));
    assertThat(file().tries()).hasSize(1);
    page("/golfers/" + golfer + "/measure?mode=run")
        .andExpect(content().string(containsString("A guardian first")));
    send("/notes/who.guardian", "value", "Ann Brodie");
    send("/measure/trunk-turn.left/tries", "value", "40", "submitKey", "c");
    assertThat(file().tries()).hasSize(2);
  }

  /** Pain of 4 ends the side: no later try is taken there, and the other side goes on. */
  @Test
  void painEndsTheSideAndLaterTriesAreRefused() throws Exception {
    String left = "/measure/seated-rotation.left.internal/";
    send(left + "tries", "value", "30", "submitKey", "a");
    send(left + "pain", "level", "4", "site", "front of hip");
    for (String mode : new String[] {left, left.replace("measure/", "measure/sheet/")}) {
      send(mode + "tries", "value", "32", "submitKey", "b" + mode)
          .andExpect(content().string(containsString("stopped by pain 4 (front of hip)")));
    }
    send("/measure/seated-rotation.right.internal/tries", "value", "31", "submitKey", "c");
    assertThat(file().tries()).extracting(t -> t.value().orElseThrow()).containsExactly(30.0, 31.0);
  }

  /** Pain belongs to worded tests too; their words say nothing then. */
  @Test
  void painInAWordedTestIsKeptAndItsWordCountsForNothing() throws Exception {
    send("/measure/squat-depth/words/squat-depth", "value", "partial");
    Slot squat = Slot.parse("squat-depth").orElseThrow();
    assertThat(Workup.of(file(), LocalDate.now()).golfer().screen().word(squat)).isPresent();
    send("/measure/squat-depth/pain", "level", "3", "site", "knee")
        .andExpect(content().string(not(containsString("Stopped by pain"))));
    send("/measure/squat-depth/pain", "level", "5", "site", "knee")
        .andExpect(content().string(containsString("Stopped by pain (knee)")));
    assertThat(Workup.of(file(), LocalDate.now()).golfer().screen().word(squat)).isEmpty();
    send("/measure/squat-depth/words/squat-depth", "value", "parallel")
        .andExpect(content().string(containsString("stopped by pain 5 (knee)")));
    assertThat(file().tries()).extracting(t -> t.word().orElseThrow()).containsExactly("partial");
  }

  @Test
  void aPainStopIsUndoneAndTheTestGoesOn() throws Exception {
    send("/measure/hinge-contact/tries", "value", "40", "submitKey", "a");
    send("/measure/hinge-contact/pain", "level", "6", "site", "back")
        .andExpect(content().string(containsString("Stopped by pain (back)")));
    send("/undo", "here", "/golfers/" + golfer + "/measure");
    send("/measure/hinge-contact/tries", "value", "42", "submitKey", "b")
        .andExpect(content().string(containsString("41.0°")));
  }

  @Test
  void aBlockedTestIsRefusedInBothModesWithTheCaution() throws Exception {
    note("caution.knee", "left", false);
    for (String mode : new String[] {"/measure/", "/measure/sheet/"}) {
      send(mode + "squat-depth/words/squat-depth", "value", "parallel")
          .andExpect(content().string(containsString("no deep squats: Knee pain")));
    }
    assertThat(file().tries()).isEmpty();
  }
}
