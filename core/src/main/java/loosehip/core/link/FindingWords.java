package loosehip.core.link;

import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.measure.Band;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/** Says in a phrase what the tests of a limit found: {@code seated hip turn 25.0 ± 2.9: short}. */
public final class FindingWords {
  private final Screen screen;
  private final Handed handed;

  /** Words for the findings of one screen. */
  public FindingWords(Screen screen, Handed handed) {
    this.screen = screen;
    this.handed = handed;
  }

  /** The finding that decides the band of this limit; a hip-only turn before the standing one. */
  public String of(Limit limit, Band band) {
    if (!band.measured()) {
      return stopped(limit) ? "stopped by pain: no evidence" : "not measured";
    }
    Optional<Measurement> worst =
        measurements(limit)
            .filter(m -> m.band() == band)
            .min(Comparator.comparingInt(m -> limit.tests().indexOf(m.slot().test())));
    return worst
        .map(m -> number(m) + ": " + band.word())
        .orElseGet(
            () -> limit.tests().get(0).title().toLowerCase(Locale.ROOT) + ": " + band.word());
  }

  /** A number with its error: {@code seated hip turn 25.0 ± 2.9}. */
  public static String number(Measurement m) {
    String name = m.slot().test().title().toLowerCase(Locale.ROOT);
    String pattern = m.slot().test().unit().decimals() == 0 ? "%s %.0f%s" : "%s %.1f ± %.1f";
    return m.slot().test().unit().decimals() == 0
        ? String.format(Locale.ROOT, pattern, name, m.mean(), m.slot().test().unit().sign())
        : String.format(Locale.ROOT, pattern, name, m.mean(), m.standardError());
  }

  private boolean stopped(Limit limit) {
    return all(limit).anyMatch(Measurement::stoppedByPain);
  }

  private Stream<Measurement> measurements(Limit limit) {
    return all(limit).filter(m -> !m.stoppedByPain());
  }

  private Stream<Measurement> all(Limit limit) {
    return limit.tests().stream().flatMap(test -> of(limit, test));
  }

  private Stream<Measurement> of(Limit limit, ScreenTest test) {
    if (limit.kind().hipRange()) {
      Side side = handed.side(limit.concerns().orElseThrow());
      return screen.measurement(Slot.of(test, side, limit.direction().orElseThrow())).stream();
    }
    if (!test.hasWholeNumber() || !test.numeric(Optional.empty())) {
      return Stream.empty();
    }
    return limit.sides(test, handed).stream()
        .map(side -> screen.measurement(new Slot(test, side, Optional.empty())))
        .flatMap(Optional::stream);
  }
}
