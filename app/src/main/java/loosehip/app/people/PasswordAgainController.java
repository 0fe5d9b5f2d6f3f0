package loosehip.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import loosehip.app.frame.WayBack;
import loosehip.app.signin.SaidAgain;
import loosehip.app.signin.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Somebody says their password again on a page of its own, and goes on to what they asked for. */
@Controller
class PasswordAgainController {
  private static final String FILES = "[^?]*\\.(json|csv|zip|pdf)(\\?.*)?";

  private final SaidAgain said;

  PasswordAgainController(SaidAgain said) {
    this.said = said;
  }

  @GetMapping("/password/again")
  String again(@RequestParam(defaultValue = "/") String then, Model model) {
    return show(then, "", model);
  }

  @PostMapping("/password/again")
  String again(
      @RequestParam(defaultValue = "/") String then,
      @RequestParam(defaultValue = "") String password,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request,
      Model model) {
    Optional<String> problem = said.problem(user.account(), password, request);
    if (problem.isPresent()) {
      return show(then, problem.get(), model);
    }
    String onward = WayBack.local(then).orElse("/");
    if (onward.matches(FILES)) {
      model.addAttribute("file", onward);
      return "people/again";
    }
    return "redirect:" + onward;
  }

  private static String show(String then, String problem, Model model) {
    model.addAttribute("then", WayBack.local(then).orElse("/"));
    model.addAttribute("problem", problem);
    return "people/again";
  }
}
