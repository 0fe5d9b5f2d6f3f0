package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import loosehip.app.follow.Sessions;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.store.Homework;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The log of a plan: said, taken back, stopped by pain, kept with the version it belongs to. */
class FollowJourneyTest extends MeasureJourney {
  @Autowired Plans plans;
  @Autowired Workups workups;
  @Autowired Sessions sessions;
  @Autowired Homework homework;

  @BeforeEach
  void aPlanThatRunsForTenDays() {
    take("seated-rotation.right.internal", 22);
    take("seated-rotation.left.internal", 24);
    note(golfer, "fault.sway", "clear", true);
    note(golfer, "wish.minutes", "20", false);
    note(golfer, "wish.days", "7", false);
    note(golfer, "wish.start", LocalDate.now().minusDays(10).toString(), false);
    note(golfer, "wish.tool-club", "yes", false);
    plans.giveFrom(workups.open(wren, golfer), wren, LocalDate.EPOCH);
  }

  private void open(int daysAgo) {
    page.navigate("/golfers/" + golfer + "/follow?day=" + LocalDate.now().minusDays(daysAgo));
  }

  /** Does something that is kept, and waits until it is. */
  private void kept(Runnable action) {
    page.waitForResponse(r -> r.url().contains("/follow/"), action);
  }

  private void figure(Locator row, String name, String value) {
    kept(
        () -> {
          row.locator("[name=" + name + "]").fill(value);
          row.locator("[name=" + name + "]").blur();
        });
  }

  private List<Homework.Said> log() {
    return homework.of(golfer);
  }

  @Test
  void whatIsSaidIsKeptCountedAndCanBeTakenBack() {
    open(1);
    Locator row = page.locator("#log-seated-knee-drops");
    kept(() -> row.locator("label:has([value=top])").click());
    assertThat(page.locator("#saved")).hasText(Pattern.compile("saved \\d.*"));
    figure(row, "effort", "5");
    assertThat(page.locator("#log-steps")).containsText("0 of 3 easy sessions");
    assertThat(log()).hasSize(1);
    assertThat(log().get(0).log().effort()).contains(5);

    figure(row, "pain", "12");
    assertThat(row.locator(".problem")).containsText("go from 0 to 10. Nothing was kept");
    assertThat(row.locator("[name=pain]")).hasValue("12");
    assertThat(log().get(0).log().pain()).isEmpty();
    figure(row, "pain", "");

    // what a save that is tried again does; it must never become an address
    kept(() -> row.evaluate("row => row.requestSubmit()"));
    assertThat(page).hasURL(Pattern.compile(".*/follow\\?day=[0-9-]+$"));
    kept(() -> row.locator("label:has([value=top])").click());
    assertThat(row.locator(".problem")).containsText("once an amount is chosen");
    assertThat(log()).isEmpty();
    assertThat(complaints).isEmpty();
  }

  @Test
  void threeEasySessionsAtTheTopEarnTheNextRung() {
    for (int day = 3; day >= 1; day--) {
      open(day);
      Locator row = page.locator("#log-seated-knee-drops");
      kept(() -> row.locator("label:has([value=top])").click());
      figure(row, "effort", "4");
      figure(row, "pain", "0");
      assertThat(page.locator("#log-steps")).containsText("Seated knee drops");
    }
    Locator step = page.locator("#log-steps li:has-text('Seated knee drops')");
    assertThat(step.locator(".step-word")).hasText("move up");
    assertThat(step.locator("button")).hasText("next rung");
    page.navigate("/golfers/" + golfer + "/plan");
    assertThat(page.locator(".log-asks li")).containsText("move up");
    assertThat(page.locator(".log-asks li")).containsText("Seated knee drops");
    page.locator("#replan").click();
    assertThat(page.locator(".plan-done"))
        .containsText("Planned anew by the log: seated knee drops up");
    assertThat(page.locator("#item-seated-knee-drops")).hasCount(0);
    assertThat(page.locator(".log-asks")).hasCount(0);
    assertThat(page.locator(".plan-version")).containsText("Version 2");
    assertThat(page.locator(".versions li").last()).containsText("log of 3 days, 3 things done");
    assertThat(page.locator(".versions li").first()).not().containsText("log of");
    assertThat(log()).extracting(Homework.Said::plan).containsOnly(1);
    assertThat(complaints).isEmpty();
  }

  @Test
  void painStopsTheExerciseAndHoldsTheSheetBackUntilItIsPlannedAnew() {
    open(2);
    Locator row = page.locator("#log-seated-knee-drops");
    kept(() -> row.locator("label:has([value=under])").click());
    figure(row, "pain", "6");
    assertThat(page.locator("#log-steps .step-asks").first()).containsText("pain 6 in it");
    assertThat(page.locator("#stations")).containsText("not safe now");
    page.navigate("/golfers/" + golfer + "/sheet");
    assertThat(page).hasURL(Pattern.compile(".*/plan$"));
    assertThat(page.locator("#item-seated-knee-drops")).containsText("pain 6 in it");
    page.locator("#replan").click();
    assertThat(page.locator(".plan-version")).containsText("Version 2");
    assertThat(page.locator("#item-seated-knee-drops")).hasCount(0);
    assertThat(page.locator(".back-first")).hasCount(0);
    assertThat(complaints).isEmpty();
  }

  @Test
  void aWholeSessionIsSaidAtOnceButNotWithPainThatHasNoPlace() {
    open(1);
    int things = page.locator(".log-row").count();
    page.locator(".as-asked [name=effort]").fill("6");
    page.locator(".as-asked [name=pain]").fill("4");
    page.locator("#as-asked").click();
    assertThat(page.locator(".plan-refused")).containsText("in which exercise");
    assertThat(page.locator(".as-asked [name=effort]")).hasValue("6");
    assertThat(log()).isEmpty();
    page.locator(".as-asked [name=pain]").fill("1");
    page.locator("#as-asked").click();
    assertThat(page.locator(".log-said")).hasCount(things);
    assertThat(page.locator("#as-asked")).hasCount(0);
    assertThat(page.locator("[data-station='7']")).containsText("log to");
    page.locator("h1").click();
    page.keyboard().press("u");
    assertThat(page.locator(".flash")).containsText("Taken back: ");
    assertThat(page.locator(".log-said")).hasCount(0);
    assertThat(log()).isEmpty();
  }

  @Test
  void aDayIsToldByTheVersionInForceOnIt() {
    sessions.doneAsAsked(
        workups.open(wren, golfer),
        wren,
        LocalDate.now().minusDays(4),
        Optional.of(5),
        Optional.of(1));
    page.navigate("/golfers/" + golfer + "/plan");
    page.locator("#item-seated-knee-drops button:has-text('swap')").click();
    assertThat(page.locator(".plan-version")).containsText("Version 2");
    open(4);
    assertThat(page.locator("#h-day")).containsText("version 1");
    assertThat(page.locator("#log-seated-knee-drops")).hasClass(Pattern.compile(".*log-said.*"));
    open(0);
    assertThat(page.locator("#h-day")).containsText("version 2");
    assertThat(page.locator("#log-seated-knee-drops")).hasCount(0);
    open(-1);
    assertThat(page.locator(".mind")).containsText("Still to come");
  }
}
