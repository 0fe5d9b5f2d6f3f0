package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/** Both sides and a choice, wherever one form would cover what another said meanwhile. */
class TwoAtOnceFormsTest extends FormsTest {
  private SignedIn moss;
  private String drawn;

  @BeforeEach
  void somebodyElse() throws Exception {
    Account account =
        accounts
            .bySignInName("moss-at-once")
            .orElseGet(() -> accounts.addHelper(wren.account(), "Moss", "moss-at-once", "hash"));
    moss = new SignedIn(account);
    Thread.sleep(2);
    drawn = Instant.now().toString();
    Thread.sleep(2);
  }

  private ResultActions by(SignedIn who, String address, String name, String value, String over)
      throws Exception {
    var request =
        post("/golfers/" + golfer + address)
            .param(name, value)
            .header("HX-Request", "true")
            .header("X-Drawn", drawn)
            .with(user(who))
            .with(csrf());
    return mvc.perform(over.isEmpty() ? request : request.param("over", over));
  }

  private String clash(ResultActions answer, String theirs, String mine) throws Exception {
    String page =
        answer
            .andExpect(status().isOk())
            .andExpect(content().string(allOf(containsString(theirs), containsString(mine))))
            .andExpect(content().string(containsString("Moss said otherwise")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    Matcher over = Pattern.compile("&quot;over&quot;:&quot;([^&]+)&quot;").matcher(page);
    assertThat(over.find()).isTrue();
    return over.group(1);
  }

  @Test
  void aFactIsAnsweredWithBothAndTheChoiceIsKept() throws Exception {
    by(moss, "/notes/setup.trailFlare", "value", "15", "");
    String over = clash(by(wren, "/notes/setup.trailFlare", "value", "25", ""), "15", "25");
    page("/golfers/" + golfer + "/set-up/figures")
        .andExpect(content().string(containsString("value=\"15\"")));
    by(wren, "/notes/setup.trailFlare", "value", "25", over)
        .andExpect(content().string(not(containsString("said otherwise"))));
    assertThat(file().facts().get("setup.trailFlare").value()).isEqualTo("25");
  }

  /** A higher pain somebody else heard is not covered by a lower one. */
  @Test
  void painIsNotCoveredUnseen() throws Exception {
    by(moss, "/measure/hinge-contact/pain", "level", "6", "");
    clash(by(wren, "/measure/hinge-contact/pain", "level", "2", ""), "6", "2");
    page("/golfers/" + golfer + "/measure/hinge-contact/history").andReturn();
    assertThat(file().facts().values().stream().map(n -> n.value()))
        .anyMatch(v -> v.startsWith("6"));
  }

  @Test
  void aFormWithoutAScriptGetsAPageOfItsOwn() throws Exception {
    accountsTrainer();
    mvc.perform(
            post("/library/deviation/inclinometer")
                .param("value", "1.5")
                .with(user(moss))
                .with(csrf()))
        .andReturn();
    mvc.perform(
            post("/library/deviation/inclinometer")
                .param("value", "2.5")
                .param("drawn", drawn)
                .with(user(wren))
                .with(csrf()))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("Changed meanwhile")))
        .andExpect(content().string(containsString("name=\"over\"")));
  }

  private void accountsTrainer() {
    people.position(wren.account(), moss.account().id(), loosehip.app.store.Position.TRAINER);
    moss = new SignedIn(accounts.byId(moss.account().id()).orElseThrow());
  }

  @org.springframework.beans.factory.annotation.Autowired loosehip.app.store.People people;
}
