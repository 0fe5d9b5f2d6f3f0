package loosehip.app.progress;

import java.util.Map;
import loosehip.app.door.Door;
import loosehip.app.fact.Station;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.paper.Pdf;
import loosehip.app.signin.SignedIn;
import loosehip.app.words.Dates;
import loosehip.app.words.NoticeWords;
import loosehip.core.safety.Passage;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** What moved, on a page and as a report for the golfer. */
@Controller
class ProgressController {
  private static final int CHARTS_ON_PAPER = 3;

  private final Workups workups;
  private final Frames frames;
  private final ProgressPages pages;
  private final RetestPages retests;
  private final Moments moments;
  private final Pdf pdf;

  ProgressController(
      Workups workups,
      Frames frames,
      ProgressPages pages,
      RetestPages retests,
      Moments moments,
      Pdf pdf) {
    this.retests = retests;
    this.workups = workups;
    this.frames = frames;
    this.pages = pages;
    this.moments = moments;
    this.pdf = pdf;
  }

  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/progress")
  String progress(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.FOLLOW));
    model.addAttribute("page", pages.of(workup));
    return "progress/progress";
  }

  /** The visit in hand against the one before it, change by change. */
  @Door(Passage.OPEN)
  @GetMapping("/golfers/{id}/retest")
  String retest(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("frame", frames.of(user.account(), workup, Station.FOLLOW));
    model.addAttribute("page", retests.of(workup));
    return "progress/retest";
  }

  /** One page for the golfer: what moved, in plain words, and what goes again. */
  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/progress.pdf")
  ResponseEntity<byte[]> report(@PathVariable String id, @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    ProgressPage page = pages.of(workup);
    if (page.once() < 2) {
      return Pdf.instead("/golfers/" + id + "/progress");
    }
    return pdf.answer(
        "progress/report-pdf",
        Map.of(
            "page",
            page,
            "plain",
            Ranges.plain(workup, moments.of(workup)),
            "charts",
            page.ranges().stream().limit(CHARTS_ON_PAPER).toList(),
            "practice",
            user.account().practiceName(),
            "day",
            Dates.day(workup.today()),
            "aid",
            NoticeWords.DECISION_AID),
        "progress.pdf");
  }
}
