package loosehip.app.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Position;
import loosehip.app.unit.DayOrder;
import loosehip.app.unit.Distance;
import loosehip.app.unit.Length;
import loosehip.app.unit.Mass;
import loosehip.app.unit.Paper;
import loosehip.app.unit.Units;
import loosehip.app.words.Dates;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Units and paper: chosen once, followed by every page and print. */
@Controller
class UnitsController {
  private static final LocalDate EXAMPLE = LocalDate.of(2027, 3, 4);

  private final Frames frames;
  private final UnitsShelf shelf;

  UnitsController(Frames frames, UnitsShelf shelf) {
    this.frames = frames;
    this.shelf = shelf;
  }

  @GetMapping("/library/units")
  String units(@AuthenticationPrincipal SignedIn user, Model model) {
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute("choices", choices(Units.now()));
    return "library/units";
  }

  /** Everything that can be chosen, with what holds now. */
  static List<UnitChoice> choices(Units now) {
    return List.of(
        new UnitChoice(
            "length",
            "Lengths of bodies and rooms",
            List.of(
                UnitChoice.of(Length.CENTIMETRES, now.length(), "centimetres", "171 cm"),
                UnitChoice.of(Length.INCHES, now.length(), "feet and inches", "5'7.3\""))),
        new UnitChoice(
            "distance",
            "How far a ball carries",
            List.of(
                UnitChoice.of(Distance.METRES, now.distance(), "metres", "180 m"),
                UnitChoice.of(Distance.YARDS, now.distance(), "yards", "197 yd"))),
        new UnitChoice(
            "mass",
            "Weights",
            List.of(
                UnitChoice.of(Mass.KILOGRAMS, now.mass(), "kilograms", "80 kg"),
                UnitChoice.of(Mass.POUNDS, now.mass(), "pounds", "176 lb"))),
        new UnitChoice(
            "paper",
            "Paper in the printer",
            List.of(
                UnitChoice.of(Paper.A4, now.paper(), "A4", "210 × 297 mm"),
                UnitChoice.of(Paper.LETTER, now.paper(), "Letter", "8.5 × 11 in"))),
        new UnitChoice(
            "day-order",
            "Dates",
            List.of(
                date(DayOrder.DAY_FIRST, now),
                date(DayOrder.MONTH_FIRST, now),
                date(DayOrder.YEAR_FIRST, now))),
        new UnitChoice(
            "first-day",
            "Calendars start with",
            List.of("monday", "sunday", "saturday").stream()
                .map(
                    day ->
                        new UnitChoice.Option(
                            day,
                            day.substring(0, 1).toUpperCase(Locale.ROOT) + day.substring(1),
                            "",
                            UnitsShelf.day(day).filter(now.firstDay()::equals).isPresent()))
                .toList()));
  }

  private static UnitChoice.Option date(DayOrder order, Units now) {
    return UnitChoice.of(order, now.dayOrder(), Dates.day(EXAMPLE, order), "");
  }

  @Needs(Position.TRAINER)
  @PostMapping("/library/units")
  String set(
      @RequestParam Map<String, String> said,
      @AuthenticationPrincipal SignedIn user,
      RedirectAttributes flash) {
    long set =
        said.entrySet().stream()
            .filter(e -> shelf.set(user.account(), e.getKey(), e.getValue()))
            .count();
    flash.addFlashAttribute(
        "told",
        set == 0
            ? "This page offered something unknown. Reload it; nothing was changed."
            : "Kept. Every page and print follows; what was measured stays as it was.");
    return "redirect:/library/units";
  }
}
