package loosehip.app.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import loosehip.app.Settings;
import loosehip.app.fact.Station;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Presence;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Journal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FramesTest {
  private static final Account WREN =
      new Account(
          "a",
          "p",
          "The Shed",
          "wren",
          "Wren",
          "hash",
          loosehip.app.store.Position.OWNER,
          false,
          java.util.Optional.empty());

  private final Frames frames =
      new Frames(
          new Settings(Path.of("."), false),
          new Presence(Clock.systemUTC()),
          mock(Accounts.class),
          nothingToUndo(),
          mock(GolferFiles.class),
          Clock.systemUTC());

  private static Journal nothingToUndo() {
    Journal journal = mock(Journal.class);
    when(journal.next(anyString(), any())).thenReturn(Optional.empty());
    return journal;
  }

  @ParameterizedTest(name = "{0}: station {1} says {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "who.handed=right | talk | consent first",
        "consent=1; warning.night-pain=no | talk | 1 of 8 asked",
        "consent=1; warning.night-pain=yes | talk | refer",
        "consent=1; warning.night-pain=yes | measure | waits",
        "consent=1; warning.night-pain=yes | plan | waits",
        "consent=1 | measure | ask first",
        "consent=1 | plan | ask first",
        "consent=1; asked | measure | 0 of 17",
        "consent=1; asked; try trunk-turn.right 40 | measure | 1 of 17",
        "consent=1 | set-up | not looked at",
        "consent=1; setup.leadFlare=5 | set-up | figures typed",
        "consent=1; setup-fault.arched=none | set-up | by eye",
        "consent=1 | swing | not looked at",
        "consent=1; fault.sway=none | swing | no fault",
        "consent=1; fault.sway=clear; fault.hip-thrust=slight | swing | 2 faults",
        "consent=1 | links | nothing yet",
        "consent=1; fault.sway=clear | links | 1 not settled",
        "consent=1; fault.sway=clear; try seated-rotation.right.internal 20 | links | settled",
        "consent=1; asked | plan | none yet",
        "consent=1 | follow | after a plan",
      })
  void eachStationSaysItsState(String facts, String station, String state) {
    assertThat(bar(facts).stations())
        .filteredOn(s -> s.id().equals(station))
        .extracting(FrameView.StationTab::state)
        .containsExactly(state);
  }

  @Test
  void cautionsAreSpokenInTrailAndLead() {
    FrameView.GolferBar bar = bar("who.handed=left; caution.inner-knee=left; caution.back=yes");
    assertThat(bar.cautions())
        .extracting(FrameView.CautionWord::what)
        .containsExactly(
            "pain at the inside of the knee, trail (L)", "back pain now or in the last six weeks");
    assertThat(bar.who()).isEqualTo("left-handed");
  }

  @Test
  void anOpenWarningSignLeadsTheStripAndHidesThePicture() {
    FrameView.GolferBar bar = bar("who.birth-year=1961; warning.night-pain=yes; caution.back=yes");
    assertThat(bar.refer()).isTrue();
    assertThat(bar.cautions().get(0).what()).isEqualTo("warning sign: night pain");
    assertThat(bar.planView()).isEmpty();
    assertThat(bar.who()).isEqualTo("65, right-handed");
  }

  @Test
  void sevenStationsInWorkingOrderOneOfThemHere() {
    List<FrameView.StationTab> stations = bar("").stations();
    assertThat(stations)
        .extracting(FrameView.StationTab::id)
        .containsExactly("talk", "measure", "set-up", "swing", "links", "plan", "follow");
    assertThat(stations)
        .filteredOn(FrameView.StationTab::here)
        .extracting(FrameView.StationTab::id)
        .containsExactly("talk");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "nothing given | | none yet | after a plan",
        "to come | given 2026-12-01 2027-01-12 bridge | from 1 Dec 2026 | no log yet",
        "running | given 2026-11-11 2026-12-23 bridge | week 3 of 6 | no log yet",
        "over | given 2026-09-11 2026-10-23 bridge | retest is due | no log yet",
        "a caution since | caution.inner-knee=both; given 2026-11-11 2026-12-23 seated-knee-drops | not safe now | no log yet",
      })
  void theTabSaysWhereTheGivenPlanStands(String name, String facts, String plan, String follow) {
    List<FrameView.StationTab> stations =
        bar("consent=1; asked; " + (facts == null ? "" : facts)).stations();
    assertThat(stations.get(5).state()).isEqualTo(plan);
    assertThat(stations.get(6).state()).isEqualTo(follow);
  }

  private FrameView.GolferBar bar(String facts) {
    return frames.of(WREN, GolferText.workup(facts), Station.TALK).golfer().orElseThrow();
  }
}
