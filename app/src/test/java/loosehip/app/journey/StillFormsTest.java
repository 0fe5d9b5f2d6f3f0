package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import loosehip.app.fact.Facts;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferExports;
import loosehip.app.store.Stills;
import loosehip.app.store.Visits;
import loosehip.core.body.Leg;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.SetupLook;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

/** Stills without a browser: consent, what is taken and refused, marks, and what goes where. */
@Order(13)
class StillFormsTest extends FormsTest {
  private static final String FACE_ON =
      """
      {"points": {"lead-ankle": [900, 1600], "lead-knee": [870, 1300], "lead-hip": [860, 1000],
        "trail-ankle": [640, 1600], "trail-knee": [672, 1300], "trail-hip": [660, 1000],
        "belt-buckle": [760, 930], "neck-base": [735, 560]}}
      """;

  @Autowired Stills stills;
  @Autowired Visits visits;
  @Autowired GolferExports exports;
  @Autowired loosehip.app.golfer.Workups workups;

  private static byte[] picture(int width, int height) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpg", out);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    return out.toByteArray();
  }

  private void mayKeepPictures() throws Exception {
    send(post("/golfers/" + golfer + "/stills/consent").param("given", "yes"));
  }

  private ResultActions bring(byte[] bytes, String view, String checkpoint) throws Exception {
    return send(
        multipart("/golfers/" + golfer + "/stills")
            .file(new MockMultipartFile("picture", "x.jpg", "image/jpeg", bytes))
            .param("view", view)
            .param("checkpoint", checkpoint));
  }

  private String brought(String view, String checkpoint) throws Exception {
    return bring(picture(1500, 2000), view, checkpoint)
        .andExpect(status().isCreated())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  private String marked(String still, String marks) throws Exception {
    return send(post(still + "/marks").param("marks", marks))
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  @Test
  void withoutConsentToPicturesNothingIsKept() throws Exception {
    page("/golfers/" + golfer + "/stills")
        .andExpect(content().string(Matchers.containsString("May pictures be kept?")));
    bring(picture(400, 400), "face-on", "address")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(Matchers.containsString("consent to pictures")));
    assertThat(stills.of(file())).isEmpty();
  }

  @Test
  void aMinorNeedsTheGuardianAndNobodySkipsTheConsentOnTalk() throws Exception {
    mayKeepPictures();
    note("who.birth-year", String.valueOf(LocalDate.now().getYear() - 15));
    bring(picture(400, 400), "face-on", "address")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(Matchers.containsString("guardian")));
    note(Facts.PICTURES.key(), "");
    mayKeepPictures();
    assertThat(Facts.PICTURES.isIn(file())).as("without a guardian").isFalse();
    note("who.guardian", "Morag Brodie");
    mayKeepPictures();
    bring(picture(400, 400), "face-on", "address").andExpect(status().isCreated());
    note("consent", "");
    page("/golfers/" + golfer + "/stills");
    assertThat(stills.of(file())).as("consent on Talk taken back").isEmpty();
  }

  @Test
  void consentWithdrawnDeletesEveryPictureFromEveryVisit() throws Exception {
    mayKeepPictures();
    String still = brought("face-on", "address");
    mvc.perform(get(still + "/picture").with(user(wren)))
        .andExpect(status().isOk())
        .andExpect(header().string("Cache-Control", "no-store"))
        .andExpect(header().string("Content-Type", "image/jpeg"));
    send(post("/golfers/" + golfer + "/stills/consent").param("given", "no"));
    assertThat(stills.of(file())).isEmpty();
    mvc.perform(get(still + "/picture").with(user(wren))).andExpect(status().isNotFound());
    mvc.perform(get(still).with(user(wren))).andExpect(status().isNotFound());
  }

  @Test
  void consentTakenBackByUndoDeletesAtTheNextLook() throws Exception {
    mayKeepPictures();
    brought("face-on", "address");
    note(Facts.PICTURES.key(), "");
    page("/golfers/" + golfer + "/stills");
    assertThat(stills.of(file())).isEmpty();
  }

  @Test
  void anotherPracticeSeesNoneOfIt() throws Exception {
    mayKeepPictures();
    String still = brought("face-on", "address");
    SignedIn stranger =
        new SignedIn(
            accounts
                .bySignInName("pip-stills")
                .orElseGet(() -> accounts.addPractice("Elsewhere", "Pip", "pip-stills", "hash")));
    for (String address : List.of(still, still + "/picture", "/golfers/" + golfer + "/stills")) {
      mvc.perform(get(address).with(user(stranger))).andExpect(status().isNotFound());
    }
    String other = golfers.add(wren.account(), "Ewan Kerr");
    String swapped = still.replace(golfer, other);
    mvc.perform(get(swapped + "/picture").with(user(wren))).andExpect(status().isNotFound());
  }

  @Test
  void whatIsRefusedSaysWhyAndKeepsNothing() throws Exception {
    mayKeepPictures();
    byte[] heic = "....ftypheic".getBytes(StandardCharsets.ISO_8859_1);
    bring(heic, "face-on", "address")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(Matchers.containsString("HEIC")));
    bring(picture(400, 400), "from-above", "address").andExpect(status().isUnprocessableEntity());
    bring(new byte[0], "face-on", "address").andExpect(status().isUnprocessableEntity());
    send(multipart("/golfers/" + golfer + "/stills")).andExpect(status().isUnprocessableEntity());
    assertThat(stills.of(file())).isEmpty();
  }

  @Test
  void aVisitHoldsTwentyFour() throws Exception {
    mayKeepPictures();
    byte[] small = picture(80, 80);
    for (int i = 0; i < Stills.A_VISIT_MOST; i++) {
      bring(small, "face-on", "top").andExpect(status().isCreated());
    }
    bring(small, "face-on", "top")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(Matchers.containsString("24 stills")));
    page("/golfers/" + golfer + "/stills")
        .andExpect(content().string(Matchers.containsString("as many as it can")));
  }

  @Test
  void figuresGoIntoTheSetUpMarkedFromAStillAsOneStep() throws Exception {
    mayKeepPictures();
    note("setup.trailFlare", "10");
    note("setup.leadFlare", "20");
    String still = brought("face-on", "address");
    assertThat(marked(still, FACE_ON)).contains("Pinched knee, clear", "Take these into Set-up");
    assertThat(setupLook(Leg.TRAIL)).isEqualTo(SetupLook.EYE);
    send(post(still + "/take")).andExpect(status().is3xxRedirection());
    assertThat(Facts.SETUP.about(BudgetFigure.LEAD_PINCH).in(file())).contains(5.7);
    assertThat(Facts.SETUP.about(BudgetFigure.TRAIL_PINCH).in(file())).contains(6.1);
    assertThat(Facts.STANCE.about(SetupFigure.STANCE_RATIO).in(file())).contains(1.3);
    assertThat(Facts.FROM_STILL.about("leadPinch").in(file()).orElseThrow().plusMinus())
        .isBetween(0.3, 2.5);
    assertThat(setupLook(Leg.TRAIL)).isEqualTo(SetupLook.STILL);
    page("/golfers/" + golfer + "/set-up/figures")
        .andExpect(content().string(Matchers.containsString("from a still, ±")));
    note("setup.leadPinch", "3");
    assertThat(setupLook(Leg.LEAD)).as("changed by hand").isEqualTo(SetupLook.EYE);
    send(post("/golfers/" + golfer + "/undo"));
    send(post("/golfers/" + golfer + "/undo"));
    assertThat(Facts.SETUP.about(BudgetFigure.LEAD_PINCH).in(file())).isEmpty();
    assertThat(Facts.STANCE.about(SetupFigure.STANCE_RATIO).in(file())).isEmpty();
  }

  private SetupLook setupLook(Leg leg) {
    return workups.open(wren.account(), golfer).golfer().setup().look(leg);
  }

  @Test
  void aStillOfAnEarlierVisitGivesNothingToThisOne() throws Exception {
    mayKeepPictures();
    String still = brought("face-on", "address");
    marked(still, FACE_ON);
    visits.close(file(), wren.account());
    assertThat(marked(still, FACE_ON)).as("closed").doesNotContain("Take these");
    visits.start(wren.account(), file(), LocalDate.now());
    assertThat(marked(still, FACE_ON)).contains("Stance ratio").doesNotContain("Take these");
    send(post(still + "/take"));
    assertThat(Facts.SETUP.in(file())).isEmpty();
  }

  @Test
  void nothingTypedOrTappedIsReplacedUnasked() throws Exception {
    mayKeepPictures();
    note("setup.trailPinch", "1");
    note("setup-fault.narrow-stance", "clear");
    String still = brought("face-on", "address");
    assertThat(marked(still, FACE_ON))
        .contains("instead of 1°, typed", "instead of Narrow stance, clear, by eye");
    send(post(still + "/take"));
    assertThat(Facts.SETUP.about(BudgetFigure.TRAIL_PINCH).in(file())).contains(1.0);
    assertThat(Facts.STANCE.about(SetupFigure.STANCE_RATIO).in(file())).isEmpty();
    assertThat(Facts.SETUP.about(BudgetFigure.LEAD_PINCH).in(file())).contains(5.7);
    assertThat(Facts.SETUP_FAULT.about(SetupFault.NARROW_STANCE).in(file())).contains(Level.CLEAR);
    send(post(still + "/take").param("over", "trailPinch"));
    assertThat(Facts.SETUP.about(BudgetFigure.TRAIL_PINCH).in(file())).contains(6.1);
  }

  /** A figure that may be off by more than half of what is right sets no level: it stays out. */
  @Test
  void whatIsTooUnsureIsShownAndNotTakenOver() throws Exception {
    mayKeepPictures();
    String still = brought("face-on", "address");
    String tiny = FACE_ON;
    for (int n : new int[] {1600, 1300, 1000, 930, 900, 870, 860, 760, 735, 672, 660, 640, 560}) {
      tiny = tiny.replaceAll("\\b" + n + "\\b", String.valueOf(n / 10.0));
    }
    assertThat(marked(still, tiny)).contains("Lead knee pinch", "not taken over");
    send(post(still + "/take"));
    assertThat(Facts.SETUP.in(file())).isEmpty();
    assertThat(Facts.STANCE.in(file())).doesNotContainKey(SetupFigure.SIDE_TILT);
  }

  @Test
  void marksThatMakeNoSenseAreSaidAndTakeNothingOver() throws Exception {
    mayKeepPictures();
    String still = brought("face-on", "address");
    String swapped = FACE_ON.replace("lead-knee", "x").replace("trail-knee", "lead-knee");
    assertThat(marked(still, swapped.replace("\"x\"", "\"trail-knee\"")))
        .contains("lies where the", "swap the two")
        .doesNotContain("Take these");
    send(post(still + "/take"));
    assertThat(Facts.SETUP.in(file())).isEmpty();
    marked(still, FACE_ON);
    String kept = stills.of(file()).get(0).marks();
    for (String bad : List.of("", "{", "[]", "{\"points\": {\"knee\": [1]}}", "{\"points\": 3}")) {
      marked(still, bad);
    }
    assertThat(stills.of(file())).hasSize(1);
    assertThat(marked(still, "{\"points\": {\"lead-hip\": [99999999, 1], \"nowhere\": [1, 2]}}"))
        .doesNotContain("Take these");
    assertThat(kept).contains("lead-hip");
  }

  @Test
  void aPairIsReadAgainstTheAddressOfTheSameVisit() throws Exception {
    mayKeepPictures();
    String address = brought("face-on", "address");
    marked(address, withScale(FACE_ON, 0));
    String top = brought("face-on", "top");
    String says = marked(top, withScale(FACE_ON, 60));
    assertThat(says).contains("Pelvis shift", "Sway, clear", "Take these into Swing");
    send(post(top + "/take"));
    assertThat(Facts.SWING_FIGURE.in(file()).values()).isNotEmpty();
    page("/golfers/" + golfer + "/swing")
        .andExpect(content().string(Matchers.containsString("from a still, ±")));
  }

  /** A knee that lengthens as far as the school allows goes into the budget and is no lock. */
  @Test
  void theTrailKneesStraighteningGoesIntoTheBudget() throws Exception {
    mayKeepPictures();
    marked(brought("down-the-line", "address"), leg(14));
    String top = brought("down-the-line", "top");
    marked(top, leg(4.5));
    send(post(top + "/take"));
    assertThat(Facts.STRAIGHTENING.in(file()).orElseThrow()).isBetween(9.0, 10.0);
    assertThat(workups.open(wren.account(), golfer).golfer().seen().level(PivotFault.TRAIL_LOCK))
        .isEqualTo(Level.NOT_LOOKED_AT);
  }

  private static String leg(double bend) {
    double r = Math.toRadians(bend);
    return String.format(
        Locale.ROOT,
        "{\"points\": {\"ankle\": [600, 1700], \"knee\": [600, 1250], \"hip\": [%.1f, %.1f]}}",
        600 - 460 * Math.sin(r),
        1250 - 460 * Math.cos(r));
  }

  /** Moves everything above the ankles away from the target and adds a driver. */
  private static String withScale(String marks, int by) {
    String moved = marks;
    for (int x : new int[] {870, 860, 672, 760, 735}) {
      moved = moved.replace("[" + x + ",", "[" + (x - by) + ",");
    }
    return moved
        .replace("\"trail-hip\": [660,", "\"trail-hip\": [" + (660 - by) + ",")
        .replace(
            "{\"points\": {", "{\"points\": {\"scale-a\": [100, 1600], \"scale-b\": [100, 600], ");
  }

  @Test
  void stillsAreInTheExportAndGoWithTheGolfer() throws Exception {
    mayKeepPictures();
    String still = brought("face-on", "address");
    assertThat(exports.everything(wren.account().practiceId(), golfer).orElseThrow())
        .extractingByKey("stills")
        .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.LIST)
        .hasSize(1);
    String practice = wren.account().practiceId();
    var gone = file();
    send(post("/golfers/" + golfer + "/erase").param("confirm", "Isla Brodie"));
    assertThat(stills.of(gone)).isEmpty();
    assertThat(exports.everything(practice, golfer)).isEmpty();
    mvc.perform(get(still + "/picture").with(user(wren))).andExpect(status().isNotFound());
  }
}
