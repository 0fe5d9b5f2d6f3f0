package loosehip.core.pivot;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import loosehip.core.body.Leg;

/**
 * How the golfer stands and what the legs allow.
 *
 * @param figures every figure in degrees; those left out of the map given are taken as usual
 * @param known how the figures that somebody noted are known; the others are not in it
 * @param release what the lead leg allows going back
 * @param club the club the budget is for
 */
public record Setup(
    Map<BudgetFigure, Double> figures,
    Map<BudgetFigure, SetupLook> known,
    LeadRelease release,
    Club club) {

  /** A plain stance: 40 of hip bend, feet square, nothing given or taken. */
  public static final Setup PLAIN = new Setup(Map.of(), LeadRelease.HELD, Club.DRIVER);

  /** The figures given are told or seen by eye; the others are not noted. */
  public Setup(Map<BudgetFigure, Double> figures, LeadRelease release, Club club) {
    this(figures, seen(figures, SetupLook.EYE), release, club);
  }

  /** How every figure of a map is known, when all are known alike. */
  public static Map<BudgetFigure, SetupLook> seen(
      Map<BudgetFigure, Double> figures, SetupLook look) {
    Map<BudgetFigure, SetupLook> known = new EnumMap<>(BudgetFigure.class);
    figures.keySet().forEach(figure -> known.put(figure, look));
    return known;
  }

  /** Fills up what is left out. */
  public Setup {
    Map<BudgetFigure, Double> all = new EnumMap<>(BudgetFigure.class);
    for (BudgetFigure figure : BudgetFigure.values()) {
      all.put(figure, figures.getOrDefault(figure, figure.usual()) + 0.0);
    }
    figures = Collections.unmodifiableMap(all);
    known = Map.copyOf(known);
  }

  /** A figure, in degrees. */
  public double of(BudgetFigure figure) {
    return figures.get(figure);
  }

  /** How the flare of a foot is known. */
  public SetupLook look(Leg leg) {
    BudgetFigure flare = leg == Leg.TRAIL ? BudgetFigure.TRAIL_FLARE : BudgetFigure.LEAD_FLARE;
    return known.getOrDefault(flare, SetupLook.NOT_NOTED);
  }

  /** Whether anybody looked at the feet; otherwise the budget rests on a set-up only supposed. */
  public boolean lookedAt() {
    return look(Leg.TRAIL) != SetupLook.NOT_NOTED || look(Leg.LEAD) != SetupLook.NOT_NOTED;
  }

  /** Hip bend at address. */
  public double hipFlexion() {
    return of(BudgetFigure.HIP_FLEXION);
  }

  /** Pelvic tilt beyond the golfer's neutral; positive arched, negative tucked. */
  public double pelvicTilt() {
    return of(BudgetFigure.PELVIC_TILT);
  }

  /** Between the lower and the upper half of the back at address. */
  public double rounding() {
    return of(BudgetFigure.ROUNDING);
  }

  /** Toes of the trail foot turned out. */
  public double trailFlare() {
    return of(BudgetFigure.TRAIL_FLARE);
  }

  /** Toes of the lead foot turned out. */
  public double leadFlare() {
    return of(BudgetFigure.LEAD_FLARE);
  }

  /** Trail knee set inside the middle of the foot. */
  public double trailPinch() {
    return of(BudgetFigure.TRAIL_PINCH);
  }

  /** Lead knee set inside the middle of the foot. */
  public double leadPinch() {
    return of(BudgetFigure.LEAD_PINCH);
  }

  /** How much the trail knee straightens going back. */
  public double straightening() {
    return of(BudgetFigure.STRAIGHTENING);
  }

  /** Pinch in both knees together. */
  public double pinch() {
    return Math.max(0, trailPinch()) + Math.max(0, leadPinch());
  }

  /** The same with another figure, supposed: what was noted stays as known as it was. */
  public Setup with(BudgetFigure figure, double degrees) {
    Map<BudgetFigure, Double> then = new EnumMap<>(figures);
    then.put(figure, degrees);
    return new Setup(then, known, release, club);
  }

  /** The same with another release. */
  public Setup with(LeadRelease then) {
    return new Setup(figures, known, then, club);
  }

  /** The same for another club. */
  public Setup with(Club then) {
    return new Setup(figures, known, release, then);
  }

  /** The same with both knees over their feet. */
  public Setup unpinched() {
    return with(BudgetFigure.TRAIL_PINCH, Math.min(0, trailPinch()))
        .with(BudgetFigure.LEAD_PINCH, Math.min(0, leadPinch()));
  }

  /** The same with the pelvis at neutral. */
  public Setup levelled() {
    return with(BudgetFigure.PELVIC_TILT, 0);
  }
}
