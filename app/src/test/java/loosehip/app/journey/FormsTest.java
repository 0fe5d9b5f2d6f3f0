package loosehip.app.journey;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import loosehip.app.RunningApplication;
import loosehip.app.fact.Facts;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.core.measure.Slot;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;

/**
 * Forms without a browser, sent by a trainer who has just signed in, about a golfer who consents.
 */
abstract class FormsTest extends RunningApplication {
  @Autowired MockMvc mvc;
  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired GolferFiles files;
  @Autowired Journal journal;

  SignedIn wren;
  String golfer;

  @BeforeEach
  void aGolferWhoConsents() throws Exception {
    Account account =
        accounts
            .bySignInName(name())
            .orElseGet(() -> accounts.addPractice("The Shed", "Wren", name(), "hash"));
    wren = new SignedIn(account);
    golfer = golfers.add(account, "Isla Brodie");
    jot("consent=wording 1");
    asked();
  }

  /** The sign-in name of the trainer; each class has a practice of its own. */
  private String name() {
    return "wren-" + getClass().getSimpleName();
  }

  /** Asks which hand and the warning signs; all are answered with no. */
  void asked() throws Exception {
    List<String> facts = new ArrayList<>(List.of("who.handed=right"));
    for (WarningSign sign : WarningSign.values()) {
      facts.add(Facts.WARNING.about(sign).key() + "=no");
    }
    jot(facts.toArray(String[]::new));
  }

  /** Facts as they are kept, past the forms: what a test begins with and is not about. */
  void jot(String... facts) {
    List<Note> notes = new ArrayList<>();
    for (String each : facts) {
      String[] halves = each.split("=", 2);
      notes.add(Facts.parse(halves[0]).orElseThrow().noteTyped(halves[1]));
    }
    journal.note(file(), wren.account(), notes, "begun with");
  }

  /** Tries of a number, past the forms. */
  void taken(String slot, double... numbers) {
    Slot at = Slot.parse(slot).orElseThrow();
    GolferFile file = file();
    for (double number : numbers) {
      journal.take(
          file,
          wren.account(),
          new Journal.NewTry(
              at,
              Optional.of(number),
              Optional.empty(),
              at.test().methods().stream().findFirst(),
              Set.of(),
              false),
          UUID.randomUUID().toString(),
          "try");
    }
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
