package loosehip.app.links;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.frame.Frames;
import loosehip.app.frame.Station;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Benches;
import loosehip.app.golfer.Dates;
import loosehip.app.golfer.Topic;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Journal;
import loosehip.app.store.Noted;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.link.BackLoad;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Factor;
import loosehip.core.link.Level;
import loosehip.core.link.Link;
import loosehip.core.link.NextTest;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Relook;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Triage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Why it happens: every fault with its causes, each chance with its sum. */
@Controller
class LinksController {
  private static final int NOTE_MOST = 200;

  private final Benches benches;
  private final Frames frames;
  private final GolferFiles files;
  private final Journal journal;
  private final Figures figures;

  LinksController(
      Benches benches, Frames frames, GolferFiles files, Journal journal, Figures figures) {
    this.figures = figures;
    this.benches = benches;
    this.frames = frames;
    this.files = files;
    this.journal = journal;
  }

  /** A fault with its verdict and causes. */
  public record LinkView(
      String id,
      String title,
      String level,
      String verdict,
      boolean open,
      List<CauseView> causes) {}

  /** A cause with its chance and the steps behind it. */
  public record CauseView(
      String title,
      String family,
      String leg,
      String word,
      String number,
      double chance,
      boolean settled,
      String before,
      List<FactorView> factors,
      String odds,
      String key,
      String decided,
      String note,
      boolean against,
      List<String> history) {}

  /** One step of a sum. */
  public record FactorView(String words, String times) {}

  /** A test that would settle something. */
  public record NextView(String title, String minutes, String why, String address) {}

  @GetMapping("/golfers/{id}/links")
  String links(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    List<Link> links = bench.assessment().links();
    model.addAttribute("frame", frames.of(user.account(), bench, Station.LINKS));
    model.addAttribute("bench", bench);
    model.addAttribute("file", bench.file());
    model.addAttribute("links", links.stream().map(l -> view(bench, l)).toList());
    model.addAttribute("threads", ThreadsDrawing.of(bench));
    model.addAttribute(
        "next", bench.assessment().nextTests().stream().map(t -> next(bench, t)).toList());
    model.addAttribute("edition", RuleBook.EDITION);
    model.addAttribute("ownRules", bench.golfer().rules() != RuleBook.standard());
    model.addAttribute(
        "backLoads",
        BackLoad.of(
            bench.golfer().health(),
            bench.golfer().seen(),
            bench.golfer().body(),
            bench.assessment().budget()));
    model.addAttribute("relooks", relooks(bench));
    model.addAttribute("mirrored", bench.golfer().handed() == Handed.LEFT);
    return "links/links";
  }

  /** A fault to be looked at again once the set-up is put right, both looks side by side. */
  public record RelookView(
      PivotFault fault,
      String fix,
      Level before,
      Optional<Drawing> beforeDrawing,
      Level again,
      Optional<Drawing> againDrawing,
      List<Level> levels,
      String words) {}

  private List<RelookView> relooks(Bench bench) {
    Map<PivotFault, Level> again = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      bench
          .file()
          .value(Topic.AGAIN.about(fault.id()))
          .flatMap(Level::parse)
          .ifPresent(level -> again.put(fault, level));
    }
    return Relook.of(bench.assessment().links(), again).stream()
        .map(
            r ->
                new RelookView(
                    r.fault(),
                    r.fix().stream()
                        .map(f -> f.title().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", ")),
                    r.before(),
                    figures.find(r.fault().id() + "." + r.before().id()),
                    r.again(),
                    figures.find(r.fault().id() + "." + r.again().id()),
                    List.of(Level.NONE, Level.SLIGHT, Level.CLEAR),
                    r.words()))
        .toList();
  }

  /** The re-look alone, after a second look was noted. */
  @GetMapping("/golfers/{id}/links/again")
  String again(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Bench bench = benches.open(user.account(), id);
    model.addAttribute("file", bench.file());
    model.addAttribute("relooks", relooks(bench));
    model.addAttribute("mirrored", bench.golfer().handed() == Handed.LEFT);
    return "links/again";
  }

  private LinkView view(Bench bench, Link link) {
    return new LinkView(
        link.fault().id(),
        link.fault().title(),
        link.level().word(),
        link.triage().words(),
        link.triage().kind() == Triage.Kind.NOT_SETTLED,
        link.causes().stream().map(c -> cause(bench, link.fault(), c)).toList());
  }

  private CauseView cause(Bench bench, PivotFault fault, CauseChance chance) {
    Optional<Leg> leg = chance.cause().leg();
    Optional<Overrule> decided =
        bench.golfer().overrules().stream().filter(o -> o.about(fault, chance.cause())).findFirst();
    String topic = topic(fault, Overrule.key(chance.cause()));
    return new CauseView(
        chance.cause().title()
            + leg.map(l -> " (" + bench.golfer().handed().side(l).letter() + ")").orElse(""),
        chance.cause().family().id(),
        leg.map(Leg::id).orElse(""),
        chance.word(),
        String.format(Locale.ROOT, "%.2f", chance.chance()),
        chance.chance(),
        chance.settled(),
        Math.round(chance.cause().prior() * 100) + " in 100",
        chance.factors().stream().map(LinksController::factor).toList(),
        String.format(Locale.ROOT, "%.2f to 1", chance.odds()),
        Overrule.key(chance.cause()),
        decided.map(o -> o.verdict().id()).orElse(""),
        decided.map(Overrule::note).orElse(""),
        decided.filter(o -> o.against(chance)).isPresent(),
        decided.isEmpty()
            ? List.of()
            : files.factHistory(bench.file(), topic).stream().map(LinksController::line).toList());
  }

  private static String topic(PivotFault fault, String cause) {
    return Topic.LINK.about(fault.id() + "." + cause);
  }

  private static String line(Noted noted) {
    String what = noted.value().isEmpty() ? "taken back" : noted.value();
    return what + ". " + noted.by() + ", " + Dates.moment(noted.at());
  }

  /** Keeps what the trainer decides about one link; nothing chosen takes it back. */
  @PostMapping("/golfers/{id}/links/{fault}/{cause}")
  String decide(
      @PathVariable String id,
      @PathVariable String fault,
      @PathVariable String cause,
      @RequestParam(defaultValue = "") String verdict,
      @RequestParam(defaultValue = "") String note,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = benches.fileToWrite(user.account(), id);
    Optional<PivotFault> of = PivotFault.parse(fault);
    Optional<Overrule.Verdict> decided = Overrule.Verdict.parse(verdict);
    boolean known =
        of.isPresent()
            && RuleBook.standard().causes(of.get()).stream()
                .anyMatch(c -> Overrule.key(c).equals(cause));
    if (known && file.value("consent").isPresent()) {
      String why = note.strip();
      String kept = why.length() > NOTE_MOST ? why.substring(0, NOTE_MOST) : why;
      journal.note(
          file,
          user.account(),
          topic(of.get(), cause),
          decided.map(v -> (v.id() + " " + kept).strip()),
          false,
          decided.map(Overrule.Verdict::id).orElse("no decision") + ": " + of.get().title(),
          "links");
      benches.saved(user.account(), id);
    }
    return "redirect:/golfers/" + id + "/links#link-" + fault;
  }

  private static FactorView factor(Factor factor) {
    String times =
        factor.value() == 1
            ? "no change"
            : "× " + String.format(Locale.ROOT, "%.2f", factor.value()).replaceAll("\\.?0+$", "");
    return new FactorView(factor.words(), times);
  }

  private static NextView next(Bench bench, NextTest test) {
    String golfer = "/golfers/" + bench.file().id();
    String address =
        test.id().equals("set-up")
            ? golfer + "/set-up#by-eye"
            : test.id().startsWith("rehearsal:")
                ? golfer + "/swing#" + test.id().substring("rehearsal:".length())
                : golfer + "/measure?test=" + test.id();
    String side = test.side().map(s -> ", " + bench.spoken(s)).orElse("");
    String minutes = String.format(Locale.ROOT, "%.1f", test.minutes()).replaceAll("\\.0$", "");
    return new NextView(test.title() + side, minutes + " min", test.why(), address);
  }
}
