package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Workup;
import loosehip.app.planview.PlanView;
import loosehip.app.planview.PlanViewDrawing;
import loosehip.app.words.Numbers;
import loosehip.app.words.PivotWords;
import loosehip.core.body.Handed;
import loosehip.core.link.ForecastSeen;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.School;
import loosehip.core.pivot.SchoolFit;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupOption;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import org.springframework.stereotype.Component;

/** Lays out the pivot page: budgets come from the core, here they are only set side by side. */
@Component
class PivotPages {
  private static final double STEP = 5;

  private final Figures figures;

  PivotPages(Figures figures) {
    this.figures = figures;
  }

  PivotPage page(Workup workup, Trial trial, Optional<String> station) {
    Setup today = workup.golfer().setup();
    TurnBudget stands = budget(workup, new Trial(today, workup.golfer().school()));
    TurnBudget tried = budget(workup, trial);
    List<PivotPage.Delta> deltas = deltas(stands, tried);
    return new PivotPage(
        workup.file().id(),
        station,
        workup.golfer().handed() == Handed.LEFT,
        choices(workup, trial),
        drawing(workup, tried),
        drawing(workup, stands),
        deltas,
        levers(workup, trial),
        figures.posture(
            trial.setup().hipFlexion(), trial.setup().pelvicTilt(), trial.setup().rounding()),
        posture(trial.setup(), workup.golfer().practice().coefficients()),
        live(deltas),
        trial.changes(today, workup.golfer().school()),
        PivotHandles.above(workup, trial.setup()),
        PivotHandles.side(workup, trial.setup()));
  }

  private static List<PivotPage.Choice> choices(Workup workup, Trial trial) {
    Setup today = workup.golfer().setup();
    Setup tried = trial.setup();
    return List.of(
        choice(
            Trial.RELEASE,
            "Lead leg",
            LeadRelease.values(),
            LeadRelease::word,
            today.release(),
            tried.release()),
        choice(Trial.CLUB, "Club", Club.values(), Club::word, today.club(), tried.club()),
        choice(
            Trial.SCHOOL,
            "School",
            School.values(),
            School::title,
            workup.golfer().school(),
            trial.school()));
  }

  private static <E extends Named> PivotPage.Choice choice(
      String name, String title, E[] all, Function<E, String> words, E today, E tried) {
    return new PivotPage.Choice(
        name,
        title,
        today.id(),
        Arrays.stream(all)
            .map(e -> new PivotPage.Option(e.id(), words.apply(e), e.equals(tried)))
            .toList());
  }

  private static TurnBudget budget(Workup workup, Trial trial) {
    Hips hips = hips(workup, trial.setup());
    return TurnBudget.of(trial.school(), trial.setup(), hips);
  }

  private static PlanView drawing(Workup workup, TurnBudget budget) {
    Hips hips = hips(workup, budget.setup());
    return PlanViewDrawing.of(budget, hips, workup.golfer().handed());
  }

  private static List<PivotPage.Delta> deltas(TurnBudget stands, TurnBudget tried) {
    return Arrays.stream(BudgetMargin.values())
        .map(which -> delta(which, stands.margin(which), tried.margin(which)))
        .flatMap(Optional::stream)
        .toList();
  }

  private static Optional<PivotPage.Delta> delta(
      BudgetMargin which, Optional<Margin> before, Optional<Margin> now) {
    if (now.isEmpty() || before.isEmpty()) {
      return Optional.empty();
    }
    double moved = Math.round((now.get().degrees() - before.get().degrees()) * 10) / 10.0;
    return Optional.of(
        new PivotPage.Delta(
            which,
            now.get().band().id(),
            PivotWords.fine(now.get().degrees()),
            now.get().shortChance().words(),
            PivotWords.fine(before.get().degrees()),
            moved == 0 ? "as before" : Numbers.signed(moved),
            moved == 0,
            PivotWords.heard(now.get().degrees())));
  }

  /** The margins in one sentence, for those who hear the page. */
  private static String live(List<PivotPage.Delta> deltas) {
    return deltas.stream()
        .filter(d -> d.which() == BudgetMargin.BACK || d.which() == BudgetMargin.IMPACT)
        .map(d -> d.heading() + " " + d.heard() + ", " + d.chance())
        .collect(Collectors.joining(". "));
  }

  private static Hips hips(Workup workup, Setup setup) {
    return Hips.of(workup.golfer().body(), workup.golfer().practice().coefficients(), setup);
  }

  private static final List<BudgetFigure> LEVERS =
      List.of(
          BudgetFigure.TRAIL_FLARE,
          BudgetFigure.LEAD_FLARE,
          BudgetFigure.TRAIL_PINCH,
          BudgetFigure.LEAD_PINCH,
          BudgetFigure.STRAIGHTENING,
          BudgetFigure.PELVIC_TILT,
          BudgetFigure.HIP_FLEXION,
          BudgetFigure.ROUNDING);

  private static List<PivotPage.Lever> levers(Workup workup, Trial trial) {
    return LEVERS.stream().map(figure -> lever(workup, trial, figure)).toList();
  }

  private static PivotPage.Lever lever(Workup workup, Trial trial, BudgetFigure figure) {
    double now = trial.setup().of(figure);
    double today = workup.golfer().setup().of(figure);
    Trial more = new Trial(trial.setup().with(figure, figure.held(now + STEP)), trial.school());
    TurnBudget here = budget(workup, trial);
    TurnBudget there = budget(workup, more);
    return new PivotPage.Lever(
        figure.id(),
        figure.title(),
        Numbers.plain(now),
        Numbers.plain(today),
        figure.least(),
        figure.most(),
        now != today,
        "5 more: "
            + difference(here.backMargin(), there.backMargin())
            + " back, "
            + difference(here.impactMargin(), there.impactMargin())
            + " through");
  }

  private static String difference(Optional<Margin> here, Optional<Margin> there) {
    if (here.isEmpty() || there.isEmpty()) {
      return "not known";
    }
    double by = Math.round((there.get().degrees() - here.get().degrees()) * 10) / 10.0;
    return by == 0 ? "0" : Numbers.signedPlain(by);
  }

  private static List<String> posture(Setup setup, Coefficients model) {
    List<String> words = new ArrayList<>();
    long left = Math.round(100 * model.posture(setup));
    words.add(
        left == 100
            ? "This back leaves all of the trunk turn."
            : "This back leaves " + left + " % of the trunk turn.");
    double tilt = model.tilt(setup.pelvicTilt());
    if (tilt != 0) {
      words.add(
          String.format(
              Locale.ROOT,
              "The tilt %s %.1f° of inward turn in each hip.",
              tilt < 0 ? "takes" : "gives",
              Math.abs(tilt)));
    }
    return words;
  }

  /** The four schools with their best set-ups, the one that pays most easily first. */
  List<PivotPage.SchoolCard> schools(Workup workup) {
    List<SetupSearch.Found> found = workup.judgement().schools();
    if (found.isEmpty()) {
      return List.of();
    }
    String first = found.get(0).school().title();
    return SchoolFit.of(found, workup.golfer().practice().coefficients()).stream()
        .map(fit -> school(workup, fit, first))
        .toList();
  }

  private static PivotPage.SchoolCard school(Workup workup, SchoolFit fit, String first) {
    SetupSearch.Found found = fit.found();
    SetupOption option = found.best();
    TurnBudget best = budget(workup, new Trial(option.setup(), found.school()));
    List<SetupChanges.Part> parts =
        SetupChanges.parts(
            workup.golfer().practice().coefficients(), workup.golfer().setup(), option.setup());
    String loser =
        fit.loses()
            ? String.format(
                Locale.ROOT,
                "pays worse by %.0f than %s: %s %s even in its best set-up",
                fit.behind(),
                first,
                PivotWords.heard(fit.margin()),
                fit.shortBack() ? "going back" : "coming through")
            : "";
    return new PivotPage.SchoolCard(
        found.school().id(),
        found.school().title(),
        found.school().idea(),
        drawing(workup, best),
        String.format(Locale.ROOT, "%.1f", option.score()),
        Arrays.stream(BudgetMargin.values())
            .flatMap(
                which ->
                    best.margin(which).stream()
                        .map(
                            m ->
                                new PivotPage.SchoolMargin(
                                    PivotWords.brief(which),
                                    m.band().id(),
                                    PivotWords.spoken(m.degrees()))))
            .toList(),
        parts.isEmpty()
            ? "as they stand"
            : parts.stream().map(SetupChanges.Part::what).collect(Collectors.joining("; ")),
        found.school() == workup.golfer().school(),
        loser);
  }

  /** The forecast beside what was seen. */
  List<PivotPage.Agreement> agreements(Workup workup) {
    if (workup.judgement().budget().isEmpty()) {
      return List.of();
    }
    return ForecastSeen.of(
            workup.judgement().forecast(),
            workup.judgement().budget().orElseThrow(),
            workup.golfer().seen())
        .stream()
        .map(
            a ->
                new PivotPage.Agreement(
                    a.fault().title(),
                    workup.golfer().seen().level(a.fault()).word(),
                    a.kind().words()))
        .toList();
  }
}
