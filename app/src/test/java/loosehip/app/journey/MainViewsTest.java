package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import loosehip.app.casefile.AssessmentWriter;
import loosehip.app.casefile.CaseFacts;
import loosehip.app.casefile.CaseReader;
import loosehip.app.casefile.CaseWriter;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.CasesTaken;
import loosehip.app.store.Glance;
import loosehip.app.store.Golfers;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/** Every main view on demo data: it opens, breaks no policy, and axe finds nothing serious. */
@Order(1)
@TestPropertySource(properties = "loose-hip.demo=true")
class MainViewsTest extends JourneyTest {
  private static final List<String> STATIONS =
      List.of(
          "talk",
          "measure?mode=run",
          "measure/sheet",
          "visits",
          "set-up",
          "pivot",
          "pivot/print",
          "swing",
          "stills",
          "recordings",
          "links",
          "handover",
          "letter",
          "plan",
          "reset",
          "follow",
          "progress",
          "retest",
          "phone",
          "sheet");
  private static final List<String> HEAVY =
      List.of(
          "talk",
          "measure?mode=run",
          "measure/sheet",
          "set-up",
          "pivot",
          "swing",
          "links",
          "plan",
          "follow");

  /** Of a page before it is compressed. */
  private static final int MOST_BYTES = 60_000;

  private static final List<String> DIM_TOO =
      List.of(
          "talk", "run", "sheet", "set-up", "pivot", "swing", "stills", "links", "plan", "follow");
  private static final List<String> ROOMS =
      List.of(
          "/library",
          "/library/budget",
          "/library/rules",
          "/library/exercises",
          "/library/record",
          "/library/floor",
          "/readings",
          "/cases",
          "/library/units",
          "/first-hour",
          "/glossary",
          "/people",
          "/people/looks");
  private static final List<String> ASK_FIRST = List.of("measure");
  private static final List<Cookie> HELD = new ArrayList<>();

  @Autowired MockMvc mvc;
  @Autowired Accounts accounts;
  @Autowired Golfers golfers;
  @Autowired Workups workups;
  @Autowired CasesTaken cases;

  /** Every demo golfer through a case file into a practice with nothing in it: judged the same. */
  @Test
  void everybodyIsJudgedTheSameInAnotherPractice() throws InterruptedException {
    Account wren = accounts.bySignInName("wren").orElseThrow();
    Account other = accounts.addPractice("An empty copy", "Tor", "tor-empty", "hash");
    LocalDate today = LocalDate.now();
    List<Glance> all = everybody(wren);
    for (Glance golfer : all) {
      String text = CaseWriter.write(workups.open(wren, golfer.golferId()).golfer());
      CaseFile read = CaseReader.read(text, today).golfer().orElseThrow();
      CaseFacts facts = CaseFacts.of(read, today);
      String there =
          cases.asNew(
              other,
              golfer.name(),
              Facts.CONSENT.noteTyped("wording 1"),
              today,
              new CasesTaken.Contents(
                  "x.json",
                  facts.notes(),
                  facts.tries().stream()
                      .map(t -> new CasesTaken.Try(t.taken(), t.scatter()))
                      .toList(),
                  List.of()));
      String again = CaseWriter.write(workups.open(other, there).golfer());
      assertThat(assessed(again, today)).as(golfer.name()).isEqualTo(assessed(text, today));
    }
  }

  /** Everybody, once the demo stands still: those of the practice's record come last. */
  private List<Glance> everybody(Account wren) throws InterruptedException {
    List<Glance> all = golfers.all(wren.practiceId());
    for (int i = 0; i < 240 && all.size() < 29; i++) {
      Thread.sleep(250);
      all = golfers.all(wren.practiceId());
    }
    Thread.sleep(500);
    assertThat(all).hasSizeGreaterThanOrEqualTo(29);
    return all;
  }

  private static String assessed(String text, LocalDate today) {
    return AssessmentWriter.write(
        Assessment.of(CaseReader.read(text, today).golfer().orElseThrow()));
  }

  /**
   * Stations of one golfer, one not asked yet, one with a log, one who waits for a clinician, and
   * the rooms: none is wider than a phone, and the busiest have no fault on a phone, dim, either.
   */
  @Test
  void noViewHasASeriousViolationOrIsWiderThanAPhone() throws InterruptedException {
    List<String> complaints = Browser.complaints();
    try (BrowserContext context = Browser.context(port, 1280, 800)) {
      Page page = Browser.page(context, complaints);
      page.navigate("/sign-in");
      List<String> found = new ArrayList<>(violations(page, "sign-in"));
      signedIn(page);
      found.addAll(violations(page, "today"));
      for (String address : addresses(page)) {
        page.navigate(address);
        assertThat(page.locator("h1").first().isVisible()).as(address).isTrue();
        if (!address.endsWith("talk")) {
          Axe.workAlone(page);
        }
        found.addAll(violations(page, address));
        page.setViewportSize(390, 844);
        int width = ((Number) page.evaluate("document.documentElement.scrollWidth")).intValue();
        if (width > 390) {
          found.add(address + " is " + width + " wide on a phone");
        }
        if (DIM_TOO.stream().anyMatch(address::endsWith)) {
          dim(page);
          found.addAll(violations(page, address + " on a phone, dim"));
        }
        page.setViewportSize(1280, 800);
      }
      assertThat(found).isEmpty();
      assertThat(complaints).isEmpty();
    }
  }

  /** Golfers with much to say: one who waits for a clinician, one with many visits or faults. */
  @ParameterizedTest
  @CsvSource({
    "Fergus Auld, talk, 2.5",
    "Una Dalgleish, talk, 2.5",
    "Ishbel Quarrie, set-up, 3",
    "Tam Ruthven, swing, 3"
  })
  void aPhoneNeedsNotBePushedFar(String name, String station, double most) {
    try (BrowserContext context = Browser.phone(port)) {
      Page page = Browser.page(context, Browser.complaints());
      signedIn(page);
      page.navigate(golfer(page, name) + station);
      assertThat(page.locator("#work .onward").isVisible()).as("the whole of it").isTrue();
      Object screens = page.evaluate("document.documentElement.scrollHeight / innerHeight");
      assertThat(((Number) screens).doubleValue()).isLessThanOrEqualTo(most);
    }
  }

  /** Those with most to say: nine faults, four visits, a full log. */
  @ParameterizedTest
  @ValueSource(strings = {"Tam Ruthven", "Ishbel Quarrie", "Archie Moncur"})
  void aStationIsLight(String name) throws Exception {
    Account wren = accounts.bySignInName("wren").orElseThrow();
    String golfer =
        golfers.all(wren.practiceId()).stream()
            .filter(g -> g.name().equals(name))
            .findFirst()
            .orElseThrow()
            .golferId();
    Map<String, Integer> heavy = new TreeMap<>();
    for (String station : HEAVY) {
      byte[] page =
          mvc.perform(get("/golfers/" + golfer + "/" + station).with(user(new SignedIn(wren))))
              .andExpect(status().isOk())
              .andReturn()
              .getResponse()
              .getContentAsByteArray();
      if (page.length > MOST_BYTES) {
        heavy.put(station, page.length);
      }
    }
    assertThat(heavy).isEmpty();
  }

  /** What is made to be printed stays paper: it has no switch. */
  private static void dim(Page page) {
    page.evaluate(
        "if (document.querySelector('script[src*=theme]'))"
            + " document.documentElement.dataset.theme = 'dim'");
  }

  @Test
  void atTwiceTheSizeOnASmallScreenThereIsNoneEither() {
    try (BrowserContext context = Browser.context(port, 640, 400)) {
      Page page = Browser.page(context, Browser.complaints());
      signedIn(page);
      String golfer = golfer(page, "Callum Rennie");
      List<String> found = new ArrayList<>();
      for (String station : List.of("talk", "measure?mode=run", "measure/sheet", "swing")) {
        page.navigate(golfer + station);
        found.addAll(Axe.rules(page, station));
      }
      assertThat(found).isEmpty();
    }
  }

  /** The golfer's own page in each of its states, light and dim, on a phone. */
  @Test
  void theGolfersPageHasNone() {
    String link;
    String measures;
    try (BrowserContext context = Browser.context(port, 1280, 800)) {
      Page page = Browser.page(context, Browser.complaints());
      signedIn(page);
      page.navigate(golfer(page, "Skye Lorimer") + "phone");
      page.locator("#make-link").click();
      String text = page.locator(".phone-text").first().inputValue();
      link = text.substring(text.indexOf("http"), text.indexOf(" It works"));
      page.navigate(page.url().replaceAll("phone$", "measure?card=seated-rotation.right.internal"));
      page.locator("#entry").press("i");
      page.locator("label:has(input[name=incl-source][value=phone])").click();
      page.locator("[data-incl-join]").click();
      measures = page.locator(".incl-address").inputValue();
    }
    List<String> complaints = Browser.complaints();
    List<String> found = new ArrayList<>();
    try (BrowserContext context = Browser.phone(port)) {
      Page page = Browser.page(context, complaints);
      page.navigate(link);
      found.addAll(lightAndDim(page, "phone today"));
      page.locator("[data-doing]").tap();
      found.addAll(lightAndDim(page, "how am I doing"));
      page.locator("[data-home]").tap();
      page.locator("[data-read]").tap();
      found.addAll(lightAndDim(page, "phone sheet"));
      page.locator("[data-reset]").tap();
      found.addAll(lightAndDim(page, "player"));
      page.locator("[data-pain]").tap();
      page.locator("[data-figures=pain] button").nth(3).tap();
      found.addAll(lightAndDim(page, "pain"));
      page.locator("[data-no-pain]").tap();
      page.locator("[data-skip]").tap();
      found.addAll(lightAndDim(page, "skip"));
      page.locator("[data-because=tool]").tap();
      page.locator("[data-leave]").tap();
      assertThat(((Number) page.evaluate("document.documentElement.scrollWidth")).intValue())
          .isLessThanOrEqualTo(390);
      page.navigate(measures);
      page.locator("#begin").tap();
      found.addAll(lightAndDim(page, "inclinometer"));
      page.navigate(link.replaceAll("/r/.*", "/trust"));
      found.addAll(lightAndDim(page, "trust"));
    }
    assertThat(found).isEmpty();
    assertThat(complaints).isEmpty();
  }

  /** Rules are the same in either light, colours are not. */
  private static List<String> lightAndDim(Page page, String where) {
    List<String> found = new ArrayList<>();
    page.evaluate("document.documentElement.dataset.light = 'dim'");
    found.addAll(Axe.colours(page, where + ", dim"));
    page.evaluate("document.documentElement.dataset.light = 'paper'");
    found.addAll(violations(page, where));
    return found;
  }

  /** Goes to Today; through the door once, with what the browser holds of it afterwards. */
  private static void signedIn(Page page) {
    if (HELD.isEmpty()) {
      page.navigate("/sign-in");
      page.locator("button.btn-wide").click();
      page.waitForURL(url -> !url.contains("sign-in"));
      HELD.addAll(page.context().cookies());
    } else {
      page.context().addCookies(HELD);
      page.navigate("/");
    }
  }

  private List<String> addresses(Page page) throws InterruptedException {
    List<String> addresses = new ArrayList<>();
    for (String name :
        List.of("Ishbel Quarrie", "Effie Strachan", "Archie Moncur", "Fergus Auld")) {
      String golfer = golfer(page, name);
      stations(name).forEach(station -> addresses.add(golfer + station));
    }
    everybody(accounts.bySignInName("wren").orElseThrow());
    page.navigate(golfer(page, "Ishbel Quarrie") + "stills");
    addresses.add(page.locator(".still-shown").nth(1).getAttribute("href"));
    addresses.add(page.locator("a[href*='then-and-now']").first().getAttribute("href"));
    for (String name : List.of("Nessa Gilfillan", "Struan Haldane")) {
      page.navigate("/");
      page.navigate(golfer(page, name) + "recordings");
      addresses.add(page.locator(".rec-list a").first().getAttribute("href"));
    }
    addresses.addAll(ROOMS);
    return addresses;
  }

  /** The address of a golfer, to which a station is added. */
  private static String golfer(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
        .first()
        .getAttribute("href")
        .replaceAll("[^/]+$", "");
  }

  private static List<String> stations(String name) {
    return switch (name.split(" ")[0]) {
      case "Ishbel" -> STATIONS;
      case "Archie" -> List.of("follow", "phone");
      case "Fergus" -> List.of("talk");
      default -> ASK_FIRST;
    };
  }

  private static List<String> violations(Page page, String where) {
    List<String> found = new ArrayList<>(Axe.rules(page, where));
    found.addAll(Axe.colours(page, where));
    return found;
  }
}
