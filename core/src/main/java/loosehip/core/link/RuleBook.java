package loosehip.core.link;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.limit.Limit;
import loosehip.core.limit.LimitKind;
import loosehip.core.named.Named;
import loosehip.core.shipped.ShippedText;
import org.jspecify.annotations.Nullable;

/**
 * Which causes stand behind each fault of set-up and pivot. Read from text, so that a practice can
 * have its own.
 */
public final class RuleBook {
  /** The edition of the standard book. */
  public static final int EDITION = 3;

  private static final RuleBook STANDARD = parse(ShippedText.read(RuleBook.class, "rule-book.txt"));

  private final Map<Fault, List<Cause>> causes;

  private RuleBook(Map<Fault, List<Cause>> causes) {
    this.causes = causes;
  }

  /** The book that ships with the product. */
  public static RuleBook standard() {
    return STANDARD;
  }

  /** The causes of a fault, in the book's order. */
  public List<Cause> causes(Fault fault) {
    return causes.getOrDefault(fault, List.of());
  }

  /** The cause of a fault with this id, or empty. */
  public Optional<Cause> cause(Fault fault, CauseId id) {
    return causes(fault).stream().filter(c -> c.id().equals(id)).findFirst();
  }

  /** The weights that differ from the standard book's, in the book's order. */
  public List<Own> own() {
    return Fault.all().stream()
        .flatMap(
            fault ->
                causes(fault).stream()
                    .filter(c -> !STANDARD.causes(fault).contains(c))
                    .map(c -> new Own(fault, c.id(), c.prior(), c.strength())))
        .toList();
  }

  /**
   * A practice's own weight of one cause.
   *
   * @param fault the fault
   * @param cause which of its causes
   * @param prior chance of being a cause when the fault is clear, {@link #PRIOR_LEAST} to {@link
   *     #PRIOR_MOST}
   * @param strength how much its own test says; heeded for body limits alone
   */
  public record Own(Fault fault, CauseId cause, double prior, Strength strength) {
    /** Checks the prior. */
    public Own {
      if (!(prior >= PRIOR_LEAST && prior <= PRIOR_MOST)) {
        throw new IllegalArgumentException("A prior lies between 0.01 and 0.9: " + prior);
      }
    }
  }

  /** Least prior a practice may set. */
  public static final double PRIOR_LEAST = 0.01;

  /** Most prior a practice may set. */
  public static final double PRIOR_MOST = 0.9;

  /** This book with a practice's own weights in the place of its own; unknown causes are left. */
  public RuleBook with(List<Own> owns) {
    if (owns.isEmpty()) {
      return this;
    }
    Map<Fault, List<Cause>> weighed = new LinkedHashMap<>();
    causes.forEach(
        (fault, row) ->
            weighed.put(fault, row.stream().map(cause -> weighed(fault, cause, owns)).toList()));
    return new RuleBook(weighed);
  }

  private static Cause weighed(Fault fault, Cause cause, List<Own> owns) {
    return owns.stream()
        .filter(o -> o.fault() == fault && o.cause().means(cause))
        .reduce((a, b) -> b)
        .map(o -> cause.weighed(o.prior(), o.strength()))
        .orElse(cause);
  }

  @Override
  public boolean equals(@Nullable Object other) {
    return other instanceof RuleBook book && causes.equals(book.causes);
  }

  @Override
  public int hashCode() {
    return causes.hashCode();
  }

  /**
   * Reads a book: one fault a line, {@code fault | family id[:leg] .prior[!~] ; …}; {@code #}
   * starts a remark.
   *
   * @throws IllegalArgumentException naming the line when it cannot be read
   */
  public static RuleBook parse(String text) {
    Map<Fault, List<Cause>> causes = new LinkedHashMap<>();
    int number = 0;
    for (String line : text.split("\n")) {
      number++;
      if (line.isBlank() || line.startsWith("#")) {
        continue;
      }
      try {
        String[] halves = line.split("\\|");
        List<Cause> row = new ArrayList<>();
        for (String cause : halves[1].split(";")) {
          row.add(cause(cause.strip().split(" ")));
        }
        causes.put(Fault.parse(halves[0].strip()).orElseThrow(), List.copyOf(row));
      } catch (RuntimeException unreadable) {
        throw new IllegalArgumentException("Rule book line " + number + ": " + line, unreadable);
      }
    }
    return new RuleBook(causes);
  }

  /** Reads {@code family id[:leg] .prior[!~]}. */
  private static Cause cause(String[] words) {
    String[] target = words[1].split(":");
    String mark = words[2].substring(words[2].length() - 1);
    Strength strength =
        switch (mark) {
          case "!" -> Strength.STRONG;
          case "~" -> Strength.WEAK;
          default -> Strength.MODERATE;
        };
    boolean marked = strength != Strength.MODERATE;
    double prior =
        Double.parseDouble(marked ? words[2].substring(0, words[2].length() - 1) : words[2]);
    return switch (words[0]) {
      case "b" -> Cause.ofLimit(limit(target), prior, strength);
      case "s" -> Cause.of(Named.require(SetupFault.class, target[0]), prior);
      case "h" -> Cause.of(Named.require(Habit.class, target[0]), prior);
      case "f" -> Cause.of(Named.require(PivotFault.class, target[0]), prior);
      default -> throw new IllegalArgumentException("No such family: " + words[0]);
    };
  }

  private static Limit limit(String[] target) {
    Optional<Leg> leg =
        target.length > 1 ? Optional.of(Named.require(Leg.class, target[1])) : Optional.empty();
    return new Limit(Named.require(LimitKind.class, target[0]), leg);
  }
}
