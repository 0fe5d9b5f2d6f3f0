package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import loosehip.app.fact.Facts;
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
import org.springframework.security.crypto.password.PasswordEncoder;

/** A signed-in trainer with a consenting golfer. */
abstract class MeasureJourney extends JourneyTest {
  static final String PASSWORD = "long enough to be safe";

  /** Worked out once: a hash that resists guessing takes its time. */
  private static volatile String hash = "";

  /** What the browser holds of a sign-in, by port and name: the door is gone through once. */
  private static final Map<String, List<Cookie>> SIGNED_IN = new ConcurrentHashMap<>();

  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired GolferFiles files;
  @Autowired Journal journal;
  @Autowired PasswordEncoder passwords;

  Account wren;
  String golfer;
  BrowserContext context;
  Page page;
  List<String> complaints;

  @BeforeEach
  void aGolferToMeasure() {
    wren =
        accounts
            .bySignInName(name())
            .orElseGet(() -> accounts.addPractice("The Shed", "Wren", name(), hash()));
    golfer = consenting("Isla Brodie");
    Seat desk = Seat.atADesk(port);
    context = desk.context;
    complaints = desk.complaints;
    page = signedIn(desk.page, name());
  }

  /** The hash of everybody's password. */
  final String hash() {
    if (hash.isEmpty()) {
      hash = passwords.encode(PASSWORD);
    }
    return hash;
  }

  /** The sign-in name of the trainer; each class has a practice of its own. */
  final String name() {
    return "wren-" + getClass().getSimpleName();
  }

  String consenting(String name) {
    String id = golfers.add(wren, name);
    note(id, "consent", "wording 1", false);
    asked(id);
    return id;
  }

  /** Which hand was asked, and the warning signs, all answered with no. */
  void asked(String id) {
    note(id, Facts.HANDED.key(), "right", false);
    for (WarningSign sign : WarningSign.values()) {
      note(id, Facts.WARNING.about(sign).key(), "no", true);
    }
  }

  void note(String golferId, String topic, String value, boolean ofVisit) {
    journal.note(file(golferId), wren, new Note(topic, Optional.of(value), ofVisit, topic, "talk"));
  }

  GolferFile file(String golferId) {
    return files.load(wren.practiceId(), golferId).orElseThrow();
  }

  /** The phone of the trainer, signed in; where it stands is not said. */
  Page thumb() {
    return signedIn(Seat.withAPhone(port).page, name());
  }

  /** A window of somebody else signed in; where it stands is not said. */
  Page signedIn(BrowserContext in, String name) {
    return signedIn(Browser.page(in, complaints), name);
  }

  private Page signedIn(Page page, String name) {
    page.context().addCookies(SIGNED_IN.computeIfAbsent(port + name, key -> signIn(name)));
    return page;
  }

  /** Signs in as the page does, without opening it: what the browser would hold then. */
  private List<Cookie> signIn(String name) {
    CookieManager held = new CookieManager();
    HttpClient client = HttpClient.newBuilder().cookieHandler(held).build();
    URI door = URI.create("http://localhost:" + port + "/sign-in");
    try {
      String page = client.send(HttpRequest.newBuilder(door).build(), asText()).body();
      String form =
          "username=%s&password=%s&_csrf=%s"
              .formatted(name, PASSWORD.replace(' ', '+'), between(page, "_csrf\" value=\"", "\""));
      HttpResponse<String> said =
          client.send(
              HttpRequest.newBuilder(door)
                  .header("Content-Type", "application/x-www-form-urlencoded")
                  .POST(HttpRequest.BodyPublishers.ofString(form))
                  .build(),
              asText());
      assertThat(said.headers().firstValue("Location")).get().asString().endsWith("/");
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
    return held.getCookieStore().getCookies().stream()
        .map(c -> new Cookie(c.getName(), c.getValue()).setUrl("http://localhost:" + port))
        .toList();
  }

  private static HttpResponse.BodyHandler<String> asText() {
    return HttpResponse.BodyHandlers.ofString();
  }

  private static String between(String text, String before, String after) {
    int from = text.indexOf(before) + before.length();
    return text.substring(from, text.indexOf(after, from));
  }

  /** Takes one try of the golfer in hand. */
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
