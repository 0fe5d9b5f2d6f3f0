package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Homework;
import loosehip.app.store.Visits;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.link.PivotFault;
import loosehip.core.link.RuleBook;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Closed blocks of a practice, what they say, and the weights they offer. */
@Order(11)
class RecordFormsTest extends FormsTest {
  private static final Pattern OFFER =
      Pattern.compile(
          "action=\"/library/record/sway/(body-trail-ir-trail)\".{0,200}?value=\"(0\\.\\d\\d)\"",
          Pattern.DOTALL);

  @Autowired Visits visits;
  @Autowired Workups workups;
  @Autowired Plans plans;
  @Autowired Homework homework;
  @Autowired StandardsShelf shelf;

  /** A practice of its own for each test. */
  @BeforeEach
  void aPracticeOfItsOwn() {
    String name = "wren-" + UUID.randomUUID();
    wren = new SignedIn(accounts.addPractice("The Shed", "Wren", name, "hash"));
  }

  /** A golfer whose trail hip goes from 24 to a figure in a block that is half done. */
  private void closedBlock(double to, boolean gone) throws Exception {
    LocalDate start = LocalDate.now().minusDays(60);
    golfer = golfers.add(wren.account(), "Isla Brodie", start);
    jot("consent=wording 1");
    asked();
    jot(
        "wish.minutes=10",
        "wish.days=3",
        "wish.tool-club=yes",
        "wish.start=" + start,
        "setup.trailFlare=10",
        "setup.leadFlare=20",
        "fault.sway=clear");
    measured(24);
    plans.giveFrom(
        workups.openToWrite(wren.account(), golfer),
        wren.account(),
        LocalDate.EPOCH,
        start.atTime(9, 0).toInstant(ZoneOffset.UTC));
    Plans.Plan plan = plans.of(workups.openToWrite(wren.account(), golfer)).orElseThrow();
    List<Homework.Said> said = new ArrayList<>();
    plan.block().sessionDays().stream()
        .limit(plan.block().sessionDays().size() / 2)
        .forEach(
            on ->
                plan.block()
                    .session(on)
                    .orElseThrow()
                    .items()
                    .forEach(
                        item ->
                            said.add(
                                new Homework.Said(
                                    1,
                                    item.id(),
                                    new ItemLog(
                                        on,
                                        Done.TOP,
                                        Optional.of(5),
                                        Optional.of(0),
                                        true,
                                        false,
                                        false),
                                    Homework.Words.NONE,
                                    ""))));
    homework.say(file(), wren.account(), said, "half of it");
    visits.start(wren.account(), file(), LocalDate.now().minusDays(10));
    measured(to);
    asked();
    note("fault.sway", gone ? "none" : "clear");
  }

  private void measured(double trailIn) {
    taken("seated-rotation.right.internal", trailIn, trailIn, trailIn);
    taken("seated-rotation.left.internal", 36, 36, 36);
    taken("seated-rotation.left.external", 44, 44, 44);
    taken("trunk-turn.right", 47, 47, 47);
  }

  private String record() throws Exception {
    return page("/library/record")
        .andReturn()
        .getResponse()
        .getContentAsString()
        .replaceAll("<[^>]+>|\\s+", " ")
        .replaceAll(" +", " ");
  }

  @Test
  void withoutAClosedBlockThePageTeaches() throws Exception {
    assertThat(record()).contains("No closed block yet", "Offered from twenty closed blocks on");
  }

  @Test
  void fewBlocksAreShownAsTheyAreAndNothingIsSaidOfThem() throws Exception {
    closedBlock(33, true);
    closedBlock(25, false);
    assertThat(record())
        .contains("2 closed blocks")
        .contains("Trail hip, inward 2 blocks too few to say 1 of 2 really better")
        .contains("2 blocks, too few to say")
        .contains("1 of 2 gone at the retest: too few to say");
    String csv = page("/library/record/record.csv").andReturn().getResponse().getContentAsString();
    assertThat(csv)
        .startsWith("block,adherence,kind,about,cause,said,figure,result,items")
        .contains("gain,trail-ir,,,9.0,real,")
        .contains("half-to-most")
        .doesNotContain("Isla", "Brodie", golfer, String.valueOf(LocalDate.now().getYear()));
  }

  /** Taken by hand, in force at once, kept with its reason, and taken back to the shipped. */
  @Test
  void fromTwentyBlocksOnAWeightIsOfferedTakenAndTakenBack() throws Exception {
    for (int i = 0; i < 20; i++) {
      closedBlock(i < 15 ? 42 : 30, i < 15);
    }
    String page = page("/library/record").andReturn().getResponse().getContentAsString();
    assertThat(page).contains("20</b> closed");
    Matcher offer = OFFER.matcher(page);
    assertThat(offer.find()).as("an offer for sway by the trail hip").isTrue();
    String cause = offer.group(1);
    String offered = offer.group(2);
    double shipped = weight(RuleBook.standard(), cause);
    assertThat(Double.parseDouble(offered))
        .isEqualTo(Math.round(100 * (20 * shipped + 15) / 40) / 100.0);
    var helper =
        new SignedIn(accounts.addHelper(wren.account(), "Moss", "moss-" + UUID.randomUUID(), "h"));
    SignedIn owner = wren;
    wren = helper;
    take(cause, offered);
    assertThat(inForce(cause)).as("a helper takes no weight").isEqualTo(shipped);
    wren = owner;
    take(cause, "0.77");
    assertThat(inForce(cause)).as("what is not offered is not taken").isEqualTo(shipped);
    take(cause, offered);
    assertThat(inForce(cause)).isEqualTo(Double.parseDouble(offered));
    assertThat(record())
        .contains(offered + " taken from 20 closed blocks, 15 of 20 borne out")
        .contains("Back to the shipped");
    take(cause, "");
    assertThat(inForce(cause)).isEqualTo(shipped);
    assertThat(record()).contains("taken back").contains("Take " + offered);
  }

  private void take(String cause, String offered) throws Exception {
    send(post("/library/record/sway/" + cause).param("offered", offered));
  }

  private double inForce(String cause) {
    return weight(shelf.of(wren.account().practiceId()).rules(), cause);
  }

  private static double weight(RuleBook rules, String cause) {
    return rules.causes(PivotFault.SWAY).stream()
        .filter(c -> c.id().key().equals(cause))
        .findFirst()
        .orElseThrow()
        .prior();
  }

  @Test
  void anUnknownCauseIsAnAnswerInWords() throws Exception {
    String answer =
        send(post("/library/record/sway/no-such-cause").param("offered", "0.5"))
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(answer).contains("There is no such cause");
    assertThat(Facts.parse("rule-reason.sway.x")).isEmpty();
  }
}
