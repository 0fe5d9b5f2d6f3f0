package loosehip.app.journey;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.file.Path;
import java.time.Instant;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;

/**
 * Forms without a browser, sent by a trainer who has just signed in, about a golfer who consents.
 */
@SpringBootTest
@AutoConfigureMockMvc
abstract class FormsTest {
  @Autowired MockMvc mvc;
  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired GolferFiles files;
  @Autowired Journal journal;

  SignedIn wren;
  String golfer;

  @DynamicPropertySource
  static void home(DynamicPropertyRegistry registry) {
    registry.add("loose-hip.home", FormsTest::freshHome);
  }

  private static Path freshHome() {
    return JourneyTest.freshHome();
  }

  @BeforeEach
  void aGolferWhoConsents() throws Exception {
    Account account =
        accounts
            .bySignInName(name())
            .orElseGet(() -> accounts.addPractice("The Shed", "Wren", name(), "hash"));
    wren = new SignedIn(account);
    golfer = golfers.add(account, "Isla Brodie");
    note("consent", "wording 1");
    asked();
  }

  /** The sign-in name of the trainer; each class has a practice of its own. */
  private String name() {
    return "wren-" + getClass().getSimpleName();
  }

  /** Asks which hand and the warning signs; all are answered with no. */
  void asked() throws Exception {
    note("who.handed", "right");
    send(post("/golfers/" + golfer + "/talk/all-no"));
  }

  ResultActions note(String topic, String value) throws Exception {
    return send(post("/golfers/" + golfer + "/notes/" + topic).param("value", value));
  }

  ResultActions send(AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
    return mvc.perform(
        request.with(user(wren)).with(csrf()).sessionAttr(SaidAgain.AT, Instant.now()));
  }

  /** A page as it is read. */
  ResultActions page(String address) throws Exception {
    return mvc.perform(get(address).with(user(wren)).sessionAttr(SaidAgain.AT, Instant.now()));
  }

  GolferFile file() {
    return files.load(wren.account().practiceId(), golfer).orElseThrow();
  }
}
