package loosehip.app.floor;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.door.Needs;
import loosehip.app.frame.Frames;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Position;
import loosehip.app.unit.Shown;
import loosehip.app.words.Typed;
import loosehip.core.floor.FloorAngle;
import loosehip.core.floor.FloorTemplate;
import loosehip.core.floor.Shaft;
import loosehip.core.floor.Triple;
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

/** Lays a floor angle with what the practice has, or prints one. */
@Controller
@RequestMapping("/library/floor")
class FloorController {
  private static final double USUAL_ANGLE = 60;
  private static final double USUAL_RADIUS = 80;
  private static final double DRAWN = 300;

  private final Frames frames;
  private final Bags bags;
  private final FloorTemplates templates;

  FloorController(Frames frames, Bags bags, FloorTemplates templates) {
    this.frames = frames;
    this.bags = bags;
    this.templates = templates;
  }

  @GetMapping
  String floor(
      @RequestParam(defaultValue = "60") String angle,
      @RequestParam(defaultValue = "") String first,
      @RequestParam(defaultValue = "") String second,
      @RequestParam(defaultValue = "") String radius,
      @RequestParam(defaultValue = "") String a,
      @RequestParam(defaultValue = "") String b,
      @RequestParam(defaultValue = "") String c,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    return show(
        user,
        model,
        new FloorPage.Asked(angle, first, second, reach(radius), a, b, c),
        FloorPage.PuttingIn.NOTHING);
  }

  private String show(
      SignedIn user, Model model, FloorPage.Asked asked, FloorPage.PuttingIn puttingIn) {
    List<Bags.InBag> bag = bags.of(user.account());
    Optional<Double> wanted = Typed.number(asked.angle()).filter(d -> d >= 10 && d <= 150);
    Optional<Double> reach =
        Shown.ofSign("cm")
            .typed(asked.radius(), Typed.number(asked.radius()))
            .filter(r -> r >= 20 && r <= 300);
    model.addAttribute("frame", frames.of(user.account()));
    model.addAttribute(
        "page",
        new FloorPage(
            bag,
            asked,
            puttingIn,
            wanted.isPresent() ? "" : "The angle goes from 10 to 150 degrees; 60 is shown instead.",
            reach.isPresent()
                ? ""
                : "The marks lie "
                    + length(20)
                    + " to "
                    + length(300)
                    + " out; "
                    + length(USUAL_RADIUS)
                    + " is shown instead.",
            answers(bag, wanted.orElse(USUAL_ANGLE), reach.orElse(USUAL_RADIUS), asked),
            wanted.filter(d -> d >= 20 && d <= 90).isPresent()
                ? List.of(FloorTemplate.Paper.values())
                : List.of()));
    return "library/floor";
  }

  private static FloorPage.Answers answers(
      List<Bags.InBag> bag, double wanted, double radius, FloorPage.Asked asked) {
    List<Shaft> shafts = bag.stream().map(Bags.InBag::shaft).toList();
    String typed = "";
    boolean refused = false;
    if (!(asked.a() + asked.b() + asked.c()).isBlank()) {
      try {
        typed =
            String.format(
                Locale.ROOT,
                "They make %.1f° at the apex.",
                FloorAngle.between(length(asked.a()), length(asked.b()), length(asked.c())));
      } catch (IllegalArgumentException e) {
        typed = e.getMessage();
        refused = true;
      }
    }
    return new FloorPage.Answers(
        words(wanted),
        Triple.best(shafts, wanted).map(t -> laid(t, wanted)),
        typed,
        refused,
        pair(bag, asked, wanted),
        FloorAngle.tape(radius, wanted).stream()
            .map(m -> new FloorPage.Mark(words(m.degrees()), far(m.along()), far(m.across())))
            .toList(),
        words(Shown.ofSign("cm").of(radius)));
  }

  private static double length(String typed) {
    return Shown.ofSign("cm")
        .typed(typed, Typed.number(typed))
        .orElseThrow(() -> new IllegalArgumentException("Three lengths are needed, as numbers."));
  }

  private static String pair(List<Bags.InBag> bag, FloorPage.Asked asked, double wanted) {
    Optional<Shaft> one = chosen(bag, asked.first());
    Optional<Shaft> two = chosen(bag, asked.second());
    if (one.isEmpty() || two.isEmpty()) {
      return "";
    }
    double apart = FloorAngle.tipDistance(one.get().centimetres(), two.get().centimetres(), wanted);
    return String.format(
        Locale.ROOT,
        "Lay %s and %s from the apex and pull their tips %s apart.",
        one.get().name(),
        two.get().name(),
        length(apart));
  }

  private static Optional<Shaft> chosen(List<Bags.InBag> bag, String key) {
    return bag.stream().filter(s -> s.key().equals(key)).map(Bags.InBag::shaft).findFirst();
  }

  private static FloorPage.Laid laid(Triple triple, double wanted) {
    double longest = Math.max(triple.one().centimetres(), triple.other().centimetres());
    double scale = DRAWN / longest;
    double turn = Math.toRadians(triple.degrees());
    return new FloorPage.Laid(
        named(triple.one()),
        named(triple.other()),
        named(triple.closing()),
        String.format(Locale.ROOT, "%.1f°", triple.degrees()),
        String.format(Locale.ROOT, "%+.1f° from %s", triple.degrees() - wanted, words(wanted)),
        triple.one().centimetres() * scale,
        triple.other().centimetres() * scale * Math.cos(turn),
        -triple.other().centimetres() * scale * Math.sin(turn));
  }

  private static String named(Shaft shaft) {
    return shaft.name() + ", " + length(shaft.centimetres());
  }

  private static String reach(String typed) {
    return typed.isBlank() ? words(Shown.ofSign("cm").of(USUAL_RADIUS)) : typed;
  }

  /** A length in the practice's unit, with it. */
  private static String length(double cm) {
    return far(cm) + Shown.ofSign(" cm").sign();
  }

  private static String far(double cm) {
    return cm(Shown.ofSign("cm").of(cm));
  }

  private static String cm(double length) {
    return String.format(Locale.ROOT, "%.1f", length == 0 ? 0.0 : length);
  }

  private static String words(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : cm(number);
  }

  @Needs(Position.TRAINER)
  @PostMapping("/bag")
  String add(
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "") String length,
      @RequestParam(defaultValue = "cm") String unit,
      @AuthenticationPrincipal SignedIn user,
      Model model) {
    Optional<String> problem = bags.add(user.account(), name, length, unit.equals("inch"));
    if (problem.isEmpty()) {
      return "redirect:/library/floor";
    }
    return show(
        user,
        model,
        FloorPage.Asked.USUAL,
        new FloorPage.PuttingIn(name, length, unit.equals("inch"), problem.get()));
  }

  @Needs(Position.TRAINER)
  @PostMapping("/bag/{key}/remove")
  String remove(@PathVariable String key, @AuthenticationPrincipal SignedIn user) {
    bags.remove(user.account(), key);
    return "redirect:/library/floor";
  }

  /** The template as PDF at true scale, one page a sheet. */
  @GetMapping("/template.pdf")
  ResponseEntity<byte[]> pdf(
      @RequestParam(defaultValue = "60") String angle,
      @RequestParam(defaultValue = "50") String radius,
      @RequestParam(defaultValue = "a4") String paper)
      throws IOException {
    Optional<FloorTemplate> template = FloorTemplates.template(angle, radius, paper);
    if (template.isEmpty()) {
      return ResponseEntity.status(302).header(HttpHeaders.LOCATION, "/library/floor").build();
    }
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("floor-angle.pdf").build().toString())
        .body(templates.pdf(template.get()));
  }

  /** One sheet of the template as SVG at true scale; sheet 0 is the whole drawing. */
  @GetMapping("/template.svg")
  ResponseEntity<String> svg(
      @RequestParam(defaultValue = "60") String angle,
      @RequestParam(defaultValue = "50") String radius,
      @RequestParam(defaultValue = "a4") String paper,
      @RequestParam(defaultValue = "1") int sheet) {
    return FloorTemplates.template(angle, radius, paper)
        .flatMap(t -> templates.svg(t, sheet))
        .map(svg -> ResponseEntity.ok().contentType(MediaType.valueOf("image/svg+xml")).body(svg))
        .orElseGet(
            () ->
                ResponseEntity.status(302).header(HttpHeaders.LOCATION, "/library/floor").build());
  }
}
