package loosehip.app.phone;

import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.door.Door;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.PhoneLinks;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The trainer's side of a golfer's phone: make a link, hand it over, cut it. */
@Controller
class PhoneLinkController {
  private static final String MADE = "madeToken";

  private final Workups workups;
  private final PhoneLinks links;
  private final HandOvers handOvers;

  PhoneLinkController(Workups workups, PhoneLinks links, HandOvers handOvers) {
    this.workups = workups;
    this.links = links;
    this.handOvers = handOvers;
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/phone")
  String phone(
      @PathVariable String id,
      @AuthenticationPrincipal SignedIn user,
      HttpServletRequest request,
      Model model) {
    Workup workup = workups.open(user.account(), id);
    Optional<String> made = Optional.ofNullable((String) model.getAttribute(MADE));
    model.addAttribute("frame", handOvers.frame(user.account(), workup));
    model.addAttribute("page", handOvers.page(user.account(), workup, made, own(request)));
    return "phone/hand-over";
  }

  /** The address this page itself was opened at, where no phone in the room is answered. */
  private static String own(HttpServletRequest request) {
    return ServletUriComponentsBuilder.fromContextPath(request).build().toUriString();
  }

  /** Makes a link to the plan in force; what stands in its address is shown once. */
  @Door(Passage.HANDS_OUT)
  @PostMapping("/golfers/{id}/phone")
  String make(
      @PathVariable String id, @AuthenticationPrincipal SignedIn user, RedirectAttributes flash) {
    Workup workup = workups.openToWrite(user.account(), id);
    Optional<LocalDate> ends = workup.file().given().map(given -> given.span().retest());
    ends.filter(day -> !day.isBefore(workup.today()))
        .ifPresent(
            day -> flash.addFlashAttribute(MADE, links.make(workup.file(), user.account(), day)));
    return "redirect:/golfers/{id}/phone";
  }

  /** Cuts a link; the phone that holds it shows nothing from then on. */
  @Door(Passage.OPEN)
  @PostMapping("/golfers/{id}/phone/{link}/cut")
  String cut(
      @PathVariable String id, @PathVariable String link, @AuthenticationPrincipal SignedIn user) {
    links.cut(workups.fileToWrite(user.account(), id), user.account(), link);
    return "redirect:/golfers/{id}/phone";
  }
}
