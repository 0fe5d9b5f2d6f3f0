package loosehip.core.plan;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.link.Limit;
import loosehip.core.link.LimitKind;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.School;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;

/**
 * Whether a golfer may do an exercise or drill, and why not. A caution on one side blocks the whole
 * exercise, since both sides are always done.
 */
final class Allowed {
  private final Health health;
  private final Screen screen;
  private final Handed handed;
  private final Set<Tool> tools;
  private final School school;

  Allowed(Health health, Screen screen, Handed handed, Set<Tool> tools, School school) {
    this.school = school;
    this.health = health;
    this.screen = screen;
    this.handed = handed;
    this.tools = tools;
  }

  /** Why this exercise is out, or empty when it may be done. */
  Optional<String> against(Exercise exercise) {
    return blocked(exercise.cautions(), exercise.kind() == Exercise.Kind.SPEED)
        .or(() -> byShiftedArc(exercise))
        .or(() -> byTools(exercise.tools()));
  }

  /** Why this drill is out, or empty when it may be done. */
  Optional<String> against(Drill drill) {
    return byCaution(drill.cautions())
        .or(() -> bySchool(drill))
        .or(() -> byGate(drill))
        .or(() -> byTools(drill.tools()));
  }

  /** The caution that blocks an item, if one does; tools and gates are not looked at. */
  Optional<String> blocked(Set<Caution> cautions, boolean speed) {
    return byCaution(cautions).or(() -> speed ? bySpeed() : Optional.empty());
  }

  /** Fast work is done with no caution at all. */
  private Optional<String> bySpeed() {
    return health.cautions().stream().filter(c -> !c.cleared()).findFirst().map(Allowed::words);
  }

  private Optional<String> byCaution(Set<Caution> cautions) {
    return health.cautions().stream()
        .filter(c -> !c.cleared() && cautions.contains(c.caution()))
        .findFirst()
        .map(Allowed::words);
  }

  private static String words(NotedCaution noted) {
    String side = noted.side().map(s -> ", " + s.id()).orElse("");
    return "caution: " + noted.caution().asked().toLowerCase(Locale.ROOT) + side;
  }

  /** No ladder aims at the end range a shifted arc lacks; foot rolls and circles stay inside it. */
  private Optional<String> byShiftedArc(Exercise exercise) {
    boolean endRange =
        exercise.kind() == Exercise.Kind.RANGE
            && exercise.ladder().startsWith("hip-turn")
            && (exercise.rung() > 1 || exercise.ladder().equals("hip-turn-loaded"));
    if (!endRange) {
      return Optional.empty();
    }
    for (Side side : Side.values()) {
      Optional<ArcPattern> arc = screen.arcPattern(side);
      if (arc.filter(ArcPattern::shifted).isPresent()) {
        return Optional.of(
            handed.leg(side).id()
                + " hip has a "
                + arc.get().word().replace("arc shifted", "shifted arc,")
                + ": set-up serves better than end-range stretching");
      }
    }
    return Optional.empty();
  }

  private Optional<String> bySchool(Drill drill) {
    return drill
        .school()
        .filter(s -> s != school)
        .map(s -> "belongs to " + s.title().toLowerCase(Locale.ROOT));
  }

  private Optional<String> byGate(Drill drill) {
    for (LimitKind need : drill.needs()) {
      Band band = Limit.of(need).band(screen, handed);
      if (!band.atLeastClose()) {
        return Optional.of(
            "needs "
                + need.title().toLowerCase(Locale.ROOT)
                + " at least close; it is "
                + band.word());
      }
    }
    return Optional.empty();
  }

  private Optional<String> byTools(Set<Tool> wanted) {
    Set<Tool> missing = wanted.stream().filter(t -> !tools.contains(t)).collect(Collectors.toSet());
    return missing.isEmpty()
        ? Optional.empty()
        : Optional.of(
            "needs "
                + wanted.stream()
                    .filter(missing::contains)
                    .map(Tool::word)
                    .collect(Collectors.joining(" and ")));
  }
}
