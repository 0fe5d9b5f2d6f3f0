package loosehip.app.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.paper.Pdf;
import loosehip.app.signin.SignedIn;
import loosehip.app.words.NoticeWords;
import loosehip.app.words.PlanWords;
import loosehip.app.words.SafetyWords;
import loosehip.core.plan.PreRoundReset;
import loosehip.core.safety.Passage;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The pre-round reset: eight to ten minutes before a round, without what a caution blocks. */
@Controller
class ResetController {
  private final Workups workups;
  private final ExerciseTexts texts;
  private final Figures figures;
  private final Pdf pdf;

  ResetController(Workups workups, ExerciseTexts texts, Figures figures, Pdf pdf) {
    this.workups = workups;
    this.texts = texts;
    this.figures = figures;
    this.pdf = pdf;
  }

  /**
   * One thing to do.
   *
   * @param changed how it is done differently for a caution; empty when it is not
   */
  public record Line(
      String name,
      String dose,
      String changed,
      String feel,
      Optional<Drawing> start,
      Optional<Drawing> end) {}

  /**
   * The card.
   *
   * @param id the golfer's id
   * @param golfer the golfer's name
   * @param length minutes and seconds it takes
   * @param out what is left out, with the reason, for the trainer alone
   * @param aid what every reader is told
   */
  public record Card(
      String id,
      String golfer,
      String practice,
      String length,
      List<Line> lines,
      List<String> out,
      String aid) {}

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/reset")
  String reset(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute("card", card(id, user));
    return "plan/reset";
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/reset.pdf")
  ResponseEntity<byte[]> asPdf(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    return pdf.answer("plan/reset-pdf", Map.of("card", card(id, user)), "reset.pdf");
  }

  private Card card(String id, SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    PreRoundReset reset =
        PreRoundReset.of(
            workup.golfer().practice().catalogue(),
            workup.golfer().health(),
            workup.golfer().body(),
            workup.stopped());
    List<Line> lines = reset.parts().stream().map(this::line).toList();
    List<String> out =
        reset.out().stream()
            .map(l -> texts.of(l.item()).name() + ": " + PlanWords.reason(l.because()))
            .toList();
    return new Card(
        id,
        workup.file().name(),
        user.account().practiceName(),
        PlanWords.length(reset.seconds()),
        lines,
        out,
        NoticeWords.DECISION_AID);
  }

  private Line line(PreRoundReset.Part part) {
    ExerciseText text = texts.of(part.exercise());
    return new Line(
        text.name(),
        PlanWords.much(part),
        SafetyWords.changed(part.changed()),
        text.feel(),
        figures.find(part.exercise() + ".start"),
        figures.find(part.exercise() + ".end"));
  }
}
