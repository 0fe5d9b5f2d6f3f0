package loosehip.app.practice;

import java.util.Map;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Position;
import loosehip.app.unit.Units;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Units and paper: chosen once, followed by every page and print. */
@Controller
class UnitsController {
  private final Frames frames;
  private final UnitsShelf shelf;

  UnitsController(Frames frames, UnitsShelf shelf) {
    this.frames = frames;
    this.shelf = shelf;
  }

  @GetMapping("/library/units")
  String units(@AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("choices", UnitChoice.all(Units.now()));
    return "library/units";
  }

  @Needs(Position.TRAINER)
  @PostMapping("/library/units")
  String set(
      @RequestParam Map<String, String> said,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash) {
    long set =
        said.entrySet().stream()
            .filter(e -> shelf.set(user.account(), e.getKey(), e.getValue()))
            .count();
    flash.addFlashAttribute(
        "told",
        set == 0
            ? "This page offered something unknown. Reload it; nothing was changed."
            : "Kept. Every page and print follows; what was measured stays as it was.");
    return "redirect:/library/units";
  }
}
