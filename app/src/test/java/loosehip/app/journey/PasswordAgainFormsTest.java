package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.List;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.People;
import loosehip.app.store.Position;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.crypto.password.PasswordEncoder;

/** A laptop left open: what cannot be taken back, and everything at once, ask who it is. */
class PasswordAgainFormsTest extends FormsTest {
  private static final String SENTENCE = "larch over the ninth green";

  @Autowired People people;
  @Autowired PasswordEncoder passwords;

  private MockHttpSession session;

  @BeforeEach
  void whoseSessionIsOld() throws Exception {
    is(wren.account());
  }

  private void is(Account account) throws Exception {
    people.password(account.id(), passwords.encode(SENTENCE));
    Thread.sleep(2);
    wren = new SignedIn(accounts.byId(account.id()).orElseThrow());
    session = new MockHttpSession();
    session.setAttribute(SaidAgain.AT, Instant.now().minus(SaidAgain.HOLDS).minusSeconds(1));
  }

  private org.springframework.test.web.servlet.ResultActions erase(String password)
      throws Exception {
    return mvc.perform(
        post("/golfers/" + golfer + "/erase")
            .session(session)
            .param("confirm", "Isla Brodie")
            .param("password", password)
            .with(user(wren))
            .with(csrf()));
  }

  @Test
  void nobodyIsErasedWithoutThePasswordSaidJustNow() throws Exception {
    for (String wrong : List.of("", "not the sentence at all")) {
      erase(wrong)
          .andExpect(status().isForbidden())
          .andExpect(content().string(containsString("Nothing was changed")))
          .andExpect(content().string(containsString("/golfers/" + golfer + "/talk")));
      assertThat(file().name()).isEqualTo("Isla Brodie");
    }
    erase(SENTENCE).andExpect(redirectedUrl("/?erased"));
  }

  @Test
  void everythingLeavesOnlyWithThePasswordSaidJustNow() throws Exception {
    String everything = "/golfers/" + golfer + "/everything.json";
    for (String address :
        List.of(everything, "/readings.csv?separator=comma", "/people/looks.csv")) {
      mvc.perform(get(address).session(session).with(user(wren)))
          .andExpect(status().isForbidden())
          .andExpect(content().string(containsString("value=\"" + address + "\"")));
    }
    mvc.perform(
            post("/password/again")
                .session(session)
                .param("then", everything)
                .param("password", SENTENCE)
                .with(user(wren))
                .with(csrf()))
        .andExpect(content().string(containsString("href=\"" + everything + "\"")));
    mvc.perform(get(everything).session(session).with(user(wren)))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Isla Brodie")));
  }

  @Test
  void guessesWaitLikeThoseAtTheDoor() throws Exception {
    is(people.add(wren.account(), "Tern", "tern-again", Position.TRAINER).orElseThrow());
    for (int i = 0; i < 6; i++) {
      erase("guess number " + i);
    }
    erase(SENTENCE).andExpect(content().string(containsString("Too many tries; wait")));
    assertThat(file().name()).isEqualTo("Isla Brodie");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "https://elsewhere.example/",
        "//elsewhere.example/",
        "/\\elsewhere.example/",
        "javascript:alert(1)",
        "talk",
        ""
      })
  void itLeadsNowhereElse(String then) throws Exception {
    mvc.perform(
            post("/password/again")
                .session(session)
                .param("then", then)
                .param("password", SENTENCE)
                .with(user(wren))
                .with(csrf()))
        .andExpect(redirectedUrl("/"));
  }
}
