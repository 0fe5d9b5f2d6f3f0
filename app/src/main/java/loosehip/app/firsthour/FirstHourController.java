package loosehip.app.firsthour;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import loosehip.app.casefile.NewFromCase;
import loosehip.app.door.Needs;
import loosehip.app.floor.Bags;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.GolferErased;
import loosehip.app.golfer.Workups;
import loosehip.app.practice.Room;
import loosehip.app.practice.RoomShelf;
import loosehip.app.practice.UnitChoice;
import loosehip.app.practice.UnitsShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Position;
import loosehip.app.unit.Units;
import loosehip.app.words.ToolWords;
import loosehip.app.words.Typed;
import loosehip.core.named.Named;
import loosehip.core.pivot.School;
import loosehip.core.plan.Tool;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Leads an owner through the first hour; each step is kept by itself and can wait. */
@Controller
class FirstHourController {
  private static final String GOLFER = "Practice golfer (made up)";
  private static final String CASE = "/loosehip/app/firsthour/practice-golfer.json";
  private static final int CONSENT_MOST = 1200;
  private static final int CONSENT_LEAST = 40;

  private final Frames frames;
  private final FirstHour hour;
  private final UnitsShelf units;
  private final RoomShelf rooms;
  private final Bags bags;
  private final NewFromCase cases;
  private final Golfers golfers;
  private final Workups workups;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  FirstHourController(
      Frames frames,
      FirstHour hour,
      UnitsShelf units,
      RoomShelf rooms,
      Bags bags,
      NewFromCase cases,
      Golfers golfers,
      Workups workups,
      ApplicationEventPublisher events,
      Clock clock) {
    this.frames = frames;
    this.hour = hour;
    this.units = units;
    this.rooms = rooms;
    this.bags = bags;
    this.cases = cases;
    this.golfers = golfers;
    this.workups = workups;
    this.events = events;
    this.clock = clock;
  }

  @Needs(Position.OWNER)
  @GetMapping("/first-hour")
  String page(
      @RequestParam(defaultValue = "") String open,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Account owner = user.account();
    Map<Step, FirstHour.State> states = hour.steps(owner);
    Optional<Step> asked = Named.parse(Step.class, open);
    Step next =
        asked.orElseGet(
            () ->
                states.entrySet().stream()
                    .filter(e -> e.getValue() == FirstHour.State.OPEN)
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse(Step.PLAN));
    Room room = rooms.of(owner.practiceId());
    model.addAttribute("frame", frames.of(owner));
    model.addAttribute(
        "page",
        new FirstHourPage(
            states.values().stream().filter(s -> s == FirstHour.State.DONE).count(),
            Arrays.stream(Step.values())
                .map(s -> FirstHourPage.Line.of(s, states.get(s), s == next))
                .toList(),
            UnitChoice.all(Units.now()),
            room.consent().text(),
            room.consent().id(),
            Arrays.stream(School.values())
                .map(s -> new FirstHourPage.Tick(s.id(), s.title(), room.schools().contains(s)))
                .toList(),
            Arrays.stream(Tool.values())
                .map(t -> new FirstHourPage.Tick(t.id(), ToolWords.of(t), room.tools().contains(t)))
                .toList(),
            bags.of(owner).stream().map(b -> b.shaft().name()).toList(),
            hour.practiceGolfer(owner).map(GolferFile::id)));
    return "firsthour/first-hour";
  }

  /** Keeps what a step says, or leaves it for later. */
  @Needs(Position.OWNER)
  @PostMapping("/first-hour/{step}")
  String keep(
      @PathVariable String step,
      @RequestParam Map<String, String> said,
      @RequestParam(defaultValue = "") List<String> ticked,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash)
      throws IOException {
    Account owner = user.account();
    Step which =
        Named.parse(Step.class, step)
            .orElseThrow(() -> new NotHere("There is no such step. Nothing was changed."));
    if (said.containsKey("later")) {
      hour.later(owner, which);
      return "redirect:/first-hour#go-on";
    }
    Optional<String> problem = Optional.empty();
    switch (which) {
      case UNITS -> said.forEach((what, choice) -> units.set(owner, what, choice));
      case CONSENT -> problem = consent(owner, said.getOrDefault("text", ""));
      case SCHOOLS -> problem = schools(owner, ticked);
      case TOOLS -> rooms.tools(owner, parsed(Tool.class, ticked));
      case GOLFER -> {
        if (hour.practiceGolfer(owner).isEmpty()) {
          hour.practiceGolfer(owner, cases.madeUp(owner, GOLFER, practiceCase()));
        }
      }
      case BAG, HELPER, PLAN -> {
        // done elsewhere; kept here it is said to be enough
      }
    }
    if (problem.isPresent()) {
      flash.addFlashAttribute("problem", problem.get());
      flash.addFlashAttribute("typed", said.getOrDefault("text", ""));
      return "redirect:/first-hour?open=" + which.id() + "#go-on";
    }
    if (which != Step.PLAN) {
      hour.kept(owner, which);
    }
    return "redirect:/first-hour#go-on";
  }

  private Optional<String> consent(Account owner, String typed) {
    String text = Typed.clean(typed);
    if (text.length() < CONSENT_LEAST || text.length() > CONSENT_MOST) {
      return Optional.of(
          "The words of consent take "
              + CONSENT_LEAST
              + " to "
              + CONSENT_MOST
              + " letters: what is kept, what for, and that it can be seen and erased. The old ones"
              + " stand.");
    }
    rooms.consent(owner, text);
    return Optional.empty();
  }

  private Optional<String> schools(Account owner, List<String> ticked) {
    List<School> schools = parsed(School.class, ticked);
    if (schools.isEmpty()) {
      return Optional.of("Keep at least one pivot. Nothing was changed.");
    }
    rooms.schools(owner, schools.size() == School.values().length ? List.of() : schools);
    return Optional.empty();
  }

  private static <E extends Enum<E> & Named> List<E> parsed(Class<E> of, List<String> ids) {
    List<E> all = new ArrayList<>();
    ids.forEach(id -> Named.parse(of, id).ifPresent(all::add));
    return all;
  }

  private String practiceCase() throws IOException {
    try (InputStream in =
        Objects.requireNonNull(FirstHourController.class.getResourceAsStream(CASE))) {
      return String.format(
          Locale.ROOT, new String(in.readAllBytes(), StandardCharsets.UTF_8), LocalDate.now(clock));
    }
  }

  /** Throws the made-up golfer away, and everything that was typed about them. */
  @Needs(Position.OWNER)
  @PostMapping("/first-hour/golfer/drop")
  String drop(@AuthenticationPrincipal SignedIn user, RedirectAttributes flash) {
    Optional<GolferFile> golfer = hour.practiceGolfer(user.account());
    golfer.ifPresent(
        file -> {
          golfers.erase(file);
          workups.forget();
          events.publishEvent(new GolferErased(file.id()));
        });
    flash.addFlashAttribute("told", "The practice golfer is gone, with all that was typed.");
    return "redirect:/first-hour?open=golfer#go-on";
  }

  /** Today says nothing of it any more. */
  @Needs(Position.OWNER)
  @PostMapping("/first-hour/over")
  String over(@AuthenticationPrincipal SignedIn user) {
    hour.over(user.account());
    return "redirect:/";
  }
}
