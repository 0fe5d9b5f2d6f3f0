package loosehip.app.golfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.store.Glance;
import loosehip.app.words.Typed;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.casefile.CaseFile;
import loosehip.core.follow.TodayGroup;
import loosehip.core.link.Complaint;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.Slot;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CasesTest {
  private static final String HIPS =
      """
      try seated-rotation.right.internal 45
      try seated-rotation.left.internal 45
      try seated-rotation.left.external 45
      try trunk-turn.right 50
      """;

  @Test
  void whatIsNotedBecomesTheCase() {
    CaseFile golfer =
        Cases.of(
            GolferText.of(
                """
                who.handed=left
                complaint.lost-distance=yes
                caution.inner-knee=left
                caution-note.inner-knee=no twisting
                caution.back=yes
                cleared-caution.back={"by":"Dr Imrie","profession":"","limits":"","lifts":["bend-load"],"blocks":[],"degrees":[]}
                pain-now.back=2
                warning.night-pain=yes
                warning.hot-joint=yes
                cleared-warning.hot-joint={"by":"Dr Imrie","profession":"","on":"2026-11-20","limits":"","lifts":[],"blocks":[],"degrees":[]}
                warning.after-fall=no
                setup.trailFlare=5,5
                setup.pelvicTilt=-8
                setup-fault.pinched=slight
                swing.leadRelease=heel
                swing.trailKneeExtension=12
                fault.sway=clear
                rehearsal.sway=cannot
                habit.held-still=yes
                school=free-turn
                wish.minutes=15
                wish.days=5
                wish.tool-club=yes
                try glute-switch.left.tall yes
                """),
            Standards.SHIPPED,
            GolferText.TODAY);
    assertThat(golfer.handed()).isEqualTo(Handed.LEFT);
    assertThat(golfer.complaints()).containsExactly(Complaint.LOST_DISTANCE);
    assertThat(golfer.health().openWarnings()).containsExactly(WarningSign.NIGHT_PAIN);
    assertThat(golfer.health().cautions())
        .contains(
            new NotedCaution(
                Caution.INNER_KNEE,
                Optional.of(Side.LEFT),
                "no twisting",
                NotedCaution.Detail.NONE,
                Optional.empty()));
    NotedCaution back =
        golfer.health().cautions().stream()
            .filter(c -> c.caution() == Caution.BACK)
            .findFirst()
            .orElseThrow();
    assertThat(back.lifted()).containsExactly(Demand.BEND_LOAD);
    assertThat(back.detail().painNow()).contains(2);
    assertThat(golfer.health().unanswered())
        .hasSize(5)
        .doesNotContain(WarningSign.NIGHT_PAIN, WarningSign.AFTER_FALL);
    assertThat(golfer.setup().trailFlare()).isEqualTo(5.5);
    assertThat(golfer.setup().pelvicTilt()).isEqualTo(-8);
    assertThat(golfer.setup().hipFlexion()).isEqualTo(40);
    assertThat(golfer.setup().release()).isEqualTo(LeadRelease.HEEL);
    assertThat(golfer.setup().straightening()).isEqualTo(12);
    assertThat(golfer.seen().level(SetupFault.PINCHED)).isEqualTo(Level.SLIGHT);
    assertThat(golfer.seen().level(SetupFault.ARCHED)).isEqualTo(Level.NOT_LOOKED_AT);
    assertThat(golfer.seen().level(PivotFault.SWAY)).isEqualTo(Level.CLEAR);
    assertThat(golfer.seen().rehearsal(PivotFault.SWAY)).isEqualTo(Rehearsal.CANNOT);
    assertThat(golfer.seen().habits()).containsExactly(Habit.HELD_STILL);
    assertThat(golfer.school()).isEqualTo(School.FREE_TURN);
    assertThat(golfer.wishes().orElseThrow().tools()).containsExactly(Tool.CLUB);
    assertThat(golfer.wishes().orElseThrow().start()).isEqualTo(GolferText.TODAY);
    assertThat(golfer.screen().word(Slot.parse("glute-switch.left.tall").orElseThrow()))
        .contains("yes");
  }

  @Test
  void nothingNotedIsAPlainRightHanderWithoutAPlan() {
    CaseFile golfer = Cases.of(GolferText.of(""), Standards.SHIPPED, GolferText.TODAY);
    assertThat(golfer.handed()).isEqualTo(Handed.RIGHT);
    assertThat(golfer.school()).isEqualTo(School.ROTATION_FIRST);
    assertThat(golfer.wishes()).isEmpty();
    assertThat(golfer.health().refer()).isFalse();
  }

  @Test
  void painNotedInASlotEndsItsEvidence() {
    CaseFile golfer =
        Cases.of(
            GolferText.of(
                "try seated-rotation.left.internal 20; pain.seated-rotation.left.internal=5 front of hip"),
            Standards.SHIPPED,
            GolferText.TODAY);
    Slot slot = Slot.parse("seated-rotation.left.internal").orElseThrow();
    assertThat(golfer.screen().measurement(slot).orElseThrow().stoppedByPain()).isTrue();
    assertThat(golfer.screen().evidence(slot)).isEmpty();
    assertThat(golfer.screen().reading(slot).orElseThrow().pain().site()).isEqualTo("front of hip");
  }

  @ParameterizedTest(name = "{0}: {1}, {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "nothing | | bench | new: start with the talk",
        "no consent | who.handed=right | bench | consent first",
        "not asked | consent=1 | bench | ask first: the warning signs",
        "talked | consent=1; asked | bench | talked; nothing measured yet",
        "half | consent=1; asked; try trunk-turn.right 40 | bench | half screened",
        "refer | consent=1; warning.night-pain=yes | waiting | waiting for a clinician's clearance",
        "cleared | consent=1; warning.night-pain=yes; cleared-warning.night-pain={\"by\":\"Dr Imrie\",\"profession\":\"doctor\",\"limits\":\"\",\"lifts\":[],\"blocks\":[],\"degrees\":[]} | bench | ask first: the warning signs",
      })
  void whereAGolferStands(String name, String facts, String group, String words) {
    Glance glance = AtAGlance.glance(GolferText.workup(facts == null ? "" : facts));
    assertThat(glance.group().name().toLowerCase(Locale.ROOT)).isEqualTo(group);
    assertThat(glance.words()).isEqualTo(words);
  }

  @Test
  void screenedGolfersAreReadyDueOrInABlock() {
    String screened = "consent=1\nasked\n" + HIPS;
    assertThat(AtAGlance.glance(GolferText.workup(screened)).words())
        .isEqualTo("screened; look at the swing");
    String seen = screened + "fault.sway=none\n";
    assertThat(AtAGlance.glance(GolferText.workup(seen)).words()).isEqualTo("ready for a plan");
    String stiff =
        seen.replace("internal 45", "internal 20")
            + "fault.sway=clear\nwish.minutes=15\nwish.days=5\n";
    Glance planned = AtAGlance.glance(GolferText.workup(stiff));
    assertThat(planned.words()).isEqualTo("a plan waits to be given");
    assertThat(planned.dueOn()).isEmpty();
    assertThat(
            AtAGlance.glance(GolferText.workup(stiff + "given 2026-11-11 2026-12-23 bridge"))
                .words())
        .isEqualTo("week 3 of 6, retest 23 Dec 2026");
    assertThat(
            AtAGlance.glance(GolferText.workup(stiff + "given 2026-12-01 2027-01-12 bridge"))
                .words())
        .isEqualTo("block starts 1 Dec 2026");
    String knee = stiff + "caution.inner-knee=both\n";
    assertThat(
            AtAGlance.glance(
                    GolferText.workup(knee + "given 2026-12-01 2027-01-12 seated-knee-drops"))
                .words())
        .isEqualTo("plan not safe now");
    String over = stiff + "given 2026-10-18 2026-11-29 bridge";
    Glance due =
        AtAGlance.glance(
            Workup.of(
                GolferText.of(over, LocalDate.of(2026, 10, 18), List.of()), GolferText.TODAY));
    assertThat(due.group()).isEqualTo(TodayGroup.DUE);
    assertThat(due.words()).isEqualTo("retest due 29 Nov 2026");
    assertThat(due.trailInternal()).isEqualTo(Optional.of(20.0));
    Glance measured = AtAGlance.glance(GolferText.workup(over));
    assertThat(measured.group()).as("measured again near the day").isEqualTo(TodayGroup.BENCH);
    assertThat(measured.words()).isEqualTo("measured again: the next block, or hand back");
  }

  @Test
  void afterTwoDaysAGolferIsQuiet() {
    Workup workup =
        Workup.of(
            GolferText.of("consent=1", LocalDate.of(2026, 11, 23), List.of()), GolferText.TODAY);
    assertThat(AtAGlance.glance(workup).group()).isEqualTo(TodayGroup.QUIET);
  }

  @ParameterizedTest
  @CsvSource({"'24,5', 24.5", "' -3° ', -3", ".5, 0.5", "5., 5"})
  void numbersAsPeopleTypeThem(String typed, double number) {
    assertThat(Typed.number(typed)).contains(number);
  }

  @ParameterizedTest
  @CsvSource({"''", "abc", "1e3", "0x10", "1 2", "NaN", "--3", "1234567890123"})
  void whatIsNoNumber(String typed) {
    assertThat(Typed.number(typed)).isEmpty();
  }
}
