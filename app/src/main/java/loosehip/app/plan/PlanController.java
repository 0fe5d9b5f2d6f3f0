package loosehip.app.plan;

import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.signin.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The block and its reasons. */
@Controller
class PlanController {
  private final Benches benches;
  private final Frames frames;
  private final PlanPages pages;

  PlanController(Benches benches, Frames frames, PlanPages pages) {
    this.benches = benches;
    this.frames = frames;
    this.pages = pages;
  }

  @GetMapping("/golfers/{id}/plan")
  String plan(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.PLAN));
    model.addAttribute("bench", bench);
    model.addAttribute("page", pages.of(bench).orElse(null));
    model.addAttribute("needs", pages.needs(bench));
    return "plan/plan";
  }
}
