package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;

import java.util.List;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.GolferText;
import loosehip.app.store.TakenTry;
import loosehip.core.link.Level;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import org.junit.jupiter.api.Test;

/** What one tap says: reached, blind, seen, noted, and the rest none. */
class HandsFirstFormsTest extends FormsTest {
  private static final String OPEN = "class=\"signs-fold\" open";
  private static final String BASE_WORK = "wish.no-base-work";

  private static final String CARD = "seated-rotation.right.internal";

  /** Without three shafts in the bag the angle is that of paper or tape. */
  @Test
  void oneTapSaysThatTheFloorAngleWasReached() throws Exception {
    String card = "/golfers/" + golfer + "/measure/standing-turn.right.internal/tries";
    send(post(card).param("laid", "60").param("submitKey", "r1").param("method", "goniometer"))
        .andExpect(content().string(containsString("reached 60: paper or tape")))
        .andExpect(content().string(containsString("60.0°")));
    send(post(card).param("laid", "61").param("value", "52").param("submitKey", "r2"));
    send(
        post("/golfers/" + golfer + "/measure/" + CARD + "/tries")
            .param("laid", "60")
            .param("value", "24")
            .param("submitKey", "r3"));
    var tries = file().tries(Slot.parse("standing-turn.right.internal").orElseThrow());
    assertThat(tries.get(0).value()).contains(60.0);
    assertThat(tries.get(0).method()).contains(Method.CLUB_ANGLE);
    assertThat(tries.get(0).laidOut()).contains("60: paper or tape");
    assertThat(tries.get(1).value()).as("an angle nobody lays out").contains(52.0);
    assertThat(tries.get(1).laidOut()).isEmpty();
    assertThat(taken())
        .as("another test")
        .extracting(t -> t.value().orElseThrow())
        .containsExactly(24.0);
  }

  /** What was blind stays so when something is seen in it; a note stands beside the tries. */
  @Test
  void aBlindTryAndANoteAreKept() throws Exception {
    send(
        post("/golfers/" + golfer + "/measure/" + CARD + "/tries")
            .param("value", "24")
            .param("blind", "true")
            .param("submitKey", "b1"));
    assertThat(taken().get(0).blind()).isTrue();
    send(
        post("/golfers/" + golfer + "/measure/" + CARD + "/compensations")
            .param("value", "trunk-lean"));
    assertThat(taken().get(0).blind()).isTrue();
    send(post("/golfers/" + golfer + "/measure/" + CARD + "/note").param("note", "held the rail"))
        .andExpect(content().string(containsString("held the rail")));
    send(post("/golfers/" + golfer + "/measure/sheet/" + CARD + "/note")
            .param("note", "x".repeat(3000)))
        .andExpect(content().string(containsString("Too long")));
    Fact<String> note = Facts.TEST_NOTE.about(TestCard.parse(CARD).orElseThrow());
    assertThat(note.in(file())).contains("held the rail");
    note("warning.hot-joint", "yes");
    send(post("/golfers/" + golfer + "/measure/" + CARD + "/note").param("note", "more"));
    assertThat(note.in(file())).as("while a sign waits").contains("held the rail");
  }

  private List<TakenTry> taken() {
    return file().tries(Slot.parse(CARD).orElseThrow());
  }

  /** The sheet acts on taken tries as the large page does. */
  @Test
  void theSheetTakesWhatWasSeenAndPain() throws Exception {
    String cell = "/golfers/" + golfer + "/measure/sheet/" + CARD;
    send(
        post("/golfers/" + golfer + "/measure/" + CARD + "/tries")
            .param("value", "24")
            .param("submitKey", "k1"));
    send(post(cell + "/compensations").param("value", "trunk-lean"))
        .andExpect(content().string(containsString("trunk leaned")));
    send(post(cell + "/pain").param("level", "5").param("site", "groin"))
        .andExpect(content().string(containsString("Stopped by pain (groin)")));
    send(post(cell + "/tries").param("value", "25").param("submitKey", "k2"))
        .andExpect(content().string(containsString("pain")));
    assertThat(taken()).extracting(t -> t.value().orElseThrow()).containsExactly(24.0);
    send(post(cell + "/pain").param("level", "0"));
    send(post(cell + "/compensations").param("value", "no-such"))
        .andExpect(content().string(containsString("something unknown")));
    assertThat(taken().get(0).compensations()).containsExactly(Compensation.TRUNK_LEAN);
  }

  /** What is left of a view is none, as one step; what was said and what a figure says stays. */
  @Test
  void theRestIsNoneAndOneUndoTakesItBack() throws Exception {
    note("setup-fault.hunched", "slight");
    note("stance.beltTilt", "33");
    String rest = "/golfers/" + golfer + "/set-up/rest-none";
    send(post(rest).param("view", "behind"));
    assertThat(GolferText.noted(file(), "setup-fault.hunched")).contains("slight");
    assertThat(GolferText.noted(file(), "setup-fault.deep-knees")).contains("none");
    assertThat(GolferText.noted(file(), "setup-fault.arched")).as("a figure says").isEmpty();
    assertThat(GolferText.noted(file(), "setup-fault.pinched")).as("another view").isEmpty();
    send(post("/golfers/" + golfer + "/undo"))
        .andExpect(
            flash()
                .attribute("undone", "Taken back: From behind the hands: the rest none, Set-up."));
    assertThat(GolferText.noted(file(), "setup-fault.deep-knees")).isEmpty();
    note("fault.sway", "clear");
    send(post("/golfers/" + golfer + "/swing/rest-none").param("view", "others"));
    assertThat(GolferText.noted(file(), "fault.sway")).contains("clear");
    long none = Facts.FAULT.in(file()).values().stream().filter(Level.NONE::equals).count();
    assertThat(none).isGreaterThan(15);
    note("consent", "");
    send(post(rest).param("view", "front"));
    assertThat(GolferText.noted(file(), "setup-fault.pinched")).as("without consent").isEmpty();
  }

  /** What is answered folds, a yes with it, and says so; what stands open is not folded away. */
  @Test
  void theEightQuestionsFoldWhenAllAreAnswered() throws Exception {
    assertThat(talk()).contains("All eight asked: no.").doesNotContain(OPEN);
    note("warning.night-pain", "yes");
    assertThat(talk())
        .contains("All eight asked: yes to 1.", "Stop here and refer", "Record clearance")
        .doesNotContain(OPEN);
    String another = golfers.add(wren.account(), "Ewan Kerr");
    String fresh =
        page("/golfers/" + another + "/talk").andReturn().getResponse().getContentAsString();
    assertThat(fresh).contains(OPEN, "The eight questions");
  }

  /** Chosen, it is seen without opening anything. */
  @Test
  void noBaseWorkStandsFoldedUntilItIsChosen() throws Exception {
    assertThat(talk().indexOf(BASE_WORK)).isGreaterThan(talk().indexOf("Days away"));
    note(BASE_WORK, "yes");
    assertThat(talk().indexOf(BASE_WORK)).isBetween(0, talk().indexOf("Days away"));
  }

  private String talk() throws Exception {
    return page("/golfers/" + golfer + "/talk").andReturn().getResponse().getContentAsString();
  }
}
