package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.TestPropertySource;

/** Every main view on demo data: it opens, breaks no policy, and axe finds nothing serious. */
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
          "links",
          "handover",
          "plan",
          "reset",
          "follow",
          "sheet");
  private static final List<String> ROOMS =
      List.of(
          "/library",
          "/library/budget",
          "/library/rules",
          "/library/exercises",
          "/library/floor",
          "/readings");
  private static final List<String> WAITING = List.of("talk", "measure", "plan");
  private static final Set<String> SERIOUS = Set.of("serious", "critical");

  /** Everything in the paper theme; in the dim one only what a theme can change. */
  @Test
  void noViewHasASeriousViolation() {
    for (String theme : List.of("paper", "dim")) {
      List<String> complaints = Browser.complaints();
      try (BrowserContext context = Browser.context(port, 1280, 800)) {
        context.addInitScript("localStorage.setItem('loosehip.theme', '" + theme + "')");
        Page page = Browser.page(context, complaints);
        page.navigate("/sign-in");
        List<String> found = new ArrayList<>(violations(page, theme + " sign-in"));
        page.locator("button.btn-wide").click();
        page.waitForURL(url -> !url.contains("sign-in"));
        found.addAll(violations(page, theme + " today"));
        for (String name :
            List.of(
                "Ishbel Quarrie",
                "Fergus Auld",
                "Effie Strachan",
                "Tam Ruthven",
                "Archie Moncur")) {
          page.navigate("/");
          String talk =
              page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name))
                  .first()
                  .getAttribute("href");
          for (String station : stations(name)) {
            page.navigate(talk.replace("talk", station));
            assertThat(page.locator("h1").first().isVisible()).as(name + " " + station).isTrue();
            found.addAll(violations(page, theme + " " + name + " " + station));
          }
        }
        for (String room : ROOMS) {
          page.navigate(room);
          found.addAll(violations(page, theme + " " + room));
        }
        assertThat(found).isEmpty();
        assertThat(complaints).isEmpty();
      }
    }
  }

  @Test
  void nothingIsWiderThanAPhone() {
    try (BrowserContext context = Browser.context(port, 390, 844)) {
      Page page = Browser.page(context, Browser.complaints());
      page.navigate("/sign-in");
      page.locator("button.btn-wide").click();
      page.waitForURL(url -> !url.contains("sign-in"));
      String talk = page.locator("a.golfer:has-text('Ishbel')").getAttribute("href");
      for (String station : STATIONS) {
        page.navigate(talk.replace("talk", station));
        Object width = page.evaluate("document.documentElement.scrollWidth");
        assertThat(((Number) width).intValue()).as(station).isLessThanOrEqualTo(390);
      }
      page.navigate("/");
      String log = page.locator("a.golfer:has-text('Archie')").getAttribute("href");
      page.navigate(log.replace("talk", "follow"));
      assertThat(((Number) page.evaluate("document.documentElement.scrollWidth")).intValue())
          .isLessThanOrEqualTo(390);
      for (String room : ROOMS) {
        page.navigate(room);
        Object width = page.evaluate("document.documentElement.scrollWidth");
        assertThat(((Number) width).intValue()).as(room).isLessThanOrEqualTo(390);
      }
    }
  }

  private static List<String> stations(String name) {
    return switch (name.split(" ")[0]) {
      case "Ishbel" -> STATIONS;
      case "Archie" -> List.of("plan", "follow");
      default -> WAITING;
    };
  }

  private static List<String> violations(Page page, String where) {
    AxeBuilder axe = new AxeBuilder(page);
    if (where.startsWith("dim")) {
      axe.withRules(List.of("color-contrast"));
    }
    return axe.analyze().getViolations().stream()
        .filter(rule -> SERIOUS.contains(rule.getImpact()))
        .map(rule -> where + ": " + said(rule))
        .toList();
  }

  private static String said(Rule rule) {
    return rule.getId() + " " + rule.getNodes().stream().map(n -> n.getHtml()).limit(2).toList();
  }
}
