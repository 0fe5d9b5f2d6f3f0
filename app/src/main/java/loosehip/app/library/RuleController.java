package loosehip.app.library;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.PracticeValues;
import loosehip.core.link.Cause;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Strength;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The rule book: the weight of every cause, the practice's own beside the shipped one. */
@Controller
@RequestMapping("/library/rules")
class RuleController {
  private final Frames frames;
  private final PracticeValues values;
  private final StandardsShelf shelf;

  RuleController(Frames frames, PracticeValues values, StandardsShelf shelf) {
    this.frames = frames;
    this.values = values;
    this.shelf = shelf;
  }

  /** One cause of one fault. */
  public record Rule(
      String fault,
      String key,
      String title,
      String family,
      String prior,
      String strength,
      String shipped,
      boolean own,
      List<String> history) {}

  /** A fault with its causes. */
  public record FaultRules(PivotFault fault, List<Rule> rules) {}

  @GetMapping
  String rules(@AuthenticationPrincipal SignedIn user, Model model) {
    RuleBook now = shelf.of(user.account().practiceId()).rules();
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("edition", RuleBook.EDITION);
    model.addAttribute("strengths", Strength.values());
    model.addAttribute(
        "faults",
        Arrays.stream(PivotFault.values())
            .map(
                f ->
                    new FaultRules(
                        f, now.causes(f).stream().map(c -> rule(user.account(), f, c)).toList()))
            .toList());
    return "library/rules";
  }

  private Rule rule(Account account, PivotFault fault, Cause cause) {
    String key = Overrule.key(cause);
    Cause shipped = shipped(fault, key).orElse(cause);
    String leg = cause.leg().map(l -> ", " + l.id()).orElse("");
    return new Rule(
        fault.id(),
        key,
        cause.title().toLowerCase(Locale.ROOT).contains(leg.replace(", ", ""))
            ? cause.title()
            : cause.title() + leg,
        cause.family().id(),
        prior(cause),
        cause.evidence().map(Strength::id).orElse(""),
        words(shipped),
        !words(shipped).equals(words(cause)),
        values.history(account.practiceId(), Standards.ruleTopic(fault, cause)).stream()
            .map(HistoryLine::of)
            .toList());
  }

  private static String prior(Cause cause) {
    return String.format(Locale.ROOT, "%.2f", cause.prior());
  }

  private static String words(Cause cause) {
    return prior(cause) + cause.evidence().map(s -> " " + s.id()).orElse("");
  }

  private static Optional<Cause> shipped(PivotFault fault, String key) {
    return RuleBook.standard().causes(fault).stream()
        .filter(c -> Overrule.key(c).equals(key))
        .findFirst();
  }

  /** Sets the weight of one cause; a blank prior resets it. */
  @PostMapping("/{fault}/{cause}")
  String weigh(
      @PathVariable String fault,
      @PathVariable String cause,
      @RequestParam(defaultValue = "") String prior,
      @RequestParam(defaultValue = "") String strength,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<PivotFault> of = PivotFault.parse(fault);
    Optional<Cause> shipped = of.flatMap(f -> shipped(f, cause));
    if (shipped.isEmpty()) {
      return "redirect:/library/rules";
    }
    String typed = (prior.strip() + " " + strength.strip()).strip();
    Optional<RuleBook.Own> own = Standards.rule(of.get(), cause, typed.isEmpty() ? "-" : typed);
    String problem = "";
    if (!prior.isBlank() && own.isEmpty()) {
      problem = "Takes 0.01 to 0.9; you typed " + prior.strip() + ". The old weight is kept.";
    } else {
      Optional<Cause> weighed = own.map(o -> shipped.get().weighed(o.prior(), o.strength()));
      values.set(
          user.account(),
          Standards.ruleTopic(of.get(), shipped.get()),
          weighed.map(RuleController::words).filter(w -> !w.equals(words(shipped.get()))));
    }
    RuleBook now = shelf.anew(user.account().practiceId()).rules();
    Cause inForce =
        now.causes(of.get()).stream()
            .filter(c -> Overrule.key(c).equals(cause))
            .findFirst()
            .orElse(shipped.get());
    model.addAttribute("r", rule(user.account(), of.get(), inForce));
    model.addAttribute("typed", problem.isEmpty() ? null : prior);
    model.addAttribute("problem", problem);
    model.addAttribute("strengths", Strength.values());
    return "library/rule";
  }
}
