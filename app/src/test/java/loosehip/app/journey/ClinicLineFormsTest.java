package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.LineUp;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Who is next on a clinic day, who goes on with whom, and where a visit goes on. */
class ClinicLineFormsTest extends FormsTest {
  @Autowired LineUp line;

  private SignedIn moss() {
    return new SignedIn(
        accounts
            .bySignInName("moss-line")
            .orElseGet(() -> accounts.addHelper(wren.account(), "Moss", "moss-line", "hash")));
  }

  private String line() throws Exception {
    return "/golfers/" + golfer + "/line";
  }

  @Test
  void theFirstInLineIsNextUntilTakenOut() throws Exception {
    String first = golfer;
    send(post(line()));
    golfer = golfers.add(wren.account(), "Ewan Kerr");
    send(post(line()));
    send(post("/golfers/" + first + "/line"));
    assertThat(line.today(wren.account().practiceId()))
        .extracting(LineUp.Place::golferId)
        .endsWith(first, golfer);
    page("/").andExpect(content().string(containsString("class=\"next-up\"")));
    send(post(line()).param("out", "true"));
    assertThat(line.today(wren.account().practiceId()))
        .extracting(LineUp.Place::golferId)
        .contains(first)
        .doesNotContain(golfer);
  }

  @Test
  void aGolferHandedOverIsNextForWhomeverTheyWereHandedTo() throws Exception {
    SignedIn owner = wren;
    Account moss = moss().account();
    send(post(line()).param("to", moss.id()));
    assertThat(line.today(moss.practiceId()))
        .filteredOn(p -> p.golferId().equals(golfer))
        .extracting(p -> p.heldBy().orElse(""))
        .containsExactly("Moss");
    page("/").andExpect(content().string(containsString("with Moss")));
    wren = moss();
    page("/").andExpect(content().string(containsString("handed to you")));
    wren = owner;
    send(post(line()).param("to", "no-such-account"));
    page("/").andExpect(content().string(not(containsString("with Moss"))));
  }

  @Test
  void aForeignPracticeLinesNobodyUp() throws Exception {
    SignedIn owner = wren;
    wren =
        new SignedIn(
            accounts
                .bySignInName("pip-line")
                .orElseGet(() -> accounts.addPractice("Elsewhere", "Pip", "pip-line", "hash")));
    send(post(line()));
    assertThat(line.today(owner.account().practiceId()))
        .noneMatch(p -> p.golferId().equals(golfer));
  }

  /** In working order: what is not asked, measured, looked at, planned. */
  @Test
  void aVisitGoesOnWhereItWasLeft() throws Exception {
    String resume = "/golfers/" + golfer + "/resume";
    String here = "/golfers/" + golfer + "/";
    page(resume).andExpect(redirectedUrl(here + "measure"));
    note("order", "own");
    for (String card : new String[] {"hinge-contact"}) {
      send(post("/library/order").param("add", card));
      send(post(here + "measure/" + card + "/tries").param("value", "40").param("submitKey", card));
    }
    page(resume).andExpect(redirectedUrl(here + "set-up"));
    send(post(here + "set-up/rest-none").param("view", "behind"));
    page(resume).andExpect(redirectedUrl(here + "swing"));
    note("fault.sway", "clear");
    page(resume).andExpect(redirectedUrl(here + "plan"));
    note("warning.hot-joint", "yes");
    page(resume).andExpect(redirectedUrl(here + "talk"));
  }
}
