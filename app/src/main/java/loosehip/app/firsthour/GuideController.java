package loosehip.app.firsthour;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.paper.Pdf;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The guide of two pages, to read and to print. Its words stand in docs/first-hour.md as well. */
@Controller
class GuideController {
  private static final List<String> PICTURES =
      List.of(
          "glute-switch.tall",
          "seated-rotation.internal",
          "setup.flat.right",
          "sway.clear",
          "rhythm.arm-level",
          "plumb-check.end",
          "bridge.end",
          "wide-squat-hold.end");

  private final Figures figures;
  private final Pdf pdf;

  GuideController(Figures figures, Pdf pdf) {
    this.figures = figures;
    this.pdf = pdf;
  }

  private Map<String, Drawing> pictures() {
    Map<String, Drawing> pictures = new HashMap<>();
    PICTURES.forEach(name -> figures.find(name).ifPresent(d -> pictures.put(name, d)));
    return pictures;
  }

  @GetMapping("/guide")
  String guide(Model model) {
    model.addAttribute("figures", pictures());
    return "firsthour/guide";
  }

  @GetMapping("/guide.pdf")
  ResponseEntity<byte[]> asPdf() {
    return pdf.answer("firsthour/guide-pdf", Map.of("figures", pictures()), "first-hour.pdf");
  }
}
