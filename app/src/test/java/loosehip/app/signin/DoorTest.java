package loosehip.app.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import loosehip.app.RunningApplication;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Who may come in, what strangers see, and what a wrong form gets. */
class DoorTest extends RunningApplication {
  @Autowired MockMvc mvc;
  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired GolferFiles files;
  @Autowired Journal journal;
  @Autowired PasswordEncoder passwords;

  private SignedIn wren;
  private SignedIn stranger;
  private String golfer;

  @BeforeEach
  void twoPractices() {
    wren = new SignedIn(account("wren-at-the-door", "The Shed"));
    stranger = new SignedIn(account("pip-at-the-door", "Elsewhere"));
    golfer = golfers.add(wren.account(), "Isla Brodie");
  }

  private Account account(String name, String practice) {
    return accounts
        .bySignInName(name)
        .orElseGet(
            () -> accounts.addPractice(practice, name, name, passwords.encode("a long password")));
  }

  @Test
  void withoutSignInEveryPageLeadsToTheDoor() throws Exception {
    mvc.perform(get("/")).andExpect(redirectedUrl("/sign-in"));
    mvc.perform(get("/golfers/" + golfer + "/talk")).andExpect(redirectedUrl("/sign-in"));
    mvc.perform(get("/golfers/" + golfer + "/case.json")).andExpect(redirectedUrl("/sign-in"));
  }

  @Test
  void aPartialRequestWithoutSignInIsToldSo() throws Exception {
    mvc.perform(
            post("/golfers/" + golfer + "/notes/who.handed")
                .header("HX-Request", "true")
                .with(csrf()))
        .andExpect(status().isUnauthorized());
    mvc.perform(post("/golfers/" + golfer + "/notes/who.handed").header("HX-Request", "true"))
        .andExpect(status().isUnauthorized());
  }

  @Test
  void aFormWithoutItsTokenIsTurnedAway() throws Exception {
    mvc.perform(post("/golfers").param("name", "X").with(user(wren)))
        .andExpect(redirectedUrl("/sign-in?expired"));
    mvc.perform(post("/golfers").param("name", "X").header("HX-Request", "true").with(user(wren)))
        .andExpect(status().isForbidden());
  }

  @Test
  void pagesCarryAStrictPolicy() throws Exception {
    mvc.perform(get("/sign-in"))
        .andExpect(
            header()
                .string(
                    "Content-Security-Policy",
                    Matchers.allOf(
                        Matchers.containsString("default-src 'none'"),
                        Matchers.containsString("script-src 'self';"),
                        Matchers.not(Matchers.containsString("unsafe")))))
        .andExpect(header().string("X-Frame-Options", "DENY"))
        .andExpect(header().string("X-Content-Type-Options", "nosniff"))
        .andExpect(
            content()
                .string(
                    Matchers.not(
                        Matchers.anyOf(
                            Matchers.containsString("<style"),
                            Matchers.containsString(" style="),
                            Matchers.containsString("onclick")))));
  }

  @Test
  void anotherPracticesGolferIsNotHere() throws Exception {
    for (String page :
        new String[] {
          "talk",
          "measure",
          "set-up",
          "swing",
          "links",
          "plan",
          "sheet",
          "sheet.pdf",
          "case.json",
          "everything.json",
          "follow"
        }) {
      mvc.perform(get("/golfers/" + golfer + "/" + page).with(user(stranger)))
          .andExpect(status().isNotFound());
    }
    mvc.perform(
            post("/golfers/" + golfer + "/notes/consent")
                .param("value", "x")
                .with(user(stranger))
                .with(csrf()))
        .andExpect(status().isNotFound());
    mvc.perform(get("/find").param("q", "isla").with(user(stranger)))
        .andExpect(content().string(Matchers.not(Matchers.containsString("Brodie"))));
  }

  @Test
  void anUnknownGolferIsAPlainPage() throws Exception {
    mvc.perform(get("/golfers/nobody/talk").with(user(wren)))
        .andExpect(status().isNotFound())
        .andExpect(content().string(Matchers.containsString("Nothing was changed")))
        .andExpect(content().string(Matchers.not(Matchers.containsString("Exception"))));
  }

  @Test
  void aGolferNeedsANameAndTheTypedOneIsKept() throws Exception {
    mvc.perform(post("/golfers").param("name", " ").with(user(wren)).with(csrf()))
        .andExpect(content().string(Matchers.containsString("Type the golfer&#39;s name first")));
    String tooLong = "x".repeat(90);
    mvc.perform(post("/golfers").param("name", tooLong).with(user(wren)).with(csrf()))
        .andExpect(content().string(Matchers.containsString("At most 80 letters")))
        .andExpect(content().string(Matchers.containsString(tooLong)));
  }

  @Test
  void nothingIsKeptWithoutConsentOrAfterAWarningSign() throws Exception {
    String tries = "/golfers/" + golfer + "/measure/trunk-turn.left/tries";
    mvc.perform(
            post(tries).param("value", "40").param("submitKey", "k1").with(user(wren)).with(csrf()))
        .andExpect(content().string(Matchers.containsString("consent first")));
    note("consent", "wording 1");
    note("warning.night-pain", "yes");
    mvc.perform(
            post(tries).param("value", "40").param("submitKey", "k2").with(user(wren)).with(csrf()))
        .andExpect(content().string(Matchers.containsString("waits for a clinician")));
    assertThat(files.load(wren.account().practiceId(), golfer).orElseThrow().tries()).isEmpty();
  }

  private void note(String topic, String value) throws Exception {
    mvc.perform(
            post("/golfers/" + golfer + "/notes/" + topic)
                .param("value", value)
                .with(user(wren))
                .with(csrf()))
        .andExpect(status().isOk());
  }

  @Test
  void erasingNeedsTheNameTyped() throws Exception {
    mvc.perform(
            post("/golfers/" + golfer + "/erase")
                .param("confirm", "Somebody")
                .with(user(wren))
                .with(csrf())
                .sessionAttr(SaidAgain.AT, java.time.Instant.now()))
        .andExpect(content().string(Matchers.containsString("Nothing was erased")));
    mvc.perform(
            post("/golfers/" + golfer + "/erase")
                .param("confirm", "isla brodie")
                .with(user(wren))
                .with(csrf())
                .sessionAttr(SaidAgain.AT, java.time.Instant.now()))
        .andExpect(redirectedUrl("/?erased"));
    assertThat(files.load(wren.account().practiceId(), golfer)).isEmpty();
  }

  @Test
  void signingInChangesTheSessionAndGuessingIsSlowedDown() throws Exception {
    signIn("WREN-at-the-door", "a long password").andExpect(redirectedUrl("/"));
    for (int i = 0; i < 5; i++) {
      signIn("pip-at-the-door", "wrong").andExpect(redirectedUrl("/sign-in?refused"));
    }
    signIn("pip-at-the-door", "a long password").andExpect(redirectedUrlPattern("/sign-in?wait=*"));
  }

  /** From an address nobody else signs in from, as guesses are counted by address too. */
  private ResultActions signIn(String name, String password) throws Exception {
    return mvc.perform(
        post("/sign-in")
            .param("username", name)
            .param("password", password)
            .with(csrf())
            .with(
                request -> {
                  request.setRemoteAddr("127.0.0.7");
                  return request;
                }));
  }
}
