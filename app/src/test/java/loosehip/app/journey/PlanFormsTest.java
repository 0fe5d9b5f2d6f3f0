package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasToString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.PlanStation;
import loosehip.app.store.PlanTemplates;
import loosehip.app.words.SafetyWords;
import loosehip.core.plan.Drill;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Planner;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Movement;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;

/** The forms of a plan without a browser: what is kept and what is refused. */
@Order(7)
class PlanFormsTest extends PlanForms {
  @Autowired PlanTemplates templates;

  /** Two browsers: one notes a caution while the other gives the plan made before it. */
  @Test
  void aPlanLosesAgainstACautionNotedMeanwhile() throws Exception {
    Workup before = workups.open(wren.account(), golfer);
    note("caution.hip-pinch", "right");
    note("caution.hip-replacement", "left");
    plans.giveFrom(before, wren.account(), LocalDate.now());
    assertThat(file().given()).isEmpty();
    plans.giveFrom(workups.open(wren.account(), golfer), wren.account(), LocalDate.now());
    assertThat(file().given()).isPresent();
  }

  @Test
  void aPlanLosesAgainstASignAnsweredMeanwhile() throws Exception {
    Workup before = workups.open(wren.account(), golfer);
    note("warning.night-pain", "yes");
    plans.giveFrom(before, wren.account(), LocalDate.now());
    assertThat(file().given()).isEmpty();
  }

  /** The drill of the old school is struck and off the sheet; the plan is offered anew. */
  @Test
  void anotherSchoolStrikesTheDrillsOfTheOldOne() throws Exception {
    note("wish.tool-wall", "yes");
    note("school", "shift-and-turn");
    plan("give");
    assertThat(read("/golfers/" + golfer + "/sheet")).contains("Move along a wall");
    note("school", "rotation-first");
    assertThat(read("/golfers/" + golfer + "/plan"))
        .contains("not any more: belongs to shift and turn", "would give another plan")
        .doesNotContain("not safe any more");
    assertThat(read("/golfers/" + golfer + "/sheet")).doesNotContain("Move along a wall");
    plan("replan");
    assertThat(read("/golfers/" + golfer + "/plan"))
        .doesNotContain("id=\"item-travel-the-wall\"")
        .doesNotContain("would give another plan");
  }

  @Test
  void aBlockThatRunsOnPaperKeepsItsStartUntilItWouldBeOver() throws Exception {
    LocalDate began = LocalDate.now().minusDays(10);
    note("wish.start", began.toString());
    assertThat(read("/golfers/" + golfer + "/plan")).contains("It began before today, on paper");
    plan("give");
    assertThat(file().given().orElseThrow().span().start()).isEqualTo(began);
  }

  @Test
  void aStartSoLongAgoThatTheBlockWouldBeOverBecomesToday() throws Exception {
    note("wish.start", LocalDate.now().minusWeeks(20).toString());
    assertThat(read("/golfers/" + golfer + "/plan")).contains("it would begin");
    plan("give");
    assertThat(file().given().orElseThrow().span().start()).isEqualTo(LocalDate.now());
  }

  /** What a caution changes stands with the item on the plan and on paper. */
  @ParameterizedTest
  @EnumSource(Caution.class)
  void everyChangeIsPrinted(Caution caution) throws Exception {
    note("caution." + caution.id(), caution.sided() ? "left" : "yes");
    note("pain-now.back", "2");
    plan("give");
    Workup workup = workups.open(wren.account(), golfer);
    String plan = read("/golfers/" + golfer + "/plan");
    String sheet = read("/golfers/" + golfer + "/sheet");
    for (PlanItem item : plans.of(workup).orElseThrow().block().items(1)) {
      List<Movement.Changed> changed =
          Planner.changed(
              workup.golfer().practice().catalogue(), item.id(), workup.golfer().health());
      if (!changed.isEmpty()) {
        assertThat(plan).contains(SafetyWords.changed(changed));
        assertThat(sheet).contains(SafetyWords.changed(changed));
      }
    }
  }

  private List<String> ids() {
    return now().block().items().stream().map(i -> i.id().id()).toList();
  }

  @ParameterizedTest(name = "{0} {1}: {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "dance |  | This page asked for something unknown. Nothing was changed.",
        "add | item=no-such | There is no such exercise. Nothing was changed.",
        "back | to=99 | There is no such version. Nothing was changed.",
        "apply | item=no-such | That template is gone. Nothing was changed.",
        "template | name= | A template needs a name of at most 60 letters.",
        "move | item=bridge,from=1,to=9 | There is no such day. Nothing was changed.",
        "move | item=no-such,from=1,to=2 | There is no such day. Nothing was changed.",
        "move | item=seated-knee-drops,from=1,to=4 | That is a rest day. For more days, raise the days a week on Talk. Nothing was changed.",
        "rung | item=lying-tilts,by=-1 | There is no other rung. Nothing was changed.",
        "dose | item=no-such,by=1 | That is the end of what its dose allows. Nothing was changed.",
      })
  void whatCannotBeIsRefusedAndChangesNothing(String what, String params, String words)
      throws Exception {
    plan("give");
    String[] flat =
        params == null ? new String[0] : (params + " ").strip().replace(',', '=').split("=", -1);
    plan(what, flat).andExpect(flash().attribute("told", new PlanStation.Told(words, "")));
    assertThat(version()).isEqualTo(1);
  }

  @Test
  void aSwapTakesOneThingOutAndKeepsTheRest() throws Exception {
    plan("give");
    List<String> before = ids();
    String out = "seated-knee-drops";
    assertThat(before).contains(out);
    plan("out", "item", out)
        .andExpect(flash().attribute("told", hasToString(containsString("knee drops"))));
    assertThat(ids()).doesNotContain(out);
    assertThat(ids()).containsAll(before.stream().filter(i -> !i.equals(out)).toList());
    assertThat(version()).isEqualTo(2);
    assertThat(now().kept().orElseThrow().label()).startsWith("seated knee drops ");
  }

  @Test
  void holdingLettingGoAndResettingAreVersionsOfTheirOwn() throws Exception {
    plan("give");
    plan("lock", "item", "bridge");
    assertThat(now().edits().pins()).containsKey(ItemId.of("bridge"));
    plan("unlock", "item", "bridge");
    assertThat(now().edits().pins()).isEmpty();
    plan("dose", "item", "seated-knee-drops", "by", "1");
    assertThat(now().edits().doses()).containsKey(ItemId.of("seated-knee-drops"));
    plan("reset");
    assertThat(now().edits().none()).isTrue();
    assertThat(version()).isEqualTo(5);
    plan("back", "to", "4");
    assertThat(now().edits().doses()).containsKey(ItemId.of("seated-knee-drops"));
    page("/golfers/" + golfer + "/plan/compare?from=5&to=6").andExpect(status().isOk());
    page("/golfers/" + golfer + "/plan/compare?from=5&to=66")
        .andExpect(redirectedUrl("/golfers/" + golfer + "/plan"));
  }

  @Test
  void aBlockThatRunsKeepsItsFirstDayWhenItIsChanged() throws Exception {
    note("wish.start", LocalDate.now().minusDays(9).toString());
    plans.giveFrom(workup(), wren.account(), LocalDate.EPOCH);
    LocalDate start = now().start();
    assertThat(start).isEqualTo(LocalDate.now().minusDays(9));
    plan("dose", "item", "seated-knee-drops", "by", "1");
    assertThat(version()).isEqualTo(2);
    assertThat(now().start()).isEqualTo(start);
    assertThat(now().block().retest()).isEqualTo(start.plusWeeks(6));
    page("/golfers/" + golfer + "/talk").andExpect(content().string(containsString("week 2 of 6")));
  }

  @Test
  void aLaterStartWishedForBeginsANewBlockThen() throws Exception {
    note("wish.start", LocalDate.now().minusDays(9).toString());
    plans.giveFrom(workup(), wren.account(), LocalDate.EPOCH);
    LocalDate later = LocalDate.now().plusDays(12);
    note("wish.start", later.toString());
    plan("replan");
    assertThat(now().start()).isEqualTo(later);
  }

  @Test
  void aTemplateLeavesOutWhatThisGolferMayNotDo() throws Exception {
    plan("template", "name", "winter")
        .andExpect(flash().attribute("told", hasToString(containsString("winter"))));
    String template = templates.of(wren.account().practiceId()).get(0).id();
    note("caution.inner-knee", "both");
    plan("apply", "item", template)
        .andExpect(flash().attribute("told", hasToString(containsString("applied"))));
    assertThat(ids()).isNotEmpty().doesNotContain("seated-knee-drops");
    plan("add", "item", "seated-knee-drops")
        .andExpect(
            flash()
                .attribute(
                    "told", hasToString(containsString("Only a recorded clearance lifts it"))));
  }

  @Test
  void withoutConsentOrWithAWarningSignNothingIsGiven() throws Exception {
    note("warning.night-pain", "yes");
    plan("give").andExpect(redirectedUrl("/golfers/" + golfer + "/plan"));
    assertThat(file().given()).isEmpty();
    page("/golfers/" + golfer + "/plan.ics")
        .andExpect(redirectedUrl("/golfers/" + golfer + "/plan"));
  }

  /** What the surgeon said stands on the sheet, and what is done differently with its item. */
  @Test
  void limitsAndChangesStandOnPaperAndWhatIsForbiddenIsNotPlanned() throws Exception {
    note("caution.hip-replacement", "right");
    send(post("/golfers/" + golfer + "/talk/clear/hip-replacement")
            .param("clinician", "Mr Corbett")
            .param("profession", "surgeon")
            .param("on", LocalDate.now().minusDays(30).toString())
            .param("limits", "no bend past 90, no hops")
            .param("blocks", "hip-deep", "impact")
            .param("right-internal", "30"))
        .andExpect(redirectedUrl("/golfers/" + golfer + "/talk#h-cautions"));
    note("caution.knee", "left");
    plan("give");
    String sheet =
        page("/golfers/" + golfer + "/sheet").andReturn().getResponse().getContentAsString();
    assertThat(sheet)
        .contains("Your clinician", "no bend past 90, no hops", "Right hip in to 30° at most")
        .doesNotContain("Mr Corbett");
    var workup = workups.open(wren.account(), golfer);
    var block = plans.of(workup).orElseThrow().block();
    assertThat(block.items()).isNotEmpty();
    for (PlanItem item : block.items()) {
      var movement =
          workup
              .golfer()
              .health()
              .movement(workup.golfer().practice().catalogue().demands(item.id()));
      assertThat(movement.blocked()).as(item.id().id()).isEmpty();
      movement
          .changed()
          .forEach(c -> assertThat(sheet.replace("&#39;", "'")).contains(c.how().words()));
    }
    page("/golfers/" + golfer + "/handover")
        .andExpect(content().string(containsString("no bend past 90, no hops")));
    plan("add", "item", "hop-hold")
        .andExpect(
            flash()
                .attribute("told", hasToString(containsString("by the clearance of Mr Corbett"))));
  }

  @Test
  void theCalendarIsInTheZoneOfWhoeverTakesIt() throws Exception {
    plan("give");
    String file = "/golfers/" + golfer + "/plan.ics?at=07:30&zone=";
    page(file + "Pacific/Auckland")
        .andExpect(content().string(containsString("TZID=Pacific/Auckland")))
        .andExpect(content().string(containsString("T073000")))
        .andExpect(content().string(not(containsString("Isla"))));
    page(file + "Nowhere/Town").andExpect(content().string(not(containsString("Nowhere"))));
    page("/golfers/" + golfer + "/plan.ics?at=noon")
        .andExpect(content().string(containsString("T180000")));
  }

  /** A cue stands on the sheet in the trainer's name, and moves nothing. */
  @Test
  void aCueStandsWithItsItemAndOnTheSheetUntilItIsTakenAway() throws Exception {
    plan("give");
    var before = now().block();
    plan("cue", "item", "seated-knee-drops", "name", "Seat heavy, \u201cthen\u201d turn.");
    assertThat(now().block()).isEqualTo(before);
    assertThat(now().kept().orElseThrow().label()).startsWith("cue kept: seated knee drops");
    assertThat(read("/golfers/" + golfer + "/sheet"))
        .contains("Wren says:", "Seat heavy, \u201cthen\u201d turn.");
    assertThat(read("/golfers/" + golfer + "/plan"))
        .contains("Seat heavy")
        .doesNotContain("would give another plan");
    plan("dose", "item", "seated-knee-drops", "by", "1");
    assertThat(now().edits().cues()).hasSize(1);
    plan("cue", "item", "seated-knee-drops", "name", " ");
    assertThat(read("/golfers/" + golfer + "/sheet")).doesNotContain("Wren says:");
    plan("back", "to", "2");
    assertThat(now().edits().cues()).as("an earlier version brings it back").hasSize(1);
  }

  @ParameterizedTest
  @CsvSource({"hop-hold, soft", "seated-knee-drops, long"})
  void aCueThatCannotBeIsRefusedInWords(String item, String words) throws Exception {
    plan("give");
    plan("cue", "item", item, "name", words.equals("long") ? "x".repeat(161) : words)
        .andExpect(
            flash()
                .attribute(
                    "told", hasToString(Matchers.matchesRegex(".*(Nothing was|before stays).*"))));
    assertThat(version()).isEqualTo(1);
  }

  /** By hand, where no log is kept: easier, in full again, then the next of its line. */
  @Test
  void aDrillIsMadeEasierAndMovedOnByHand() throws Exception {
    note("fault.sway", "none");
    note("fault.early-stop", "clear");
    plan("give");
    String drill =
        now().block().drills().stream()
            .filter(d -> d.now() && d.form() == Drill.Form.FULL)
            .findFirst()
            .orElseThrow()
            .drill()
            .id();
    plan("step", "item", drill, "by", "-1");
    assertThat(form(drill)).isEqualTo(Drill.Form.REDUCED);
    assertThat(read("/golfers/" + golfer + "/plan")).contains("made easier by the trainer");
    plan("step", "item", drill, "by", "1");
    assertThat(form(drill)).isEqualTo(Drill.Form.FULL);
    plan("step", "item", drill, "by", "1");
    assertThat(ids()).doesNotContain(drill);
    assertThat(now().block().drills()).isNotEmpty();
    assertThat(read("/golfers/" + golfer + "/plan")).contains("it held for a week");
  }

  private Drill.Form form(String drill) {
    return now().block().drills().stream()
        .filter(d -> d.drill().id().equals(drill))
        .findFirst()
        .orElseThrow()
        .form();
  }
}
