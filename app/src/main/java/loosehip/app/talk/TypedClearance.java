package loosehip.app.talk;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.app.words.Typed;
import loosehip.core.body.Side;
import loosehip.core.measure.Direction;
import loosehip.core.named.Named;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/**
 * A clearance as typed, so that it stays in its fields after a problem.
 *
 * @param subject id of what it was to clear
 * @param form what was typed
 * @param problem what kept it from being recorded, in words; empty when nothing was typed yet
 */
public record TypedClearance(String subject, MultiValueMap<String, String> form, String problem) {
  private static final int WORDS_MOST = 200;
  private static final double MOST_DEGREES = 90;

  static final TypedClearance NONE = new TypedClearance("", new LinkedMultiValueMap<>(), "");

  /** The same for one subject: blank when it was typed for another. */
  TypedClearance of(String asked) {
    return subject.equals(asked)
        ? this
        : new TypedClearance(asked, new LinkedMultiValueMap<>(), "");
  }

  /** The same, not recorded. */
  TypedClearance refused(String because) {
    return new TypedClearance(subject, form, because);
  }

  /** Whether it was typed and not recorded. */
  public boolean refused() {
    return !problem.isEmpty();
  }

  /** What was typed into a field. */
  public String typed(String field) {
    return Optional.ofNullable(form.getFirst(field)).orElse("");
  }

  /** Whether a box was ticked. */
  public boolean ticked(String field, String id) {
    return form.getOrDefault(field, List.of()).contains(id);
  }

  /** Whatever a letter can forbid. */
  public List<Demand> forbidden() {
    return List.of(Demand.values());
  }

  /** Whether anything is ticked that the letter forbids. */
  public boolean forbids() {
    return form.containsKey("blocks");
  }

  /** The clearance as typed; what is no date is left out of it. */
  Clearance clearance() {
    boolean none = ticked("none", "yes");
    return new Clearance(
        words("clinician"),
        words("profession"),
        Typed.day(typed("on")),
        none ? "" : words("limits"),
        Typed.day(typed("review")),
        demands("lifts"),
        none ? Set.of() : demands("blocks"),
        none ? List.of() : degrees());
  }

  private String words(String field) {
    return Typed.kept(typed(field), WORDS_MOST);
  }

  private Set<Demand> demands(String field) {
    return form.getOrDefault(field, List.of()).stream()
        .map(Named.parser(Demand.class))
        .flatMap(Optional::stream)
        .collect(Collectors.toSet());
  }

  private List<Clearance.Degrees> degrees() {
    List<Clearance.Degrees> degrees = new ArrayList<>();
    for (Side side : Side.values()) {
      for (Direction direction : Direction.values()) {
        Typed.number(typed(field(side, direction)))
            .filter(most -> most >= 0 && most <= MOST_DEGREES)
            .ifPresent(most -> degrees.add(new Clearance.Degrees(side, direction, most)));
      }
    }
    return degrees;
  }

  private static String field(Side side, Direction direction) {
    return side.id() + "-" + direction.id();
  }

  /**
   * What is missing or wrong, in words; empty when it can be recorded.
   *
   * @param today the day of recording
   */
  Optional<String> wrong(LocalDate today) {
    Clearance read = clearance();
    boolean limits =
        !read.limits().isBlank() || !read.blocks().isEmpty() || !read.degrees().isEmpty();
    if (read.by().isBlank()) {
      return Optional.of("A clearance needs the clinician's name. Nothing was recorded yet.");
    } else if (read.profession().isBlank()) {
      return Optional.of("A clearance needs what they are: doctor, physiotherapist, surgeon.");
    } else if (read.on().isEmpty()) {
      return Optional.of("A clearance needs its date. Nothing was recorded yet.");
    } else if (read.on().get().isAfter(today)) {
      return Optional.of("The clearance is dated in the future; give the day it was given.");
    } else if (!limits && !ticked("none", "yes")) {
      return Optional.of("Say what limits were given, or tick that there are none.");
    } else if (anyLimitTyped() && ticked("none", "yes")) {
      return Optional.of("Limits are given and \"no limits\" is ticked. Leave one of them.");
    } else if (!typed("review").isBlank() && read.lookAgainBy().isEmpty()) {
      return Optional.of("The day to look again is no date. Nothing was recorded.");
    }
    return read.lookAgainBy().filter(day -> !day.isAfter(read.on().get())).isPresent()
        ? Optional.of("The day to look again lies before the clearance. Nothing was recorded.")
        : degreesWrong();
  }

  private boolean anyLimitTyped() {
    return !typed("limits").isBlank() || forbids() || degreesTyped().count() > 0;
  }

  private Stream<String> degreesTyped() {
    return Arrays.stream(Side.values())
        .flatMap(side -> Arrays.stream(Direction.values()).map(way -> typed(field(side, way))))
        .filter(text -> !text.isBlank());
  }

  private Optional<String> degreesWrong() {
    return degreesTyped()
        .filter(
            text -> Typed.number(text).filter(most -> most >= 0 && most <= MOST_DEGREES).isEmpty())
        .findFirst()
        .map(text -> "Degrees not to pass go from 0 to 90; you typed " + text + ".");
  }
}
