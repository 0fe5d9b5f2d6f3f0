package loosehip.core.pivot;

import java.util.ArrayList;
import java.util.List;
import loosehip.core.body.Leg;

/**
 * One lever moved from one set-up to another, with what it buys and costs.
 *
 * @param lever which lever
 * @param leg the leg it acts on going back; both for the pelvis, then the trail leg is named
 * @param from where it stood: degrees, or release steps
 * @param to where it stands
 * @param back degrees it adds to that leg's side going back; negative takes
 * @param through degrees it adds coming through; negative takes
 */
public record SetupChange(
    SetupOption.Lever lever, Leg leg, double from, double to, double back, double through) {

  /** Every lever that differs between two set-ups, in the order of the model. */
  public static List<SetupChange> between(Coefficients model, Setup today, Setup then) {
    List<SetupChange> all = new ArrayList<>();
    double trail = then.trailFlare() - today.trailFlare();
    add(
        all,
        SetupOption.Lever.TRAIL_FLARE,
        Leg.TRAIL,
        today.trailFlare(),
        then.trailFlare(),
        trail,
        0);
    double lead = then.leadFlare() - today.leadFlare();
    add(
        all,
        SetupOption.Lever.LEAD_FLARE,
        Leg.LEAD,
        today.leadFlare(),
        then.leadFlare(),
        -lead,
        lead);
    add(
        all,
        SetupOption.Lever.STRAIGHTENING,
        Leg.TRAIL,
        today.straightening(),
        then.straightening(),
        model.straightening(then.straightening()) - model.straightening(today.straightening()),
        0);
    add(
        all,
        SetupOption.Lever.RELEASE,
        Leg.LEAD,
        today.release().ordinal(),
        then.release().ordinal(),
        model.release(then.release()) - model.release(today.release()),
        0);
    add(
        all,
        SetupOption.Lever.UNPINCH,
        Leg.TRAIL,
        today.trailPinch(),
        then.trailPinch(),
        today.trailPinch() - then.trailPinch(),
        0);
    add(
        all,
        SetupOption.Lever.UNPINCH,
        Leg.LEAD,
        today.leadPinch(),
        then.leadPinch(),
        then.leadPinch() - today.leadPinch(),
        0);
    double tilted = model.tilt(then.pelvicTilt()) - model.tilt(today.pelvicTilt());
    add(
        all,
        SetupOption.Lever.LEVEL,
        Leg.TRAIL,
        today.pelvicTilt(),
        then.pelvicTilt(),
        tilted,
        tilted);
    return List.copyOf(all);
  }

  private static void add(
      List<SetupChange> all,
      SetupOption.Lever lever,
      Leg leg,
      double from,
      double to,
      double back,
      double through) {
    if (from != to) {
      all.add(new SetupChange(lever, leg, from, to, back, through));
    }
  }
}
