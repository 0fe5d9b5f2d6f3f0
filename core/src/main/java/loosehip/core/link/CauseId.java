package loosehip.core.link;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.body.Leg;
import loosehip.core.limit.LimitKind;
import loosehip.core.named.Named;

/**
 * Tells a cause from the other causes of its fault, in files, addresses and tables.
 *
 * @param family its family
 * @param source the id of the limit, set-up fault, habit or fault
 * @param leg the leg it concerns, if one
 */
public record CauseId(Family family, String source, Optional<Leg> leg) {

  /** The key it is kept under: {@code body-side-hip-trail}, {@code set-up-pinched}. */
  public String key() {
    return family.id() + "-" + source + leg.map(l -> "-" + l.id()).orElse("");
  }

  /**
   * Whether this means that cause of the same fault. An id kept by an edition that named no leg
   * means the cause that has one now.
   */
  public boolean means(Cause cause) {
    CauseId its = cause.id();
    return equals(its) || leg.isEmpty() && family == its.family && source.equals(its.source);
  }

  /** The id of a key, or empty when the key names no cause. */
  public static Optional<CauseId> parse(String key) {
    return Arrays.stream(Family.values())
        .filter(f -> key.startsWith(f.id() + "-"))
        .flatMap(f -> of(f, key.substring(f.id().length() + 1)))
        .findFirst();
  }

  private static Stream<CauseId> of(Family family, String rest) {
    Stream<CauseId> whole =
        known(family, rest)
            ? Stream.of(new CauseId(family, rest, Optional.empty()))
            : Stream.empty();
    return Stream.concat(
        whole,
        Arrays.stream(Leg.values())
            .filter(leg -> rest.endsWith("-" + leg.id()))
            .map(leg -> cut(family, rest, leg))
            .flatMap(Optional::stream));
  }

  private static Optional<CauseId> cut(Family family, String rest, Leg leg) {
    String source = rest.substring(0, rest.length() - leg.id().length() - 1);
    return known(family, source)
        ? Optional.of(new CauseId(family, source, Optional.of(leg)))
        : Optional.empty();
  }

  private static boolean known(Family family, String source) {
    return switch (family) {
      case BODY -> Named.parse(LimitKind.class, source).isPresent();
      case SETUP -> Named.parse(SetupFault.class, source).isPresent();
      case HABIT -> Named.parse(Habit.class, source).isPresent();
      case FOLLOWS -> Named.parse(PivotFault.class, source).isPresent();
    };
  }

  @Override
  public String toString() {
    return key();
  }
}
