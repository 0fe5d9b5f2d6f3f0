package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.golfer.AtAGlance;
import loosehip.app.store.Glance;
import loosehip.app.store.Homework;
import loosehip.core.follow.Done;
import loosehip.core.follow.TodayGroup;
import loosehip.core.plan.ItemId;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** The log of a plan without a browser: what is kept and what is refused. */
class PlanLogFormsTest extends PlanForms {
  @Autowired Homework homework;

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
    assertThat(journal.next(golfer, wren.account()))
        .hasValueSatisfying(s -> assertThat(s.label()).startsWith("all of "));
    send(post("/golfers/" + golfer + "/undo"));
    assertThat(homework.of(golfer)).hasSize(1);
  }
}
