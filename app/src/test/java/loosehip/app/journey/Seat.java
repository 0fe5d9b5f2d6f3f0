package loosehip.app.journey;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/**
 * A window in front of which one test sits down after another: what ships is fetched and prepared
 * once, and whatever the last one left (cookies, drafts, looks, routes, a cut line) is taken away
 * first. Each thread has its own, and each application.
 */
final class Seat {
  /** Ships with every application, costs nothing to show, and is of the same origin. */
  private static final String NOTHING = "/mark.svg";

  private static final ThreadLocal<Map<String, Seat>> SEATS = ThreadLocal.withInitial(HashMap::new);

  final BrowserContext context;
  final Page page;
  final List<String> complaints = Browser.complaints();

  private Seat(BrowserContext context) {
    this.context = context;
    this.page = Browser.page(context, complaints);
  }

  /** At a desk, 1280 × 800. */
  static Seat atADesk(int port) {
    return free("desk " + port, () -> Browser.context(port, 1280, 800)).cleared(1280, 800);
  }

  /** With a phone under a thumb, 390 × 844. */
  static Seat withAPhone(int port) {
    return free("phone " + port, () -> Browser.phone(port)).cleared(390, 844);
  }

  private static Seat free(String key, Supplier<BrowserContext> window) {
    Map<String, Seat> seats = SEATS.get();
    if (!seats.containsKey(key) || seats.get(key).page.isClosed()) {
      seats.put(key, new Seat(window.get()));
    }
    return seats.get(key);
  }

  private Seat cleared(int width, int height) {
    context.setOffline(false);
    page.unrouteAll();
    if (!page.url().startsWith("about:") && !page.url().endsWith(NOTHING)) {
      page.navigate(NOTHING);
      page.evaluate("sessionStorage.clear(); localStorage.clear()");
    }
    context.clearCookies();
    page.setViewportSize(width, height);
    complaints.clear();
    return this;
  }
}
