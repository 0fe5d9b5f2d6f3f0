import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Kills and load: {@code java bench/Trust.java kills [ROUNDS]} kills the program that often while
 * four hands save and a file of readings is taken, starts it again on the same folder, and looks
 * for every save that had been acknowledged. {@code java bench/Trust.java load [SESSIONS]
 * [SECONDS]} lets that many signed-in sessions read and save at once. Build first: {@code
 * ./loose-hip build}. It talks to 127.0.0.1 alone and stops by itself.
 */
public class Trust {
  static final String PASSWORD = "larch over the ninth green";
  static final Duration PATIENCE = Duration.ofSeconds(60);
  static final int HANDS = 4;

  /** The program, running. */
  record Program(Process process, String base, String setUp) {
    static Program start(Path home) throws Exception {
      int port;
      try (ServerSocket free = new ServerSocket(0)) {
        port = free.getLocalPort();
      }
      Path run = Path.of("app", "target", "run");
      List<String> command =
          new ArrayList<>(
              List.of(
                  "java",
                  "-XX:TieredStopAtLevel=1",
                  "-XX:+UseSerialGC",
                  "-Xmx256m",
                  "-Xss512k"));
      Path archive = run.resolve("loose-hip.jsa");
      if (Files.exists(archive)) {
        command.add("-XX:SharedArchiveFile=" + archive);
        command.add("-Xlog:cds=off");
      }
      command.addAll(
          List.of(
              "-jar",
              run.resolve("loose-hip.jar").toString(),
              "--server.port=" + port,
              "--loose-hip.demo=false",
              "--loose-hip.home=" + home));
      Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
      BufferedReader out =
          new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
      StringBuffer said = new StringBuffer();
      // what it says after it has started is said here as well: it should be nothing
      Thread reader =
          new Thread(
              () ->
                  out.lines()
                      .forEach(
                          l -> {
                            if (said.indexOf("Stop it with") >= 0) {
                              System.err.println("server: " + l);
                            }
                            said.append(l).append('\n');
                          }));
      reader.setDaemon(true);
      reader.start();
      String base = "http://127.0.0.1:" + port;
      for (int i = 0; i < 900 && !said.toString().contains("Stop it with"); i++) {
        if (!process.isAlive()) {
          throw new IllegalStateException("It did not start:\n" + said);
        }
        Thread.sleep(100);
      }
      Matcher link = Pattern.compile("/set-up/([A-Za-z0-9_-]+)").matcher(said);
      return new Program(process, base, link.find() ? link.group(1) : "");
    }
  }

  /** One signed-in browser. */
  static final class Session {
    private final HttpClient client =
        HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .connectTimeout(PATIENCE)
            .build();
    private final String base;
    private String csrf = "";

    Session(String base) {
      this.base = base;
    }

    HttpResponse<String> get(String path) throws Exception {
      HttpResponse<String> answer =
          client.send(
              HttpRequest.newBuilder(URI.create(base + path)).timeout(PATIENCE).build(),
              HttpResponse.BodyHandlers.ofString());
      Matcher token =
          Pattern.compile("name=\"_csrf\"[^>]*value=\"([^\"]+)\"|X-CSRF-TOKEN&quot;:&quot;([^&]+)")
              .matcher(answer.body());
      if (token.find()) {
        csrf = token.group(1) != null ? token.group(1) : token.group(2);
      }
      return answer;
    }

    HttpResponse<String> post(String path, String... form) throws Exception {
      StringBuilder body = new StringBuilder("_csrf=" + encode(csrf));
      for (int i = 0; i < form.length; i += 2) {
        body.append('&').append(form[i]).append('=').append(encode(form[i + 1]));
      }
      return client.send(
          HttpRequest.newBuilder(URI.create(base + path))
              .timeout(PATIENCE)
              .header("Content-Type", "application/x-www-form-urlencoded")
              .header("HX-Request", path.contains("/notes/") ? "true" : "false")
              .POST(HttpRequest.BodyPublishers.ofString(body.toString()))
              .build(),
          HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> upload(String path, String name, String text) throws Exception {
      String edge = "----edge";
      String body =
          "--" + edge + "\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + csrf
              + "\r\n--" + edge + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
              + name + "\"\r\nContent-Type: text/csv\r\n\r\n" + text + "\r\n--" + edge + "--\r\n";
      return client.send(
          HttpRequest.newBuilder(URI.create(base + path))
              .timeout(PATIENCE)
              .header("Content-Type", "multipart/form-data; boundary=" + edge)
              .POST(HttpRequest.BodyPublishers.ofString(body))
              .build(),
          HttpResponse.BodyHandlers.ofString());
    }

    Session signIn() throws Exception {
      get("/sign-in");
      HttpResponse<String> in = post("/sign-in", "username", "wren", "password", PASSWORD);
      if (in.uri().getPath().contains("sign-in")) {
        throw new IllegalStateException("not signed in: " + in.uri());
      }
      get("/");
      return this;
    }

    private static String encode(String text) {
      return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
  }

  static void setUp(Program program) throws Exception {
    Session owner = new Session(program.base());
    owner.get("/set-up/" + program.setUp());
    owner.post(
        "/set-up/" + program.setUp(),
        "practice", "The Shed", "shownName", "Wren", "signInName", "wren", "password", PASSWORD);
  }

  static String golfer(Session session, String name) throws Exception {
    HttpResponse<String> added = session.post("/golfers", "name", name);
    Matcher id = Pattern.compile("/golfers/([^/]+)/").matcher(added.uri().getPath());
    if (!id.find()) {
      throw new IllegalStateException("no golfer: " + added.uri());
    }
    session.get("/golfers/" + id.group(1) + "/talk");
    session.post("/golfers/" + id.group(1) + "/notes/consent", "value", "wording 1");
    session.post("/golfers/" + id.group(1) + "/notes/who.handed", "value", "right");
    session.post("/golfers/" + id.group(1) + "/talk/all-no");
    return id.group(1);
  }

  static boolean saved(HttpResponse<String> answer) {
    return answer.statusCode() == 200
        && answer.body().contains("id=\"saved\"")
        && !answer.body().contains("not-saved");
  }

  static void kills(int rounds) throws Exception {
    Path home = Files.createTempDirectory("loose-hip-kills");
    Random random = new Random(18);
    Program program = Program.start(home);
    setUp(program);
    Session first = new Session(program.base()).signIn();
    List<String> golfers = new ArrayList<>();
    for (int i = 0; i < HANDS; i++) {
      golfers.add(golfer(first, "Golfer " + i));
    }
    Session signedIn = first;
    Map<String, String> acknowledged = new ConcurrentHashMap<>();
    int lost = 0;
    int stuck = 0;
    int files = 0;
    for (int round = 1; round <= rounds; round++) {
      AtomicBoolean going = new AtomicBoolean(true);
      List<Thread> hands = new ArrayList<>();
      int of = round;
      for (int hand = 0; hand < HANDS; hand++) {
        Session session = signedIn;
        String golfer = golfers.get(hand);
        int number = hand;
        Thread thread =
            new Thread(
                () -> {
                  for (int i = 0; going.get(); i++) {
                    String word = "save-" + of + "-" + number + "-" + i;
                    try {
                      String topic = i % 2 == 0 ? "wish.want" : "test-note.hinge-contact";
                      if (saved(session.post("/golfers/" + golfer + "/notes/" + topic, "value", word))) {
                        acknowledged.put(word, golfer);
                      }
                    } catch (Exception killed) {
                      return;
                    }
                  }
                });
        hands.add(thread);
      }
      Session taker = signedIn;
      String file = brought(taker, of);
      hands.forEach(Thread::start);
      if (round % 2 == 0) {
        taker.post("/readings/" + file + "/take");
        files++;
      }
      Thread.sleep(200 + random.nextInt(1400));
      program.process().destroyForcibly().waitFor();
      going.set(false);
      for (Thread hand : hands) {
        hand.join();
      }
      program = Program.start(home);
      Session after;
      try {
        after = new Session(program.base()).signIn();
      } catch (java.net.http.HttpTimeoutException hangs) {
        // what it hangs on is worth more than the run
        new ProcessBuilder("jstack", String.valueOf(program.process().pid())).inheritIO().start().waitFor();
        throw hangs;
      }
      signedIn = after;
      for (String golfer : golfers) {
        String kept = after.get("/golfers/" + golfer + "/everything.json").body();
        for (Map.Entry<String, String> save : acknowledged.entrySet()) {
          if (save.getValue().equals(golfer) && !kept.contains("\"" + save.getKey() + "\"")) {
            lost++;
            System.out.println("lost: " + save.getKey());
          }
        }
      }
      if (busy(after, file)) {
        stuck++;
        System.out.println("stuck: the file of round " + round);
      }
      if (round % 20 == 0 || round == rounds) {
        System.out.printf(
            Locale.ROOT,
            "%d kills, %d acknowledged saves, %d lost, %d files being taken, %d stuck%n",
            round, acknowledged.size(), lost, files, stuck);
      }
    }
    program.process().destroy();
    program.process().waitFor();
    check(home);
    if (lost + stuck > 0) {
      System.exit(1);
    }
  }

  /** Brings a file of readings of a day of its own and waits until it is checked. */
  static String brought(Session session, int round) throws Exception {
    StringBuilder csv = new StringBuilder("golfer,visit_date,test,side,part,try,value_deg\n");
    for (int hand = 0; hand < HANDS; hand++) {
      for (String side : List.of("left", "right")) {
        for (String part : List.of("internal", "external")) {
          for (int n = 1; n <= 3; n++) {
            csv.append("Golfer ").append(hand)
                .append(",").append(java.time.LocalDate.of(2020, 1, 1).plusDays(round))
                .append(",seated-rotation,").append(side).append(",").append(part)
                .append(",").append(n).append(",").append(20 + n).append("\n");
          }
        }
      }
    }
    HttpResponse<String> in = session.upload("/readings", "round-" + round + ".csv", csv.toString());
    Matcher id = Pattern.compile("/readings/([A-Za-z0-9_-]+)").matcher(in.uri().getPath());
    if (!id.find()) {
      throw new IllegalStateException("no file: " + in.uri());
    }
    busy(session, id.group(1));
    return id.group(1);
  }

  /** Whether work on a file is still going on after twenty seconds. */
  static boolean busy(Session session, String file) throws Exception {
    for (int i = 0; i < 200; i++) {
      if (!session.get("/readings/" + file + "/state").body().contains("hx-trigger")) {
        return false;
      }
      Thread.sleep(100);
    }
    return true;
  }

  /** A last start on the folder: a damaged file would be refused. */
  static void check(Path home) throws Exception {
    ProcessBuilder command =
        new ProcessBuilder("./loose-hip", "backup", "--to", home.resolve("check").toString());
    command.environment().put("LOOSE_HIP_HOME", home.toString());
    Process backup = command.redirectErrorStream(true).start();
    System.out.print(new String(backup.getInputStream().readAllBytes(), StandardCharsets.UTF_8));
    System.out.println("integrity, read back page by page: " + (backup.waitFor() == 0 ? "right" : "WRONG"));
  }

  static void load(int sessions, int seconds) throws Exception {
    Path home = Files.createTempDirectory("loose-hip-load");
    Program program = Program.start(home);
    setUp(program);
    Session first = new Session(program.base()).signIn();
    List<String> golfers = new ArrayList<>();
    for (int i = 0; i < sessions; i++) {
      golfers.add(golfer(first, "Golfer " + i));
    }
    List<Session> all = new ArrayList<>();
    for (int i = 0; i < sessions; i++) {
      all.add(new Session(program.base()).signIn());
    }
    List<Double> saves = Collections.synchronizedList(new ArrayList<>());
    List<Double> pages = Collections.synchronizedList(new ArrayList<>());
    AtomicInteger wrong = new AtomicInteger();
    AtomicInteger refused = new AtomicInteger();
    long until = System.nanoTime() + seconds * 1_000_000_000L;
    String[] stations = {"talk", "measure", "set-up", "swing", "links", "plan", "follow"};
    List<Thread> hands = new ArrayList<>();
    for (int n = 0; n < sessions; n++) {
      Session session = all.get(n);
      String golfer = golfers.get(n);
      int number = n;
      hands.add(
          new Thread(
              () -> {
                Random random = new Random(number);
                for (int i = 0; System.nanoTime() < until; i++) {
                  try {
                    Thread.sleep(200 + random.nextInt(1600));
                    boolean save = i % 4 != 0;
                    long from = System.nanoTime();
                    HttpResponse<String> answer =
                        save
                            ? session.post(
                                "/golfers/" + golfer + "/notes/wish.want", "value", "w" + number + "-" + i)
                            : session.get("/golfers/" + golfer + "/" + stations[random.nextInt(7)]);
                    double ms = (System.nanoTime() - from) / 1e6;
                    (save ? saves : pages).add(ms);
                    if (answer.statusCode() >= 500) {
                      wrong.incrementAndGet();
                    } else if (save && !saved(answer)) {
                      refused.incrementAndGet();
                    }
                  } catch (Exception e) {
                    wrong.incrementAndGet();
                    System.out.println(e);
                  }
                }
              }));
    }
    hands.forEach(Thread::start);
    for (Thread hand : hands) {
      hand.join();
    }
    program.process().destroy();
    System.out.printf(
        Locale.ROOT,
        "%d sessions for %d s: %d errors, %d saves not kept%n",
        sessions, seconds, wrong.get(), refused.get());
    print("saves", saves);
    print("pages", pages);
  }

  static void print(String what, List<Double> all) {
    double[] ms = all.stream().mapToDouble(d -> d).sorted().toArray();
    System.out.printf(
        Locale.ROOT,
        "%s: %d, median %.0f ms, p95 %.0f ms, p99 %.0f ms, longest %.0f ms%n",
        what, ms.length, at(ms, 0.5), at(ms, 0.95), at(ms, 0.99), at(ms, 1));
  }

  static double at(double[] sorted, double share) {
    return sorted.length == 0 ? 0 : sorted[(int) Math.min(sorted.length - 1, share * sorted.length)];
  }

  public static void main(String[] args) throws Exception {
    List<String> asked = Arrays.asList(args);
    if (asked.isEmpty() || !List.of("kills", "load").contains(asked.get(0))) {
      System.err.println("Use: java bench/Trust.java kills [ROUNDS] | load [SESSIONS] [SECONDS]");
      System.exit(2);
    }
    int first = asked.size() > 1 ? Integer.parseInt(asked.get(1)) : 0;
    if (asked.get(0).equals("kills")) {
      kills(first == 0 ? 200 : first);
    } else {
      load(first == 0 ? 50 : first, asked.size() > 2 ? Integer.parseInt(asked.get(2)) : 60);
    }
  }
}
