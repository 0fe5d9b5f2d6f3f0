package loosehip.app.measure;

import java.time.Clock;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.golfer.Topic;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Journal;
import loosehip.app.store.TakenTry;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One test at a time: takes, voids and corrects tries, and says at once what they amount to. */
@Controller
class MeasureController {
  private final Benches benches;
  private final Frames frames;
  private final Journal journal;
  private final TestViews views;
  private final Clock clock;

  MeasureController(Benches benches, Frames frames, Journal journal, TestViews views, Clock clock) {
    this.benches = benches;
    this.frames = frames;
    this.journal = journal;
    this.views = views;
    this.clock = clock;
  }

  @GetMapping("/golfers/{id}/measure")
  String measure(
      @PathVariable String id,
      @RequestParam Optional<String> card,
      @RequestParam Optional<String> test,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.MEASURE));
    model.addAttribute("bench", bench);
    model.addAttribute("orders", RunningOrder.values());
    model.addAttribute(
        "t", views.view(bench, TestViews.card(bench, card, test), TestViews.Entry.NONE));
    return "measure/measure";
  }

  @PostMapping("/golfers/{id}/measure/{card}/tries")
  String take(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "") String correcting,
      @RequestParam(defaultValue = "") String confirm,
      @RequestParam(defaultValue = "") String submitKey,
      @RequestParam(defaultValue = "") String method,
      @RequestParam(defaultValue = "") List<String> compensations,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    TestCard test = TestViews.card(bench, Optional.of(card), Optional.empty());
    Optional<String> refused = refused(bench, test);
    if (refused.isPresent()) {
      return live(model, user, id, test, new TestViews.Entry(value, correcting, "", refused.get()));
    }
    TypedTry typed = TypedTry.of(test.test(), value, confirm);
    if (!typed.problem().isEmpty()) {
      String asking = typed.unusual() ? value.strip() : "";
      return live(
          model, user, id, test, new TestViews.Entry(value, correcting, asking, typed.problem()));
    }
    Set<Compensation> seen = EnumSet.noneOf(Compensation.class);
    compensations.forEach(c -> Compensation.parse(c).ifPresent(seen::add));
    Journal.NewTry taken =
        new Journal.NewTry(
            test.numbers().orElseThrow(),
            typed.value(),
            Optional.empty(),
            Method.parse(method).or(() -> test.test().methods().stream().findFirst()),
            seen,
            seen.stream().anyMatch(Compensation::voids));
    String label = "try " + Results.plain(typed.value().orElseThrow());
    Journal.Outcome outcome =
        correcting.isBlank()
            ? journal.take(bench.file(), user.account(), taken, submitKey, label)
            : journal.correct(bench.file(), user.account(), correcting, taken, label);
    return live(model, user, id, test, after(outcome, user, id, test, value, correcting));
  }

  private TestViews.Entry after(
      Journal.Outcome outcome,
      SignedIn user,
      String id,
      TestCard test,
      String value,
      String correcting) {
    return switch (outcome) {
      case SAVED -> TestViews.Entry.NONE;
      case ALREADY_TAKEN ->
          new TestViews.Entry("", "", "", "That try was already taken; it was not added twice.");
      case FULL ->
          new TestViews.Entry(
              value, "", "", "Five tries are taken. Tap one to correct it, or void one (x).");
      case CHANGED_MEANWHILE -> {
        Bench now = benches.open(user.account(), id);
        Optional<TakenTry> theirs = newest(now, test);
        yield new TestViews.Entry(
            value,
            theirs.map(TakenTry::rowId).orElse(""),
            "",
            theirs
                .map(
                    t ->
                        "Meanwhile this try was changed to "
                            + Results.plain(t.value().orElse(0.0))
                            + " by "
                            + t.by()
                            + ". Yours is still in the field: Enter puts it in its place, Esc"
                            + " leaves theirs.")
                .orElse("Meanwhile this try was taken back. Enter takes yours as a new one."));
      }
    };
  }

  private static Optional<TakenTry> newest(Bench bench, TestCard test) {
    return bench.file().tries(test.numbers().orElseThrow()).stream()
        .max(java.util.Comparator.comparing(TakenTry::at));
  }

  private static Optional<String> refused(Bench bench, TestCard test) {
    if (bench.golfer().health().refer()) {
      return Optional.of("Not kept: a warning sign waits for a clinician's clearance (Talk).");
    }
    if (!bench.consented()) {
      return Optional.of("Not kept yet: health data needs the golfer's consent first (Talk, top).");
    }
    return bench
        .golfer()
        .health()
        .blocks(test.test(), test.side())
        .map(b -> "Not taken: " + b.words());
  }

  /** Chooses the running order of this visit. */
  @PostMapping("/golfers/{id}/measure/order")
  String order(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String order,
      @AuthenticationPrincipal SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    RunningOrder.parse(order)
        .ifPresent(
            o ->
                journal.note(
                    bench.file(),
                    user.account(),
                    "order",
                    Optional.of(o.id()),
                    true,
                    "order: " + o.title(),
                    "measure"));
    return "redirect:/golfers/" + id + "/measure";
  }

  /** Voids the last try, or a named one; a second time counts it again. */
  @PostMapping("/golfers/{id}/measure/{card}/void")
  String toggleVoid(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "") String row,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    TestCard test = TestViews.card(bench, Optional.of(card), Optional.empty());
    List<TakenTry> tries = bench.file().tries(test.numbers().orElseThrow());
    Optional<TakenTry> which =
        row.isBlank()
            ? tries.stream().reduce((a, b) -> b)
            : tries.stream().filter(t -> t.rowId().equals(row)).findFirst();
    TestViews.Entry entry = TestViews.Entry.NONE;
    if (which.isEmpty()) {
      entry = new TestViews.Entry("", "", "", "There is no try to void here.");
    } else {
      TakenTry old = which.get();
      Journal.NewTry turned =
          new Journal.NewTry(
              old.slot(),
              old.value(),
              old.word(),
              old.method(),
              old.voided() ? Set.of() : old.compensations(),
              !old.voided());
      String what = (old.voided() ? "count " : "void ") + Results.plain(old.value().orElse(0.0));
      journal.correct(bench.file(), user.account(), old.rowId(), turned, what);
    }
    return live(model, user, id, test, entry);
  }

  /** Takes a word: yes or no, a quality, how far it got. */
  @PostMapping("/golfers/{id}/measure/{card}/words/{slotKey}")
  String word(
      @PathVariable String id,
      @PathVariable String card,
      @PathVariable String slotKey,
      @RequestParam(defaultValue = "") String value,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    TestCard test = TestViews.card(bench, Optional.of(card), Optional.empty());
    Optional<Slot> slot = Slot.parse(slotKey).filter(s -> s.test() == test.test());
    Optional<String> refused = refused(bench, test);
    TestViews.Entry entry = TestViews.Entry.NONE;
    if (slot.isEmpty() || !slot.get().test().words(slot.get().part()).contains(value)) {
      entry = new TestViews.Entry("", "", "", "This page offered something unknown. Reload it.");
    } else if (refused.isPresent()) {
      entry = new TestViews.Entry("", "", "", refused.get());
    } else {
      Journal.NewTry said =
          new Journal.NewTry(
              slot.get(), Optional.empty(), Optional.of(value), Optional.empty(), Set.of(), false);
      String label = slot.get().part().map(p -> p.word() + ": ").orElse("") + value;
      Optional<TakenTry> old = bench.file().tries(slot.get()).stream().findFirst();
      if (old.isPresent()) {
        journal.correct(bench.file(), user.account(), old.get().rowId(), said, label);
      } else {
        journal.take(
            bench.file(), user.account(), said, java.util.UUID.randomUUID().toString(), label);
      }
    }
    return live(model, user, id, test, entry);
  }

  /** Notes pain in this test; from 4 up the test ends on this side. */
  @PostMapping("/golfers/{id}/measure/{card}/pain")
  String pain(
      @PathVariable String id,
      @PathVariable String card,
      @RequestParam(defaultValue = "0") String level,
      @RequestParam(defaultValue = "") String site,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Bench bench = benches.open(user.account(), id);
    TestCard test = TestViews.card(bench, Optional.of(card), Optional.empty());
    String topic = Topic.PAIN.about(test.numbers().orElseThrow().key());
    String value = level.equals("0") ? "" : (level + " " + site.strip()).strip();
    Optional<String> problem = Topic.PAIN.problem(topic, value, 0);
    if (problem.isEmpty()) {
      journal.note(
          bench.file(),
          user.account(),
          topic,
          Optional.of(value).filter(v -> !v.isEmpty()),
          true,
          "pain " + level,
          "measure");
    }
    return live(model, user, id, test, new TestViews.Entry("", "", "", problem.orElse("")));
  }

  private String live(Model model, SignedIn user, String id, TestCard test, TestViews.Entry entry) {
    Bench bench = benches.saved(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.MEASURE));
    model.addAttribute("bench", bench);
    model.addAttribute("t", views.view(bench, test, entry));
    model.addAttribute("topic", "measure");
    model.addAttribute("problem", entry.problem());
    model.addAttribute("saved", Dates.saved(LocalTime.now(clock)));
    return "measure/after-try";
  }
}
