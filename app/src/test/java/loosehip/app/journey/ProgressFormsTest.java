package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import loosehip.app.fact.OutcomeTold;
import loosehip.app.progress.Moments;
import loosehip.app.progress.ProgressPage;
import loosehip.app.progress.ProgressPages;
import loosehip.app.progress.Ranges;
import loosehip.app.store.Journal;
import loosehip.app.store.Visits;
import loosehip.core.follow.RangeSeries;
import loosehip.core.measure.Change;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** What moved over three visits, the blind retest, and what the golfer came for. */
class ProgressFormsTest extends PlanForms {
  private static final String CARD = "seated-rotation.right.internal";

  @Autowired Visits visits;
  @Autowired Journal journal;
  @Autowired Moments moments;
  @Autowired ProgressPages pages;

  /** Two earlier visits: 84 days ago at 16 and 30 degrees, 42 days ago at 19 and 31. */
  @BeforeEach
  void threeVisits() throws Exception {
    String fresh = golfers.add(wren.account(), "Isla Brodie", LocalDate.now().minusDays(84));
    golfer = fresh;
    note("consent", "wording 1");
    asked();
    note("setup.trailFlare", "10");
    note("setup.leadFlare", "20");
    take(CARD, 16, 16, 16);
    take("seated-rotation.left.internal", 30, 30, 30);
    take("seated-rotation.left.external", 40, 41, 40);
    take("trunk-turn.right", 40, 40, 40);
    note("fault.sway", "clear");
    visits.start(wren.account(), file(), LocalDate.now().minusDays(42));
    take(CARD, 19, 19, 19);
    take("seated-rotation.left.internal", 31, 31, 31);
    visits.start(wren.account(), file(), LocalDate.now());
    asked();
  }

  private void take(String slot, double... values) {
    for (double value : values) {
      journal.take(
          file(),
          wren.account(),
          new Journal.NewTry(
              Slot.parse(slot).orElseThrow(),
              Optional.of(value),
              Optional.empty(),
              Optional.of(Method.INCLINOMETER),
              Set.of(),
              false),
          UUID.randomUUID().toString(),
          "try");
    }
  }

  private String retest() throws Exception {
    return read("/golfers/" + golfer + "/retest");
  }

  @Test
  void lastTimeStaysOutOfSightUntilTheSetIsWhole() throws Exception {
    String tries = "/golfers/" + golfer + "/measure/" + CARD + "/tries";
    send(post(tries).param("value", "27").param("submitKey", "1"))
        .andExpect(content().string(containsString("stays out of sight until the set is whole")))
        .andExpect(content().string(not(containsString("last time 19"))));
    assertThat(retest()).contains("Still to measure", "Seated hip turn, inward, trail (R)");
    assertThat(retest()).doesNotContain("19.0 ±");
    send(post(tries).param("value", "28").param("submitKey", "2"));
    send(post(tries).param("value", "27").param("submitKey", "3"))
        .andExpect(content().string(containsString("last time 19")));
    assertThat(retest()).contains("19.0 ±", "real (real from", "Change by change");
  }

  @Test
  void theRetestSaysWhatIsRealWhatItBuysAndWhatIsNotLookedAt() throws Exception {
    take(CARD, 27, 28, 27);
    take("seated-rotation.left.internal", 32, 31, 31);
    take("seated-rotation.left.external", 41, 41, 41);
    take("trunk-turn.right", 41, 40, 41);
    String page = retest();
    assertThat(page)
        .contains("within the ruler (real from")
        .contains("Going back")
        .contains("short");
    assertThat(page).contains("Hand back to the instructor", "The plan as it stands");
    note("fault.sway", "clear");
    note("fault.early-stop", "slight");
    visits.start(wren.account(), file(), LocalDate.now());
    asked();
    note("fault.sway", "none");
    take(CARD, 27, 28, 27);
    assertThat(retest().replaceAll("<[^>]+>|\\s+", " ").replaceAll(" +", " "))
        .contains("Still seen?", "Sway clear none", "Early stop slight not looked at");
  }

  /** The block is over: measured again, the next one starts today by what is short now. */
  @Test
  void fromTheRetestTheNextBlockIsPlanned() throws Exception {
    note("wish.minutes", "20");
    note("wish.days", "5");
    note("fault.sway", "clear");
    take(CARD, 20, 20, 20);
    take("seated-rotation.left.internal", 31, 31, 31);
    take("seated-rotation.left.external", 40, 40, 40);
    take("trunk-turn.right", 40, 40, 40);
    note("wish.start", LocalDate.now().minusDays(42).toString());
    plans.giveFrom(workup(), wren.account(), LocalDate.EPOCH);
    assertThat(now().block().retest()).isEqualTo(LocalDate.now());
    assertThat(retest()).contains("Plan the next block");
    plan("next");
    assertThat(version()).isEqualTo(2);
    assertThat(now().start()).isEqualTo(LocalDate.now());
    assertThat(now().kept().orElseThrow().label()).isEqualTo("the next block");
    assertThat(retest()).doesNotContain("Plan the next block");
  }

  @Test
  void everyRangeStandsOverTheVisitsAgainstItsRuler() throws Exception {
    take(CARD, 27, 28, 27);
    take("seated-rotation.left.internal", 31, 32, 31);
    Map<Slot, RangeSeries> ranges = Ranges.of(moments.of(workup()));
    RangeSeries trail = ranges.get(Slot.parse(CARD).orElseThrow());
    assertThat(trail.points()).hasSize(3);
    assertThat(trail.gain()).isCloseTo(27.33 - 16, within(0.01));
    assertThat(trail.change()).isEqualTo(Change.REAL);
    RangeSeries lead = ranges.get(Slot.parse("seated-rotation.left.internal").orElseThrow());
    assertThat(lead.change()).isEqualTo(Change.WITHIN_THE_RULER);
    ProgressPage page = pages.of(workup());
    assertThat(page.lead()).startsWith("1 of 2 ranges");
    assertThat(page.ranges())
        .first()
        .satisfies(
            chart -> {
              assertThat(chart.lines()).hasSize(2);
              assertThat(chart.bands()).hasSize(2);
              assertThat(chart.table()).hasSize(3);
              assertThat(chart.words().toString()).contains("a real gain", "within the ruler");
            });
    assertThat(read("/golfers/" + golfer + "/progress"))
        .contains("What moved", "Every range, with the ruler", "The figures", "chart-svg");
  }

  @Test
  void theReportIsOnePageInPlainWords() throws Exception {
    take(CARD, 27, 28, 27);
    take("seated-rotation.left.internal", 31, 32, 31);
    byte[] pdf =
        page("/golfers/" + golfer + "/progress.pdf")
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    try (var document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(document))
          .contains("what moved", "from 19 to 27", "a real gain", "the ruler cannot tell");
    }
  }

  @Test
  void oneVisitTeachesWhatComesNext() throws Exception {
    golfer = golfers.add(wren.account(), "Ewan Kerr");
    note("consent", "wording 1");
    asked();
    assertThat(read("/golfers/" + golfer + "/progress")).contains("One visit so far");
    assertThat(read("/golfers/" + golfer + "/retest")).contains("Nothing to hold against yet");
    page("/golfers/" + golfer + "/progress.pdf")
        .andExpect(redirectedUrlPattern("/golfers/*/progress"));
  }

  @ParameterizedTest
  @CsvSource({
    "carry, 0, 182, driver, ''",
    "carry, 0, 9, driver, Carry goes from 20 to 350",
    "score, 0, 91, '', ''",
    "soreness, 0, 11, '', from 0 to 10",
    "soreness, 1, 3, '', must not be to come",
    "height, 0, 3, '', something unknown",
    "fairways, 0, many, '', from 0 to 100",
  })
  void anOutcomeIsKeptOrSaysWhyNot(
      String what, int ahead, String value, String club, String problem) throws Exception {
    var answer =
        send(post("/golfers/" + golfer + "/outcomes")
                .param("on", LocalDate.now().plusDays(ahead).toString())
                .param("what", what)
                .param("value", value)
                .param("club", club))
            .andReturn();
    String said = String.valueOf(answer.getFlashMap().getOrDefault("outcomeProblem", ""));
    assertThat(said).contains(problem);
    assertThat(OutcomeTold.ON.in(file())).hasSize(problem.isEmpty() ? 1 : 0);
    if (problem.isEmpty()) {
      send(
          post("/golfers/" + golfer + "/outcomes")
              .param("on", LocalDate.now().toString())
              .param("what", what)
              .param("club", club));
      assertThat(OutcomeTold.ON.in(file())).isEmpty();
    }
  }

  @Test
  void twoClubsOfADayAndTheLineOverTheDays() throws Exception {
    for (String each : List.of("180 driver 20", "186 driver 1", "120 seven-iron 1")) {
      String[] words = each.split(" ");
      send(
          post("/golfers/" + golfer + "/outcomes")
              .param("on", LocalDate.now().minusDays(Integer.parseInt(words[2])).toString())
              .param("what", "carry")
              .param("value", words[0])
              .param("club", words[1]));
    }
    note("wish.want", "ten metres more");
    ProgressPage page = pages.of(workup());
    assertThat(page.came()).isEqualTo("ten metres more");
    assertThat(page.outcomes()).singleElement().satisfies(c -> assertThat(c.lines()).hasSize(2));
    assertThat(page.outcomes().get(0).words())
        .containsExactly("driver: from 180 to 186 m, +6; no ruler is known for it");
    page("/golfers/" + golfer + "/follow")
        .andExpect(content().string(containsString("ten metres more")))
        .andExpect(content().string(containsString("Carry, seven-iron: 120 m")));
  }
}
