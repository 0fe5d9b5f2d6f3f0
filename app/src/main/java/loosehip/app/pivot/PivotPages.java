package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Typed;
import loosehip.app.planview.PlanView;
import loosehip.app.planview.PlanViewDrawing;
import loosehip.core.body.Leg;
import loosehip.core.link.ForecastSeen;
import loosehip.core.pivot.Coefficient;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.SchoolFit;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupOption;
import loosehip.core.pivot.SetupSearch;
import loosehip.core.pivot.TurnBudget;
import org.springframework.stereotype.Component;

/** Lays out the pivot bench: budgets come from the core, here they are only set side by side. */
@Component
class PivotPages {
  private static final double STEP = 5;

  private final Figures figures;

  PivotPages(Figures figures) {
    this.figures = figures;
  }

  PivotPage page(Bench bench, Trial trial) {
    Setup today = bench.golfer().setup();
    TurnBudget stands = budget(bench, new Trial(today, bench.golfer().school()));
    TurnBudget tried = budget(bench, trial);
    List<PivotPage.Delta> deltas = deltas(stands, tried);
    return new PivotPage(
        drawing(bench, tried),
        drawing(bench, stands),
        deltas,
        levers(bench, trial),
        figures.posture(
            trial.setup().hipFlexion(), trial.setup().pelvicTilt(), trial.setup().rounding()),
        posture(trial.setup(), bench.golfer().coefficients()),
        live(deltas),
        !trial.changesFrom(today, bench.golfer().school()).isEmpty(),
        PivotHandles.above(bench, trial.setup()),
        PivotHandles.side(bench, trial.setup()));
  }

  private static TurnBudget budget(Bench bench, Trial trial) {
    Hips hips = Hips.of(bench.golfer().body(), trial.setup());
    return TurnBudget.of(trial.school(), trial.setup(), hips);
  }

  private static PlanView drawing(Bench bench, TurnBudget budget) {
    Hips hips = Hips.of(bench.golfer().body(), budget.setup());
    return PlanViewDrawing.of(budget, hips, bench.golfer().handed());
  }

  private static List<PivotPage.Delta> deltas(TurnBudget stands, TurnBudget tried) {
    List<PivotPage.Delta> deltas = new ArrayList<>();
    delta(deltas, "back", "Going back", stands, tried, TurnBudget::backMargin);
    delta(
        deltas,
        "shoulder",
        "Shoulders",
        stands,
        tried,
        b -> b.back().flatMap(TurnBudget.Back::shoulder));
    delta(deltas, "impact", "Coming through", stands, tried, TurnBudget::impactMargin);
    delta(deltas, "finish", "Finish", stands, tried, TurnBudget::finishMargin);
    return deltas;
  }

  private static void delta(
      List<PivotPage.Delta> deltas,
      String id,
      String heading,
      TurnBudget stands,
      TurnBudget tried,
      Function<TurnBudget, Optional<Margin>> which) {
    Optional<Margin> now = which.apply(tried);
    Optional<Margin> before = which.apply(stands);
    if (now.isEmpty() || before.isEmpty()) {
      return;
    }
    double moved = Math.round((now.get().degrees() - before.get().degrees()) * 10) / 10.0;
    deltas.add(
        new PivotPage.Delta(
            id,
            heading,
            now.get().band().id(),
            signed(now.get().degrees()),
            now.get().words(),
            signed(before.get().degrees()),
            moved == 0 ? "as before" : signed(moved),
            moved == 0));
  }

  /** The margins in one sentence. */
  private static String live(List<PivotPage.Delta> deltas) {
    return deltas.stream()
        .filter(d -> d.id().equals("back") || d.id().equals("impact"))
        .map(d -> d.heading() + " " + spoken(d.verdict()) + ", " + d.chance())
        .collect(Collectors.joining(". "));
  }

  static String spoken(String signed) {
    return signed.startsWith("−")
        ? signed.substring(1) + " degrees short"
        : signed.substring(1) + " degrees to spare";
  }

  static String signed(double degrees) {
    double tenth = Math.round(Math.abs(degrees) * 10) / 10.0;
    return (degrees < 0 && tenth > 0 ? "−" : "+") + String.format(Locale.ROOT, "%.1f", tenth);
  }

  private static List<PivotPage.Lever> levers(Bench bench, Trial trial) {
    Setup now = trial.setup();
    Setup today = bench.golfer().setup();
    List<PivotPage.Lever> levers = new ArrayList<>();
    levers.add(
        lever(
            bench, trial, "trailFlare", "Trail foot flare", now.trailFlare(), today.trailFlare()));
    levers.add(
        lever(bench, trial, "leadFlare", "Lead foot flare", now.leadFlare(), today.leadFlare()));
    levers.add(
        lever(
            bench, trial, "trailPinch", "Trail knee pinch", now.trailPinch(), today.trailPinch()));
    levers.add(
        lever(bench, trial, "leadPinch", "Lead knee pinch", now.leadPinch(), today.leadPinch()));
    levers.add(
        lever(
            bench,
            trial,
            "trailKneeExtension",
            "Trail knee straightens",
            now.straightening(),
            today.straightening()));
    levers.add(
        lever(bench, trial, "pelvicTilt", "Pelvic tilt", now.pelvicTilt(), today.pelvicTilt()));
    levers.add(lever(bench, trial, "hipFlexion", "Hip bend", now.hipFlexion(), today.hipFlexion()));
    levers.add(lever(bench, trial, "rounding", "Back rounding", now.rounding(), today.rounding()));
    return levers;
  }

  private static PivotPage.Lever lever(
      Bench bench, Trial trial, String name, String title, double now, double today) {
    double[] bounds = Setup.BOUNDS.get(name);
    Trial more = Trial.of(Map.of(name, Typed.plain(now + STEP)), trial.setup(), trial.school());
    TurnBudget here = budget(bench, trial);
    TurnBudget there = budget(bench, more);
    return new PivotPage.Lever(
        name,
        title,
        Typed.plain(now),
        Typed.plain(today),
        bounds[0],
        bounds[1],
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
    return by == 0 ? "0" : signed(by).replace(".0", "");
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
  List<PivotPage.SchoolCard> schools(Bench bench) {
    List<SetupSearch.Found> found = bench.assessment().schools();
    if (found.isEmpty()) {
      return List.of();
    }
    String first = found.get(0).school().title();
    return SchoolFit.of(found, bench.golfer().coefficients()).stream()
        .map(fit -> school(bench, fit, first))
        .toList();
  }

  private static PivotPage.SchoolCard school(Bench bench, SchoolFit fit, String first) {
    SetupSearch.Found found = fit.found();
    SetupOption option = found.best();
    List<String> parts =
        SetupChanges.parts(bench.golfer().coefficients(), bench.golfer().setup(), option.setup());
    String loser =
        fit.loses()
            ? String.format(
                Locale.ROOT,
                "pays worse by %.0f than %s: %s %s even in its best set-up",
                fit.behind(),
                first,
                spoken(signed(fit.margin())),
                fit.shortBack() ? "going back" : "coming through")
            : "";
    return new PivotPage.SchoolCard(
        found.school().id(),
        found.school().title(),
        found.school().idea(),
        drawing(bench, budget(bench, new Trial(option.setup(), found.school()))),
        String.format(Locale.ROOT, "%.1f", option.score()),
        signed(option.backMargin()),
        signed(option.impactMargin()),
        band(bench, option.backMargin()),
        band(bench, option.impactMargin()),
        parts.isEmpty()
            ? "as they stand"
            : parts.stream().map(SetupChanges::withoutPrice).collect(Collectors.joining("; ")),
        found.school() == bench.golfer().school(),
        loser);
  }

  private static String band(Bench bench, double degrees) {
    return Margin.of(degrees, 1, bench.golfer().coefficients().of(Coefficient.CLEAR_OF))
        .band()
        .id();
  }

  /** The forecast beside what was seen. */
  List<PivotPage.Agreement> agreements(Bench bench) {
    if (bench.assessment().budget().isEmpty()) {
      return List.of();
    }
    return ForecastSeen.of(
            bench.assessment().forecast(),
            bench.assessment().budget().orElseThrow(),
            bench.golfer().seen())
        .stream()
        .map(
            a ->
                new PivotPage.Agreement(
                    a.fault().title(),
                    bench.golfer().seen().level(a.fault()).word(),
                    a.kind().words()))
        .toList();
  }

  /** What the arcs of the hips say about stretching, per leg with a shifted arc. */
  List<String> arcs(Bench bench) {
    List<String> words = new ArrayList<>();
    for (Leg leg : Leg.values()) {
      bench
          .golfer()
          .screen()
          .arcPattern(bench.golfer().handed().side(leg))
          .filter(a -> a.shifted())
          .ifPresent(a -> words.add(bench.spoken(leg) + " hip, " + a.word() + ": " + a.follows()));
    }
    return words;
  }
}
