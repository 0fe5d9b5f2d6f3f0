package loosehip.app.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.app.figure.Figures;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Handed;
import loosehip.core.measure.Method;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.context.annotation.AnnotationConfigApplicationContext;

class TestViewsTest {
  private static final String CARD = "seated-rotation.right.internal";
  private static final TestViews VIEWS = views();

  private static TestViews views() {
    var context = new AnnotationConfigApplicationContext("loosehip.app.figure");
    context.registerBean(Instructions.class);
    return new TestViews(new Instructions(), context.getBean(Figures.class));
  }

  @Test
  void theFirstCardNotTakenIsOffered() {
    Workup workup =
        GolferText.workup(
            "try standing-turn.right.internal 50; try standing-turn.left.internal 50");
    assertThat(card(workup, null, null)).isEqualTo("standing-turn.right.external");
    assertThat(card(workup, CARD, null)).isEqualTo(CARD);
    assertThat(card(workup, " ", "")).isEqualTo("standing-turn.right.external");
    assertThatThrownBy(() -> card(workup, "nonsense", null)).isInstanceOf(NotHere.class);
    assertThatThrownBy(() -> card(workup, null, "nonsense")).isInstanceOf(NotHere.class);
    assertThat(card(workup, null, "trunk-turn")).isEqualTo("trunk-turn.right");
  }

  @Test
  void anotherOrderHasItsOwnCardsAndTheSameResults() {
    Workup quick = GolferText.workup("order=quick; try hinge-contact 40");
    assertThat(card(quick, null, null)).isEqualTo("standing-turn.right.internal");
    assertThat(view(quick, "one-leg-stand.right.open").order()).hasSize(17);
    assertThat(view(GolferText.workup("order=full"), CARD).order()).hasSize(44);
    assertThat(view(GolferText.workup("order=hips"), "squat-depth").order()).hasSize(21);
    assertThat(view(GolferText.workup(""), CARD).order()).as("Quick by default").hasSize(17);
    assertThat(card(quick, null, "squat-depth")).isEqualTo("squat-depth");
  }

  private static String card(Workup workup, String key, String test) {
    return Cards.asked(workup, Optional.ofNullable(key), Optional.ofNullable(test)).key();
  }

  @ParameterizedTest(name = "{0}: {1}, {2}, {3}")
  @CsvSource(
      delimiter = '|',
      value = {
        "try seated-rotation.right.internal 24 26 25 | 25.0° | short of 30 | short",
        "try seated-rotation.right.internal 33 | 33.0° | close to 40 | close",
        "try seated-rotation.right.internal 41 (90) | 41.0° | enough | enough",
        "try seated-rotation.right.internal 25; pain.seated-rotation.right.internal=6 | 25.0° | stopped by pain | not-measured",
        "try seated-rotation.right.internal 22; try seated-rotation.right.external 55 | 22.0° | short of 30 | short",
      })
  void theResultInWords(String file, String mean, String verdict, String band) {
    TestView.Result result = view(GolferText.workup(file), CARD).live().result().orElseThrow();
    assertThat(result.mean()).isEqualTo(mean);
    assertThat(result.verdict()).isEqualTo(verdict);
    assertThat(result.band()).isEqualTo(band);
  }

  @Test
  void theHipsSpeakTogetherWithWhatFollows() {
    Workup workup =
        GolferText.workup(
            "try seated-rotation.right.internal 22; try seated-rotation.right.external 55;"
                + " try standing-turn.right.internal 48");
    assertThat(view(workup, CARD).live().result().orElseThrow().hips())
        .extracting(TestView.Said::words)
        .containsExactly(
            "arc shifted outward", "foot and knee do much of the turning (whole leg less hip: 26)");
    assertThat(view(workup, CARD).live().result().orElseThrow().hips().get(0).follows())
        .contains("let the feet do it");
  }

  @Test
  void anEarlierVisitCanBeChosenToCompareWith() {
    Workup workup =
        Workup.of(
            GolferText.of(
                "try " + CARD + " 24 26 25; baseline=before-2025-03-03",
                GolferText.TODAY,
                List.of(
                    GolferText.earlier(LocalDate.of(2026, 3, 3), CARD + " 32 33 31"),
                    GolferText.earlier(LocalDate.of(2025, 3, 3), CARD + " 10"))),
            GolferText.TODAY);
    TestView.Result result = view(workup, CARD).live().result().orElseThrow();
    assertThat(result.before()).contains("then 10.0 on 3 Mar 2025");
    assertThat(result.change()).contains("+15.0, real");
    assertThat(result.chance()).startsWith("real from 8.8; 99 %");
  }

  @Test
  void theWeakerSideComesFirstAndSkipsLeaveTheMinutes() {
    Workup workup =
        Workup.of(
            GolferText.of(
                "skip.hinge-contact=no time; order=hips",
                GolferText.TODAY,
                List.of(
                    GolferText.earlier(LocalDate.of(2026, 3, 3), "trunk-turn.left 30"),
                    GolferText.earlier(LocalDate.of(2026, 3, 2), "trunk-turn.right 50"))),
            GolferText.TODAY);
    assertThat(view(workup, "hinge-contact").skipped()).contains("no time");
    assertThat(workup.minutesLeft()).isEqualTo(13);
    assertThat(card(workup, null, null)).isEqualTo("standing-turn.right.internal");
  }

  @Test
  void aBlockedTestSaysWhyAndACarefulOneWhatToMind() {
    Workup workup = GolferText.workup("caution.balance=yes; order=full");
    assertThat(view(workup, "one-leg-stand.right.closed").blocked().orElseThrow())
        .startsWith("no closed eyes");
    assertThat(view(workup, "one-leg-stand.right.open").cares().get(0))
        .startsWith("support at hand");
  }

  @Test
  void smallerIsBetterSaysPast() {
    Workup workup = GolferText.workup("try side-hip-hold.right 9");
    assertThat(view(workup, "side-hip-hold.right").live().result().orElseThrow().verdict())
        .isEqualTo("past 7");
  }

  @Test
  void theOtherSideAndTheLastVisitAreHeldAgainstTheRuler() {
    Workup workup =
        Workup.of(
            GolferText.of(
                "try seated-rotation.right.internal 24 26 25; try seated-rotation.left.internal 43 43",
                GolferText.TODAY,
                List.of(
                    GolferText.earlier(LocalDate.of(2026, 3, 3), CARD + " 32 33 31"),
                    GolferText.earlier(LocalDate.of(2025, 3, 3), CARD + " 10"))),
            GolferText.TODAY);
    TestView.Result result = view(workup, CARD).live().result().orElseThrow();
    assertThat(result.otherSide()).contains("lead (L) is 43.0");
    assertThat(result.apart()).contains("18 apart: more than the ruler");
    assertThat(result.before()).contains("last time 32.0 on 3 Mar 2026");
    assertThat(result.change()).contains("-7.0, likely");
  }

  @Test
  void aRetestTakesTheMethodOfLastTime() {
    Workup workup =
        Workup.of(
            GolferText.of(
                "",
                GolferText.TODAY,
                List.of(GolferText.earlier(LocalDate.of(2026, 3, 3), "trunk-turn.right 40"))),
            GolferText.TODAY);
    assertThat(view(workup, "trunk-turn.right").live().method()).contains(Method.INCLINOMETER);
    assertThat(view(GolferText.workup(""), "trunk-turn.right").live().method())
        .contains(Method.CLUB_ANGLE);
  }

  @Test
  void triesAreNamedAndAFullSetSaysSo() {
    TestView.Live live = view(GolferText.workup("try " + CARD + " 24 (26) 25 24 25"), CARD).live();
    assertThat(live.tries())
        .extracting(TestView.TryBox::label)
        .containsExactly("first", "second", "third", "fourth", "fifth");
    assertThat(live.tries().get(1).voided()).isTrue();
    assertThat(live.tries().get(1).why()).isEqualTo("voided");
    assertThat(live.full()).isTrue();
    assertThat(live.entryLabel()).isEqualTo("five are taken");
  }

  @Test
  void aWideSpreadAsksForAnother() {
    assertThat(view(GolferText.workup("try " + CARD + " 24 32"), CARD).live().advice())
        .isEqualTo("The tries lie 8.0° apart: take another, or void the odd one (x).");
    assertThat(view(GolferText.workup("try " + CARD + " 24 30"), CARD).live().advice()).isEmpty();
  }

  @Test
  void aLeftHandersTrailSideIsTheLeft() {
    TestView view = view(GolferText.workup("who.handed=left"), "seated-rotation.left.internal");
    assertThat(view.side()).contains("trail (L)");
    assertThat(view.leg()).isEqualTo("trail");
    assertThat(view.mirrored()).isTrue();
    assertThat(view.ofSides()).isEqualTo("side 1 of 2");
  }

  @Test
  void theViewTellsWhatTheTestFeedsAndWhatComesNext() {
    TestView view = view(GolferText.workup("order=hips"), CARD);
    assertThat(view.meta()).contains("Seated").contains("the turn budget").contains("sway");
    assertThat(view.nextTitle()).isEqualTo("the other side, lead (L)");
    assertThat(view.previousTitle()).isEqualTo("Level pelvis on one leg, lead (L)");
    assertThat(view.context()).contains("32 ± 8");
    assertThat(view.instruction()).anyMatch(w -> w.strong() && w.text().equals("out"));
    assertThat(view.order()).hasSize(21).filteredOn(TestView.OrderMark::now).hasSize(1);
    assertThat(view.order()).filteredOn(TestView.OrderMark::newPosition).hasSize(3);
  }

  @Test
  void testsToldInWordsShowTheirQuestions() {
    TestView.Live live =
        view(GolferText.workup("try glute-switch.right.tall yes"), "glute-switch.right").live();
    assertThat(live.numeric()).isFalse();
    assertThat(live.words())
        .extracting(TestView.WordRow::question)
        .containsExactly("Standing tall", "Hinged over");
    assertThat(live.words().get(0).answers())
        .containsExactly(
            new TestView.Answer("yes", "hardens", true),
            new TestView.Answer("no", "stays soft", false));
    assertThat(live.words().get(1).answered()).isFalse();
  }

  /** In every question each answer begins with another letter: it is the key that gives it. */
  @ParameterizedTest
  @EnumSource(ScreenTest.class)
  void everyAnswerHasAKeyOfItsOwnAndNoneIsABareYesOrNo(ScreenTest test) {
    for (TestCard card : TestCard.of(test, Handed.RIGHT)) {
      for (Slot slot : card.words()) {
        List<String> said =
            test.words(slot.part()).stream().map(id -> Answers.words(slot, id)).toList();
        assertThat(said).as(slot.key()).doesNotContain("yes", "no").hasSizeGreaterThan(1);
        assertThat(said.stream().map(w -> w.charAt(0)).distinct())
            .as(slot.key())
            .hasSameSizeAs(said);
      }
    }
  }

  /** Four numbers a side of a tilt, and it is not finished before it is said how it moved. */
  @Test
  void aTiltIsNotFinishedBeforeItIsSaidHowItMoved() {
    String key = "tilt-control.arch";
    String taken = "try tilt-control.arch 8; try tilt-control.flatten 9";
    assertThat(view(GolferText.workup(taken), key).live().advice()).contains("how it moved");
    Workup said = GolferText.workup(taken + "; try tilt-control.quality smooth");
    assertThat(view(said, key).live().advice()).isEmpty();
    assertThat(Cards.of(key).taken(said.golfer().screen())).isTrue();
    assertThat(Cards.of(key).taken(GolferText.workup(taken).golfer().screen())).isFalse();
    Workup none = GolferText.workup("try tilt-control.quality none");
    assertThat(Cards.of(key).taken(none.golfer().screen())).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"20, 28, control, turning drills", "20, 27, range, hip and trunk range"})
  void theChestHeldTellsControlFromRange(String free, String held, String limit, String first) {
    String tries = "try pelvis-under-chest.total " + free + "; try pelvis-under-chest.held " + held;
    TestView.Said said =
        view(GolferText.workup(tries), "pelvis-under-chest.held")
            .live()
            .result()
            .orElseThrow()
            .hips()
            .get(0);
    assertThat(said.words()).contains(free + " free", held + " with", "limit is " + limit);
    assertThat(said.follows()).contains(first);
  }

  private static TestView view(Workup workup, String key) {
    TestCard card = Cards.of(key);
    return VIEWS.view(workup, card, LastEntry.NONE);
  }
}
