package loosehip.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.backup.NightlyBackup;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.signin.LinkGuesses;
import loosehip.app.signin.PasswordRule;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.People;
import loosehip.app.store.Position;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import loosehip.core.named.Named;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The owner adds, names and disables people; everybody changes their own password. */
@Controller
class PeopleController {
  private static final String MADE = "madeLink";
  private static final int NAME_MOST = 80;

  private final Frames frames;
  private final People people;
  private final Accounts accounts;
  private final PasswordEncoder passwords;
  private final PasswordRule rule;
  private final NightlyBackup backups;
  private final SaidAgain said;
  private final LinkGuesses guesses;

  PeopleController(
      Frames frames,
      People people,
      Accounts accounts,
      PasswordEncoder passwords,
      PasswordRule rule,
      NightlyBackup backups,
      SaidAgain said,
      LinkGuesses guesses) {
    this.guesses = guesses;
    this.said = said;
    this.backups = backups;
    this.frames = frames;
    this.people = people;
    this.accounts = accounts;
    this.passwords = passwords;
    this.rule = rule;
  }

  /**
   * The people, ready to be shown.
   *
   * @param people everybody
   * @param positions what somebody can be made
   * @param made a link just made; shown once
   * @param problem what is wrong with what was typed
   * @param typed the names typed
   * @param backup how old the last backup is, in words
   */
  record PeoplePage(
      List<People.Person> people,
      List<Position> positions,
      Optional<Made> made,
      String problem,
      List<String> typed,
      String backup) {}

  /** A link just made, for whom. */
  record Made(String name, String address) {}

  @Needs(Position.OWNER)
  @GetMapping("/people")
  String people(@AuthenticationPrincipal SignedIn user, Model model) {
    return show(user, model, "", List.of("", ""));
  }

  private String show(SignedIn user, Model model, String problem, List<String> typed) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new PeoplePage(
            people.of(user.account().practiceId()),
            Arrays.stream(Position.values()).filter(p -> p != Position.OWNER).toList(),
            Optional.ofNullable((Made) model.getAttribute(MADE)),
            problem,
            typed,
            backups
                .last()
                .map(at -> "The last backup was made " + Dates.moment(at) + ".")
                .orElse("There is no backup yet.")));
    return "people/people";
  }

  @Needs(Position.OWNER)
  @PostMapping("/people")
  String add(
      @RequestParam(defaultValue = "") String shownName,
      @RequestParam(defaultValue = "") String signInName,
      @RequestParam(defaultValue = "helper") String position,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request,
      Model model,
      RedirectAttributes flash) {
    String shown = Typed.line(shownName, NAME_MOST);
    String name = Typed.line(signInName, NAME_MOST);
    Optional<Position> as = Named.parse(Position.class, position).filter(p -> p != Position.OWNER);
    if (shown.isEmpty() || name.isEmpty() || as.isEmpty()) {
      return show(
          user, model, "Type both names and choose what they may do.", List.of(shown, name));
    }
    Optional<Account> added = people.add(user.account(), shown, name, as.get());
    if (added.isEmpty()) {
      return show(user, model, "This sign-in name is taken; choose another.", List.of(shown, name));
    }
    flash.addFlashAttribute(MADE, made(shown, added.get().id(), request));
    return "redirect:/people";
  }

  private Made made(String shown, String account, HttpServletRequest request) {
    String base = ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
    return new Made(shown, base + "/join/" + people.link(account));
  }

  private People.Person colleague(SignedIn user, String id) {
    return people.of(user.account().practiceId()).stream()
        .filter(p -> p.id().equals(id))
        .filter(p -> people.colleagues(user.account(), id))
        .findFirst()
        .orElseThrow(() -> new NotHere("Nobody of this practice has this address."));
  }

  /** Makes a backup now. */
  @Needs(Position.OWNER)
  @PostMapping("/people/backup")
  String backup(@AuthenticationPrincipal SignedIn user, Model model) {
    Optional<String> wrong = backups.now();
    return wrong.isEmpty() ? "redirect:/people" : show(user, model, wrong.get(), List.of("", ""));
  }

  /** A new link to set a password, for somebody who lost theirs. */
  @Needs(Position.OWNER)
  @PostMapping("/people/{person}/link")
  String link(
      @PathVariable String person,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request,
      RedirectAttributes flash) {
    People.Person whose = colleague(user, person);
    flash.addFlashAttribute(MADE, made(whose.shownName(), whose.id(), request));
    return "redirect:/people";
  }

  @Needs(Position.OWNER)
  @PostMapping("/people/{person}/position")
  String position(
      @PathVariable String person,
      @RequestParam(defaultValue = "") String position,
      @AuthenticationPrincipal SignedIn user) {
    People.Person whose = colleague(user, person);
    Named.parse(Position.class, position)
        .ifPresent(p -> people.position(user.account(), whose.id(), p));
    return "redirect:/people";
  }

  @Needs(Position.OWNER)
  @PostMapping("/people/{person}/disable")
  String disable(@PathVariable String person, @AuthenticationPrincipal SignedIn user) {
    people.disable(user.account(), colleague(user, person).id(), true);
    return "redirect:/people";
  }

  @Needs(Position.OWNER)
  @PostMapping("/people/{person}/enable")
  String enable(@PathVariable String person, @AuthenticationPrincipal SignedIn user) {
    people.disable(user.account(), colleague(user, person).id(), false);
    return "redirect:/people";
  }

  /**
   * A form for a password, ready to be shown.
   *
   * @param action where it is sent; empty when the link is spent
   * @param name whose it is
   * @param asksOld whether the present one is asked for
   * @param problem what is wrong with what was typed
   */
  record PasswordPage(String action, String name, boolean asksOld, String problem) {}

  @GetMapping("/join/{token}")
  String join(@PathVariable String token, HttpServletRequest request, Model model) {
    model.addAttribute("page", joining(whose(token, request), token, ""));
    return "people/password";
  }

  private Optional<Account> whose(String token, HttpServletRequest request) {
    return guesses.found(String.valueOf(request.getRemoteAddr()), () -> people.byLink(token));
  }

  private static PasswordPage joining(Optional<Account> whose, String token, String problem) {
    return whose
        .map(a -> new PasswordPage("/join/" + token, a.signInName(), false, problem))
        .orElse(new PasswordPage("", "", false, ""));
  }

  @PostMapping("/join/{token}")
  String join(
      @PathVariable String token,
      @RequestParam(defaultValue = "") String password,
      HttpServletRequest request,
      Model model) {
    Optional<Account> whose = whose(token, request);
    Optional<String> problem = whose.flatMap(a -> problem(password, a));
    if (whose.isEmpty() || problem.isPresent()) {
      model.addAttribute("page", joining(whose, token, problem.orElse("")));
      return "people/password";
    }
    people.use(token, passwords.encode(password));
    return "redirect:/sign-in";
  }

  private Optional<String> problem(String password, Account whose) {
    return rule.problem(
        password, List.of(whose.practiceName(), whose.shownName(), whose.signInName()));
  }

  @GetMapping("/password")
  String password(@AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute(
        "page", new PasswordPage("/password", user.account().signInName(), true, ""));
    return "people/password";
  }

  /** Changes one's own password; every session ends, this one too. */
  @PostMapping("/password")
  String password(
      @RequestParam(defaultValue = "") String old,
      @RequestParam(defaultValue = "") String password,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request,
      Model model) {
    Account now = accounts.byId(user.account().id()).orElseThrow();
    Optional<String> problem = said.problem(now, old, request).or(() -> problem(password, now));
    if (problem.isPresent()) {
      model.addAttribute(
          "page", new PasswordPage("/password", now.signInName(), true, problem.get()));
      return "people/password";
    }
    people.password(now.id(), passwords.encode(password));
    return "redirect:/";
  }
}
