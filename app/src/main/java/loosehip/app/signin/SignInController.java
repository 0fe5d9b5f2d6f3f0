package loosehip.app.signin;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.Settings;
import loosehip.app.store.Accounts;
import loosehip.app.words.Typed;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The sign-in page, and the owner's one-time set-up. */
@Controller
class SignInController {

  private final Accounts accounts;
  private final PasswordEncoder passwords;
  private final PasswordRule rule;
  private final Settings settings;

  SignInController(
      Accounts accounts, PasswordEncoder passwords, PasswordRule rule, Settings settings) {
    this.rule = rule;
    this.accounts = accounts;
    this.passwords = passwords;
    this.settings = settings;
  }

  @GetMapping("/sign-in")
  String signIn(Model model, @RequestParam Map<String, String> query) {
    model.addAttribute("page", new SignInPage(settings.demo(), accounts.none(), message(query)));
    return "signin/sign-in";
  }

  private static String message(Map<String, String> query) {
    if (query.containsKey("wait")) {
      return "Too many tries on this name. Wait "
          + Typed.whole(query.get("wait")).map(s -> s + " seconds").orElse("a minute")
          + ", then try again.";
    }
    if (query.containsKey("refused")) {
      return "Name and password do not match. Nothing was changed; try again.";
    }
    if (query.containsKey("expired")) {
      return "You were signed out after a pause. Sign in and go on; what was saved is kept.";
    }
    return query.containsKey("out") ? "Signed out." : "";
  }

  @GetMapping("/set-up/{token}")
  String setUp(@PathVariable String token, Model model) {
    model.addAttribute(
        "page", new SetUpPage(accounts.setUpOpen(token), token, fields(Map.of(), Map.of())));
    return "signin/set-up";
  }

  @PostMapping("/set-up/{token}")
  String setUp(@PathVariable String token, @RequestParam Map<String, String> form, Model model) {
    if (!accounts.setUpOpen(token)) {
      model.addAttribute("page", new SetUpPage(false, token, List.of()));
      return "signin/set-up";
    }
    Map<String, String> problems = problems(form);
    if (problems.isEmpty()) {
      boolean done =
          accounts.setUp(
              token,
              Typed.line(form.get("practice")),
              Typed.line(form.get("shownName")),
              Typed.line(form.get("signInName")),
              passwords.encode(form.get("password")));
      if (done) {
        return "redirect:/sign-in";
      }
    }
    model.addAttribute(
        "page", new SetUpPage(accounts.setUpOpen(token), token, fields(form, problems)));
    return "signin/set-up";
  }

  /**
   * The sign-in page, ready to be shown.
   *
   * @param demo whether this copy runs on demo data
   * @param empty whether nobody can sign in yet
   * @param message what is to be said; empty when nothing is
   */
  public record SignInPage(boolean demo, boolean empty, String message) {}

  /**
   * The set-up page, ready to be shown.
   *
   * @param open whether the link still works
   * @param token of the link
   * @param fields of the form
   */
  public record SetUpPage(boolean open, String token, List<Field> fields) {}

  /** A field of the set-up form. */
  public record Field(String id, String label, String type, String value, String problem) {
    /** What the browser may fill in. */
    public String autocomplete() {
      return type.equals("password") ? "new-password" : "off";
    }
  }

  private static List<Field> fields(Map<String, String> form, Map<String, String> problems) {
    return List.of(
        field("practice", "Name of the practice", form, problems),
        field("shownName", "Your name, as others see it", form, problems),
        field("signInName", "Sign-in name", form, problems),
        new Field(
            "password",
            "Password, at least " + PasswordRule.SHORTEST + " characters",
            "password",
            "",
            problems.getOrDefault("password", "")));
  }

  private static Field field(
      String id, String label, Map<String, String> form, Map<String, String> problems) {
    return new Field(id, label, "text", form.getOrDefault(id, ""), problems.getOrDefault(id, ""));
  }

  private Map<String, String> problems(Map<String, String> form) {
    Map<String, String> problems = new LinkedHashMap<>();
    for (String field : new String[] {"practice", "shownName", "signInName"}) {
      if (Typed.clean(form.getOrDefault(field, "")).isEmpty()) {
        problems.put(field, "Please fill this in.");
      } else if (form.get(field).length() > 80) {
        problems.put(field, "At most 80 letters.");
      }
    }
    rule.problem(
            form.getOrDefault("password", ""),
            List.of(
                form.getOrDefault("practice", ""),
                form.getOrDefault("shownName", ""),
                form.getOrDefault("signInName", "")))
        .ifPresent(words -> problems.put("password", words));
    if (accounts.bySignInName(Typed.line(form.getOrDefault("signInName", ""))).isPresent()) {
      problems.put("signInName", "This name is taken; choose another.");
    }
    return problems;
  }
}
