package loosehip.app.speed;

import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import loosehip.app.LooseHip;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.Database;
import loosehip.app.store.YearsOfWork;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * Measures pages and saves over ten years of clinic days, and prints a table: each beside a static
 * file of the same server, so that machines can be compared.
 */
public final class SpeedBench {
  private static final int GOLFERS = 800;
  private static final int VISITS = 37_000;
  private static final int[] SHARES = {1, 10, 100};
  private static final int LEAST_GOLFERS = 8;
  private static final int WARM_UPS = 200;
  private static final int RUNS = 60;

  /** Whether a round has been run that nobody reads: the first is slow for reasons of its own. */
  private static boolean warm;

  /** What is timed, by how it begins; empty for all. */
  private static List<String> only = List.of();

  private static final String PASSWORD = "bench-only-password";

  private final HttpClient client =
      HttpClient.newBuilder()
          .cookieHandler(new CookieManager())
          .followRedirects(HttpClient.Redirect.NORMAL)
          .build();
  private final String base;
  private final PrintStream out;

  /** Milliseconds of a static file of this server, in this run. */
  private double yardstick;

  private SpeedBench(int port, PrintStream out) {
    this.base = "http://localhost:" + port;
    this.out = out;
  }

  /**
   * Runs everything, at 1 %, 10 % and 100 % of ten years; takes some minutes. With {@code --traces}
   * recordings alone, with {@code --share 10} that share of ten years alone, with {@code --only
   * Today,Plan} what begins so alone.
   */
  public static void main(String[] args) throws Exception {
    List<String> said = Arrays.asList(args);
    if (said.contains("--only") && said.indexOf("--only") + 1 < said.size()) {
      only = List.of(said.get(said.indexOf("--only") + 1).split(","));
    }
    int[] shares = SHARES;
    if (said.contains("--share")) {
      int at = said.indexOf("--share") + 1;
      String share = at < said.size() ? said.get(at) : "";
      if (!share.matches("[1-9]\\d?|100")) {
        System.err.println(
            "--share wants a whole number from 1 to 100, in hundredths of ten years.");
        System.exit(2);
      }
      shares = new int[] {Integer.parseInt(share)};
    } else {
      TraceBench.print();
    }
    if (said.contains("--traces")) {
      return;
    }
    for (int share : shares) {
      Path home = Files.createTempDirectory("loose-hip-bench");
      try (ConfigurableApplicationContext context = started(home)) {
        years(context, share);
      } finally {
        try (Stream<Path> files = Files.walk(home)) {
          files.sorted(Comparator.reverseOrder()).forEach(f -> f.toFile().delete());
        }
      }
    }
    System.exit(0);
  }

  /** The program on an empty folder, without what it says to whoever starts it. */
  private static ConfigurableApplicationContext started(Path home) {
    PrintStream out = System.out;
    System.setOut(new PrintStream(OutputStream.nullOutputStream()));
    try {
      return SpringApplication.run(
          LooseHip.class,
          "--server.port=0",
          "--logging.level.root=ERROR",
          "--spring.main.banner-mode=off",
          "--spring.main.log-startup-info=false",
          "--loose-hip.demo=false",
          "--loose-hip.home=" + home);
    } finally {
      System.setOut(out);
    }
  }

  private static void years(ConfigurableApplicationContext context, int share) throws Exception {
    Account wren =
        context
            .getBean(Accounts.class)
            .addPractice(
                "Bench", "Wren", "wren", context.getBean(PasswordEncoder.class).encode(PASSWORD));
    YearsOfWork.Made made =
        new YearsOfWork(context.getBean(Database.class))
            .fill(
                wren,
                Math.max(LEAST_GOLFERS, GOLFERS * share / 100),
                VISITS * share / 100,
                LocalDate.now(Clock.systemUTC()));
    System.out.printf(
        Locale.ROOT,
        "%n%d %% of ten years: %,d golfers, %,d visits, %,d readings%n",
        share,
        made.golfers(),
        made.visits(),
        made.readings());
    int port = Integer.parseInt(context.getEnvironment().getProperty("local.server.port", "0"));
    if (!warm) {
      new SpeedBench(port, new PrintStream(OutputStream.nullOutputStream())).pages();
      warm = true;
    }
    new SpeedBench(port, System.out).pages();
    System.gc();
    Runtime runtime = Runtime.getRuntime();
    System.out.printf(
        Locale.ROOT,
        "heap in use afterwards %26d MB%n",
        (runtime.totalMemory() - runtime.freeMemory()) >> 20);
    ofProcess().ifPresent(mb -> System.out.printf("memory of the process %23d MB%n", mb));
  }

  /** Resident memory of this process, which is server and client, in MB; empty where unknown. */
  private static Optional<Long> ofProcess() throws IOException {
    Path status = Path.of("/proc/self/status");
    if (!Files.isReadable(status)) {
      return Optional.empty();
    }
    return Files.readAllLines(status).stream()
        .filter(line -> line.startsWith("VmRSS:"))
        .map(line -> Long.parseLong(line.replaceAll("\\D", "")) >> 10)
        .findFirst();
  }

  private void pages() throws Exception {
    String door = get("/sign-in");
    post("/sign-in", "username=wren&password=" + PASSWORD + "&_csrf=" + encoded(csrf(door)));
    String today = get("/");
    Matcher link = Pattern.compile("href=\"(/golfers/[^/\"]+)/talk\"").matcher(today);
    List<String> golfers = new ArrayList<>();
    while (link.find()) {
      golfers.add(link.group(1));
    }
    String token = csrf(get(golfers.get(0) + "/measure?mode=run"));
    out.printf("%-34s %8s %8s %8s%n", "what", "median", "95 %", "× static");
    Matcher style = Pattern.compile("href=\"(/css/paper[^\"]+)\"").matcher(today);
    if (style.find()) {
      timed("static file", () -> get(style.group(1)));
    }
    int[] turn = {0};
    Callable<String> golfer = () -> golfers.get(turn[0]++ % golfers.size());
    timed("Today", () -> get("/"));
    timed("find", () -> get("/find?q=golfer+" + (char) ('a' + turn[0]++ % 26)));
    timed("Talk", () -> get(golfer.call() + "/talk"));
    timed("Measure, one at a time", () -> get(golfer.call() + "/measure?mode=run"));
    timed("Measure, sheet", () -> get(golfer.call() + "/measure/sheet?position=standing"));
    timed("visits, two compared", () -> get(golfer.call() + "/visits"));
    timed("Set-up", () -> get(golfer.call() + "/set-up"));
    timed("Swing", () -> get(golfer.call() + "/swing"));
    timed("Links", () -> get(golfer.call() + "/links"));
    String card = golfers.get(0) + "/measure/sheet/seated-rotation.left.internal";
    timed(
        "save a try (sheet)",
        () -> {
          post(card + "/void", "_csrf=" + encoded(token));
          return "";
        });
    timed(
        "save a fact",
        () ->
            post(
                golfers.get(1) + "/notes/setup.leadFlare",
                "value=" + (turn[0]++ % 30) + "&_csrf=" + encoded(token)));
    timed(
        "save a try (one at a time)",
        () ->
            post(
                golfers.get(turn[0] % golfers.size()) + "/measure/hinge-contact/tries",
                "value="
                    + (30 + turn[0]++ % 20)
                    + "&submitKey="
                    + UUID.randomUUID()
                    + "&_csrf="
                    + encoded(token)));
    timed(
        "pivot bench, one change",
        () ->
            get(
                golfer.call()
                    + "/pivot/tried?trailFlare="
                    + turn[0]++ % 30
                    + "&leadRelease=knee&club=driver&school=rotation-first"));
    planned(golfers.get(2), encoded(token));
  }

  /** A golfer with a plan: its page, its log, one word in the log, its sheet as PDF. */
  private void planned(String golfer, String token) throws Exception {
    for (String fact :
        List.of(
            "fault.sway=clear",
            "fault.early-stop=clear",
            "wish.minutes=20",
            "wish.days=7",
            "wish.tool-club=yes")) {
      String[] halves = fact.split("=");
      post(golfer + "/notes/" + halves[0], "value=" + halves[1] + "&_csrf=" + token);
    }
    post(golfer + "/plan/give", "_csrf=" + token);
    String log = get(golfer + "/follow");
    Matcher row = Pattern.compile("hx-post=\"([^\"]+/follow/[^\"]+/[^\"]+)\"").matcher(log);
    timed("Plan", () -> get(golfer + "/plan"));
    timed("Follow", () -> get(golfer + "/follow"));
    if (row.find()) {
      timed("say one thing in the log", () -> post(row.group(1), "done=top&_csrf=" + token));
    }
    timed("the sheet as PDF", () -> get(golfer + "/sheet.pdf"));
  }

  private void timed(String what, Callable<String> work) throws Exception {
    if (!only.isEmpty() && yardstick != 0 && only.stream().noneMatch(what::startsWith)) {
      return;
    }
    for (int i = 0; i < WARM_UPS; i++) {
      work.call();
    }
    double[] took = new double[RUNS];
    for (int i = 0; i < RUNS; i++) {
      long from = System.nanoTime();
      work.call();
      took[i] = (System.nanoTime() - from) / 1e6;
    }
    Arrays.sort(took);
    double median = took[RUNS / 2];
    if (yardstick == 0) {
      yardstick = median;
    }
    out.printf(
        Locale.ROOT,
        "%-34s %5.1f ms %5.1f ms %8.1f%n",
        what,
        median,
        took[RUNS * 95 / 100],
        median / yardstick);
  }

  private String get(String path) throws IOException, InterruptedException {
    return send(HttpRequest.newBuilder(URI.create(base + path)).build());
  }

  private String post(String path, String form) throws IOException, InterruptedException {
    return send(
        HttpRequest.newBuilder(URI.create(base + path))
            .header("Content-Type", "application/x-www-form-urlencoded")
            .POST(HttpRequest.BodyPublishers.ofString(form))
            .timeout(Duration.ofSeconds(30))
            .build());
  }

  private String send(HttpRequest request) throws IOException, InterruptedException {
    HttpResponse<String> answer =
        client.send(request, HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
    if (answer.statusCode() >= 400) {
      throw new IOException(request.uri().getPath() + " answered " + answer.statusCode());
    }
    return answer.body();
  }

  private static String csrf(String page) {
    Matcher token =
        Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"|X-CSRF-TOKEN&quot;:&quot;([^&]+)&quot;")
            .matcher(page);
    if (!token.find()) {
      throw new IllegalStateException("The page carries no token");
    }
    return token.group(1) != null ? token.group(1) : token.group(2);
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8);
  }
}
