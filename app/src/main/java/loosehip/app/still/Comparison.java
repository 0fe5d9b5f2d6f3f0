package loosehip.app.still;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Stills;
import loosehip.app.words.Dates;
import loosehip.app.words.StillWords;
import loosehip.core.still.Landmark;
import loosehip.core.still.Scale;
import loosehip.core.still.Spot;
import loosehip.core.still.Still;
import loosehip.core.still.StillFigure;
import loosehip.core.still.StillValue;
import loosehip.core.still.StillView;

/** The same moment of two visits at one scale, feet upon feet. */
final class Comparison {
  /** Centimetres shown: to either side of the feet, above and below them. */
  private static final double SIDE_CM = 95;

  private static final double ABOVE_CM = 205;
  private static final double BELOW_CM = 18;

  private static final List<List<Landmark>> BEHIND =
      List.of(
          List.of(Landmark.HEEL, Landmark.TOE),
          List.of(Landmark.ANKLE, Landmark.KNEE, Landmark.HIP, Landmark.NECK_BASE, Landmark.HEAD),
          List.of(Landmark.BELT_BACK, Landmark.BELT_FRONT),
          List.of(
              Landmark.BELT_BACK, Landmark.LOWER_BACK, Landmark.UPPER_BACK, Landmark.NECK_BASE));
  private static final List<List<Landmark>> FRONT =
      List.of(
          List.of(Landmark.LEAD_ANKLE, Landmark.LEAD_KNEE, Landmark.LEAD_HIP),
          List.of(Landmark.TRAIL_ANKLE, Landmark.TRAIL_KNEE, Landmark.TRAIL_HIP),
          List.of(Landmark.LEAD_HIP, Landmark.TRAIL_HIP),
          List.of(Landmark.BELT_BUCKLE, Landmark.NECK_BASE, Landmark.HEAD),
          List.of(Landmark.LEAD_SHOULDER, Landmark.TRAIL_SHOULDER));

  private Comparison() {}

  static StillPage.ThenAndNow of(
      Workup workup, Stills.Kept then, Stills.Kept now, List<Stills.Kept> all) {
    ReadStill was = ReadStill.of(workup, then, StillMarks.of(then), all);
    ReadStill is = ReadStill.of(workup, now, StillMarks.of(now), all);
    Still first = was.reading().still();
    Still second = is.reading().still();
    boolean same = first.scale().isPresent() && second.scale().isPresent();
    return new StillPage.ThenAndNow(
        workup.file().id(),
        now.view(),
        now.checkpoint(),
        side(then, first, same, ""),
        side(now, second, same, same ? over(first, second) : ""),
        changes(was, is),
        same,
        StillPages.pairs(workup, all));
  }

  private static StillPage.Side side(Stills.Kept kept, Still still, boolean same, String outline) {
    return new StillPage.Side(
        kept.id(),
        Dates.day(kept.day()),
        kept.width(),
        kept.height(),
        same ? window(still) : "0 0 " + kept.width() + " " + kept.height(),
        lines(still, Placed.AS_IT_IS),
        outline);
  }

  /** What of the picture is shown: the same centimetres around the feet in both. */
  private static String window(Still still) {
    double px = pixels(still);
    Spot feet = feet(still).orElse(new Spot(0, 0));
    return String.format(
        Locale.ROOT,
        "%.1f %.1f %.1f %.1f",
        feet.x() - SIDE_CM * px,
        feet.y() - ABOVE_CM * px,
        2 * SIDE_CM * px,
        (ABOVE_CM + BELOW_CM) * px);
  }

  private static double pixels(Still still) {
    return still.scale().map(Scale::pixelsPerCm).orElse(1.0);
  }

  private static Optional<Spot> feet(Still still) {
    return still.view() == StillView.DOWN_THE_LINE
        ? still.at(Landmark.HEEL).or(() -> still.at(Landmark.ANKLE))
        : still.at(Landmark.LEAD_ANKLE).flatMap(a -> still.at(Landmark.TRAIL_ANKLE).map(a::middle));
  }

  /** The lines of the earlier still, laid into the later one. */
  private static String over(Still then, Still now) {
    Optional<Spot> from = feet(then);
    Optional<Spot> to = feet(now);
    if (from.isEmpty() || to.isEmpty()) {
      return "";
    }
    return lines(then, new Placed(from.get(), to.get(), pixels(now) / pixels(then)));
  }

  /** Carries places from one picture into another: about the feet, grown. */
  private record Placed(Spot from, Spot to, double by) {
    static final Placed AS_IT_IS = new Placed(new Spot(0, 0), new Spot(0, 0), 1);

    Spot of(Spot spot) {
      return new Spot(to.x() + (spot.x() - from.x()) * by, to.y() + (spot.y() - from.y()) * by);
    }
  }

  private static String lines(Still still, Placed placed) {
    StringBuilder path = new StringBuilder();
    for (List<Landmark> line : still.view() == StillView.DOWN_THE_LINE ? BEHIND : FRONT) {
      List<Spot> seen = line.stream().flatMap(l -> still.at(l).stream()).map(placed::of).toList();
      if (seen.size() > 1) {
        path.append(GuideDrawing.path(seen));
      }
    }
    return path.toString();
  }

  private static List<StillPage.Change> changes(ReadStill was, ReadStill is) {
    List<StillPage.Change> changes = new ArrayList<>();
    for (StillFigure figure : is.shown()) {
      Optional<StillValue> then = was.reading().value(figure);
      Optional<StillValue> now = is.reading().value(figure);
      if (then.isPresent() && now.isPresent()) {
        changes.add(change(figure, then.get(), now.get()));
      }
    }
    return changes;
  }

  private static StillPage.Change change(StillFigure figure, StillValue then, StillValue now) {
    double error = Math.hypot(then.plusMinus(), now.plusMinus());
    boolean real = Math.abs(now.value() - then.value()) > error;
    return new StillPage.Change(
        figure.title(),
        StillWords.value(then),
        StillWords.value(now),
        real ? changed(then, now) : "within the error of placing");
  }

  private static String changed(StillValue then, StillValue now) {
    if (then.window().isEmpty() || now.window().isEmpty()) {
      return "changed";
    }
    double was = beyond(then);
    double is = beyond(now);
    if (is == 0) {
      return was == 0 ? "changed, right before and now" : "changed, right now";
    }
    return is < was ? "nearer to right" : was == 0 ? "no longer right" : "farther from right";
  }

  /** How far a figure lies outside where it is right. */
  private static double beyond(StillValue value) {
    StillFigure.Window window = value.window().orElseThrow();
    return Math.max(0, Math.max(window.low() - value.value(), value.value() - window.high()));
  }
}
