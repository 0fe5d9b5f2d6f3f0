package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import loosehip.app.words.Numbers;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupChange;

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

  /**
   * One part of a change.
   *
   * @param what what is changed
   * @param price what it buys and costs both ways
   */
  public record Part(String what, String price) {
    /** Both in one line. */
    public String priced() {
      return what + ": " + price;
    }
  }

  /** The parts that differ, each with its price both ways. */
  public static List<Part> parts(Coefficients model, Setup today, Setup then) {
    return SetupChange.between(model, today, then).stream()
        .map(c -> new Part(what(c, then), price(c.leg().id(), c.back(), c.through())))
        .toList();
  }

  /** The same parts in lines. */
  public static List<String> priced(Coefficients model, Setup today, Setup then) {
    return parts(model, today, then).stream().map(Part::priced).toList();
  }

  private static String what(SetupChange change, Setup then) {
    return switch (change.lever()) {
      case TRAIL_FLARE -> amount(change.to() - change.from(), "trail flare", change.to());
      case LEAD_FLARE -> amount(change.to() - change.from(), "lead flare", change.to());
      case STRAIGHTENING -> "trail knee straightens by " + Numbers.plain(change.to()) + "°";
      case RELEASE -> release(then.release());
      case UNPINCH -> change.leg().id() + " knee over its foot";
      case LEVEL ->
          change.to() == 0
              ? "pelvis to neutral at address"
              : "pelvic tilt " + Numbers.plain(change.to()) + "°";
      case NONE -> "";
    };
  }

  private static String release(LeadRelease release) {
    return "going back, " + release.word();
  }

  private static String amount(double by, String what, double to) {
    return Numbers.plain(Math.abs(by))
        + (by > 0 ? " more of " : " less of ")
        + what
        + " ("
        + Numbers.plain(to)
        + "°)";
  }

  /** {@code +10 trail side going back, nothing lost coming through}. */
  private static String price(String side, double back, double through) {
    return signed(back)
        + " "
        + side
        + " side going back, "
        + (through == 0 ? "nothing lost coming through" : signed(through) + " coming through");
  }

  private static String signed(double by) {
    return (by > 0 ? "+" : "−") + Numbers.plain(Math.abs(by));
  }
}
