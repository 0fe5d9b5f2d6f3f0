package loosehip.core.pivot;

import java.util.Optional;
import loosehip.core.body.Angle;
import loosehip.core.body.Leg;

/**
 * Capacity against demand for one school and one set-up. Parts whose tests are missing are empty.
 *
 * @param back going back, when both hips' ranges are known
 * @param through coming through, when the lead hip's inward turn is known
 * @param trunk trunk turn at this posture, when measured
 */
public record TurnBudget(
    School school,
    Setup setup,
    Optional<Back> back,
    Optional<Through> through,
    Optional<Angle> trunk) {

  /**
   * What one side can turn, by where it comes from; degrees.
   *
   * @param hip what the hip joint gives
   * @param slack what knee, ankle and foot add
   * @param setup what flare, pinch, straightening and release add or take
   */
  public record Capacity(double hip, double slack, double setup) {
    /** All three together. */
    public double total() {
      return hip + slack + setup;
    }
  }

  /**
   * Going back.
   *
   * @param trail what the trail side can turn
   * @param lead what the lead side can turn
   * @param limiting the leg that limits; trail on a tie
   * @param demand pelvis turn asked for; empty while the trunk turn is not measured
   * @param margin capacity less demand
   * @param shoulder what hips and trunk together have over the shoulder target
   */
  public record Back(
      Capacity trail,
      Capacity lead,
      Leg limiting,
      Optional<Angle> demand,
      Optional<Margin> margin,
      Optional<Margin> shoulder) {
    /** Pelvis capacity: the smaller side. */
    public double pelvis() {
      return Math.min(trail.total(), lead.total());
    }
  }

  /**
   * Coming through.
   *
   * @param lead what the lead side can turn
   * @param impact over the pelvis opening the school wants at impact
   * @param finish over the finish; advisory, the foot may roll 25 more
   */
  public record Through(Capacity lead, Margin impact, Margin finish) {}

  /** Works out the budget. Pure: the same hips, set-up and school give the same budget. */
  public static TurnBudget of(School school, Setup setup, Hips hips) {
    Optional<Angle> trunk = hips.trunk().map(t -> Angle.of(t * hips.coefficients().posture(setup)));
    return new TurnBudget(
        school, setup, back(school, setup, hips, trunk), through(school, setup, hips), trunk);
  }

  private static Optional<Back> back(School school, Setup setup, Hips hips, Optional<Angle> trunk) {
    if (hips.trailInternal().isEmpty() || hips.leadExternal().isEmpty()) {
      return Optional.empty();
    }
    WorkingRange in = hips.trailInternal().get();
    WorkingRange out = hips.leadExternal().get();
    double straightened = hips.coefficients().straightening(setup.straightening());
    Capacity trail =
        new Capacity(in.hip(), in.slack(), setup.trailFlare() - setup.trailPinch() + straightened);
    Capacity lead =
        new Capacity(
            out.hip(),
            out.slack(),
            -setup.leadFlare() + setup.leadPinch() + hips.coefficients().release(setup.release()));
    Leg limiting = trail.total() <= lead.total() ? Leg.TRAIL : Leg.LEAD;
    double variance =
        (limiting == Leg.TRAIL ? in.variance() : out.variance())
            + setup.look(limiting).variance(hips.coefficients());
    double pelvis = Math.min(trail.total(), lead.total());
    Demands asks = hips.coefficients().demands(school);
    double clear = hips.coefficients().of(Coefficient.CLEAR_OF);
    double target = asks.shoulders(setup.club());
    Optional<Angle> demand = trunk.map(t -> demand(school, setup, t, hips.coefficients()));
    return Optional.of(
        new Back(
            trail,
            lead,
            limiting,
            demand,
            demand.map(p -> Margin.of(pelvis - p.degrees(), variance, clear)),
            trunk.map(
                t ->
                    Margin.of(
                        Math.min(pelvis, asks.pelvisHigh()) + t.degrees() - target,
                        variance,
                        clear))));
  }

  private static Optional<Through> through(School school, Setup setup, Hips hips) {
    return hips.leadInternal()
        .map(
            in -> {
              Capacity lead = new Capacity(in.hip(), in.slack(), setup.leadFlare());
              double open = lead.total();
              Demands asks = hips.coefficients().demands(school);
              double clear = hips.coefficients().of(Coefficient.CLEAR_OF);
              double variance = in.variance() + setup.look(Leg.LEAD).variance(hips.coefficients());
              return new Through(
                  lead,
                  Margin.of(open - asks.openAtImpact(), variance, clear),
                  Margin.of(
                      open + hips.coefficients().of(Coefficient.FINISH_ROLL) - asks.finish(),
                      variance,
                      clear));
            });
  }

  /**
   * Degrees less that would be asked of the pelvis if the trunk turned so much farther; 0 while the
   * budget is not known, and where the school's own least turn already asks for more.
   *
   * @param gain degrees of seated trunk turn
   */
  public double relief(double gain, Coefficients c) {
    Optional<Angle> demand = back.flatMap(Back::demand);
    if (demand.isEmpty()) {
      return 0;
    }
    double turned = trunk.orElseThrow().degrees() + gain * c.posture(setup);
    return demand.get().degrees() - demand(school, setup, Angle.of(turned), c).degrees();
  }

  /**
   * What a side can turn going back with no help from the set-up: flare, straightening and release
   * left out.
   *
   * @throws java.util.NoSuchElementException while going back is not known
   */
  public double unhelped(Leg leg) {
    Capacity capacity = leg == Leg.TRAIL ? back.orElseThrow().trail() : back.orElseThrow().lead();
    double pinch = leg == Leg.TRAIL ? -setup.trailPinch() : setup.leadPinch();
    return capacity.hip() + capacity.slack() + pinch;
  }

  /** The pelvis turn a school asks for beside so much trunk turn. */
  private static Angle demand(School school, Setup setup, Angle trunk, Coefficients c) {
    Demands asks = c.demands(school);
    return Angle.of(asks.shoulders(setup.club()))
        .minus(trunk)
        .clamp(Angle.of(asks.pelvisLow()), Angle.of(asks.pelvisHigh()));
  }

  /** The margin of this name, when its parts are known. */
  public Optional<Margin> margin(BudgetMargin which) {
    return switch (which) {
      case BACK -> backMargin();
      case SHOULDER -> shoulderMargin();
      case IMPACT -> impactMargin();
      case FINISH -> finishMargin();
    };
  }

  /** The shoulder margin, when both hips and the trunk are known. */
  public Optional<Margin> shoulderMargin() {
    return back.flatMap(Back::shoulder);
  }

  /** The back margin, when both hips and the trunk are known. */
  public Optional<Margin> backMargin() {
    return back.flatMap(Back::margin);
  }

  /** The impact margin, when the lead hip's inward turn is known. */
  public Optional<Margin> impactMargin() {
    return through.map(Through::impact);
  }

  /** The finish margin, when the lead hip's inward turn is known. */
  public Optional<Margin> finishMargin() {
    return through.map(Through::finish);
  }
}
