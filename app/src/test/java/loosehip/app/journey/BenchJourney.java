package loosehip.app.journey;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Golfers;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.core.measure.Slot;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.crypto.password.PasswordEncoder;

/** A signed-in trainer with a consenting golfer. */
abstract class BenchJourney extends JourneyTest {
  static final String PASSWORD = "long enough to be safe";

  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired GolferFiles files;
  @Autowired Journal journal;
  @Autowired PasswordEncoder passwords;

  final List<String> complaints = Browser.complaints();
  Account wren;
  String golfer;
  BrowserContext context;
  Page page;

  @BeforeEach
  void aGolferAtTheBench() {
    wren =
        accounts
            .bySignInName("wren")
            .orElseGet(
                () -> accounts.addPractice("The Shed", "Wren", "wren", passwords.encode(PASSWORD)));
    golfer = consenting("Isla Brodie");
    context = Browser.context(port, 1280, 800);
    page = signedIn(context, "wren");
  }

  @AfterEach
  void leave() {
    context.close();
  }

  String consenting(String name) {
    String id = golfers.add(wren, name);
    note(id, "consent", "wording 1", false);
    return id;
  }

  void note(String golferId, String topic, String value, boolean ofVisit) {
    journal.note(file(golferId), wren, new Note(topic, Optional.of(value), ofVisit, topic, "talk"));
  }

  GolferFile file(String golferId) {
    return files.load(wren.practiceId(), golferId).orElseThrow();
  }

  Page signedIn(BrowserContext in, String name) {
    Page signedIn = Browser.page(in, complaints);
    signedIn.navigate("/");
    signedIn.locator("#username").fill(name);
    signedIn.locator("#password").fill(PASSWORD);
    signedIn.locator("button.btn-wide").click();
    signedIn.waitForURL(url -> !url.contains("sign-in"));
    return signedIn;
  }

  /** Takes one try of the golfer at the bench. */
  void take(String slot, double value) {
    Slot at = Slot.parse(slot).orElseThrow();
    journal.take(
        file(golfer),
        wren,
        new Journal.NewTry(
            at,
            Optional.of(value),
            Optional.empty(),
            at.test().methods().stream().findFirst(),
            Set.of(),
            false),
        UUID.randomUUID().toString(),
        "try");
  }
}
