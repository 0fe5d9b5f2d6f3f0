package loosehip.app.planview;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.words.PivotWords;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupLook;
import loosehip.core.pivot.TurnBudget;

/** Draws a turn budget as the hips from above. Pure geometry; nothing is worked out again here. */
public final class PlanViewDrawing {
  private static final double OUTER_TOP = 176;
  private static final double OUTER_FOOT = 152;
  private static final double INNER_TOP = 146;
  private static final double INNER_FOOT = 122;
  private static final double BAND_FOOT = 114;
  private static final double WINDOW_TOP = 196;
  private static final double WINDOW_FOOT = 179;
  private static final double IMPACT_SHOWN = 10;
  private static final double LABEL = 208;
  private static final double MOST = 100;
  private static final double LEAST_APART = 11;
  private static final double HALF_PELVIS = 44;
  private static final double WEDGE = 46;

  private final Dial dial;
  private final Handed handed;
  private final TurnBudget budget;
  private final Hips hips;

  private PlanViewDrawing(TurnBudget budget, Hips hips, Handed handed) {
    this.dial = new Dial(handed == Handed.RIGHT);
    this.handed = handed;
    this.budget = budget;
    this.hips = hips;
  }

  /** The picture of this budget for a golfer of this hand. */
  public static PlanView of(TurnBudget budget, Hips hips, Handed handed) {
    return new PlanViewDrawing(budget, hips, handed).draw();
  }

  private PlanView draw() {
    School school = budget.school();
    Demands asks = hips.coefficients().demands(school);
    List<String> bands = new ArrayList<>();
    bands.add(dial.sector(WINDOW_FOOT, WINDOW_TOP, asks.pelvisLow(), asks.pelvisHigh()));
    bands.add(
        dial.sector(
            WINDOW_FOOT, WINDOW_TOP, -asks.openAtImpact(), -asks.openAtImpact() - IMPACT_SHOWN));
    List<PlanView.Piece> pieces = new ArrayList<>();
    budget
        .back()
        .ifPresent(
            back -> {
              pieces(pieces, "trail", back.trail(), OUTER_FOOT, OUTER_TOP, 1);
              pieces(pieces, "lead", back.lead(), INNER_FOOT, INNER_TOP, 1);
            });
    budget
        .through()
        .ifPresent(through -> pieces(pieces, "lead", through.lead(), INNER_FOOT, OUTER_TOP, -1));
    return new PlanView(
        school.title(),
        school.idea(),
        bands,
        pieces,
        wedges(),
        ticks(),
        feet(),
        pelvis(),
        scale(),
        handed == Handed.RIGHT ? "left" : "right",
        words(),
        hips.missing());
  }

  /** Hip, then slack, then what the set-up adds; what the set-up takes is cut from the end. */
  private void pieces(
      List<PlanView.Piece> pieces,
      String leg,
      TurnBudget.Capacity capacity,
      double foot,
      double top,
      int way) {
    double hip = Math.max(0, capacity.hip());
    double body = hip + capacity.slack();
    double total = Math.max(0, capacity.total());
    piece(pieces, leg, "hip", foot, top, 0, Math.min(hip, total), way);
    piece(pieces, leg, "slack", foot, top, hip, Math.min(body, total), way);
    if (total > body) {
      piece(pieces, leg, "setup", foot, top, body, total, way);
    } else {
      piece(pieces, leg, "taken", foot, top, total, body, way);
    }
  }

  private void piece(
      List<PlanView.Piece> pieces,
      String leg,
      String from,
      double foot,
      double top,
      double start,
      double end,
      int way) {
    double stop = Math.min(end, MOST);
    if (stop - start > 0.3) {
      pieces.add(new PlanView.Piece(leg, from, dial.sector(foot, top, way * start, way * stop)));
    }
  }

  private List<PlanView.Piece> wedges() {
    List<PlanView.Piece> wedges = new ArrayList<>();
    hips.trailInternal().ifPresent(r -> wedges.add(wedge(Leg.TRAIL, r.hip())));
    hips.leadExternal().ifPresent(r -> wedges.add(wedge(Leg.LEAD, r.hip())));
    hips.leadInternal().ifPresent(r -> wedges.add(wedge(Leg.LEAD, -r.hip())));
    return wedges;
  }

  private PlanView.Piece wedge(Leg leg, double turn) {
    return new PlanView.Piece(
        leg.id(), "wedge", dial.sectorAt(jointX(leg), Dial.CY, 12, WEDGE, 0, turn));
  }

  private double jointX(Leg leg) {
    return Dial.CX + (leg == Leg.TRAIL ? 1 : -1) * dial.side() * HALF_PELVIS;
  }

  private List<PlanView.Tick> ticks() {
    List<PlanView.Tick> ticks = new ArrayList<>();
    budget
        .back()
        .ifPresent(
            back -> {
              double has = Math.max(0, back.pelvis());
              Optional<Double> needs = back.demand().map(d -> d.degrees());
              pair(ticks, has, needs);
            });
    budget
        .through()
        .ifPresent(
            through ->
                pair(
                    ticks,
                    -Math.max(0, through.lead().total()),
                    Optional.of(-hips.coefficients().demands(budget.school()).openAtImpact())));
    return ticks;
  }

  /** Two ticks whose labels are kept apart. */
  private void pair(List<PlanView.Tick> ticks, double has, Optional<Double> needs) {
    double hasAt = held(has);
    double hasLabel = hasAt;
    double needsLabel = needs.map(this::held).orElse(0.0);
    if (needs.isPresent() && Math.abs(hasLabel - needsLabel) < LEAST_APART) {
      double middle = (hasLabel + needsLabel) / 2;
      double half = LEAST_APART / 2 * (hasLabel >= needsLabel ? 1 : -1);
      hasLabel = middle + half;
      needsLabel = middle - half;
    }
    if (needs.isPresent()) {
      ticks.add(tick("needs", needs.get(), needsLabel, BAND_FOOT, WINDOW_TOP + 3));
    }
    ticks.add(tick("has", has, hasLabel, BAND_FOOT - 4, WINDOW_TOP + 3));
  }

  private PlanView.Tick tick(String kind, double turn, double label, double foot, double top) {
    return new PlanView.Tick(
        kind,
        dial.tick(foot, top, held(turn)),
        kind + " " + Math.round(Math.abs(turn)),
        round(dial.x(LABEL, label)),
        round(dial.y(LABEL, label) + 5),
        dial.anchor(label));
  }

  private double held(double turn) {
    return Math.max(-MOST, Math.min(MOST, turn));
  }

  private List<PlanView.Foot> feet() {
    Setup setup = budget.setup();
    return List.of(foot(Leg.TRAIL, setup.trailFlare()), foot(Leg.LEAD, setup.leadFlare()));
  }

  private PlanView.Foot foot(Leg leg, double flare) {
    int out = (leg == Leg.TRAIL ? 1 : -1) * dial.side();
    boolean looked = budget.setup().look(leg) != SetupLook.NOT_NOTED;
    return new PlanView.Foot(
        leg.id(),
        Dial.CX + out * 60,
        352,
        round(out * flare),
        looked ? "flare " + Math.round(flare) : "not looked at",
        leg.id() + " (" + handed.side(leg).letter() + ")",
        looked);
  }

  private PlanView.Pelvis pelvis() {
    Optional<Double> turned =
        budget
            .back()
            .map(
                b ->
                    Math.max(
                        0, Math.min(b.pelvis(), b.demand().map(d -> d.degrees()).orElse(90.0))));
    return new PlanView.Pelvis(
        round(turned.orElse(0.0) * dial.side()),
        turned,
        jointX(Leg.TRAIL),
        jointX(Leg.LEAD),
        Dial.CY);
  }

  /** Every ten degrees a mark, every thirty a longer one with its number. */
  private PlanView.Scale scale() {
    StringBuilder marks = new StringBuilder();
    List<PlanView.Degrees> degrees = new ArrayList<>();
    for (int turn = -90; turn <= 90; turn += 10) {
      boolean labelled = turn % 30 == 0 && turn != 0;
      marks.append(dial.tick(labelled ? 102 : 106, 110, turn));
      if (labelled) {
        degrees.add(
            new PlanView.Degrees(
                Math.abs(turn), round(dial.x(90, turn)), round(dial.y(90, turn) + 4)));
      }
    }
    return new PlanView.Scale(marks.toString(), degrees);
  }

  private List<PlanView.Said> words() {
    List<PlanView.Said> words = new ArrayList<>();
    budget
        .back()
        .ifPresent(
            back -> {
              String limits = back.limiting().id() + " side limits";
              if (back.margin().isPresent()) {
                words.add(
                    said(
                        BudgetMargin.BACK,
                        back.margin().get(),
                        String.format(
                            Locale.ROOT,
                            "has %.1f, needs %.1f; the %s",
                            back.pelvis(),
                            back.demand().orElseThrow().degrees(),
                            limits)));
              } else {
                words.add(
                    new PlanView.Said(
                        BudgetMargin.BACK,
                        "has " + Math.round(back.pelvis()),
                        "not-measured",
                        "trunk turn not measured",
                        "",
                        "the " + limits));
              }
            });
    budget
        .through()
        .ifPresent(
            through ->
                words.add(
                    said(
                        BudgetMargin.IMPACT,
                        through.impact(),
                        String.format(
                            Locale.ROOT,
                            "has %.1f, needs %.0f open at impact",
                            through.lead().total(),
                            hips.coefficients().demands(budget.school()).openAtImpact()))));
    return words;
  }

  private static PlanView.Said said(BudgetMargin which, Margin margin, String detail) {
    return new PlanView.Said(
        which,
        PivotWords.spoken(margin),
        margin.band().id(),
        margin.shortChance().words(),
        Math.round(margin.chanceShort() * 100)
            + " in 100 short, ±"
            + Math.round(margin.deviation()),
        detail);
  }

  private static double round(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
