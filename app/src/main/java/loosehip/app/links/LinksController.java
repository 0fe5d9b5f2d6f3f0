package loosehip.app.links;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.door.Door;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.fact.TrainersVerdict;
import loosehip.app.field.NotedField;
import loosehip.app.figure.Figures;
import loosehip.app.frame.Frames;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Noted;
import loosehip.app.words.Dates;
import loosehip.app.words.LinkWords;
import loosehip.app.words.Numbers;
import loosehip.app.words.Typed;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.link.Cause;
import loosehip.core.link.CauseChance;
import loosehip.core.link.CauseId;
import loosehip.core.link.Factor;
import loosehip.core.link.Fault;
import loosehip.core.link.Level;
import loosehip.core.link.Link;
import loosehip.core.link.NextTest;
import loosehip.core.link.Overrule;
import loosehip.core.link.Relook;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Triage;
import loosehip.core.named.Named;
import loosehip.core.safety.Passage;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** Why it happens: every fault with its causes, each chance with its sum. */
@Controller
class LinksController {
  private static final int NOTE_MOST = 200;

  /** What is sent with a note alone: whatever was decided stays. */
  private static final String KEEP = "keep";

  private final Workups workups;
  private final Frames frames;
  private final GolferFiles files;
  private final Journal journal;
  private final Figures figures;

  private final SetupRepairs repairs;

  LinksController(
      Workups workups,
      Frames frames,
      GolferFiles files,
      Journal journal,
      Figures figures,
      SetupRepairs repairs) {
    this.repairs = repairs;
    this.figures = figures;
    this.workups = workups;
    this.frames = frames;
    this.files = files;
    this.journal = journal;
  }

  @Door(Passage.SIDED)
  @GetMapping("/golfers/{id}/links")
  String links(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    List<Link> links = workup.judgement().links();
    List<Link> setup = workup.judgement().setupLinks();
    model.addAttribute("frame", frames.of(user.account(), workup, Station.LINKS));
    model.addAttribute(
        "page",
        new LinksPage(
            workup.file().id(),
            workup.golfer().health().refer(),
            links.stream().map(l -> view(workup, l)).toList(),
            setup.stream().map(l -> view(workup, l)).toList(),
            repairs.of(workup),
            ThreadsDrawing.of(workup),
            workup.judgement().nextTests().stream().map(t -> next(workup, t)).toList(),
            TracedEvidence.order(workup),
            workup.judgement().backLoads().stream()
                .map(b -> new LinksPage.BackLoadLine(LinkWords.what(b), LinkWords.follows(b)))
                .toList(),
            again(workup),
            RuleBook.EDITION,
            !workup.golfer().practice().rules().equals(RuleBook.standard())));
    return "links/links";
  }

  private LinksPage.Again again(Workup workup) {
    return new LinksPage.Again(
        workup.file().id(), workup.golfer().handed() == Handed.LEFT, relooks(workup));
  }

  private List<LinksPage.RelookLine> relooks(Workup workup) {
    return Relook.of(workup.judgement().links(), Facts.AGAIN.in(workup.file())).stream()
        .map(
            r ->
                new LinksPage.RelookLine(
                    r.fault(),
                    r.fix().stream()
                        .map(f -> f.title().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", ")),
                    r.before(),
                    figures.find(r.fault().id() + "." + r.before().id()),
                    r.again(),
                    figures.find(r.fault().id() + "." + r.again().id()),
                    NotedField.oneOrNone(
                        workup.file(),
                        Facts.AGAIN.about(r.fault()),
                        List.of(Level.NONE, Level.SLIGHT, Level.CLEAR),
                        Level::word,
                        r.again().id()),
                    r.outcome().words()))
        .toList();
  }

  /** The re-look alone, after a second look was noted. */
  @Door(Passage.MOVES)
  @GetMapping("/golfers/{id}/links/again")
  String again(@PathVariable String id, @AuthenticationPrincipal SignedIn user, Model model) {
    Workup workup = workups.open(user.account(), id);
    model.addAttribute("page", again(workup));
    return "links/again";
  }

  private LinksPage.LinkLine view(Workup workup, Link link) {
    return new LinksPage.LinkLine(
        link.fault().id(),
        link.fault().title(),
        link.level().word(),
        LinkWords.verdict(link.triage()),
        link.triage().kind() == Triage.Kind.NOT_SETTLED,
        TracedEvidence.of(workup, link),
        link.causes().stream().map(c -> cause(workup, link.fault(), c)).toList());
  }

  private LinksPage.CauseLine cause(Workup workup, Fault fault, CauseChance chance) {
    Optional<Leg> leg = chance.cause().leg();
    Optional<Overrule> decided =
        workup.golfer().overrules().stream()
            .filter(o -> o.about(fault, chance.cause()))
            .reduce((a, b) -> b);
    Optional<TrainersVerdict.About> about = noted(workup, fault, chance.cause());
    return new LinksPage.CauseLine(
        chance.cause().title()
            + leg.map(l -> " (" + workup.golfer().handed().side(l).letter() + ")").orElse(""),
        chance.cause().family(),
        leg.map(Leg::id).orElse(""),
        chance.likelihood().word(),
        String.format(Locale.ROOT, "%.2f", chance.chance()),
        chance.chance(),
        chance.settled(),
        Math.round(chance.cause().prior() * 100) + " in 100",
        chance.factors().stream().map(LinksController::factor).toList(),
        String.format(Locale.ROOT, "%.2f to 1", chance.odds()),
        chance.cause().id().key(),
        Arrays.stream(Overrule.Verdict.values())
            .map(
                v ->
                    new LinksPage.VerdictButton(
                        v.id(), decided.filter(o -> o.verdict() == v).isPresent()))
            .toList(),
        decided.map(o -> o.verdict().id()).orElse(""),
        about
            .flatMap(a -> Facts.LINK.about(a).in(workup.file()))
            .map(TrainersVerdict::note)
            .orElse(""),
        decided.filter(o -> o.against(chance)).isPresent(),
        about
            .map(Facts.LINK::about)
            .map(
                fact ->
                    files.factHistory(workup.file(), fact.key()).stream()
                        .map(LinksController::line)
                        .toList())
            .orElse(List.of()));
  }

  /** Under which of its ids something was noted about a cause; earlier editions had other ids. */
  private static Optional<TrainersVerdict.About> noted(Workup workup, Fault fault, Cause cause) {
    return Facts.LINK.in(workup.file()).keySet().stream()
        .filter(a -> a.fault() == fault && a.cause().means(cause))
        .findFirst();
  }

  private static String line(Noted noted) {
    String what = noted.value().isEmpty() ? "taken back" : noted.value().strip();
    return what + ". " + noted.by() + ", " + Dates.moment(noted.at());
  }

  /**
   * Keeps what the trainer decides about one link, or only the note; a verdict tapped again takes
   * it back, and the note stays.
   */
  @Door(Passage.SIDED)
  @PostMapping("/golfers/{id}/links/{fault}/{cause}")
  String decide(
      @PathVariable String id,
      @PathVariable String fault,
      @PathVariable String cause,
      @RequestParam(defaultValue = KEEP) String verdict,
      @RequestParam(defaultValue = "") String note,
      @AuthenticationPrincipal SignedIn user) {
    GolferFile file = workups.fileToWrite(user.account(), id);
    Optional<Cause> of =
        Fault.parse(fault)
            .flatMap(f -> CauseId.parse(cause).flatMap(c -> RuleBook.standard().cause(f, c)));
    if (of.isEmpty()) {
      return "redirect:/golfers/{id}/links";
    }
    Fault behind = Fault.parse(fault).orElseThrow();
    if (Facts.CONSENT.isIn(file)) {
      journal.note(
          file,
          user.account(),
          decision(
              workups.open(user.account(), id),
              behind,
              of.get(),
              verdict,
              Typed.kept(note, NOTE_MOST)));
      workups.saved(user.account(), id);
    }
    return "redirect:/golfers/{id}/links#sum-" + behind.id() + "-" + of.get().id().key();
  }

  private static Note decision(Workup workup, Fault fault, Cause cause, String typed, String note) {
    Optional<TrainersVerdict.About> about = noted(workup, fault, cause);
    Fact<TrainersVerdict> fact =
        Facts.LINK.about(about.orElseGet(() -> new TrainersVerdict.About(fault, cause.id())));
    Optional<Overrule.Verdict> verdict =
        typed.equals(KEEP)
            ? fact.in(workup.file()).flatMap(TrainersVerdict::verdict)
            : Named.parse(Overrule.Verdict.class, typed);
    String label =
        typed.equals(KEEP) ? "note" : verdict.map(Overrule.Verdict::id).orElse("no decision");
    Note kept =
        verdict.isEmpty() && note.isEmpty()
            ? fact.takenBack()
            : fact.note(new TrainersVerdict(verdict, note));
    return kept.called(label + ": " + fault.title());
  }

  private static LinksPage.FactorLine factor(Factor factor) {
    String times = factor.value() == 1 ? "no change" : "× " + Numbers.short2(factor.value());
    return new LinksPage.FactorLine(LinkWords.finding(factor.finding()), times);
  }

  private static LinksPage.NextLine next(Workup workup, NextTest test) {
    String side = test.side().map(s -> ", " + workup.spoken(s)).orElse("");
    return new LinksPage.NextLine(
        LinkWords.title(test.what()) + side,
        Numbers.plain(test.minutes()) + " min",
        LinkWords.why(test),
        place(workup.file().id(), test.what()));
  }

  /** Where it is done. */
  private static String place(String golfer, NextTest.What what) {
    UriComponentsBuilder golferPages = UriComponentsBuilder.fromPath("/golfers/{id}");
    if (what instanceof NextTest.Take take) {
      golferPages.path("/measure").queryParam("test", take.test().id());
    } else if (what instanceof NextTest.Rehearse rehearse) {
      golferPages.path("/swing").fragment(rehearse.fault().id());
    } else {
      golferPages.path("/set-up").fragment("by-eye");
    }
    return golferPages.buildAndExpand(golfer).encode().toUriString();
  }
}
