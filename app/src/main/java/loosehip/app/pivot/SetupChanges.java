package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.Setup;

/** Says what a changed set-up changes, each part with its price both ways. */
public final class SetupChanges {
  private SetupChanges() {}

  /** What the golfer is asked to do differently, in words. */
  public static List<String> instructions(Setup today, Setup then) {
    List<String> changes = new ArrayList<>();
    flare(changes, "trail", today.trailFlare(), then.trailFlare());
    flare(changes, "lead", today.leadFlare(), then.leadFlare());
    if (then.straightening() != today.straightening()) {
      changes.add(
          "let the trail knee straighten by " + Math.round(then.straightening()) + "° going back");
    }
    if (then.release() != today.release()) {
      changes.add(release(then.release()));
    }
    if (today.pinch() > 0 && then.pinch() == 0) {
      changes.add("set the knees over the feet");
    }
    if (today.pelvicTilt() != 0 && then.pelvicTilt() == 0) {
      changes.add("bring the pelvis to neutral at address");
    }
    return changes;
  }

  private static void flare(List<String> changes, String foot, double from, double to) {
    if (from != to) {
      changes.add(
          String.format(Locale.ROOT, "%s foot flared %.0f° instead of %.0f°", foot, to, from));
    }
  }

  /** The parts that differ, each with its price both ways. */
  public static List<String> parts(Coefficients model, Setup today, Setup then) {
    List<String> parts = new ArrayList<>();
    double trail = then.trailFlare() - today.trailFlare();
    if (trail != 0) {
      parts.add(amount(trail, "trail flare", then.trailFlare()) + price(trail, 0));
    }
    double lead = then.leadFlare() - today.leadFlare();
    if (lead != 0) {
      parts.add(amount(lead, "lead flare", then.leadFlare()) + price(-lead, lead));
    }
    double bought =
        model.straightening(then.straightening()) - model.straightening(today.straightening());
    if (then.straightening() != today.straightening()) {
      parts.add(
          "trail knee straightens by " + plain(then.straightening()) + "°" + price(bought, 0));
    }
    if (then.release() != today.release()) {
      parts.add(
          release(then.release())
              + price(model.release(then.release()) - model.release(today.release()), 0));
    }
    if (today.trailPinch() != then.trailPinch() || today.leadPinch() != then.leadPinch()) {
      double trailFreed = today.trailPinch() - then.trailPinch();
      parts.add("knees over the feet" + price(trailFreed, 0));
    }
    if (then.pelvicTilt() != today.pelvicTilt()) {
      parts.add(
          then.pelvicTilt() == 0
              ? "pelvis to neutral at address"
              : "pelvic tilt " + plain(then.pelvicTilt()) + "°");
    }
    return parts;
  }

  /** A part without what it buys and costs. */
  public static String withoutPrice(String part) {
    return part.replaceFirst(": [+−n].*$", "");
  }

  private static String release(LeadRelease release) {
    return "going back, " + release.word();
  }

  private static String amount(double by, String what, double to) {
    return plain(Math.abs(by))
        + (by > 0 ? " more of " : " less of ")
        + what
        + " ("
        + plain(to)
        + "°)";
  }

  /** {@code : +10 going back, nothing lost coming through}. */
  static String price(double back, double through) {
    return ": "
        + (back == 0 ? "nothing gained going back" : signed(back) + " going back")
        + ", "
        + (through == 0 ? "nothing lost coming through" : signed(through) + " coming through");
  }

  private static String signed(double by) {
    return (by > 0 ? "+" : "−") + plain(Math.abs(by));
  }

  private static String plain(double number) {
    return number == Math.rint(number)
        ? String.valueOf((long) number)
        : String.format(Locale.ROOT, "%.1f", number);
  }
}
