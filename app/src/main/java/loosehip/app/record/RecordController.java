package loosehip.app.record;

import java.util.Optional;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.frame.NotHere;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Position;
import loosehip.app.store.PracticeValues;
import loosehip.core.link.Cause;
import loosehip.core.link.CauseId;
import loosehip.core.link.Fault;
import loosehip.core.link.RuleBook;
import loosehip.core.record.PracticeRecord;
import loosehip.core.record.WeightOffer;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The practice's own record, and the weights it offers: taken one by one, and taken back. */
@Controller
@RequestMapping("/library/record")
class RecordController {
  private static final String REASON = "rule-reason.";

  private final Frames frames;
  private final RecordPages pages;
  private final RecordCsv csv;
  private final PracticeValues values;
  private final StandardsShelf shelf;

  RecordController(
      Frames frames,
      RecordPages pages,
      RecordCsv csv,
      PracticeValues values,
      StandardsShelf shelf) {
    this.frames = frames;
    this.pages = pages;
    this.csv = csv;
    this.values = values;
    this.shelf = shelf;
  }

  /** The topic under which it is kept why a weight was taken. */
  static String reasonTopic(Fault fault, Cause cause) {
    return REASON + fault.id() + "." + cause.id().key();
  }

  @GetMapping
  String record(@AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute("frame", frames.of(user.account()));
    Object told = model.getAttribute("told");
    model.addAttribute("page", pages.page(user.account(), told == null ? "" : told.toString()));
    return "record/record";
  }

  /** Takes a weight that is offered as things stand, or goes back to the shipped one. */
  @Needs(Position.TRAINER)
  @PostMapping("/{fault}/{cause}")
  String weigh(
      @PathVariable String fault,
      @PathVariable String cause,
      @RequestParam(defaultValue = "") String offered,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash) {
    Account by = user.account();
    Optional<Fault> of = Fault.parse(fault);
    Cause shipped =
        of.flatMap(f -> CauseId.parse(cause).flatMap(c -> RuleBook.standard().cause(f, c)))
            .orElseThrow(() -> new NotHere("There is no such cause. Nothing was changed."));
    flash.addFlashAttribute("told", weigh(by, of.get(), shipped, offered));
    return "redirect:/library/record#offers";
  }

  private String weigh(Account by, Fault fault, Cause shipped, String offered) {
    if (!by.owner()) {
      return "Weights are for the owner to take. Nothing was changed.";
    }
    if (offered.isBlank()) {
      values.set(by, Standards.ruleTopic(fault, shipped), Optional.empty());
      values.set(by, reasonTopic(fault, shipped), Optional.empty());
      shelf.anew(by.practiceId());
      return "Back to the shipped weight of " + RecordPages.two(shipped.prior()) + ".";
    }
    PracticeRecord record = pages.record(by);
    Optional<WeightOffer> offer =
        record.offers().stream()
            .filter(o -> o.fault().equals(fault) && o.cause().equals(shipped.id()))
            .filter(o -> RecordPages.two(o.offered()).equals(offered))
            .findFirst();
    if (offer.isEmpty()) {
      return "That weight is not offered any more: meanwhile another block was closed. Look again;"
          + " nothing was changed.";
    }
    String strength = shipped.evidence().map(s -> " " + s.id()).orElse("");
    values.set(by, Standards.ruleTopic(fault, shipped), Optional.of(offered + strength));
    values.set(
        by,
        reasonTopic(fault, shipped),
        Optional.of(
            offered
                + " taken from "
                + record.blocks()
                + " closed blocks, "
                + offer.get().borne().were()
                + " of "
                + offer.get().borne().of()
                + " borne out"));
    shelf.anew(by.practiceId());
    return "Taken: " + offered + " in the place of " + RecordPages.two(shipped.prior()) + ".";
  }

  /** The same as figures, without names. */
  @Needs(Position.TRAINER)
  @GetMapping("/record.csv")
  ResponseEntity<String> asCsv(@AuthenticationPrincipal SignedIn user) {
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("text/csv;charset=UTF-8"))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("record.csv").build().toString())
        .body(csv.of(user.account()));
  }
}
