package loosehip.app.pivot;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.golfer.Bench;
import loosehip.app.golfer.Typed;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.WorkingRange;

/**
 * A set-up change taken into the plan, with the set-up before it and the ranges of that day, so
 * that a retest can move the bridge. Kept as one line of {@code name=value} words.
 *
 * @param before the set-up it changes
 * @param then the set-up taken on
 * @param ranges trail in, lead out, lead in on that day, in degrees
 */
public record AcceptedSetup(Setup before, Setup then, double[] ranges) {
  /** The topic it is kept under. */
  public static final String TOPIC = "setup-today";

  /** The line that keeps a change accepted now. */
  static String line(Bench bench, Setup then) {
    Setup before = bench.golfer().setup();
    Hips hips = Hips.of(bench.golfer().body(), Setup.PLAIN);
    return String.format(
        Locale.ROOT,
        "trailFlare=%.1f leadFlare=%.1f straightening=%.1f release=%s tilt=%.1f unpinch=%s"
            + " wasTrailFlare=%.1f wasLeadFlare=%.1f wasStraightening=%.1f wasRelease=%s"
            + " trailIn=%.1f leadOut=%.1f leadIn=%.1f",
        then.trailFlare(),
        then.leadFlare(),
        then.straightening(),
        then.release().id(),
        then.pelvicTilt(),
        then.pinch() == 0 && before.pinch() > 0,
        before.trailFlare(),
        before.leadFlare(),
        before.straightening(),
        before.release().id(),
        degrees(hips.trailInternal()),
        degrees(hips.leadExternal()),
        degrees(hips.leadInternal()));
  }

  private static double degrees(Optional<WorkingRange> range) {
    return range.map(WorkingRange::hip).orElse(0.0);
  }

  /** The change accepted for this golfer; empty when none is, or its line cannot be read. */
  public static Optional<AcceptedSetup> of(Bench bench) {
    return bench.file().value(TOPIC).flatMap(line -> read(line, bench.golfer().setup()));
  }

  private static Optional<AcceptedSetup> read(String line, Setup today) {
    Map<String, String> words = new LinkedHashMap<>();
    for (String word : line.split(" ")) {
      String[] halves = word.split("=", 2);
      if (halves.length == 2) {
        words.put(halves[0], halves[1]);
      }
    }
    boolean whole = words.keySet().containsAll(List.of("trailFlare", "wasTrailFlare", "trailIn"));
    if (!whole) {
      return Optional.empty();
    }
    Setup before =
        today.with(
            number(words, "wasTrailFlare"),
            number(words, "wasLeadFlare"),
            number(words, "wasStraightening"),
            release(words, "wasRelease"),
            false,
            false);
    Setup then =
        today.with(
            number(words, "trailFlare"),
            number(words, "leadFlare"),
            number(words, "straightening"),
            release(words, "release"),
            "true".equals(words.get("unpinch")),
            number(words, "tilt") == 0);
    return Optional.of(
        new AcceptedSetup(
            before,
            then,
            new double[] {
              number(words, "trailIn"), number(words, "leadOut"), number(words, "leadIn")
            }));
  }

  private static double number(Map<String, String> words, String name) {
    return Optional.ofNullable(words.get(name)).flatMap(Typed::number).orElse(0.0);
  }

  private static LeadRelease release(Map<String, String> words, String name) {
    return Optional.ofNullable(words.get(name))
        .flatMap(LeadRelease::parse)
        .orElse(LeadRelease.HELD);
  }

  /** When each part of it goes again, by what was gained since. */
  public Bridge bridge(Bench bench) {
    Hips hips = Hips.of(bench.golfer().body(), Setup.PLAIN);
    return Bridge.of(
        before,
        then,
        new Bridge.Gained(
            gained(hips.trailInternal(), ranges[0]),
            gained(hips.leadExternal(), ranges[1]),
            gained(hips.leadInternal(), ranges[2])),
        bench.golfer().coefficients());
  }

  private static double gained(Optional<WorkingRange> now, double then) {
    return now.filter(r -> then > 0).map(r -> r.hip() - then).orElse(0.0);
  }
}
