package loosehip.core;

import java.util.EnumMap;
import java.util.Map;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.Setup;

/** Set-ups in one line, as the worked examples write them. */
public final class Setups {
  private Setups() {}

  /** Bend, tilt, rounding, both flares, both pinches, straightening, release, club. */
  public static Setup of(
      double bend,
      double tilt,
      double rounding,
      double trailFlare,
      double leadFlare,
      double trailPinch,
      double leadPinch,
      double straightening,
      LeadRelease release,
      Club club) {
    Map<BudgetFigure, Double> figures = new EnumMap<>(BudgetFigure.class);
    figures.put(BudgetFigure.HIP_FLEXION, bend);
    figures.put(BudgetFigure.PELVIC_TILT, tilt);
    figures.put(BudgetFigure.ROUNDING, rounding);
    figures.put(BudgetFigure.TRAIL_FLARE, trailFlare);
    figures.put(BudgetFigure.LEAD_FLARE, leadFlare);
    figures.put(BudgetFigure.TRAIL_PINCH, trailPinch);
    figures.put(BudgetFigure.LEAD_PINCH, leadPinch);
    figures.put(BudgetFigure.STRAIGHTENING, straightening);
    return new Setup(figures, release, club);
  }

  /** The same with these levers; pinch and tilt taken out where asked. */
  public static Setup with(
      Setup setup,
      double trailFlare,
      double leadFlare,
      double straightening,
      LeadRelease release,
      boolean unpinch,
      boolean level) {
    Setup moved =
        setup
            .with(BudgetFigure.TRAIL_FLARE, trailFlare)
            .with(BudgetFigure.LEAD_FLARE, leadFlare)
            .with(BudgetFigure.STRAIGHTENING, straightening)
            .with(release);
    Setup flat = unpinch ? moved.unpinched() : moved;
    return level ? flat.levelled() : flat;
  }
}
