package loosehip.app.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.golfer.Typed;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.PracticeValues;
import loosehip.core.measure.Method;
import loosehip.core.measure.Part;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Unit;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The tests of the library: shipped values, the practice's own beside them, and one's own order.
 */
@Controller
@RequestMapping("/library")
class LibraryController {
  private final Frames frames;
  private final TestEntries entries;
  private final PracticeValues values;
  private final StandardsShelf shelf;
  private final Benches benches;

  LibraryController(
      Frames frames,
      TestEntries entries,
      PracticeValues values,
      StandardsShelf shelf,
      Benches benches) {
    this.frames = frames;
    this.entries = entries;
    this.values = values;
    this.shelf = shelf;
    this.benches = benches;
  }

  @GetMapping
  String tests(@AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("methods", entries.methods(user.account()));
    model.addAttribute("tests", entries.tests(user.account()));
    model.addAttribute("edition", ScreenTest.EDITION);
    order(user.account(), model);
    return "library/tests";
  }

  private void order(Account account, Model model) {
    List<ScreenTest> own = benches.ownOrder(account);
    RunningOrder order = new RunningOrder(RunningOrder.OWN, "My order", own);
    model.addAttribute("own", order.tests());
    model.addAttribute("ownMinutes", order.tests().stream().mapToInt(ScreenTest::minutes).sum());
    model.addAttribute(
        "others", Arrays.stream(ScreenTest.values()).filter(t -> !own.contains(t)).toList());
  }

  /** Sets the practice's own band edges; blank resets them. */
  @PostMapping("/bands/{key}")
  String bands(
      @PathVariable String key,
      @RequestParam(defaultValue = "") String enough,
      @RequestParam(defaultValue = "") String close,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    String[] names = key.split("\\.", 2);
    Optional<ScreenTest> test = ScreenTest.parse(names[0]).filter(t -> t.unit() != Unit.WORD);
    Optional<Part> part = names.length > 1 ? Part.parse(names[1]) : Optional.empty();
    if (test.isEmpty()) {
      return "redirect:/library";
    }
    String typed = enough.strip() + " " + close.strip();
    boolean reset = typed.isBlank();
    Standards.Edges edges = Standards.edges(test.get(), part, typed);
    String problem = reset ? "" : edges.problem();
    if (problem.isEmpty()) {
      Optional<String> value =
          edges
              .scale()
              .filter(s -> !reset && !s.equals(test.get().scale(part)))
              .map(s -> Typed.plain(s.enough()) + " " + Typed.plain(s.close()));
      values.set(user.account(), Standards.bandTopic(test.get(), part), value);
    }
    Standards now = shelf.anew(user.account().practiceId());
    model.addAttribute("e", entries.entry(user.account(), now, test.get(), part));
    model.addAttribute("typedEnough", enough);
    model.addAttribute("typedClose", close);
    model.addAttribute("problem", problem);
    return "library/test-entry";
  }

  /** Sets the practice's own deviation of one try; blank resets it. */
  @PostMapping("/deviation/{method}")
  String deviation(
      @PathVariable String method,
      @RequestParam(defaultValue = "") String value,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<Method> which = Method.parse(method);
    Optional<Double> typed =
        Typed.number(value)
            .filter(d -> d >= Standards.DEVIATION_LEAST && d <= Standards.DEVIATION_MOST);
    String problem = "";
    if (which.isPresent() && !value.isBlank() && typed.isEmpty()) {
      problem =
          "One try scatters by "
              + Typed.plain(Standards.DEVIATION_LEAST)
              + " to "
              + Typed.plain(Standards.DEVIATION_MOST)
              + "°; you typed "
              + value.strip()
              + ". The old value is kept.";
    } else {
      which.ifPresent(
          m ->
              values.set(
                  user.account(),
                  Standards.deviationTopic(m),
                  typed.filter(d -> d != m.tryDeviation()).map(Typed::plain)));
    }
    model.addAttribute("problem", problem);
    model.addAttribute("problemAt", method);
    return tests(user, model);
  }

  /** Changes one's own running order: adds, removes, or moves a test within its position. */
  @PostMapping("/order")
  String ownOrder(
      @RequestParam(defaultValue = "") String add,
      @RequestParam(defaultValue = "") String remove,
      @RequestParam(defaultValue = "") String earlier,
      @AuthenticationPrincipal SignedIn user) {
    List<ScreenTest> own =
        new ArrayList<>(
            new RunningOrder(RunningOrder.OWN, "", benches.ownOrder(user.account())).tests());
    ScreenTest.parse(add).filter(t -> !own.contains(t)).ifPresent(own::add);
    ScreenTest.parse(remove).ifPresent(own::remove);
    ScreenTest.parse(earlier)
        .filter(t -> own.indexOf(t) > 0)
        .ifPresent(
            t -> {
              int at = own.indexOf(t);
              own.remove(at);
              own.add(at - 1, t);
            });
    String kept = own.stream().map(ScreenTest::id).collect(Collectors.joining(" "));
    values.setOwn(user.account(), "order.own", Optional.of(kept).filter(k -> !k.isEmpty()));
    return "redirect:/library#h-order";
  }
}
