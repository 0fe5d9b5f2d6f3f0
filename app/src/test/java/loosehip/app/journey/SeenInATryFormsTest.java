package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.util.List;
import loosehip.app.store.TakenTry;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Slot;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/** What is seen in a try already taken, without a browser: kept, taken back, refused. */
class SeenInATryFormsTest extends FormsTest {
  private static final String CARD = "seated-rotation.right.internal";

  /** What is seen in a taken try is kept at once, and taken back; one that voids takes it out. */
  @Test
  void whatIsSeenInATakenTryIsKeptAndTakenBack() throws Exception {
    take("24");
    take("30").andExpect(content().string(containsString("27.0°")));
    seen("", "pelvis-lifted").andExpect(content().string(containsString("24.0°")));
    assertThat(tries()).extracting(TakenTry::voided).containsExactly(false, true);
    String first = tries().get(0).rowId();
    seen(first, "trunk-lean").andExpect(content().string(containsString("first, 24")));
    assertThat(tries().get(0).compensations()).containsExactly(Compensation.TRUNK_LEAN);
    assertThat(tries().get(0).voided()).isFalse();
    notSeen("pelvis-lifted").andExpect(content().string(containsString("27.0°")));
    seen(first, "trunk-lean").andExpect(content().string(containsString("Meanwhile this try")));
    seen("", "foot-rolled")
        .andExpect(content().string(containsString("offered something unknown")));
    assertThat(tries()).hasSize(2).noneMatch(TakenTry::voided);
  }

  /**
   * What a hand voided stays void whatever else is seen; counted again it keeps what only doubts.
   */
  @Test
  void aHandsVoidIsNotUndoneByACompensation() throws Exception {
    take("24");
    send(post("/golfers/" + golfer + "/measure/" + CARD + "/void"));
    seen("", "trunk-lean");
    assertThat(tries().get(0).voided()).isTrue();
    send(post("/golfers/" + golfer + "/measure/" + CARD + "/void"));
    assertThat(tries().get(0).voided()).isFalse();
    assertThat(tries().get(0).compensations()).containsExactly(Compensation.TRUNK_LEAN);
  }

  /** An answer lost on the way makes a phone send again: said twice it counts once. */
  @Test
  void whatWasSeenSaidTwiceCountsOnce() throws Exception {
    take("24");
    seen("", "trunk-lean");
    String row = tries().get(0).rowId();
    seen("", "trunk-lean");
    assertThat(tries().get(0).compensations()).containsExactly(Compensation.TRUNK_LEAN);
    assertThat(tries().get(0).rowId()).as("nothing to undo twice").isEqualTo(row);
    for (int i = 0; i < 2; i++) {
      notSeen("trunk-lean");
      assertThat(tries().get(0).compensations()).isEmpty();
    }
  }

  @Test
  void withoutATryOrInAClosedVisitNothingIsSeen() throws Exception {
    seen("", "trunk-lean").andExpect(content().string(containsString("Take a try first")));
    take("24");
    send(post("/golfers/" + golfer + "/visits/close"));
    seen("", "trunk-lean").andExpect(content().string(containsString("closed")));
    assertThat(tries().get(0).compensations()).isEmpty();
  }

  /** Without consent nothing more is kept about a golfer, not even about a try taken before. */
  @Test
  void withoutConsentNothingIsSaidOfATryTakenBefore() throws Exception {
    take("24");
    note("consent", "");
    seen("", "pelvis-lifted");
    send(post("/golfers/" + golfer + "/measure/" + CARD + "/void"));
    assertThat(tries()).hasSize(1).noneMatch(TakenTry::voided);
    assertThat(tries().get(0).compensations()).isEmpty();
  }

  private ResultActions seen(String row, String compensation) throws Exception {
    return send(
        post("/golfers/" + golfer + "/measure/" + CARD + "/compensations")
            .param("row", row)
            .param("value", compensation));
  }

  private ResultActions notSeen(String compensation) throws Exception {
    return send(
        post("/golfers/" + golfer + "/measure/" + CARD + "/compensations")
            .param("value", compensation)
            .param("seen", "false"));
  }

  private List<TakenTry> tries() {
    return file().tries(Slot.parse(CARD).orElseThrow());
  }

  private ResultActions take(String value) throws Exception {
    return send(
        post("/golfers/" + golfer + "/measure/" + CARD + "/tries")
            .param("value", value)
            .param("submitKey", value));
  }
}
