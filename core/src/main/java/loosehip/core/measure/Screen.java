package loosehip.core.measure;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import loosehip.core.body.Side;
import org.jspecify.annotations.Nullable;

/** All readings of one visit, and what they say test by test. */
public final class Screen {
  private final Map<Slot, Reading> readings;
  private final Map<Slot, String> words;
  private final BandScales scales;

  /** What was worked out already; a screen never changes. */
  private final Map<Slot, Optional<Measurement>> measured = new ConcurrentHashMap<>();

  private final Map<TestSide, Band> bands = new ConcurrentHashMap<>();

  private record TestSide(ScreenTest test, Optional<Side> side) {}

  private Screen(Map<Slot, Reading> readings, Map<Slot, String> words, BandScales scales) {
    this.readings = readings;
    this.words = words;
    this.scales = scales;
  }

  /**
   * A screen of numeric sets and of words; a later set of the same slot replaces an earlier one.
   */
  public static Screen of(Collection<Reading> readings, Map<Slot, String> words) {
    return of(readings, words, BandScales.SHIPPED);
  }

  /** The same, held against a practice's own band edges. */
  public static Screen of(
      Collection<Reading> readings, Map<Slot, String> words, BandScales scales) {
    Map<Slot, Reading> bySlot = new LinkedHashMap<>();
    readings.forEach(r -> bySlot.put(r.slot(), r));
    return new Screen(bySlot, new LinkedHashMap<>(words), scales);
  }

  /** A screen with nothing measured. */
  public static Screen empty() {
    return of(List.of(), Map.of());
  }

  /** The band edges this screen is held against. */
  public BandScales scales() {
    return scales;
  }

  /** The numeric sets, in the order given. */
  public Collection<Reading> readings() {
    return readings.values();
  }

  /** The words recorded, by slot. */
  public Map<Slot, String> words() {
    return Collections.unmodifiableMap(words);
  }

  /** The set in this slot, if any was taken. */
  public Optional<Reading> reading(Slot slot) {
    return Optional.ofNullable(readings.get(slot));
  }

  /** The word in this slot, if any was taken. */
  public Optional<String> word(Slot slot) {
    return Optional.ofNullable(words.get(slot));
  }

  /** The result in this slot, or empty when no try counts. */
  public Optional<Measurement> measurement(Slot slot) {
    Optional<Measurement> known = measured.get(slot);
    if (known == null) {
      known = worked(slot);
      measured.put(slot, known);
    }
    return known;
  }

  private Optional<Measurement> worked(Slot slot) {
    return reading(slot)
        .flatMap(
            r ->
                r.mean()
                    .map(
                        mean ->
                            new Measurement(
                                slot,
                                mean,
                                ErrorModel.standardError(r).orElseThrow(),
                                r.counted().size(),
                                slotBand(slot, mean),
                                r.pain().stops())));
  }

  private Band slotBand(Slot slot, double mean) {
    if (slot.test() == ScreenTest.TILT_CONTROL) {
      return TestBands.of(this, ScreenTest.TILT_CONTROL, Optional.empty());
    }
    Band band = scales.of(slot.test(), slot.part()).of(mean);
    return band != Band.ENOUGH && heldToLimit(slot) ? Band.NOT_MEASURED : band;
  }

  /**
   * Whether a hold was stopped at a caution's limit before the golfer failed: it lasts at least
   * that long and is never evidence of weakness.
   */
  public boolean heldToLimit(Slot slot) {
    return slot.test().hasPart(Part.LIMIT)
        && word(new Slot(slot.test(), slot.side(), Optional.of(Part.LIMIT)))
            .filter("yes"::equals)
            .isPresent();
  }

  /** A result that may serve as evidence: measured, and not stopped by pain. */
  public Optional<Measurement> evidence(Slot slot) {
    return measurement(slot).filter(m -> !m.stoppedByPain());
  }

  /** The band of a whole test on a side ({@code side} empty for tests without sides). */
  public Band band(ScreenTest test, Optional<Side> side) {
    TestSide which = new TestSide(test, side);
    Band known = bands.get(which);
    if (known == null) {
      known = TestBands.of(this, test, side);
      bands.put(which, known);
    }
    return known;
  }

  /** Internal or external turn of a hip by one test, as evidence. */
  public Optional<Measurement> turn(ScreenTest test, Side side, Direction direction) {
    return evidence(Slot.of(test, side, direction));
  }

  /** Whether anything was recorded for this test on this side. */
  public boolean taken(ScreenTest test, Optional<Side> side) {
    return Stream.concat(
            readings.values().stream().filter(r -> r.mean().isPresent()).map(Reading::slot),
            words.keySet().stream())
        .anyMatch(s -> s.test() == test && s.side().equals(side));
  }

  /** The arc pattern of a hip, preferring prone; empty until both directions are known. */
  public Optional<ArcPattern> arcPattern(Side side) {
    for (ScreenTest test :
        new ScreenTest[] {ScreenTest.PRONE_ROTATION, ScreenTest.SEATED_ROTATION}) {
      Optional<Measurement> in = turn(test, side, Direction.INTERNAL);
      Optional<Measurement> out = turn(test, side, Direction.EXTERNAL);
      if (in.isPresent() && out.isPresent()) {
        return Optional.of(ArcPattern.of(in.get().mean(), out.get().mean()));
      }
    }
    return Optional.empty();
  }

  /** The same screen of a mirrored body. */
  public Screen mirrored() {
    Map<Slot, String> turned = new LinkedHashMap<>();
    words.forEach((slot, word) -> turned.put(slot.mirrored(), word));
    return of(readings.values().stream().map(Reading::mirrored).toList(), turned, scales);
  }

  /** The same sets and words, held against the same edges. */
  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof Screen screen
        && readings.equals(screen.readings)
        && words.equals(screen.words)
        && scales.equals(screen.scales);
  }

  @Override
  public int hashCode() {
    return Objects.hash(readings, words, scales);
  }
}
