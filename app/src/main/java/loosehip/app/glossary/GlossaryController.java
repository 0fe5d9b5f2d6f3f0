package loosehip.app.glossary;

import java.util.List;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.signin.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseBody;

/** The glossary: all of it, one word of it, and the forms a page looks for. */
@Controller
class GlossaryController {
  private final Glossary glossary;
  private final Frames frames;

  GlossaryController(Glossary glossary, Frames frames) {
    this.glossary = glossary;
    this.frames = frames;
  }

  @GetMapping("/glossary")
  String all(@AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("terms", glossary.all());
    return "glossary/glossary";
  }

  @GetMapping("/glossary/{id}")
  String one(@PathVariable String id, Model model) {
    model.addAttribute(
        "t", glossary.find(id).orElseThrow(() -> new NotHere("There is no such word here.")));
    return "glossary/term";
  }

  @GetMapping("/glossary.json")
  @ResponseBody
  List<Glossary.Form> forms() {
    return glossary.forms();
  }
}
