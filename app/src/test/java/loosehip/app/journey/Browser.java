package loosehip.app.journey;

import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;

/**
 * Debian's headless Chromium, one for each of the threads that run tests; every test has a context
 * of its own. The shell without windows does the same in two thirds of the time; the whole browser
 * will do.
 */
final class Browser {
  private static final ThreadLocal<com.microsoft.playwright.Browser> CHROMIUM =
      ThreadLocal.withInitial(Browser::launched);

  /**
   * What the browser does without: everything Playwright leaves out (the last list given counts
   * alone), and what separates one page of a site from the next and one site from another. All
   * pages are ours, and a page then costs a fifth less.
   */
  private static final List<String> WITHOUT =
      List.of(
          "AvoidUnnecessaryBeforeUnloadCheckSync",
          "BoundaryEventDispatchTracksNodeRemoval",
          "DestroyProfileOnBrowserClose",
          "DialMediaRouteProvider",
          "GlobalMediaControls",
          "HttpsUpgrades",
          "MediaRouter",
          "PaintHolding",
          "ThirdPartyStoragePartitioning",
          "BlockOriginHeaderModificationOnRedirect",
          "Translate",
          "OptimizationHints",
          "RenderDocument",
          "IsolateOrigins",
          "site-per-process",
          "SpareRendererForSitePerProcess");

  static {
    PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
  }

  private static com.microsoft.playwright.Browser launched() {
    brought();
    return Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(chromium())
                .setArgs(
                    List.of(
                        "--no-sandbox",
                        "--disable-gpu",
                        "--disable-quic",
                        "--no-first-run",
                        "--disable-background-networking",
                        "--disable-component-update",
                        "--disable-sync",
                        "--disable-site-isolation-trials",
                        "--disable-features=" + String.join(",", WITHOUT))));
  }

  /** Waits for the process that installs the browser, if {@code ./loose-hip test} said there is. */
  private static void brought() {
    Optional.ofNullable(System.getenv("LOOSE_HIP_BRINGING_BROWSER"))
        .map(Long::valueOf)
        .flatMap(ProcessHandle::of)
        .ifPresent(
            installer ->
                installer.onExit().completeOnTimeout(installer, 5, TimeUnit.MINUTES).join());
  }

  private static Path chromium() {
    Path shell = Path.of("/usr/bin/chromium-headless-shell");
    return Files.isExecutable(shell) ? shell : Path.of("/usr/bin/chromium");
  }

  private Browser() {}

  static BrowserContext context(int port, int width, int height) {
    BrowserContext context =
        CHROMIUM
            .get()
            .newContext(
                new NewContextOptions()
                    .setBaseURL("http://localhost:" + port)
                    .setViewportSize(width, height)
                    .setAcceptDownloads(true));
    context.setDefaultTimeout(30_000);
    return context;
  }

  /** A phone under a thumb. */
  static BrowserContext phone(int port) {
    BrowserContext context =
        CHROMIUM
            .get()
            .newContext(
                new NewContextOptions()
                    .setBaseURL("http://localhost:" + port)
                    .setViewportSize(390, 844)
                    .setHasTouch(true)
                    .setIsMobile(true));
    context.setDefaultTimeout(30_000);
    return context;
  }

  /** A phone that runs no scripts. */
  static BrowserContext withoutScripts(int port) {
    return CHROMIUM
        .get()
        .newContext(
            new NewContextOptions()
                .setBaseURL("http://localhost:" + port)
                .setViewportSize(390, 844)
                .setJavaScriptEnabled(false));
  }

  /** A page that collects what its scripts complain about. */
  static Page page(BrowserContext context, List<String> complaints) {
    Page page = context.newPage();
    page.onPageError(complaints::add);
    page.onConsoleMessage(
        m -> {
          boolean policy = m.text().contains("Content Security Policy");
          if (policy) {
            complaints.add(m.text());
          }
        });
    return page;
  }

  static List<String> complaints() {
    return new ArrayList<>();
  }
}
