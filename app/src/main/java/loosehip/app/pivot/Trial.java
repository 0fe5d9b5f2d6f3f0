package loosehip.app.pivot;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.Typed;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;

/**
 * A set-up and a school being tried.
 *
 * @param setup the set-up
 * @param school the school
 */
public record Trial(Setup setup, School school) {

  /**
   * Reads what is tried; whatever is not given, or cannot be read, stays as it stands, and numbers
   * are held within their bounds.
   */
  static Trial of(Map<String, String> asked, Setup today, School school) {
    Setup setup =
        new Setup(
            figure(asked, "hipFlexion", today.hipFlexion()),
            figure(asked, "pelvicTilt", today.pelvicTilt()),
            figure(asked, "rounding", today.rounding()),
            figure(asked, "trailFlare", today.trailFlare()),
            figure(asked, "leadFlare", today.leadFlare()),
            figure(asked, "trailPinch", today.trailPinch()),
            figure(asked, "leadPinch", today.leadPinch()),
            figure(asked, "trailKneeExtension", today.straightening()),
            Optional.ofNullable(asked.get("leadRelease"))
                .flatMap(LeadRelease::parse)
                .orElse(today.release()),
            Optional.ofNullable(asked.get("club")).flatMap(Club::parse).orElse(today.club()));
    return new Trial(
        setup, Optional.ofNullable(asked.get("school")).flatMap(School::parse).orElse(school));
  }

  private static double figure(Map<String, String> asked, String name, double today) {
    double[] bounds = Setup.BOUNDS.get(name);
    return Optional.ofNullable(asked.get(name))
        .flatMap(Typed::number)
        .map(typed -> Math.round(10 * Math.max(bounds[0], Math.min(bounds[1], typed))) / 10.0)
        .orElse(today);
  }

  /** The topics under which what differs from another set-up is noted, with the new values. */
  Map<String, String> changesFrom(Setup today, School now) {
    Map<String, String> changes = new LinkedHashMap<>();
    put(changes, "setup.trailFlare", today.trailFlare(), setup.trailFlare());
    put(changes, "setup.leadFlare", today.leadFlare(), setup.leadFlare());
    put(changes, "setup.trailPinch", today.trailPinch(), setup.trailPinch());
    put(changes, "setup.leadPinch", today.leadPinch(), setup.leadPinch());
    put(changes, "setup.hipFlexion", today.hipFlexion(), setup.hipFlexion());
    put(changes, "setup.pelvicTilt", today.pelvicTilt(), setup.pelvicTilt());
    put(changes, "setup.rounding", today.rounding(), setup.rounding());
    put(changes, "swing.trailKneeExtension", today.straightening(), setup.straightening());
    if (today.release() != setup.release()) {
      changes.put("swing.leadRelease", setup.release().id());
    }
    if (today.club() != setup.club()) {
      changes.put("swing.club", setup.club().id());
    }
    if (now != school) {
      changes.put("school", school.id());
    }
    return changes;
  }

  private static void put(Map<String, String> changes, String topic, double from, double to) {
    if (from != to) {
      changes.put(topic, Typed.plain(to));
    }
  }
}
