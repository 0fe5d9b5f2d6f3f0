package loosehip.app.handover;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.PlanPages;
import loosehip.app.plan.Plans;
import loosehip.app.store.Account;
import loosehip.app.words.Dates;
import loosehip.app.words.LinkWords;
import loosehip.app.words.NoticeWords;
import loosehip.app.words.PivotWords;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Text;
import loosehip.core.limit.Body;
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

  private final PlanPages plans;
  private final Plans given;

  Handovers(PlanPages plans, Plans given) {
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
        plans.setupToday(workup),
        ask(workup),
        leave(workup),
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
        lines.add(kind.title());
      }
    }
    return lines;
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
      } else if (link.triage().kind() == Triage.Kind.NOT_SETTLED) {
        lines.add(link.fault().title() + ": not settled yet; leave it until more is measured");
      }
    }
    return lines;
  }

  private static String limits(Link link) {
    return link.causes().stream()
        .filter(c -> c.chance() >= LIKELY && c.cause().family() == Family.BODY)
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
