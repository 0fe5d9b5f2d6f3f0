package loosehip.app.library;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Position;
import loosehip.app.store.PracticeValues;
import loosehip.app.store.Seen;
import loosehip.app.words.Numbers;
import loosehip.app.words.Typed;
import loosehip.core.pivot.Coefficient;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.ModelFigure;
import loosehip.core.pivot.School;
import loosehip.core.pivot.SchoolFigure;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The figures of the turn budget: shipped values, the practice's own beside them. */
@Controller
@RequestMapping("/library/budget")
class BudgetController {
  private final Frames frames;
  private final PracticeValues values;
  private final StandardsShelf shelf;

  BudgetController(Frames frames, PracticeValues values, StandardsShelf shelf) {
    this.frames = frames;
    this.values = values;
    this.shelf = shelf;
  }

  /** The figures of the turn budget. */
  @GetMapping
  String budget(@AuthenticationPrincipal SignedIn user, Model model) {
    Standards now = shelf.of(user.account().practiceId());
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new BudgetPage(
            Arrays.stream(Coefficient.values()).map(c -> figure(user.account(), now, c)).toList(),
            Arrays.stream(School.values())
                .map(s -> schoolFigures(user.account(), now, s))
                .toList()));
    return "library/budget";
  }

  private BudgetPage.SchoolFigures schoolFigures(Account account, Standards now, School school) {
    return new BudgetPage.SchoolFigures(
        school,
        Arrays.stream(SchoolFigure.Kind.values())
            .map(kind -> figure(account, now, new SchoolFigure(school, kind)))
            .toList());
  }

  private BudgetPage.Figure figure(Account account, Standards now, ModelFigure c) {
    double value = now.coefficients().value(c);
    return new BudgetPage.Figure(
        c.id(),
        c.title(),
        c.unit(),
        Numbers.exact(value),
        Numbers.exact(c.shipped()),
        value != c.shipped(),
        Numbers.exact(c.low()) + " to " + Numbers.exact(c.high()),
        c.source(),
        (c.title() + " " + c.id()).toLowerCase(Locale.ROOT),
        values.history(account.practiceId(), Standards.coefficientTopic(c)).stream()
            .map(HistoryLine::of)
            .toList(),
        "");
  }

  /** Sets a figure of the turn budget; blank resets it. */
  @Needs(Position.TRAINER)
  @PostMapping("/{id}")
  String coefficient(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String value,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<ModelFigure> which = ModelFigure.parse(id);
    if (which.isEmpty()) {
      throw new NotHere("There is no such figure. Nothing was changed.");
    }
    ModelFigure c = which.get();
    Optional<Double> typed = Typed.number(value).filter(v -> v >= c.low() && v <= c.high());
    String problem = "";
    if (!value.isBlank() && typed.isEmpty()) {
      problem =
          "Takes "
              + Numbers.exact(c.low())
              + " to "
              + Numbers.exact(c.high())
              + "; you typed "
              + value.strip()
              + ". The old value is kept.";
    } else {
      problem =
          contradiction(
              shelf.of(user.account().practiceId()).coefficients(), c, typed.orElse(c.shipped()));
    }
    if (problem.isEmpty()) {
      values.set(
          user.account(),
          Standards.coefficientTopic(c),
          typed.filter(v -> v != c.shipped()).map(Numbers::exact),
          seen);
    }
    Standards now = shelf.anew(user.account().practiceId());
    BudgetPage.Figure figure = figure(user.account(), now, c);
    model.addAttribute("f", problem.isEmpty() ? figure : figure.typed(value.strip(), problem));
    return "library/figure";
  }

  /** What a new value would say against the others, in words; empty when it fits. */
  private static String contradiction(Coefficients now, ModelFigure figure, double value) {
    Map<ModelFigure, Double> then = new LinkedHashMap<>(now.own());
    then.put(figure, value);
    try {
      new Coefficients(then);
      return "";
    } catch (IllegalArgumentException against) {
      return against.getMessage() + " The old value is kept.";
    }
  }
}
