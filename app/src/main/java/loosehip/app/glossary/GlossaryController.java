package loosehip.app.glossary;

import java.time.Duration;
import java.util.List;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.signin.SignedIn;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The glossary: all of it, one word of it, and the forms a page looks for. */
@Controller
class GlossaryController {
  private static final Duration A_DAY = Duration.ofDays(1);

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

  /** Every page asks for them, and they change with the program alone. */
  @GetMapping("/glossary.json")
  ResponseEntity<List<Glossary.Form>> forms() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(A_DAY).cachePrivate())
        .body(glossary.forms());
  }
}
