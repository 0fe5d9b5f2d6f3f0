package loosehip.app.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.Examiners;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Position;
import loosehip.app.store.PracticeValues;
import loosehip.app.store.Seen;
import loosehip.app.words.Numbers;
import loosehip.app.words.Typed;
import loosehip.core.measure.Method;
import loosehip.core.measure.Part;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Unit;
import loosehip.core.named.Named;
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
  private final Examiners examiners;

  LibraryController(
      Frames frames,
      TestEntries entries,
      PracticeValues values,
      StandardsShelf shelf,
      Examiners examiners) {
    this.frames = frames;
    this.entries = entries;
    this.values = values;
    this.shelf = shelf;
    this.examiners = examiners;
  }

  @GetMapping
  String tests(@AuthenticationPrincipal SignedIn user, Model model) {
    return show(user, model, Optional.empty(), "");
  }

  private String show(SignedIn user, Model model, Optional<Method> asked, String problem) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new TestsPage(
            ScreenTest.EDITION,
            entries.methods(user.account(), asked, problem),
            entries.tests(user.account()),
            order(user.account())));
    return "library/tests";
  }

  private TestsPage.OwnOrder order(Account account) {
    List<ScreenTest> own = examiners.ownOrder(account);
    RunningOrder order = new RunningOrder(RunningOrder.OWN, "My order", own);
    List<ScreenTest> tests = order.tests();
    List<TestsPage.InOrder> lines = new ArrayList<>();
    for (int i = 0; i < tests.size(); i++) {
      boolean canGoEarlier = i > 0 && tests.get(i - 1).position() == tests.get(i).position();
      lines.add(new TestsPage.InOrder(tests.get(i), canGoEarlier));
    }
    return new TestsPage.OwnOrder(
        lines,
        (int) Math.ceil(tests.stream().mapToDouble(ScreenTest::minutes).sum()),
        Arrays.stream(ScreenTest.values()).filter(t -> !own.contains(t)).toList(),
        examiners.practiceOrder(account));
  }

  /** Sets the practice's own band edges; blank resets them. */
  @Needs(Position.TRAINER)
  @PostMapping("/bands/{key}")
  String bands(
      @PathVariable String key,
      @RequestParam(defaultValue = "") String enough,
      @RequestParam(defaultValue = "") String close,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    String[] names = key.split("\\.", 2);
    Optional<ScreenTest> test =
        Named.parse(ScreenTest.class, names[0]).filter(t -> t.unit() != Unit.WORD);
    Optional<Part> part = names.length > 1 ? Named.parse(Part.class, names[1]) : Optional.empty();
    boolean unknownPart = names.length > 1 && part.filter(p -> hasEdges(test, p)).isEmpty();
    if (test.isEmpty() || unknownPart) {
      throw new NotHere("There is no such test. No edge was changed.");
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
              .map(s -> Numbers.plain(s.enough()) + " " + Numbers.plain(s.close()));
      values.set(user.account(), Standards.bandTopic(test.get(), part), value, seen);
    }
    Standards now = shelf.anew(user.account().practiceId());
    TestEntry entry = entries.entry(user.account(), now, test.get(), part);
    model.addAttribute(
        "e", problem.isEmpty() ? entry : entry.typed(enough.strip(), close.strip(), problem));
    return "library/test-entry";
  }

  private static boolean hasEdges(Optional<ScreenTest> test, Part part) {
    return test.filter(t -> t.parts().contains(part)).isPresent();
  }

  /** Sets the practice's own deviation of one try; blank resets it. */
  @Needs(Position.TRAINER)
  @PostMapping("/deviation/{method}")
  String deviation(
      @PathVariable String method,
      @RequestParam(defaultValue = "") String value,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<Method> which = Named.parse(Method.class, method);
    Optional<Double> typed =
        Typed.number(value)
            .filter(d -> d >= Standards.DEVIATION_LEAST && d <= Standards.DEVIATION_MOST);
    String problem = "";
    if (which.isPresent() && !value.isBlank() && typed.isEmpty()) {
      problem =
          "One try scatters by "
              + Numbers.plain(Standards.DEVIATION_LEAST)
              + " to "
              + Numbers.plain(Standards.DEVIATION_MOST)
              + "°; you typed "
              + value.strip()
              + ". The old value is kept.";
    } else {
      which.ifPresent(
          m ->
              values.set(
                  user.account(),
                  Standards.deviationTopic(m),
                  typed.filter(d -> d != m.tryDeviation()).map(Numbers::plain),
                  seen));
    }
    return show(user, model, which, problem);
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
            new RunningOrder(RunningOrder.OWN, "", examiners.ownOrder(user.account())).tests());
    Named.parse(ScreenTest.class, add).filter(t -> !own.contains(t)).ifPresent(own::add);
    Named.parse(ScreenTest.class, remove).ifPresent(own::remove);
    Named.parse(ScreenTest.class, earlier)
        .filter(t -> own.indexOf(t) > 0)
        .ifPresent(
            t -> {
              int at = own.indexOf(t);
              own.remove(at);
              own.add(at - 1, t);
            });
    examiners.keepOwn(user.account(), own);
    return "redirect:/library#h-order";
  }

  /** Gives one's own running order to everybody in the practice, or takes the practice's away. */
  @Needs(Position.TRAINER)
  @PostMapping("/order/practice")
  String practiceOrder(
      @RequestParam(defaultValue = "") String take, @AuthenticationPrincipal SignedIn user) {
    List<ScreenTest> order = take.equals("away") ? List.of() : examiners.ownOrder(user.account());
    examiners.keepForPractice(user.account(), order);
    return "redirect:/library#h-order";
  }
}
