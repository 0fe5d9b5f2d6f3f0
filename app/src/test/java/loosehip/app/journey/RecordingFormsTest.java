package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Map;
import loosehip.app.fact.Facts;
import loosehip.app.fact.FromTrace;
import loosehip.app.golfer.Measured;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.GolferExports;
import loosehip.app.store.Recordings;
import loosehip.app.trace.TraceFiles;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SwingFigure;
import loosehip.core.played.SwingKind;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** Recordings without a browser: what is kept and refused, and what goes where. */
class RecordingFormsTest extends FormsTest {
  @Autowired Recordings recordings;
  @Autowired GolferExports exports;
  @Autowired loosehip.app.golfer.Workups workups;

  private ResultActions bring(byte[] file, String name) throws Exception {
    return send(
        multipart("/golfers/" + golfer + "/recordings")
            .file(new MockMultipartFile("recording", name, "text/csv", file)));
  }

  private String brought(byte[] file) throws Exception {
    return bring(file, "swing.csv")
        .andExpect(status().is3xxRedirection())
        .andReturn()
        .getResponse()
        .getRedirectedUrl();
  }

  private Level seen(PivotFault fault) {
    return workups.open(wren.account(), golfer).golfer().seen().level(fault);
  }

  @Test
  void aFileIsKeptAsItCameAndReadOnItsPage() throws Exception {
    byte[] file = TraceFiles.movement(SwingKind.EARLY_STOP);
    String address = brought(file);
    page(address)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Early stop, clear")))
        .andExpect(content().string(containsString("before 60 %")));
    page(address + "/file")
        .andExpect(content().bytes(file))
        .andExpect(header().string("Content-Disposition", containsString("swing.csv")));
    assertThat(file().facts())
        .doesNotContainKey(Facts.SWING_FIGURE.about(SwingFigure.STOP_SHARE).key());
    assertThat(seen(PivotFault.EARLY_STOP)).isEqualTo(Level.NOT_LOOKED_AT);
    Map<String, Object> all = exports.everything(wren.account().practiceId(), golfer).orElseThrow();
    assertThat(all.get("recordings").toString()).contains("swing.csv");
  }

  @Test
  void whatItSaysIsTakenByOneTapMarkedMeasuredAndUndoneAsOneStep() throws Exception {
    String address = brought(TraceFiles.movement(SwingKind.EARLY_STOP));
    send(post(address + "/take"));
    double share = Facts.SWING_FIGURE.about(SwingFigure.STOP_SHARE).in(file()).orElseThrow();
    assertThat(share).isBetween(30.0, 50.0);
    assertThat(Measured.fromTrace(file(), SwingFigure.STOP_SHARE.id(), share)).isPresent();
    assertThat(seen(PivotFault.EARLY_STOP)).isEqualTo(Level.CLEAR);
    assertThat(seen(PivotFault.DIP)).isEqualTo(Level.SLIGHT);
    page("/golfers/" + golfer + "/swing")
        .andExpect(content().string(containsString("measured, a movement trace")));
    page("/golfers/" + golfer + "/links")
        .andExpect(content().string(containsString("Measured, a movement trace: pelvis stops at")))
        .andExpect(content().string(containsString(address)));
    page(address).andExpect(content().string(containsString("These stand in Swing, measured.")));
    send(post("/golfers/" + golfer + "/undo"));
    assertThat(seen(PivotFault.EARLY_STOP)).isEqualTo(Level.NOT_LOOKED_AT);
    assertThat(FromTrace.ON.in(file())).isEmpty();
  }

  @Test
  void whatWasTypedOrTappedIsReplacedOnlyWhenTicked() throws Exception {
    note(Facts.SWING_FIGURE.about(SwingFigure.STOP_SHARE).key(), "66");
    note(Facts.FAULT.about(PivotFault.SHORT_TURN).key(), "clear");
    String address = brought(TraceFiles.movement(SwingKind.EARLY_STOP));
    page(address)
        .andExpect(content().string(containsString("instead of 66, typed")))
        .andExpect(content().string(containsString("instead of Short turn, clear, by eye")));
    send(post(address + "/take"));
    assertThat(Facts.SWING_FIGURE.about(SwingFigure.STOP_SHARE).in(file())).contains(66.0);
    assertThat(Facts.SWING_FIGURE.about(SwingFigure.SHOULDER_TURN).in(file())).isEmpty();
    assertThat(Facts.SWING_FIGURE.about(SwingFigure.PELVIS_TURN).in(file())).isPresent();
    send(post(address + "/take").param("over", "stopShare"));
    assertThat(Facts.SWING_FIGURE.about(SwingFigure.STOP_SHARE).in(file()).orElseThrow())
        .isLessThan(60);
    note(Facts.SWING_FIGURE.about(SwingFigure.STOP_SHARE).key(), "61");
    page("/golfers/" + golfer + "/swing")
        .andExpect(content().string(not(containsString("clear below 60; measured"))));
  }

  @Test
  void aWrongOrderSuggestsTheHabitAndNeverAStretch() throws Exception {
    String address = brought(TraceFiles.movement(SwingKind.ARMS_FIRST));
    page(address).andExpect(content().string(containsString("never a reason to stretch")));
    send(post(address + "/take"));
    assertThat(Facts.HABIT.about(Habit.UPPER_FIRST).isIn(file())).isTrue();
    note(Facts.FAULT.about(PivotFault.OVER_TOP).key(), "clear");
    page("/golfers/" + golfer + "/links")
        .andExpect(content().string(containsString("The order is wrong")))
        .andExpect(content().string(containsString("habit shoulders first")));
    note(Facts.HABIT.about(Habit.UPPER_FIRST).key(), "");
    page("/golfers/" + golfer + "/links")
        .andExpect(content().string(not(containsString("The order is wrong"))));
  }

  @Test
  void pressureGoesIntoSwingAndSetUp() throws Exception {
    String address = brought(TraceFiles.pressure(SwingKind.TOE_FALL));
    page(address).andExpect(content().string(containsString("Toe fall, clear")));
    send(post(address + "/take"));
    assertThat(seen(PivotFault.TOE_FALL)).isEqualTo(Level.CLEAR);
    assertThat(seen(PivotFault.HANG_BACK)).isEqualTo(Level.NONE);
    assertThat(Measured.fact(SetupFigure.WEIGHT_ALONG_FEET).in(file())).isPresent();
    assertThat(workups.open(wren.account(), golfer).golfer().seen().level(SetupFault.TOE_WEIGHTED))
        .isEqualTo(Level.NONE);
  }

  @Test
  void aFileThatCannotBeReadIsNotKeptAndSaysWhere() throws Exception {
    byte[] bad = TraceFiles.with(TraceFiles.movement(SwingKind.GOOD_ORDER), 40, "0.19,1;2,x,3,4");
    bring(bad, "<b>bad</b>.csv")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("was not kept")))
        .andExpect(content().string(containsString("line 40, column pelvis_turn_deg")))
        .andExpect(content().string(not(containsString("<b>bad"))));
    bring(TraceFiles.bytes("name,club\nx,y\n"), "other.csv")
        .andExpect(content().string(containsString("columns of no recording")));
    bring(new byte[0], "empty.csv")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("choose a CSV file")));
    send(multipart("/golfers/" + golfer + "/recordings"))
        .andExpect(status().isUnprocessableEntity());
    bring(new byte[17 * 1024 * 1024], "huge.csv")
        .andExpect(content().string(containsString("larger than 16 MB")));
    assertThat(recordings.of(file())).isEmpty();
  }

  @Test
  void radiansAreAskedAboutAndTheFileStaysAsItCame() throws Exception {
    byte[] file = TraceFiles.inRadians(TraceFiles.movement(SwingKind.EARLY_STOP));
    String address = brought(file);
    page(address)
        .andExpect(content().string(containsString("Degrees or radians?")))
        .andExpect(content().string(not(containsString("What it says"))));
    send(post(address + "/take"));
    assertThat(FromTrace.ON.in(file())).isEmpty();
    send(post(address + "/unit").param("unit", "degrees"));
    page(address).andExpect(content().string(containsString("no backswing")));
    send(post(address + "/unit").param("unit", "radians"));
    page(address)
        .andExpect(content().string(containsString("Early stop, clear")))
        .andExpect(content().string(containsString("read as radians")));
    page(address + "/file").andExpect(content().bytes(file));
  }

  @Test
  void aVisitHoldsTen() throws Exception {
    for (int i = 0; i < Recordings.A_VISIT_MOST; i++) {
      brought(TraceFiles.pressure(SwingKind.GOOD_ORDER));
    }
    bring(TraceFiles.pressure(SwingKind.GOOD_ORDER), "eleven.csv")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("holds 10 recordings")));
    String first = "/golfers/" + golfer + "/recordings/" + recordings.of(file()).get(0).id();
    send(post(first + "/remove"));
    page(first).andExpect(status().isNotFound());
    assertThat(recordings.of(file())).hasSize(9);
  }

  @Test
  void twoSwingsAreLaidOverEachOther() throws Exception {
    String before = brought(TraceFiles.movement(SwingKind.EARLY_STOP));
    String after = brought(TraceFiles.movement(SwingKind.GOOD_ORDER));
    String id = before.substring(before.lastIndexOf('/') + 1);
    page(after + "?with=" + id)
        .andExpect(content().string(containsString("mv-then")))
        .andExpect(content().string(containsString("the other 3")));
    page(after + "?with=nothing").andExpect(status().isOk());
  }

  @Test
  void aSimulatedDeviceGoesThroughTheSameReader() throws Exception {
    String address =
        send(post("/golfers/" + golfer + "/recordings/played")
                .param("kind", "movement")
                .param("of", "arms-first")
                .param("hz", "50")
                .param("noisy", "true")
                .param("seed", "4"))
            .andExpect(status().is3xxRedirection())
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    page(address)
        .andExpect(content().string(containsString("Shoulders first")))
        .andExpect(content().string(containsString("played by a simulated device")))
        .andExpect(content().string(containsString("Under 60 rows a second")));
    send(post("/golfers/" + golfer + "/recordings/played").param("hz", "9e9").param("of", "none"))
        .andExpect(status().is3xxRedirection());
  }

  @Test
  void nothingIsKeptWithoutConsentOrInAClosedVisit() throws Exception {
    String kept = brought(TraceFiles.movement(SwingKind.GOOD_ORDER));
    note("consent", "");
    bring(TraceFiles.movement(SwingKind.GOOD_ORDER), "x.csv");
    assertThat(recordings.of(file())).hasSize(1);
    note("consent", "wording 1");
    send(post("/golfers/" + golfer + "/visits/close"));
    bring(TraceFiles.movement(SwingKind.GOOD_ORDER), "x.csv");
    send(post(kept + "/take"));
    assertThat(recordings.of(file())).hasSize(1);
    assertThat(FromTrace.ON.in(file())).isEmpty();
  }

  @Test
  void anotherPracticeSeesNothing() throws Exception {
    String address = brought(TraceFiles.movement(SwingKind.GOOD_ORDER));
    Account other = accounts.addPractice("Elsewhere", "Tor", "tor-recordings", "hash");
    for (String what : List.of("", "/file")) {
      mvc.perform(get(address + what).with(user(new SignedIn(other))))
          .andExpect(status().isNotFound());
    }
    String mine = golfer;
    String own = golfers.add(other, "Somebody Else");
    mvc.perform(get(address.replace(mine, own) + "/file").with(user(new SignedIn(other))))
        .andExpect(status().isNotFound());
  }
}
