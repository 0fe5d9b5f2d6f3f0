package loosehip.app.research;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import loosehip.app.door.AsksAgain;
import loosehip.app.door.Needs;
import loosehip.app.frame.NotHere;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Position;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** What the practice can hand to a researcher, for its owner alone. */
@Controller
class ResearchController {
  private final ResearchTables tables;

  ResearchController(ResearchTables tables) {
    this.tables = tables;
  }

  @Needs(Position.OWNER)
  @AsksAgain
  @GetMapping("/research.zip")
  void zip(@AuthenticationPrincipal SignedIn user, HttpServletResponse response)
      throws IOException {
    List<ResearchTable> all = tables.of(user.account());
    if (all.isEmpty()) {
      throw new NotHere(
          "Fewer than five grown-up golfers have given consent: whoever reads the tables would know"
              + " who they are. Nothing was written.");
    }
    response.setContentType("application/zip");
    response.setHeader("Content-Disposition", "attachment; filename=\"practice-for-research.zip\"");
    ResearchZip.write(all, response.getOutputStream());
  }
}
