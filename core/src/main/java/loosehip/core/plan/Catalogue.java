package loosehip.core.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Fault;
import loosehip.core.link.PivotFault;
import loosehip.core.named.Named;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Demand;
import loosehip.core.shipped.ShippedText;

/** All exercises on their ladders and all drills. Data ships as text beside this class. */
public final class Catalogue {
  /** Edition of the shipped catalogue. */
  public static final int EDITION = 4;

  private static final Catalogue STANDARD = shipped();

  private final Map<LadderId, List<Exercise>> ladders;
  private final List<Drill> drills;
  private final Retired retired;
  private final List<Exercise> exercises;
  private final Map<ItemId, Exercise> exercisesById;
  private final Map<ItemId, Drill> drillsById;

  /** What is planned no more but stands in plans given earlier. */
  private record Retired(List<Exercise> exercises, List<Drill> drills) {}

  private Catalogue(Map<LadderId, List<Exercise>> ladders, List<Drill> drills, Retired retired) {
    this.ladders = ladders;
    this.drills = drills;
    this.retired = retired;
    this.exercises = ladders.values().stream().flatMap(List::stream).toList();
    this.exercisesById = byId(exercises, retired.exercises(), Exercise::id);
    this.drillsById = byId(drills, retired.drills(), Drill::id);
  }

  /** Where two have the same id, the one that is planned. */
  private static <T> Map<ItemId, T> byId(List<T> planned, List<T> retired, Function<T, ItemId> id) {
    return Stream.concat(planned.stream(), retired.stream())
        .collect(Collectors.toUnmodifiableMap(id, Function.identity(), (first, later) -> first));
  }

  private static Catalogue shipped() {
    Map<LadderId, List<Exercise>> ladders =
        ShippedText.rows(Catalogue.class, "exercises.txt")
            .map(Catalogue::exercise)
            .collect(Collectors.groupingBy(Exercise::ladder, TreeMap::new, Collectors.toList()));
    ladders.values().forEach(rungs -> rungs.sort(Comparator.comparingInt(Exercise::rung)));
    return new Catalogue(
        ladders,
        ShippedText.rows(Catalogue.class, "drills.txt").map(Catalogue::drill).toList(),
        new Retired(List.of(), List.of()));
  }

  /** The catalogue that ships with the product. */
  public static Catalogue standard() {
    return STANDARD;
  }

  /** The ladders by name, each from its lowest rung. */
  public Map<LadderId, List<Exercise>> ladders() {
    return ladders;
  }

  /** The drills, the usual ones first. */
  public List<Drill> drills() {
    return drills;
  }

  /** Every exercise. */
  public List<Exercise> exercises() {
    return exercises;
  }

  /** The exercises on a rung of a ladder, the usual one first; two are alternatives. */
  public List<Exercise> exercises(LadderId ladder, int rung) {
    return ladders.getOrDefault(ladder, List.of()).stream().filter(e -> e.rung() == rung).toList();
  }

  /** The exercise with this id, retired ones among them, or empty. */
  public Optional<Exercise> find(ItemId id) {
    return Optional.ofNullable(exercisesById.get(id));
  }

  /** The dose of an item, exercise or drill, or empty when there is no such item. */
  public Optional<Dose> dose(ItemId id) {
    return find(id).map(Exercise::dose).or(() -> drill(id).map(Drill::dose));
  }

  /**
   * What an item asks of the body, exercise or drill in its full form; nothing when there is no
   * such item.
   */
  public Set<Demand> demands(ItemId id) {
    return find(id)
        .map(Exercise::demands)
        .or(() -> drill(id).map(d -> d.full().demands()))
        .orElse(Set.of());
  }

  /** The ids of everything there is to choose from: exercises, then drills. */
  public List<ItemId> items() {
    return Stream.concat(exercises().stream().map(Exercise::id), drills.stream().map(Drill::id))
        .toList();
  }

  /** The exercises a rung up (1) or down (−1) from one; none at the end of its ladder. */
  public List<Exercise> rung(Exercise from, int by) {
    return exercises(from.ladder(), from.rung() + by);
  }

  /** The drill with this id, retired ones among them, or empty. */
  public Optional<Drill> drill(ItemId id) {
    return Optional.ofNullable(drillsById.get(id));
  }

  /**
   * This catalogue with a practice's own exercises.
   *
   * @throws IllegalArgumentException when one is on a shipped ladder
   */
  public Catalogue with(List<Exercise> own) {
    if (own.isEmpty()) {
      return this;
    }
    Map<LadderId, List<Exercise>> more = new TreeMap<>(ladders);
    Map<LadderId, List<Exercise>> theirs =
        own.stream()
            .collect(Collectors.groupingBy(Exercise::ladder, TreeMap::new, Collectors.toList()));
    theirs.forEach(
        (ladder, rungs) -> {
          if (ladders.containsKey(ladder)) {
            throw new IllegalArgumentException("The ladder " + ladder + " is a shipped one");
          }
          more.put(ladder, rungs.stream().sorted(Comparator.comparingInt(Exercise::rung)).toList());
        });
    return new Catalogue(more, drills, retired);
  }

  /**
   * This catalogue with a practice's own drills.
   *
   * @param first those learnt before the shipped ones of the same fault
   * @param last those learnt after them
   */
  public Catalogue withDrills(List<Drill> first, List<Drill> last) {
    List<Drill> all = Stream.of(first, drills, last).flatMap(List::stream).toList();
    return new Catalogue(ladders, all, retired);
  }

  /**
   * This catalogue with exercises and drills that are planned no more but stand in plans given
   * earlier: they are found by id, with their demands, and are on no ladder and in no line.
   */
  public Catalogue withRetired(List<Exercise> exercises, List<Drill> goneDrills) {
    return new Catalogue(
        ladders, drills, new Retired(List.copyOf(exercises), List.copyOf(goneDrills)));
  }

  private static Exercise exercise(String[] cells) {
    String[] serves = cells[4].split(";");
    return new Exercise(
        ItemId.of(cells[2]),
        LadderId.of(cells[0]),
        Integer.parseInt(cells[1]),
        Named.require(Exercise.Kind.class, cells[3]),
        List.copyOf(ids(serves[0], LimitKind.class)),
        serves.length > 1 ? List.copyOf(ids(serves[1], LimitKind.class)) : List.of(),
        Dose.parse(cells[5]),
        Named.require(Position.class, cells[6]),
        Tools.parse(cells[7]),
        ids(cells[8], Demand.class),
        ids(cells[9], Gate.class));
  }

  private static Drill drill(String[] cells) {
    return new Drill(
        ItemId.of(cells[0]),
        cells[1].equals("any")
            ? List.of(PivotFault.values())
            : List.copyOf(ids(cells[1], PivotFault.class)),
        ids(cells[2], School.class),
        ids(cells[3], Downswing.class).stream().findFirst(),
        List.copyOf(ids(cells[4], LimitKind.class)),
        Dose.parse(cells[5]),
        new Drill.Asks(Tools.parse(cells[6]), ids(cells[8], Demand.class)),
        new Drill.Asks(Tools.parse(cells[7]), ids(cells[9], Demand.class)),
        ids(cells[10], Caution.class),
        faults(cells[11]),
        ids(cells[12], Caution.class),
        Integer.parseInt(cells[13]));
  }

  private static Set<Fault> faults(String cell) {
    return cell.equals("-")
        ? Set.of()
        : Arrays.stream(cell.split("\\s+"))
            .map(id -> Fault.parse(id).orElseThrow())
            .collect(Collectors.toSet());
  }

  private static <E extends Enum<E> & Named> Set<E> ids(String cell, Class<E> of) {
    if (cell.strip().equals("-")) {
      return Set.of();
    }
    return Arrays.stream(cell.strip().split("\\s+"))
        .map(id -> Named.require(of, id))
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }
}
