package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.door.Needs;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.People;
import loosehip.app.store.Position;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Who may do what: every address against every position, and how people come and go. */
class RightsFormsTest extends FormsTest {
  private static final String SENTENCE = "larch over the ninth green";

  /** What a helper may not, by what it is about; each of these is named by some address. */
  private static final Pattern NOT_FOR_HELPERS =
      Pattern.compile(
          "POST /golfers/\\{id\\}/erase|GET /golfers/\\{id\\}/recordings/.*/file|GET /golfers/\\{id\\}/(everything|case)\\.json|GET /golfers/\\{id\\}/readings\\.csv|(GET|POST) /golfers/\\{id\\}/letter.*"
              + "|POST /readings.*|GET /readings\\.csv|POST /library/(?!order$).*"
              + "|GET /library/(record/record\\.csv|exercises/own\\.json)");

  @Autowired People people;
  @Autowired PasswordEncoder passwords;

  @Autowired
  @org.springframework.beans.factory.annotation.Qualifier("requestMappingHandlerMapping")
  RequestMappingHandlerMapping mappings;

  private SignedIn trainer;
  private SignedIn helper;

  @BeforeEach
  void threePeople() {
    trainer = colleague("tern", Position.TRAINER);
    helper = colleague("moss", Position.HELPER);
  }

  private SignedIn colleague(String name, Position position) {
    Account account =
        accounts
            .bySignInName(name + "-rights")
            .orElseGet(
                () -> people.add(wren.account(), name, name + "-rights", position).orElseThrow());
    return new SignedIn(account);
  }

  /** Every address with what it needs. */
  private Map<String, Optional<Position>> addresses() {
    Map<String, Optional<Position>> all = new LinkedHashMap<>();
    mappings
        .getHandlerMethods()
        .forEach(
            (info, method) -> {
              if (!method.getBeanType().getPackageName().startsWith("loosehip")) {
                return;
              }
              for (RequestMethod verb : info.getMethodsCondition().getMethods()) {
                for (String path : info.getPatternValues()) {
                  all.put(verb + " " + path, needs(method));
                }
              }
            });
    return all;
  }

  private static Optional<Position> needs(HandlerMethod method) {
    return Optional.ofNullable(method.getMethodAnnotation(Needs.class)).map(Needs::value);
  }

  private int answered(String address, SignedIn who) throws Exception {
    String[] words = address.split(" ");
    String path = words[1].replace("{id}", golfer).replaceAll("\\{[^}]+}", "nothing-of-the-kind");
    return mvc.perform(
            request(HttpMethod.valueOf(words[0]), path)
                .with(user(who))
                .with(csrf())
                .sessionAttr(SaidAgain.AT, Instant.now()))
        .andReturn()
        .getResponse()
        .getStatus();
  }

  /** The whole table: refused to whoever is less, never refused to whoever is enough. */
  @Test
  void everyAddressAnswersWhoeverMayAndNobodyElse() throws Exception {
    List<String> wrong = new ArrayList<>();
    int guarded = 0;
    for (Map.Entry<String, Optional<Position>> entry : addresses().entrySet()) {
      if (entry.getValue().isEmpty()) {
        continue;
      }
      guarded++;
      for (SignedIn who : List.of(helper, trainer)) {
        boolean may = who.account().position().atLeast(entry.getValue().get());
        if (may && entry.getKey().endsWith("/erase")) {
          continue;
        }
        int status = answered(entry.getKey(), who);
        if ((status == 403) == may) {
          wrong.add(entry.getKey() + " " + who.account().position() + " " + status);
        }
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(guarded).isGreaterThan(25);
  }

  /** What the practice decided is for trainers is guarded, every address of it. */
  @Test
  void noAddressThatIsNotForHelpersIsForgotten() {
    addresses()
        .forEach(
            (address, needs) -> {
              if (NOT_FOR_HELPERS.matcher(address).matches()) {
                assertThat(needs).as(address).isPresent();
              }
              if (address.contains(" /people")) {
                assertThat(needs).as(address).contains(Position.OWNER);
              }
            });
  }

  @Test
  void aHelperMeasuresAndLogs() throws Exception {
    mvc.perform(
            post("/golfers/" + golfer + "/measure/hinge-contact/tries")
                .param("value", "36")
                .with(user(helper))
                .with(csrf()))
        .andExpect(status().isOk());
    assertThat(file().tries()).isNotEmpty();
    mvc.perform(
            post("/golfers/" + golfer + "/erase")
                .param("confirm", "Isla Brodie")
                .with(user(helper))
                .with(csrf()))
        .andExpect(status().isForbidden())
        .andExpect(content().string(containsString("A helper measures and logs")));
    assertThat(file().name()).isEqualTo("Isla Brodie");
    mvc.perform(get("/").with(user(helper)))
        .andExpect(content().string(containsString("class=\"helper\"")))
        .andExpect(content().string(not(containsString("href=\"/people\""))));
    page("/").andExpect(content().string(containsString("href=\"/people\"")));
  }

  private String link(String page) {
    Matcher link = Pattern.compile("/join/[A-Za-z0-9_-]{22}").matcher(page);
    assertThat(link.find()).isTrue();
    return link.group();
  }

  @Test
  void somebodyIsAddedByALinkThatWorksOnce() throws Exception {
    MockHttpSession session = new MockHttpSession();
    mvc.perform(
            post("/people")
                .session(session)
                .param("shownName", "Fen")
                .param("signInName", "fen-rights")
                .param("position", "trainer")
                .with(user(wren))
                .with(csrf()))
        .andExpect(redirectedUrl("/people"));
    String token = "/join/" + people.link(accounts.bySignInName("fen-rights").orElseThrow().id());
    mvc.perform(post(token).param("password", "short").with(csrf()))
        .andExpect(content().string(containsString("At least 12 characters")));
    mvc.perform(post(token).param("password", "password1234").with(csrf()))
        .andExpect(content().string(containsString("guessed quickly")));
    mvc.perform(post(token).param("password", SENTENCE).with(csrf()))
        .andExpect(redirectedUrl("/sign-in"));
    mvc.perform(get(token)).andExpect(content().string(containsString("This link is spent")));
    mvc.perform(post(token).param("password", "another sentence of mine").with(csrf()))
        .andExpect(content().string(containsString("This link is spent")));
    mvc.perform(
            post("/sign-in")
                .param("username", "fen-rights")
                .param("password", SENTENCE)
                .with(csrf()))
        .andExpect(redirectedUrl("/"));
    assertThat(accounts.bySignInName("fen-rights").orElseThrow().position())
        .isEqualTo(Position.TRAINER);
    send(post("/people").param("shownName", "X").param("signInName", "FEN-rights"))
        .andExpect(content().string(containsString("taken")));
    send(post("/people")
            .param("shownName", "X")
            .param("signInName", "x")
            .param("position", "owner"))
        .andExpect(content().string(containsString("Type both names")));
  }

  @Test
  void guessingLinksIsSlowedDownAlsoForTheRightOne() throws Exception {
    Account fen = people.add(wren.account(), "Fen", "fen-guessed", Position.HELPER).orElseThrow();
    String token = people.link(fen.id());
    for (int i = 0; i < 20; i++) {
      mvc.perform(get("/join/guess-" + i).with(from("10.1.2.3")));
    }
    mvc.perform(get("/join/" + token).with(from("10.1.2.3")))
        .andExpect(content().string(containsString("This link is spent")));
    mvc.perform(get("/join/" + token).with(from("10.1.2.4")))
        .andExpect(content().string(containsString("fen-guessed")));
  }

  private static RequestPostProcessor from(String address) {
    return request -> {
      request.setRemoteAddr(address);
      return request;
    };
  }

  private MockHttpSession signedIn(String name) throws Exception {
    people.password(accounts.bySignInName(name).orElseThrow().id(), passwords.encode(SENTENCE));
    Thread.sleep(2);
    return (MockHttpSession)
        mvc.perform(
                post("/sign-in").param("username", name).param("password", SENTENCE).with(csrf()))
            .andExpect(redirectedUrl("/"))
            .andReturn()
            .getRequest()
            .getSession(false);
  }

  @Test
  void whoeverIsDisabledIsOutAtOnceAndCannotComeIn() throws Exception {
    MockHttpSession session = signedIn("moss-rights");
    mvc.perform(get("/").session(session)).andExpect(status().isOk());
    send(post("/people/" + helper.account().id() + "/disable"));
    mvc.perform(get("/").session(session)).andExpect(redirectedUrl("/sign-in?expired"));
    mvc.perform(
            post("/sign-in")
                .param("username", "moss-rights")
                .param("password", SENTENCE)
                .with(csrf()))
        .andExpect(redirectedUrl("/sign-in?refused"));
    send(post("/people/" + helper.account().id() + "/enable"));
    signedIn("moss-rights");
    send(post("/people/" + wren.account().id() + "/disable")).andExpect(status().isNotFound());
    assertThat(accounts.byId(wren.account().id()).orElseThrow().disabled()).isFalse();
  }

  @Test
  void aNewPasswordOrPositionEndsEverySession() throws Exception {
    MockHttpSession session = signedIn("tern-rights");
    mvc.perform(
            post("/password")
                .session(session)
                .param("old", "not it")
                .param("password", "rain over the larches today")
                .with(csrf()))
        .andExpect(content().string(containsString("Your password is another one")));
    mvc.perform(
            post("/password")
                .session(session)
                .param("old", SENTENCE)
                .param("password", "rain over the larches today")
                .with(csrf()))
        .andExpect(redirectedUrl("/"));
    mvc.perform(get("/").session(session)).andExpect(redirectedUrl("/sign-in?expired"));

    MockHttpSession again = signedIn("tern-rights");
    send(post("/people/" + trainer.account().id() + "/position").param("position", "helper"));
    mvc.perform(get("/").session(again)).andExpect(redirectedUrl("/sign-in?expired"));
    send(post("/people/" + trainer.account().id() + "/position").param("position", "trainer"));
  }

  @Test
  void anotherPracticesPeopleAreNotHere() throws Exception {
    Account other = accounts.addPractice("Elsewhere", "Tor", "tor-rights", "hash");
    for (String what : List.of("link", "disable", "enable", "position")) {
      send(post("/people/" + other.id() + "/" + what).param("position", "helper"))
          .andExpect(status().isNotFound());
    }
    page("/people").andExpect(content().string(not(containsString("Tor"))));
  }
}
