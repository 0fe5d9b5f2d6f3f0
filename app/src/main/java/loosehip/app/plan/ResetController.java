package loosehip.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.paper.Pdf;
import loosehip.app.signin.SignedIn;
import loosehip.core.plan.Planner;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The pre-round reset: eight to ten minutes before a round, without what a caution blocks. */
@Controller
class ResetController {
  /** What is done, in order, and how much (ours, from practice). */
  private static final List<Map.Entry<String, String>> ORDER =
      List.of(
          Map.entry("lying-tilts", "8 times"),
          Map.entry("four-point-arch-round", "8 breaths"),
          Map.entry("club-hinge", "10 times"),
          Map.entry("one-leg-turn-held", "10 each side"),
          Map.entry("side-squat-foot-sweeps", "5 each side"),
          Map.entry("low-side-steps", "10 times"),
          Map.entry("long-lunge", "10 each side"));

  private final Benches benches;
  private final ExerciseTexts texts;
  private final Figures figures;
  private final Pdf pdf;

  ResetController(Benches benches, ExerciseTexts texts, Figures figures, Pdf pdf) {
    this.benches = benches;
    this.texts = texts;
    this.figures = figures;
    this.pdf = pdf;
  }

  /** One thing to do. */
  public record Line(
      String name, String dose, String feel, Optional<Drawing> start, Optional<Drawing> end) {}

  /**
   * The card.
   *
   * @param out what is left out, with the reason, for the trainer alone
   */
  public record Card(String golfer, String practice, List<Line> lines, List<String> out) {}

  @GetMapping("/golfers/{id}/reset")
  String reset(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Optional<Card> card = card(id, user);
    if (card.isEmpty()) {
      return "redirect:/golfers/" + id + "/plan";
    }
    model.addAttribute("card", card.get());
    model.addAttribute("golferId", id);
    return "plan/reset";
  }

  @GetMapping("/golfers/{id}/reset.pdf")
  ResponseEntity<byte[]> asPdf(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    return card(id, user)
        .map(c -> pdf.answer("plan/reset-pdf", Map.of("card", c), "reset.pdf"))
        .orElseGet(
            () ->
                ResponseEntity.status(302)
                    .header(HttpHeaders.LOCATION, "/golfers/" + id + "/plan")
                    .build());
  }

  private Optional<Card> card(String id, SignedIn user) {
    Bench bench = benches.open(user.account(), id);
    if (bench.golfer().health().refer()) {
      return Optional.empty();
    }
    List<Line> lines = new ArrayList<>();
    List<String> out = new ArrayList<>();
    for (Map.Entry<String, String> each : ORDER) {
      ExerciseText text = texts.of(each.getKey());
      Optional<String> blocked =
          Planner.blockedBy(
              bench.golfer().catalogue(),
              each.getKey(),
              bench.golfer().screen(),
              bench.golfer().handed(),
              bench.golfer().health());
      if (blocked.isPresent()) {
        out.add(text.name() + ": " + blocked.get());
      } else {
        lines.add(
            new Line(
                text.name(),
                each.getValue(),
                text.feel(),
                figures.find(each.getKey() + ".start"),
                figures.find(each.getKey() + ".end")));
      }
    }
    return Optional.of(new Card(bench.file().name(), user.account().practiceName(), lines, out));
  }
}
