package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.time.LocalDate;
import java.util.List;
import java.util.regex.Pattern;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.store.Homework;
import loosehip.core.follow.Done;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.Session;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A week from a golfer's sheet into the log, by keys alone. */
class LogGridJourneyTest extends MeasureJourney {
  @Autowired Plans plans;
  @Autowired Workups workups;
  @Autowired Homework homework;

  private int presses;

  @BeforeEach
  void aPlanThatRunsForAFortnight() {
    take("seated-rotation.right.internal", 22);
    take("seated-rotation.left.internal", 24);
    note(golfer, "fault.sway", "clear", true);
    note(golfer, "wish.minutes", "20", false);
    note(golfer, "wish.days", "7", false);
    note(golfer, "wish.start", LocalDate.now().minusDays(14).toString(), false);
    note(golfer, "wish.tool-club", "yes", false);
    plans.giveFrom(workups.open(wren, golfer), wren, LocalDate.EPOCH);
  }

  private void press(String... keys) {
    for (String key : keys) {
      page.keyboard().press(key);
      presses++;
    }
  }

  private List<Homework.Said> log(LocalDate day) {
    return homework.of(golfer).stream().filter(k -> k.log().on().equals(day)).toList();
  }

  private Session asked(LocalDate day) {
    return plans.of(workups.open(wren, golfer)).orElseThrow().block().session(day).orElseThrow();
  }

  @Test
  void aWeekFromPaperTakesAtMostSixtyKeys() {
    LocalDate first = LocalDate.now().minusDays(14);
    page.navigate("/golfers/" + golfer + "/follow?day=" + first);
    assertThat(page.locator("#log-grid td:focus")).hasCount(1);
    for (int day = 0; day < 7; day++) {
      press("a", "e", day == 3 ? "1" : "6");
      if (day == 3) {
        press("0");
      }
      press("p", "1");
      if (day == 4) {
        press("ArrowDown", "ArrowDown", "-", "p", "3", "ArrowUp", "ArrowUp");
      }
      if (day < 6) {
        press("ArrowRight");
      }
    }
    assertThat(page.locator(".grid-whole .cell-open")).hasCount(0);
    assertThat(presses).isLessThanOrEqualTo(60);
    page.waitForCondition(
        () ->
            !log(first.plusDays(6)).isEmpty()
                && log(first.plusDays(6)).stream().allMatch(k -> k.log().pain().isPresent()));
    for (int day = 0; day < 7; day++) {
      LocalDate on = first.plusDays(day);
      List<PlanItem> items = asked(on).items();
      assertThat(log(on)).hasSameSizeAs(items);
      int effort = day == 3 ? 10 : 6;
      assertThat(log(on)).allMatch(k -> k.log().effort().orElse(-1) == effort);
      long hurt = log(on).stream().filter(k -> k.log().pain().orElse(-1) == 3).count();
      assertThat(hurt).isEqualTo(day == 4 ? 1 : 0);
      assertThat(log(on).stream().filter(k -> k.log().done() == Done.UNDER).count())
          .isLessThanOrEqualTo(day == 4 ? 1 : 0);
    }
    assertThat(complaints).isEmpty();
  }

  @Test
  void whatIsPressedStaysInItsCellAndIsTakenBackByUndo() {
    LocalDate yesterday = LocalDate.now().minusDays(1);
    page.navigate("/golfers/" + golfer + "/follow?day=" + yesterday);
    press("ArrowDown", "e", "5");
    assertThat(page.locator("#grid-problem")).containsText("once an amount is said");
    press(" ");
    assertThat(page.locator("#log-grid td:focus b")).not().isEmpty();
    press("-", "-", "+", "e", "7", "x");
    Locator cell = page.locator("#log-grid td:focus");
    assertThat(cell).hasClass("cell-open");
    assertThat(log(yesterday)).isEmpty();
    press("u");
    assertThat(page.locator(".flash")).containsText("Taken back");
    assertThat(log(yesterday))
        .singleElement()
        .satisfies(k -> assertThat(k.log().effort()).contains(7));
    page.navigate("/golfers/" + golfer + "/follow?day=" + yesterday);
    press("p", "6");
    assertThat(page.locator("#grid-problem")).containsText("in which exercise");
    page.locator("#session-minutes").fill("13");
    page.locator("#session-mood").fill("stiff at first");
    page.locator("#session-mood").blur();
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
    page.reload();
    assertThat(page.locator("#session-minutes")).hasValue("13");
    page.locator("#session-minutes").fill("900");
    page.locator("#session-minutes").blur();
    assertThat(page.locator("#grid-problem")).containsText("from 0 to 240");
    assertThat(complaints).isEmpty();
  }
}
