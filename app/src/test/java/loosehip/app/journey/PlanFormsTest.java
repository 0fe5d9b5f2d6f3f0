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
import java.util.Optional;
import loosehip.app.golfer.AtAGlance;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.PlanStation;
import loosehip.app.plan.Plans;
import loosehip.app.store.Glance;
import loosehip.app.store.Homework;
import loosehip.app.store.PlanTemplates;
import loosehip.app.words.SafetyWords;
import loosehip.core.follow.Done;
import loosehip.core.follow.TodayGroup;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Planner;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Movement;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.web.util.HtmlUtils;

/** The forms of a plan and of its log without a browser: what is kept and what is refused. */
class PlanFormsTest extends FormsTest {
  @Autowired Workups workups;
  @Autowired Plans plans;
  @Autowired PlanTemplates templates;
  @Autowired Homework homework;

  @BeforeEach
  void aStiffGolferWithTime() throws Exception {
    for (String take :
        List.of(
            "seated-rotation.right.internal 22",
            "seated-rotation.left.internal 24",
            "seated-rotation.left.external 45",
            "trunk-turn.right 30",
            "bridge-hold.left 8",
            "bridge-hold.right 9")) {
      String[] words = take.split(" ");
      send(
          post("/golfers/" + golfer + "/measure/" + words[0] + "/tries")
              .param("value", words[1])
              .param("submitKey", take));
    }
    for (String fact :
        List.of(
            "fault.sway=clear",
            "fault.reverse-tilt=clear",
            "wish.minutes=30",
            "wish.days=5",
            "wish.tool-club=yes",
            "wish.tool-chair=yes")) {
      String[] halves = fact.split("=");
      note(halves[0], halves[1]);
    }
    note("wish.start", LocalDate.now().toString());
  }

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

  private String read(String address) throws Exception {
    return HtmlUtils.htmlUnescape(page(address).andReturn().getResponse().getContentAsString());
  }

  private ResultActions plan(String what, String... params) throws Exception {
    var request = post("/golfers/" + golfer + "/plan/" + what);
    for (int i = 0; i < params.length; i += 2) {
      request.param(params[i], params[i + 1]);
    }
    return send(request);
  }

  private Workup workup() {
    return workups.open(wren.account(), golfer);
  }

  private Plans.Plan now() {
    return plans.of(workup()).orElseThrow();
  }

  private List<String> ids() {
    return now().block().items().stream().map(i -> i.id().id()).toList();
  }

  private int version() {
    return now().kept().orElseThrow().number();
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

  private ResultActions say(LocalDate day, String item, String... params) throws Exception {
    var request = post("/golfers/" + golfer + "/follow/" + day + "/" + item);
    for (int i = 0; i < params.length; i += 2) {
      request.param(params[i], params[i + 1]);
    }
    return send(request);
  }

  /** A later "all done" does not wash the pain out, and the golfer waits for the trainer. */
  @Test
  void whatPainStoppedIsNotLoggedAsDoneAndWaitsForTheTrainer() throws Exception {
    LocalDate first = LocalDate.now().minusDays(6);
    note("wish.start", first.toString());
    plans.giveFrom(workups.open(wren.account(), golfer), wren.account(), first);
    LocalDate hurt = dayWith("seated-knee-drops", first);
    LocalDate later = dayWith("seated-knee-drops", hurt.plusDays(1));
    say(hurt, "seated-knee-drops", "done", "under", "pain", "6");
    say(later, "seated-knee-drops", "done", "top", "pain", "0")
        .andExpect(content().string(containsString("Stopped by pain: nothing is logged")));
    send(post("/golfers/" + golfer + "/follow/" + later).param("effort", "4"));
    assertThat(homework.of(golfer))
        .filteredOn(said -> said.item().id().equals("seated-knee-drops"))
        .hasSize(1);
    assertThat(homework.of(golfer)).hasSizeGreaterThan(1);
    Glance glance = AtAGlance.glance(workups.open(wren.account(), golfer));
    assertThat(glance.group()).isEqualTo(TodayGroup.WAITING);
    assertThat(glance.words()).startsWith("stopped by pain on ");
    say(hurt, "seated-knee-drops", "done", "under", "pain", "2");
    assertThat(AtAGlance.glance(workups.open(wren.account(), golfer)).group())
        .as("a slip of the finger is put right")
        .isNotEqualTo(TodayGroup.WAITING);
  }

  private LocalDate dayWith(String item, LocalDate from) {
    var plan = plans.of(workups.open(wren.account(), golfer)).orElseThrow();
    return from.datesUntil(LocalDate.now().plusDays(1))
        .filter(
            day ->
                plan.block()
                    .session(day)
                    .filter(s -> s.item(ItemId.of(item)).isPresent())
                    .isPresent())
        .findFirst()
        .orElseThrow();
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

  private ResultActions say(String day, String item, String... params) throws Exception {
    var request = post("/golfers/" + golfer + "/follow/" + day + "/" + item);
    for (int i = 0; i < params.length; i += 2) {
      request.param(params[i], params[i + 1]);
    }
    return send(request);
  }

  @ParameterizedTest(name = "{0} {1}: {3}")
  @CsvSource(
      delimiter = '|',
      value = {
        "today | seated-knee-drops | 11 | go from 0 to 10. Nothing was kept",
        "today | seated-knee-drops | 3.5 | go from 0 to 10. Nothing was kept",
        "today | no-such | 3 | not in the plan on this day",
        "tomorrow | seated-knee-drops | 3 | still to come. Nothing was kept",
        "someday | seated-knee-drops | 3 | not in the plan on this day",
        "long-ago | seated-knee-drops | 3 | not in the plan on this day",
      })
  void whatCannotBeSaidIsRefusedInWords(String day, String item, String pain, String words)
      throws Exception {
    plan("give");
    LocalDate today = LocalDate.now();
    String on =
        switch (day) {
          case "today" -> today.toString();
          case "tomorrow" -> today.plusDays(1).toString();
          case "long-ago" -> today.minusYears(1).toString();
          default -> day;
        };
    say(on, item, "done", "top", "pain", pain)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(words)))
        .andExpect(content().string(containsString("not saved")));
    assertThat(homework.of(golfer)).isEmpty();
  }

  @Test
  void whatWasSaidComesBackAndWordsAreCutNotRefused() throws Exception {
    plan("give");
    String today = LocalDate.now().toString();
    say(
        today,
        "seated-knee-drops",
        "done",
        "between",
        "effort",
        "7",
        "poorForm",
        "true",
        "felt",
        "x".repeat(300),
        "seen",
        "half of it");
    Homework.Said kept = homework.of(golfer).get(0);
    assertThat(kept.log().effort()).isEqualTo(Optional.of(7));
    assertThat(kept.log().pain()).isEmpty();
    assertThat(kept.log().goodForm()).isFalse();
    assertThat(kept.felt()).hasSize(200);
    page("/golfers/" + golfer + "/follow?day=" + today)
        .andExpect(content().string(containsString("half of it")))
        .andExpect(content().string(containsString("Feel and real")));
    page("/golfers/" + golfer + "/follow?day=yesterday").andExpect(status().isOk());
  }

  @Test
  void withoutAPlanThereIsNoLogAndThePageTeaches() throws Exception {
    page("/golfers/" + golfer + "/follow")
        .andExpect(content().string(containsString("The log belongs to a plan that was given")));
    say(LocalDate.now().toString(), "bridge", "done", "top")
        .andExpect(content().string(containsString("not in the plan on this day")));
    send(post("/golfers/" + golfer + "/follow/" + LocalDate.now()))
        .andExpect(
            flash()
                .attribute(
                    "asked", Matchers.hasToString(containsString("That was not in the plan"))));
  }

  @Test
  void sayingItWasAllDoneLeavesWhatWasSaidAndTwiceIsOnce() throws Exception {
    plan("give");
    String today = LocalDate.now().toString();
    say(today, "seated-knee-drops", "done", "under", "pain", "3");
    for (int twice = 0; twice < 2; twice++) {
      send(post("/golfers/" + golfer + "/follow/" + today).param("effort", "5").param("pain", "0"));
    }
    assertThat(homework.of(golfer).size()).isGreaterThan(2);
    assertThat(homework.of(golfer))
        .filteredOn(k -> k.item().id().equals("seated-knee-drops"))
        .extracting(k -> k.log().done())
        .containsExactly(Done.UNDER);
    assertThat(file().lastStep()).hasValueSatisfying(s -> assertThat(s).startsWith("all of "));
    send(post("/golfers/" + golfer + "/undo"));
    assertThat(homework.of(golfer)).hasSize(1);
  }
}
