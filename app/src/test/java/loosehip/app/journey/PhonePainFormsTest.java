package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.time.LocalDate;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import loosehip.app.store.Homework;
import loosehip.core.follow.Done;
import loosehip.core.follow.RungRule;
import loosehip.core.follow.Skip;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.PreRoundReset;
import org.junit.jupiter.api.Test;

/** What pain told by a phone does, and what passing over does not. */
class PhonePainFormsTest extends PhoneForms {
  @Test
  void sentTwiceItCountsOnceAndTwoPhonesTakeNoPainAway() throws Exception {
    say("one", ",\"done\":\"between\",\"pain\":3,\"site\":\"front of the hip\"");
    say("one", ",\"done\":\"under\",\"pain\":0")
        .andExpect(content().string(containsString("\"got\":[\"one\"]")));
    assertThat(log()).singleElement().satisfies(k -> assertThat(k.log().pain()).contains(3));
    assertThat(log().get(0).words().site()).isEqualTo("front of the hip");
    say("two", ",\"done\":\"top\",\"effort\":4,\"pain\":0");
    assertThat(log())
        .singleElement()
        .satisfies(
            k -> {
              assertThat(k.log().done()).isEqualTo(Done.TOP);
              assertThat(k.log().pain()).contains(3);
              assertThat(k.log().effort()).contains(4);
              assertThat(k.words().byPhone()).isTrue();
            });
    assertThat(journal.next(golfer, wren.account()).map(s -> s.station()))
        .as("undo takes back what the trainer did, not what a phone sent")
        .isNotEqualTo(Optional.of("follow"));
  }

  @Test
  void painFromFiveClosesTheItemAndTodayShowsIt() throws Exception {
    say("k", ",\"done\":\"under\",\"pain\":5")
        .andExpect(content().string(containsString("\"closed\":[\"" + item + "\"]")));
    assertThat(read("/")).contains("Needs you", "what to say");
    assertThat(onToday()).isTrue();
    assertThat(opened()).contains("Stopped by pain on", "closed-words");
    assertThat(workup().struck()).containsKey(ItemId.of(item));
    assertThat(asked(day).items().stream().map(PlanItem::id))
        .as("the rest goes on")
        .hasSizeGreaterThan(1);
  }

  @Test
  void whatPainStoppedIsNotLoggedAsDoneLater() throws Exception {
    day = LocalDate.now().minusDays(2);
    say("a", ",\"done\":\"under\",\"pain\":6");
    day = LocalDate.now();
    say("b", ",\"done\":\"top\"").andExpect(content().string(containsString("closed: stopped")));
    assertThat(log()).hasSize(1);
    say("c", ",\"done\":\"under\",\"pain\":4");
    assertThat(log()).as("pain is always heard").hasSize(2);
  }

  /**
   * A phone out of reach tells of pain in the version before: what is in the plan now is closed all
   * the same, and the trainer sees it; planning anew settles it.
   */
  @Test
  void painToldLateOfTheVersionBeforeClosesTheItemNow() throws Exception {
    String other = asked(day).items().get(2).id().id();
    plan("out", "item", other);
    assertThat(version()).isGreaterThan(version);
    assertThat(now().block().everyId()).contains(ItemId.of(item));
    say("late", ",\"done\":\"under\",\"pain\":6");
    assertThat(log()).extracting(Homework.Said::plan).containsExactly(version);
    assertThat(workup().struck()).containsKey(ItemId.of(item));
    assertThat(onToday()).isTrue();
    plan("replan");
    assertThat(workup().struck()).isEmpty();
  }

  /** The reset holds things that are in no session; pain in them is heard all the same. */
  @Test
  void painInThePreRoundResetIsHeardAndTakesItOut() throws Exception {
    String inReset =
        Stream.of("side-squat-foot-sweeps", "low-side-steps", "one-leg-turn-held")
            .filter(id -> !now().block().everyId().contains(ItemId.of(id)))
            .filter(this::inTheReset)
            .findFirst()
            .orElseThrow();
    item = inReset;
    say("easy", ",\"done\":\"top\",\"pain\":2")
        .andExpect(content().string(containsString("not in your plan")));
    say("hurts", ",\"done\":\"under\",\"pain\":7,\"site\":\"knee\"")
        .andExpect(content().string(containsString("\"closed\":[\"" + inReset + "\"]")));
    assertThat(onToday()).isTrue();
    assertThat(inTheReset(inReset)).isFalse();
    assertThat(workup().struck()).as("the plan itself goes on").isEmpty();
    plan("replan");
    assertThat(onToday()).isFalse();
  }

  /** Whether this golfer stands among those whom pain stopped. */
  private boolean onToday() throws Exception {
    return Pattern.compile(
            "/golfers/" + golfer + "/plan\"><b>[^<]*</b>\\s*<span>stopped by pain", Pattern.DOTALL)
        .matcher(read("/"))
        .find();
  }

  private boolean inTheReset(String id) {
    return PreRoundReset.of(
            workup().golfer().practice().catalogue(),
            workup().golfer().health(),
            workup().golfer().body(),
            workup().stopped())
        .parts()
        .stream()
        .anyMatch(p -> p.exercise().id().equals(id));
  }

  /** No time twice is no reason to make it easier; too much pain to do it is. */
  @Test
  void whatWasPassedOverForWantOfTimeSaysNothingOfTheRung() throws Exception {
    for (int ago = 3; ago >= 1; ago--) {
      day = LocalDate.now().minusDays(ago);
      say("t" + ago, ",\"skipped\":\"time\"");
    }
    assertThat(log()).hasSize(3).allMatch(k -> k.words().skipped().orElseThrow() == Skip.TIME);
    assertThat(steps.of(workup())).doesNotContainKey(ItemId.of(item));
    for (int ago = 2; ago >= 1; ago--) {
      day = LocalDate.now().minusDays(ago);
      say("p" + ago, ",\"done\":\"under\",\"pain\":2");
    }
    assertThat(steps.of(workup()).get(ItemId.of(item)).step()).isEqualTo(RungRule.Step.STEP_BACK);
  }

  @Test
  void worseTheDayAfterStopsItAndKeepsWhatWasDone() throws Exception {
    day = LocalDate.now().minusDays(1);
    say("a", ",\"done\":\"top\",\"effort\":5,\"pain\":1");
    say("b", ",\"worse\":true");
    assertThat(log())
        .singleElement()
        .satisfies(
            k -> {
              assertThat(k.log().done()).isEqualTo(Done.TOP);
              assertThat(k.log().stops()).isTrue();
            });
  }
}
