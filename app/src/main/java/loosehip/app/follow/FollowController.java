package loosehip.app.follow;

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

/** Says what this station will hold; it is not built yet. */
@Controller
class FollowController {
  private final Benches benches;
  private final Frames frames;

  FollowController(Benches benches, Frames frames) {
    this.benches = benches;
    this.frames = frames;
  }

  @GetMapping("/golfers/{id}/follow")
  String follow(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), bench, Station.FOLLOW));
    model.addAttribute("bench", bench);
    return "follow/follow";
  }
}
