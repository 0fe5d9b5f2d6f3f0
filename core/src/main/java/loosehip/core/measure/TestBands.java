package loosehip.core.measure;

import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.body.Side;

/** The band of a whole test on one side, from all its parts. A part stopped by pain is left out. */
final class TestBands {
  /** Degrees each way below which the whole range lies on one side. */
  private static final double EACH_WAY = 3;

  private TestBands() {}

  static Band of(Screen screen, ScreenTest test, Optional<Side> side) {
    return switch (test) {
      case TILT_CONTROL -> tilt(screen);
      case PELVIS_UNDER_CHEST -> underChest(screen);
      case GLUTE_SWITCH -> switched(screen, side);
      case REACH_DOWN -> reached(screen, side);
      case SQUAT_DEPTH, KNEE_TRACK -> byWord(screen, new Slot(test, side, Optional.empty()));
      default -> numbers(screen, test, side);
    };
  }

  private static Band numbers(Screen screen, ScreenTest test, Optional<Side> side) {
    Stream<Optional<Part>> parts =
        test.hasWholeNumber()
            ? Stream.of(Optional.empty())
            : test.parts().stream().map(Optional::of);
    return parts
        .map(part -> screen.evidence(new Slot(test, side, part)))
        .flatMap(Optional::stream)
        .map(Measurement::band)
        .reduce(Band.NOT_MEASURED, Band::worse);
  }

  /**
   * Total ≥ 15 and smooth is enough; under 8 or no movement is short; a whole range on one side
   * alone is at best close. How it moved must be said: without it the test is not finished.
   */
  private static Band tilt(Screen screen) {
    Optional<Double> arch = mean(screen, Part.ARCH);
    Optional<Double> flatten = mean(screen, Part.FLATTEN);
    Optional<String> quality = screen.word(Slot.of(ScreenTest.TILT_CONTROL, Part.QUALITY));
    if (quality.filter("none"::equals).isPresent()) {
      return Band.SHORT;
    }
    if (arch.isEmpty() || flatten.isEmpty() || quality.isEmpty()) {
      return Band.NOT_MEASURED;
    }
    Band range =
        screen
            .scales()
            .of(ScreenTest.TILT_CONTROL, Optional.empty())
            .of(arch.get() + flatten.get());
    boolean oneSided = Math.min(arch.get(), flatten.get()) < EACH_WAY;
    return lowered(oneSided ? range.worse(Band.CLOSE) : range, quality);
  }

  private static Optional<Double> mean(Screen screen, Part part) {
    return screen
        .reading(Slot.of(ScreenTest.TILT_CONTROL, part))
        .filter(r -> !r.pain().stops())
        .flatMap(Reading::mean);
  }

  private static Band underChest(Screen screen) {
    Band range =
        screen
            .evidence(Slot.of(ScreenTest.PELVIS_UNDER_CHEST, Part.TOTAL))
            .map(Measurement::band)
            .orElse(Band.NOT_MEASURED);
    return range.measured()
        ? lowered(range, screen.word(Slot.of(ScreenTest.PELVIS_UNDER_CHEST, Part.QUALITY)))
        : range;
  }

  /** Juddering movement is at best close, none is short, whatever the range. */
  private static Band lowered(Band range, Optional<String> quality) {
    return switch (quality.orElse("smooth")) {
      case "juddering" -> range.worse(Band.CLOSE);
      case "none" -> Band.SHORT;
      default -> range;
    };
  }

  private static Band switched(Screen screen, Optional<Side> side) {
    Optional<String> tall =
        screen.word(new Slot(ScreenTest.GLUTE_SWITCH, side, Optional.of(Part.TALL)));
    Optional<String> hinged =
        screen.word(new Slot(ScreenTest.GLUTE_SWITCH, side, Optional.of(Part.HINGED)));
    if (tall.isEmpty() || hinged.isEmpty()) {
      return Band.NOT_MEASURED;
    }
    long on = Stream.of(tall, hinged).filter(w -> w.get().equals("yes")).count();
    return ScreenTest.GLUTE_SWITCH.scale().of(on);
  }

  /** To the foot without drift is enough, shin or drift is close, no lower than the knee short. */
  private static Band reached(Screen screen, Optional<Side> side) {
    Band depth = byWord(screen, new Slot(ScreenTest.REACH_DOWN, side, Optional.empty()));
    boolean drift =
        screen
            .word(new Slot(ScreenTest.REACH_DOWN, side, Optional.of(Part.DRIFT)))
            .filter("yes"::equals)
            .isPresent();
    return depth.measured() && drift ? depth.worse(Band.CLOSE) : depth;
  }

  private static Band byWord(Screen screen, Slot slot) {
    return screen
        .word(slot)
        .map(
            word -> {
              var words = slot.test().words(Optional.empty());
              int best = words.size() - 1 - words.indexOf(word);
              return words.size() == 2
                  ? (best == 1 ? Band.ENOUGH : Band.SHORT)
                  : slot.test().scale().of(best);
            })
        .orElse(Band.NOT_MEASURED);
  }
}
