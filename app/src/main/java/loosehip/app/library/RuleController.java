package loosehip.app.library;

import java.util.Locale;
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
import loosehip.core.link.Cause;
import loosehip.core.link.CauseId;
import loosehip.core.link.Fault;
import loosehip.core.link.RuleBook;
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

  @GetMapping
  String rules(@AuthenticationPrincipal SignedIn user, Model model) {
    RuleBook now = shelf.of(user.account().practiceId()).rules();
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new RulesPage(
            RuleBook.EDITION,
            Fault.all().stream()
                .map(
                    f ->
                        new RulesPage.FaultRules(
                            f,
                            now.causes(f).stream().map(c -> rule(user.account(), f, c)).toList()))
                .toList()));
    return "library/rules";
  }

  private RulesPage.Rule rule(Account account, Fault fault, Cause cause) {
    CauseId key = cause.id();
    Cause shipped = RuleBook.standard().cause(fault, key).orElse(cause);
    return new RulesPage.Rule(
        fault.id(),
        key.key(),
        cause.title(),
        cause.family().id(),
        prior(cause),
        cause.evidence(),
        words(shipped),
        !words(shipped).equals(words(cause)),
        values.history(account.practiceId(), Standards.ruleTopic(fault, cause)).stream()
            .map(HistoryLine::of)
            .toList(),
        "");
  }

  private static String prior(Cause cause) {
    return String.format(Locale.ROOT, "%.2f", cause.prior());
  }

  private static String words(Cause cause) {
    return prior(cause) + cause.evidence().map(s -> " " + s.id()).orElse("");
  }

  /** Sets the weight of one cause; a blank prior resets it. */
  @Needs(Position.TRAINER)
  @PostMapping("/{fault}/{cause}")
  String weigh(
      @PathVariable String fault,
      @PathVariable String cause,
      @RequestParam(defaultValue = "") String prior,
      @RequestParam(defaultValue = "") String strength,
      Seen seen,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<Fault> of = Fault.parse(fault);
    Optional<Cause> shipped =
        of.flatMap(f -> CauseId.parse(cause).flatMap(c -> RuleBook.standard().cause(f, c)));
    if (shipped.isEmpty()) {
      throw new NotHere("There is no such cause. Nothing was changed.");
    }
    String typed = (prior.strip() + " " + strength.strip()).strip();
    Optional<RuleBook.Own> own =
        Standards.rule(of.get(), shipped.get().id(), typed.isEmpty() ? "-" : typed);
    String problem = "";
    if (!prior.isBlank() && own.isEmpty()) {
      problem = "Takes 0.01 to 0.9; you typed " + prior.strip() + ". The old weight is kept.";
    } else {
      Optional<Cause> weighed = own.map(o -> shipped.get().weighed(o.prior(), o.strength()));
      values.set(
          user.account(),
          Standards.ruleTopic(of.get(), shipped.get()),
          weighed.map(RuleController::words).filter(w -> !w.equals(words(shipped.get()))),
          seen);
    }
    RuleBook now = shelf.anew(user.account().practiceId()).rules();
    Cause inForce = now.cause(of.get(), shipped.get().id()).orElse(shipped.get());
    RulesPage.Rule rule = rule(user.account(), of.get(), inForce);
    model.addAttribute("r", problem.isEmpty() ? rule : rule.typed(prior.strip(), problem));
    return "library/rule";
  }
}
