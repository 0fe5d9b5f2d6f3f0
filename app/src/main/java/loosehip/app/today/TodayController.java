package loosehip.app.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Dates;
import loosehip.app.planview.HipGlyph;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Glance;
import loosehip.app.store.Golfers;
import loosehip.core.body.Handed;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Today: who needs the trainer now; finding and adding a golfer. */
@Controller
class TodayController {
  private static final int SHOWN_AT_MOST = 40;

  private final Golfers golfers;
  private final Frames frames;
  private final Clock clock;

  TodayController(Golfers golfers, Frames frames, Clock clock) {
    this.golfers = golfers;
    this.frames = frames;
    this.clock = clock;
  }

  /** A group of golfers with a heading; {@code more} of them are found by name. */
  public record Group(String id, String heading, String empty, List<Row> rows, int more) {}

  /** One golfer in a list. */
  public record Row(
      String id, String name, String who, String words, String seen, HipGlyph glyph) {}

  /** The rows of a group, the latest seen first when there are too many to read. */
  private Group group(String id, String heading, String empty, List<Glance> glances) {
    int more = Math.max(0, glances.size() - SHOWN_AT_MOST);
    List<Glance> shown =
        more == 0
            ? glances
            : glances.stream()
                .sorted(Comparator.comparing(Glance::seenOn).reversed())
                .limit(SHOWN_AT_MOST)
                .toList();
    LocalDate today = LocalDate.now(clock);
    return new Group(id, heading, empty, shown.stream().map(g -> row(g, today)).toList(), more);
  }

  @GetMapping("/")
  String today(@AuthenticationPrincipal SignedIn user, Model model) {
    List<Glance> bench = new ArrayList<>();
    List<Glance> due = new ArrayList<>();
    List<Glance> waiting = new ArrayList<>();
    List<Glance> quiet = new ArrayList<>();
    LocalDate today = LocalDate.now(clock);
    for (Glance glance : golfers.all(user.account().practiceId())) {
      switch (group(glance, today)) {
        case "waiting" -> waiting.add(glance);
        case "due" -> due.add(glance);
        case "bench" -> bench.add(glance);
        default -> quiet.add(glance);
      }
    }
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("date", Dates.day(today));
    model.addAttribute(
        "groups",
        List.of(
            group("bench", "On the bench now", "Nobody was seen today or yesterday.", bench),
            group("due", "Due back", "No retest falls in this week.", due),
            group("waiting", "Waiting on somebody", "Nobody waits for a clinician.", waiting),
            group("quiet", "Quiet", "Everybody has something on.", quiet)));
    model.addAttribute("count", bench.size() + due.size() + waiting.size() + quiet.size());
    return "today/today";
  }

  /**
   * The stored group ages: a golfer leaves the bench after a day and becomes due near the retest.
   */
  private static String group(Glance glance, LocalDate today) {
    if (glance.standing().equals("waiting")) {
      return "waiting";
    }
    if (glance.dueOn().filter(d -> !d.isAfter(today.plusDays(7))).isPresent()) {
      return "due";
    }
    return glance.seenOn().isAfter(today.minusDays(2)) ? "bench" : "quiet";
  }

  private static Row row(Glance glance, LocalDate today) {
    Handed handed = Handed.parse(glance.handed()).orElse(Handed.RIGHT);
    String hand = handed == Handed.RIGHT ? "right-handed" : "left-handed";
    String who = glance.birthYear().map(y -> (today.getYear() - y) + ", " + hand).orElse(hand);
    return new Row(
        glance.golferId(),
        glance.name(),
        who,
        glance.words(),
        Dates.day(glance.seenOn()),
        HipGlyph.of(
            handed,
            glance.trailInternal(),
            glance.trailExternal(),
            glance.leadInternal(),
            glance.leadExternal()));
  }

  @GetMapping("/find")
  String find(
      @RequestParam(defaultValue = "") String q,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    List<Row> rows =
        q.isBlank()
            ? List.of()
            : golfers.find(user.account().practiceId(), q).stream()
                .map(g -> row(g, LocalDate.now(clock)))
                .toList();
    model.addAttribute("rows", rows);
    model.addAttribute("q", q);
    return "today/found";
  }

  @PostMapping("/golfers")
  String add(
      @RequestParam(defaultValue = "") String name,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<String> problem =
        name.isBlank()
            ? Optional.of("Type the golfer's name first.")
            : name.strip().length() > 80
                ? Optional.of("At most 80 letters; nothing was added.")
                : Optional.empty();
    if (problem.isPresent()) {
      model.addAttribute("problem", problem.get());
      model.addAttribute("typed", name);
      return today(user, model);
    }
    String id = golfers.add(user.account(), name.strip());
    return "redirect:/golfers/" + id + "/talk";
  }
}
