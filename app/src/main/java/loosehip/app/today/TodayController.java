package loosehip.app.today;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.firsthour.FirstHour;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Glances;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Glance;
import loosehip.app.store.Golfers;
import loosehip.app.store.LineUp;
import loosehip.app.words.AttentionWords;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import loosehip.core.follow.Attention;
import loosehip.core.follow.TodayGroup;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Today: who needs the trainer now; finding and adding a golfer. */
@Controller
class TodayController {
  private static final int SHOWN_AT_MOST = 40;

  private final Golfers golfers;
  private final Glances glances;
  private final Frames frames;
  private final LineUp line;
  private final ListItems items;
  private final FirstHour hour;
  private final Clock clock;

  TodayController(
      Golfers golfers,
      Glances glances,
      Frames frames,
      LineUp line,
      ListItems items,
      FirstHour hour,
      Clock clock) {
    this.hour = hour;
    this.line = line;
    this.items = items;
    this.golfers = golfers;
    this.glances = glances;
    this.frames = frames;
    this.clock = clock;
  }

  /** The golfers of a group, the latest seen first when there are too many to read. */
  private TodayPage.Group group(
      String id, String heading, String empty, List<Glance> glances, Set<String> inLine) {
    int more = Math.max(0, glances.size() - SHOWN_AT_MOST);
    List<Glance> shown =
        more == 0
            ? glances
            : glances.stream()
                .sorted(Comparator.comparing(Glance::seenOn).reversed())
                .limit(SHOWN_AT_MOST)
                .toList();
    LocalDate today = LocalDate.now(clock);
    boolean resume = id.equals("bench");
    List<String> written =
        shown.stream().map(g -> items.of(g, today, resume, inLine.contains(g.golferId()))).toList();
    return new TodayPage.Group(id, heading, empty, written, more);
  }

  @GetMapping("/")
  String today(@AuthenticationPrincipal SignedIn user, Model model) {
    return show(user, model, TodayPage.Adding.NOTHING);
  }

  private String show(SignedIn user, Model model, TodayPage.Adding adding) {
    List<Glance> bench = new ArrayList<>();
    List<Glance> due = new ArrayList<>();
    List<Glance> waiting = new ArrayList<>();
    List<Glance> quiet = new ArrayList<>();
    LocalDate today = LocalDate.now(clock);
    Map<String, LocalDate> lapsed =
        LapsedClearances.of(golfers, user.account().practiceId(), today);
    Map<String, Glance> all = new HashMap<>();
    for (Glance stored : glances.all(user.account())) {
      Glance glance = aged(stored, Optional.ofNullable(lapsed.get(stored.golferId())));
      all.put(glance.golferId(), glance);
      switch (group(glance, lapsed.containsKey(glance.golferId()), today)) {
        case WAITING -> waiting.add(glance);
        case DUE -> due.add(glance);
        case BENCH -> bench.add(glance);
        case QUIET -> quiet.add(glance);
      }
    }
    List<TodayPage.InLine> inLine = line(user.account(), all, today);
    Set<String> lined = inLine.stream().map(l -> l.row().id()).collect(Collectors.toSet());
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new TodayPage(
            Dates.day(today),
            adding,
            bench.size() + due.size() + waiting.size() + quiet.size(),
            needs(all.values(), lapsed.keySet(), today),
            inLine,
            List.of(
                group(
                    "bench",
                    "On the bench now",
                    "Nobody was seen today or yesterday.",
                    bench,
                    lined),
                group("due", "Due back", "No retest falls in this week.", due, lined),
                group(
                    "waiting",
                    "Waiting on somebody",
                    "Nobody waits for a clinician.",
                    waiting,
                    lined),
                group("quiet", "Quiet", "Everybody has something on.", quiet, lined))));
    hour.onToday(user.account(), all.size())
        .ifPresent(words -> model.addAttribute("firstHour", words));
    return "today/today";
  }

  /** Whoever needs a person today, the most pressing first, then by name. */
  private static List<TodayPage.Need> needs(
      Collection<Glance> all, Set<String> lapsed, LocalDate today) {
    record Needing(Attention why, Glance glance) {}
    return all.stream()
        .flatMap(
            g ->
                Attention.of(waits(g, lapsed), g.home(), g.dueOn(), today).stream()
                    .map(why -> new Needing(why, g)))
        .sorted(
            Comparator.comparing(Needing::why)
                .thenComparing(n -> n.glance().seenOn(), Comparator.reverseOrder())
                .thenComparing(n -> n.glance().name()))
        .limit(SHOWN_AT_MOST)
        .map(
            n ->
                new TodayPage.Need(
                    TodayPage.Row.of(n.glance(), today),
                    AttentionWords.reason(n.why(), n.glance().home(), n.glance().dueOn()),
                    AttentionWords.station(n.why()),
                    AttentionWords.say(n.why())))
        .toList();
  }

  private static boolean waits(Glance glance, Set<String> lapsed) {
    return glance.group() == TodayGroup.WAITING || lapsed.contains(glance.golferId());
  }

  /** Today's line, with those handed to somebody. */
  private List<TodayPage.InLine> line(Account by, Map<String, Glance> all, LocalDate today) {
    return line.today(by.practiceId()).stream()
        .filter(place -> all.containsKey(place.golferId()))
        .map(
            place ->
                new TodayPage.InLine(
                    TodayPage.Row.of(all.get(place.golferId()), today),
                    place.heldBy(),
                    place.heldById().equals(Optional.of(by.id()))))
        .toList();
  }

  /**
   * The stored group ages: a golfer leaves that group after a day and becomes due near the retest.
   */
  private static TodayGroup group(Glance glance, boolean lapsed, LocalDate today) {
    return TodayGroup.of(
        lapsed || glance.group() == TodayGroup.WAITING, glance.dueOn(), glance.seenOn(), today);
  }

  /** What was stored of a golfer whose clearance has lapsed since says what it waits for. */
  private static Glance aged(Glance stored, Optional<LocalDate> lapsed) {
    return lapsed
        .map(
            since ->
                stored.saying("the clearance was to be looked at again by " + Dates.day(since)))
        .orElse(stored);
  }

  @GetMapping("/find")
  String find(
      @RequestParam(defaultValue = "") String q,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    List<TodayPage.Row> rows =
        q.isBlank()
            ? List.of()
            : glances.find(user.account(), q).stream()
                .map(g -> TodayPage.Row.of(g, LocalDate.now(clock)))
                .toList();
    model.addAttribute("found", new TodayPage.Found(rows, q.strip()));
    return "today/found";
  }

  @PostMapping("/golfers")
  String add(
      @RequestParam(defaultValue = "") String name,
      @AuthenticationPrincipal SignedIn user,
      Model model,
      RedirectAttributes redirect) {
    Optional<String> problem =
        Typed.line(name).isEmpty()
            ? Optional.of("Type the golfer's name first.")
            : Typed.line(name).length() > 80
                ? Optional.of("At most 80 letters; nothing was added.")
                : Optional.empty();
    if (problem.isPresent()) {
      return show(user, model, new TodayPage.Adding(name, problem.get()));
    }
    redirect.addAttribute("id", golfers.add(user.account(), Typed.line(name)));
    return "redirect:/golfers/{id}/talk";
  }
}
