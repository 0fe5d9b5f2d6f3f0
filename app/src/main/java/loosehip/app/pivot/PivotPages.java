package loosehip.app.pivot;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
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
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.link.ForecastSeen;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.Margin;
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
        handles(bench, trial.setup()));
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
        "Shoulders at the top",
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

  private static String spoken(String signed) {
    return signed.startsWith("−")
        ? signed.substring(1) + " degrees short"
        : signed.substring(1) + " degrees to spare";
  }

  private static String signed(double degrees) {
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

  private static List<PivotPage.Handle> handles(Bench bench, Setup setup) {
    int side = bench.golfer().handed() == Handed.RIGHT ? 1 : -1;
    List<PivotPage.Handle> handles = new ArrayList<>();
    for (Leg leg : Leg.values()) {
      int out = (leg == Leg.TRAIL ? 1 : -1) * side;
      double flare = leg == Leg.TRAIL ? setup.trailFlare() : setup.leadFlare();
      double pinch = leg == Leg.TRAIL ? setup.trailPinch() : setup.leadPinch();
      double[] flares = Setup.BOUNDS.get(leg.id() + "Flare");
      double[] pinches = Setup.BOUNDS.get(leg.id() + "Pinch");
      handles.add(
          new PivotPage.Handle(
              leg.id() + "Flare",
              bench.spoken(leg) + " foot flare",
              Typed.plain(flare),
              flares[0],
              flares[1],
              280 + out * 60,
              352,
              out * flare,
              leg.id(),
              "foot"));
      handles.add(
          new PivotPage.Handle(
              leg.id() + "Pinch",
              bench.spoken(leg) + " knee pinch",
              Typed.plain(pinch),
              pinches[0],
              pinches[1],
              280 + out * 60 - out * pinch,
              348,
              out,
              leg.id(),
              "knee"));
    }
    return handles;
  }

  /** The four schools with their best set-ups, the one that pays most easily first. */
  List<PivotPage.SchoolCard> schools(Bench bench) {
    List<SetupSearch.Found> found = bench.assessment().schools();
    if (found.isEmpty()) {
      return List.of();
    }
    double best = found.get(0).best().score();
    String first = found.get(0).school().title();
    return found.stream().map(f -> school(bench, f, best, first)).toList();
  }

  private static PivotPage.SchoolCard school(
      Bench bench, SetupSearch.Found found, double best, String first) {
    SetupOption option = found.best();
    double behind = option.score() - best;
    List<String> parts =
        SetupChanges.parts(bench.golfer().coefficients(), bench.golfer().setup(), option.setup());
    String loser =
        behind < SetupSearch.CLEAR_LOSER
            ? ""
            : String.format(
                Locale.ROOT,
                "pays worse by %.0f than %s: %s even in its best set-up",
                behind,
                first,
                option.backMargin() < option.impactMargin()
                    ? spoken(signed(option.backMargin())) + " going back"
                    : spoken(signed(option.impactMargin())) + " coming through");
    return new PivotPage.SchoolCard(
        found.school().id(),
        found.school().title(),
        found.school().idea(),
        drawing(bench, budget(bench, new Trial(option.setup(), found.school()))),
        String.format(Locale.ROOT, "%.1f", option.score()),
        signed(option.backMargin()),
        signed(option.impactMargin()),
        band(option.backMargin()),
        band(option.impactMargin()),
        parts.isEmpty()
            ? "as they stand"
            : parts.stream().map(SetupChanges::withoutPrice).collect(Collectors.joining("; ")),
        found.school() == bench.golfer().school(),
        loser);
  }

  private static String band(double degrees) {
    return Margin.of(degrees, 1).band().id();
  }

  /** What to do with the set-up today, and the bridge of what was accepted. */
  PivotPage.Today today(Bench bench) {
    Optional<AcceptedSetup> accepted = AcceptedSetup.of(bench);
    Optional<String> words =
        accepted.map(
            a ->
                String.join(
                    "; ", SetupChanges.parts(bench.golfer().coefficients(), a.before(), a.then())));
    List<PivotPage.BridgeLine> bridge =
        accepted.map(a -> lines(bench, a.bridge(bench))).orElse(List.of());
    Optional<SetupSearch.Found> found = bench.assessment().ownSchool();
    if (found.isEmpty()) {
      return new PivotPage.Today(
          "Not known yet: the turn budget misses a test.", List.of(), words, bridge);
    }
    if (found.get().nothingNeeded()) {
      return new PivotPage.Today(
          "Nothing to change: today's set-up pays for this pivot.", List.of(), words, bridge);
    }
    SetupOption best = found.get().best();
    List<PivotPage.Way> ways = new ArrayList<>();
    if (!SetupChanges.parts(bench.golfer().coefficients(), bench.golfer().setup(), best.setup())
        .isEmpty()) {
      ways.add(way(bench, "Cheapest", best));
    }
    found.get().alternatives().forEach(o -> ways.add(way(bench, "Another way", o)));
    String verdict =
        best.reachesZero()
            ? "A change of set-up pays for this pivot today."
            : "No set-up pays for all of it: "
                + shortBoth(best)
                + " stays even with the best, and training has to pay the rest.";
    return new PivotPage.Today(verdict, ways, words, bridge);
  }

  private static String shortBoth(SetupOption best) {
    List<String> shortOf = new ArrayList<>();
    if (best.backMargin() < 0) {
      shortOf.add(spoken(signed(best.backMargin())) + " going back");
    }
    if (best.impactMargin() < 0) {
      shortOf.add(spoken(signed(best.impactMargin())) + " coming through");
    }
    return String.join(" and ", shortOf);
  }

  private static PivotPage.Way way(Bench bench, String title, SetupOption option) {
    Setup s = option.setup();
    Map<String, String> query = new java.util.LinkedHashMap<>();
    query.put("trailFlare", Typed.plain(s.trailFlare()));
    query.put("leadFlare", Typed.plain(s.leadFlare()));
    query.put("trailPinch", Typed.plain(s.trailPinch()));
    query.put("leadPinch", Typed.plain(s.leadPinch()));
    query.put("pelvicTilt", Typed.plain(s.pelvicTilt()));
    query.put("trailKneeExtension", Typed.plain(s.straightening()));
    query.put("leadRelease", s.release().id());
    String tried =
        query.entrySet().stream()
            .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
            .collect(Collectors.joining("&"));
    return new PivotPage.Way(
        title,
        SetupChanges.parts(bench.golfer().coefficients(), bench.golfer().setup(), s),
        "leaves going back "
            + signed(option.backMargin())
            + ", coming through "
            + signed(option.impactMargin()),
        tried,
        tried);
  }

  private static List<PivotPage.BridgeLine> lines(Bench bench, Bridge bridge) {
    double longest = bridge.parts().stream().mapToDouble(Bridge.Part::weeksSlow).max().orElse(1);
    return bridge.parts().stream()
        .map(
            p ->
                new PivotPage.BridgeLine(
                    part(p),
                    p.reached()
                        ? "reached: take it out"
                        : String.format(
                            Locale.ROOT,
                            "when %s has gained %.0f°, about week %.0f (%.0f to %.0f)",
                            p.range().words(),
                            p.gain(),
                            Math.ceil(p.weeks()),
                            Math.ceil(p.weeksFast()),
                            Math.ceil(p.weeksSlow())),
                    100 * p.weeksFast() / longest,
                    100 * p.weeks() / longest,
                    100 * p.weeksSlow() / longest,
                    p.reached()))
        .toList();
  }

  private static String part(Bridge.Part part) {
    return switch (part.lever()) {
      case TRAIL_FLARE -> "trail flare " + degrees(part.from()) + " back to " + degrees(part.to());
      case LEAD_FLARE -> "lead flare " + degrees(part.from()) + " back to " + degrees(part.to());
      case STRAIGHTENING ->
          "straightening " + degrees(part.from()) + " back to " + degrees(part.to());
      case RELEASE -> LeadRelease.values()[(int) part.to()].word() + " again";
      default -> part.lever().id();
    };
  }

  private static String degrees(double number) {
    return Typed.plain(number) + "°";
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
