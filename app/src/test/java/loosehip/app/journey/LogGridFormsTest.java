package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.SessionTold;
import loosehip.app.store.Homework;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.Skip;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** The week's grid without a browser: what is kept, and what is refused in words. */
class LogGridFormsTest extends PlanForms {
  @Autowired Homework homework;

  private LocalDate day;
  private List<PlanItem> items;

  @BeforeEach
  void aPlanThatRuns() throws Exception {
    note("wish.days", "7");
    note("wish.start", LocalDate.now().minusDays(13).toString());
    plans.giveFrom(workup(), wren.account(), LocalDate.EPOCH);
    day = LocalDate.now().minusDays(1);
    items = now().block().session(day).orElseThrow().items();
  }

  private ResultActions cell(String item, String what, String value) throws Exception {
    return cell(day, item, what, value);
  }

  private ResultActions cell(Object on, String item, String what, String value) throws Exception {
    return send(
        post("/golfers/" + golfer + "/follow/" + on + "/grid")
            .param("item", item)
            .param("what", what)
            .param("value", value));
  }

  private Map<ItemId, Homework.Said> said() {
    Map<ItemId, Homework.Said> said = new LinkedHashMap<>();
    homework.of(golfer).stream()
        .filter(k -> k.log().on().equals(day))
        .forEach(k -> said.put(k.item(), k));
    return said;
  }

  private String first() {
    return items.get(0).id().id();
  }

  @Test
  void moreAndLessGoUpAndDownTheAmounts() throws Exception {
    cell(first(), "less", "");
    assertThat(amount()).contains(Done.UNDER);
    cell(first(), "more", "");
    assertThat(amount()).contains(Done.BETWEEN);
    cell(first(), "more", "");
    cell(first(), "more", "");
    assertThat(amount()).contains(Done.TOP);
    cell(first(), "less", "");
    assertThat(amount()).contains(Done.BETWEEN);
    cell(first(), "clear", "");
    assertThat(amount()).isEmpty();
    cell(first(), "asked", "");
    assertThat(amount()).contains(Done.asked(items.get(0).dose(), items.get(0).much()));
  }

  private Optional<Done> amount() {
    return Optional.ofNullable(said().get(ItemId.of(first()))).map(k -> k.log().done());
  }

  @Test
  void aFigureLeavesEverythingElseAsItWas() throws Exception {
    homework.say(
        file(),
        wren.account(),
        List.of(
            new Homework.Said(
                version(),
                items.get(0).id(),
                new ItemLog(day, Done.TOP, Optional.of(4), Optional.of(3), false, true, false),
                Homework.Words.of("tight", "half of it").at("groin"),
                "")),
        "as told");
    cell(first(), "effort", "7");
    Homework.Said kept = said().get(ItemId.of(first()));
    assertThat(kept.log())
        .isEqualTo(new ItemLog(day, Done.TOP, Optional.of(7), Optional.of(3), false, true, false));
    assertThat(kept.words().site()).isEqualTo("groin");
    assertThat(kept.felt()).isEqualTo("tight");
  }

  /** A day's figures go to what was done, and take no pain away that was named by itself. */
  @Test
  void aDaysFiguresTakeNoPainAwayAndPassOverWhatWasSkipped() throws Exception {
    cell("", "asked", "");
    cell(first(), "pain", "4");
    String skipped = items.get(1).id().id();
    homework.say(
        file(),
        wren.account(),
        List.of(
            new Homework.Said(
                version(),
                items.get(1).id(),
                new ItemLog(
                    day, Done.UNDER, Optional.empty(), Optional.empty(), true, false, false),
                new Homework.Words("", "", "", Optional.of(Skip.TIME), true),
                "")),
        "skipped");
    cell("", "effort", "6");
    cell("", "pain", "1");
    assertThat(said().get(ItemId.of(first())).log().pain()).contains(4);
    assertThat(said().get(ItemId.of(first())).log().effort()).contains(6);
    assertThat(said().get(ItemId.of(skipped)).log().effort()).isEmpty();
    assertThat(said().values().stream().filter(k -> k.log().pain().filter(p -> p == 1).isPresent()))
        .hasSize(items.size() - 2);
    send(post("/golfers/" + golfer + "/undo"));
    assertThat(said().values().stream().filter(k -> k.log().pain().filter(p -> p == 1).isPresent()))
        .as("a day's figure is one step")
        .isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "no-such-day, '', asked, '', not in the plan on this day",
    "+3, '', asked, '', still to come",
    "0, no-such-thing, asked, '', not in the plan on this day",
    "0, FIRST, dance, '', something unknown",
    "0, FIRST, effort, 11, from 0 to 10",
    "0, FIRST, pain, ouch, from 0 to 10",
    "0, '', clear, '', thing by thing",
    "0, '', pain, 2, once an amount is said",
  })
  void whatCannotBeIsSaidAndNothingIsKept(
      String on, String item, String what, String value, String words) throws Exception {
    String at =
        on.startsWith("+")
            ? LocalDate.now().plusDays(Integer.parseInt(on.substring(1))).toString()
            : on.equals("0") ? day.toString() : on;
    cell(at, item.equals("FIRST") ? first() : item, what, value)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(words)));
    assertThat(homework.of(golfer)).isEmpty();
  }

  @Test
  void behindAWarningSignNothingIsKept() throws Exception {
    note("warning.hot-joint", "yes");
    cell("", "asked", "").andExpect(content().string(containsString("Not kept")));
    send(post("/golfers/" + golfer + "/follow/" + day + "/session").param("minutes", "12"));
    assertThat(homework.of(golfer)).isEmpty();
    assertThat(SessionTold.ON.in(file())).isEmpty();
  }

  @Test
  void whatPainStoppedStaysOutOfADayAsAsked() throws Exception {
    LocalDate earlier = day.minusDays(1);
    String both =
        items.stream()
            .filter(i -> now().block().session(earlier).orElseThrow().item(i.id()).isPresent())
            .findFirst()
            .orElseThrow()
            .id()
            .id();
    cell(earlier, both, "less", "");
    cell(earlier, both, "pain", "6");
    assertThat(workup().stopped()).containsOnlyKeys(ItemId.of(both));
    cell("", "asked", "");
    assertThat(said()).doesNotContainKey(ItemId.of(both)).hasSize(items.size() - 1);
    cell(both, "asked", "").andExpect(content().string(containsString("Stopped by pain")));
  }
}
