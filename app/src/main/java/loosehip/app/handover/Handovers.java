package loosehip.app.handover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.PlanPages;
import loosehip.app.plan.Plans;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.store.Account;
import loosehip.app.words.Dates;
import loosehip.app.words.LinkWords;
import loosehip.app.words.NoticeWords;
import loosehip.app.words.PivotWords;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Text;
import loosehip.core.limit.Body;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Family;
import loosehip.core.link.Link;
import loosehip.core.link.Triage;
import loosehip.core.measure.Band;
import loosehip.core.pivot.Margin;
import loosehip.core.plan.Block;
import loosehip.core.safety.NotedCaution;
import org.springframework.stereotype.Component;

/** Writes the handover from the golfer in hand. Cautions are told as movements to leave alone. */
@Component
class Handovers {
  private static final double LIKELY = 0.5;
  private static final String UNBROKEN = "\u00a0±\u00a0";

  private final PlanPages plans;
  private final Plans given;
  private final SetupRepairs repairs;
  private final ExerciseTexts texts;

  Handovers(PlanPages plans, Plans given, SetupRepairs repairs, ExerciseTexts texts) {
    this.repairs = repairs;
    this.texts = texts;
    this.given = given;
    this.plans = plans;
  }

  Handover of(Workup workup, Account account, LocalDate today) {
    return new Handover(
        workup.file().id(),
        workup.file().name(),
        account.practiceName(),
        account.shownName(),
        Dates.day(today),
        workup.golfer().school().title() + ", " + workup.golfer().school().idea(),
        body(workup, Band.ENOUGH),
        cannot(workup),
        seen(workup),
        setup(workup),
        bridge(workup),
        ask(workup),
        leave(workup),
        drills(workup),
        decided(workup),
        mind(workup),
        NoticeWords.DECISION_AID);
  }

  private static List<String> cannot(Workup workup) {
    List<String> lines = new ArrayList<>(body(workup, Band.SHORT));
    body(workup, Band.CLOSE).stream().map(l -> l + " (close)").forEach(lines::add);
    return lines;
  }

  /** Margins first, then the limits measured in this band. */
  private static List<String> body(Workup workup, Band band) {
    List<String> lines = new ArrayList<>();
    workup
        .judgement()
        .budget()
        .ifPresent(
            b -> {
              margin(lines, "turn going back", b.backMargin(), band);
              margin(lines, "turn coming through", b.impactMargin(), band);
            });
    Body body = workup.golfer().body();
    for (LimitKind kind : LimitKind.values()) {
      if (body.band(kind) == band) {
        lines.add(kind.title() + figures(workup, kind));
      }
    }
    return lines;
  }

  /** A hip's range with its degrees and its side, as measured. */
  private static String figures(Workup workup, LimitKind kind) {
    if (!kind.hipRange()) {
      return "";
    }
    Limit limit = Limit.of(kind);
    String degrees =
        workup.golfer().body().measurements(limit).stream()
            .map(LinkWords::number)
            .map(n -> n.replace(" ± ", UNBROKEN))
            .collect(Collectors.joining(", "));
    String side = limit.concerns().map(workup::letter).map(l -> " (" + l + ")").orElse("");
    return side + (degrees.isEmpty() ? "" : ": " + degrees);
  }

  /** How to stand until then; nothing is claimed of a set-up nobody looked at. */
  private List<String> setup(Workup workup) {
    List<String> lines = new ArrayList<>();
    if (!workup.golfer().setup().lookedAt()) {
      lines.add("How they stand was not looked at; the margins are the less certain for it.");
    } else {
      lines.addAll(plans.setupToday(workup));
    }
    repairs.of(workup).stream()
        .filter(SetupRepairs.Repair::now)
        .forEach(r -> lines.add(r.line() + "."));
    return lines;
  }

  private List<String> bridge(Workup workup) {
    return plans.bridge(workup).stream()
        .map(b -> Text.upper(b.words()) + ", " + b.when() + ".")
        .toList();
  }

  /** The drills of the plan given, each with its fault; not what is struck since. */
  private List<String> drills(Workup workup) {
    return given
        .of(workup)
        .filter(p -> p.kept().isPresent())
        .map(
            p ->
                p.block().drills().stream()
                    .filter(d -> d.now() && !p.struck().containsKey(d.drill()))
                    .map(d -> texts.of(d.drill()).name() + ", for " + Text.lower(d.fault().title()))
                    .toList())
        .orElse(List.of());
  }

  /** What was decided against or beside the figures, by whom; never why. */
  private static List<String> decided(Workup workup) {
    return workup.golfer().overrules().stream()
        .flatMap(
            o ->
                Stream.concat(
                        workup.judgement().links().stream(),
                        workup.judgement().setupLinks().stream())
                    .flatMap(l -> l.causes().stream().filter(c -> o.about(l.fault(), c.cause())))
                    .map(
                        c ->
                            Text.upper(c.cause().title())
                                + " behind "
                                + Text.lower(o.fault().title())
                                + ": "
                                + o.verdict().id()
                                + o.signed().by().map(by -> " by " + by).orElse("")
                                + o.signed().on().map(on -> ", " + Dates.day(on)).orElse("")))
        .toList();
  }

  private static void margin(List<String> lines, String what, Optional<Margin> margin, Band band) {
    margin
        .filter(m -> m.band() == band)
        .ifPresent(m -> lines.add(Text.upper(what) + ": " + PivotWords.spoken(m)));
  }

  private static List<String> seen(Workup workup) {
    return workup.judgement().links().stream()
        .map(
            l -> l.fault().title() + ", " + l.level().word() + ": " + LinkWords.verdict(l.triage()))
        .toList();
  }

  /** What set-up or habit drives may be worked on in lessons at once. */
  private static List<String> ask(Workup workup) {
    List<String> lines = new ArrayList<>();
    for (Link link : workup.judgement().links()) {
      Triage.Kind kind = link.triage().kind();
      if (kind == Triage.Kind.SETUP_FIRST) {
        lines.add(link.fault().title() + ": change the set-up first, then look again");
      } else if (kind == Triage.Kind.HABIT) {
        lines.add(link.fault().title() + ": the body allows it; a habit to be relearnt");
      }
    }
    return lines;
  }

  private List<String> leave(Workup workup) {
    List<String> lines = new ArrayList<>();
    String until =
        given.of(workup).map(Plans.Plan::block).map(Block::retest).map(Dates::day).orElse("");
    for (Link link : workup.judgement().links()) {
      if (link.triage().kind() == Triage.Kind.BODY_FIRST || link.triage().bodyToo()) {
        lines.add(
            link.fault().title()
                + ": do not force it. The body first: "
                + limits(link)
                + (until.isEmpty() ? "; then measure again" : "; measured again on " + until));
      } else if (link.triage().kind() == Triage.Kind.SEE_OTHER) {
        lines.add(
            link.fault().title()
                + ": goes with "
                + Text.lower(link.triage().cause().orElseThrow().cause().title())
                + "; nothing of its own to work on");
      } else if (link.triage().kind() == Triage.Kind.NOT_SETTLED) {
        lines.add(link.fault().title() + ": not settled yet; leave it until more is measured");
      }
    }
    return lines;
  }

  private static String limits(Link link) {
    return link.causes().stream()
        .filter(c -> c.counted() >= LIKELY && c.cause().family() == Family.BODY)
        .map(CauseChance::cause)
        .map(c -> c.title().toLowerCase(Locale.ROOT))
        .reduce((a, b) -> a + "; " + b)
        .orElse("the body");
  }

  private static List<String> mind(Workup workup) {
    List<String> mind = new ArrayList<>();
    workup
        .golfer()
        .health()
        .cautions()
        .forEach(c -> mind.add(Text.upper(c.caution().consequence() + side(workup, c))));
    workup.golfer().health().limits().forEach(c -> mind.addAll(SafetyWords.limits(c)));
    return mind;
  }

  private static String side(Workup workup, NotedCaution caution) {
    return caution.side().map(s -> " (" + workup.spoken(s) + ")").orElse("");
  }
}
