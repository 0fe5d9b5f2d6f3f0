package loosehip.app.library;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.golfer.Typed;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.PracticeValues;
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

  /** A figure of the turn budget, the practice's own beside the shipped one. */
  public record Figure(
      String id,
      String title,
      String unit,
      String value,
      String shipped,
      boolean own,
      String bounds,
      String source,
      String words,
      List<String> history) {}

  /** The figures of the turn budget. */
  @GetMapping
  String budget(@AuthenticationPrincipal SignedIn user, Model model) {
    Standards now = shelf.of(user.account().practiceId());
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "figures",
        Arrays.stream(Coefficient.values()).map(c -> figure(user.account(), now, c)).toList());
    model.addAttribute(
        "schools",
        Arrays.stream(School.values()).map(s -> schoolFigures(user.account(), now, s)).toList());
    return "library/budget";
  }

  /** A school with its numbers. */
  public record SchoolFigures(School school, List<Figure> figures) {}

  private SchoolFigures schoolFigures(Account account, Standards now, School school) {
    return new SchoolFigures(
        school,
        Arrays.stream(SchoolFigure.Kind.values())
            .map(kind -> figure(account, now, new SchoolFigure(school, kind)))
            .toList());
  }

  private Figure figure(Account account, Standards now, ModelFigure c) {
    double value = now.coefficients().value(c);
    return new Figure(
        c.id(),
        c.title(),
        c.unit(),
        exact(value),
        exact(c.shipped()),
        value != c.shipped(),
        exact(c.low()) + " to " + exact(c.high()),
        c.source(),
        (c.title() + " " + c.id()).toLowerCase(Locale.ROOT),
        values.history(account.practiceId(), Standards.coefficientTopic(c)).stream()
            .map(HistoryLine::of)
            .toList());
  }

  private static String exact(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
  }

  /** Sets a figure of the turn budget; blank resets it. */
  @PostMapping("/{id}")
  String coefficient(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String value,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<ModelFigure> which = ModelFigure.parse(id);
    if (which.isEmpty()) {
      return "redirect:/library/budget";
    }
    ModelFigure c = which.get();
    Optional<Double> typed = Typed.number(value).filter(v -> v >= c.low() && v <= c.high());
    String problem = "";
    if (!value.isBlank() && typed.isEmpty()) {
      problem =
          "Takes "
              + exact(c.low())
              + " to "
              + exact(c.high())
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
          typed.filter(v -> v != c.shipped()).map(BudgetController::exact));
    }
    Standards now = shelf.anew(user.account().practiceId());
    model.addAttribute("f", figure(user.account(), now, c));
    model.addAttribute("typed", problem.isEmpty() ? null : value);
    model.addAttribute("problem", problem);
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
