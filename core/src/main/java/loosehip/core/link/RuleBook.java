package loosehip.core.link;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.shipped.ShippedText;

/** Which causes stand behind each fault. Read from text, so that a practice can have its own. */
public final class RuleBook {
  /** The edition of the standard book. */
  public static final int EDITION = 1;

  private static final RuleBook STANDARD = parse(ShippedText.read(RuleBook.class, "rule-book.txt"));

  private final Map<PivotFault, List<Cause>> causes;

  private RuleBook(Map<PivotFault, List<Cause>> causes) {
    this.causes = causes;
  }

  /** The book that ships with the product. */
  public static RuleBook standard() {
    return STANDARD;
  }

  /** The causes of a fault, in the book's order. */
  public List<Cause> causes(PivotFault fault) {
    return causes.getOrDefault(fault, List.of());
  }

  /**
   * A practice's own weight of one cause.
   *
   * @param fault the fault
   * @param cause key of the cause, as {@link Overrule#key} makes it
   * @param prior chance of being a cause when the fault is clear, {@link #PRIOR_LEAST} to {@link
   *     #PRIOR_MOST}
   * @param strength how much its own test says; heeded for body limits alone
   */
  public record Own(PivotFault fault, String cause, double prior, Strength strength) {
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
    Map<PivotFault, List<Cause>> weighed = new EnumMap<>(PivotFault.class);
    causes.forEach(
        (fault, row) ->
            weighed.put(fault, row.stream().map(cause -> weighed(fault, cause, owns)).toList()));
    return new RuleBook(weighed);
  }

  private static Cause weighed(PivotFault fault, Cause cause, List<Own> owns) {
    String key = Overrule.key(cause);
    return owns.stream()
        .filter(o -> o.fault() == fault && o.cause().equals(key))
        .reduce((a, b) -> b)
        .map(o -> cause.weighed(o.prior(), o.strength()))
        .orElse(cause);
  }

  /**
   * Reads a book: one fault a line, {@code fault | family id[:leg] .prior[!~] ; …}; {@code #}
   * starts a remark.
   *
   * @throws IllegalArgumentException naming the line when it cannot be read
   */
  public static RuleBook parse(String text) {
    Map<PivotFault, List<Cause>> causes = new EnumMap<>(PivotFault.class);
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
        causes.put(PivotFault.parse(halves[0].strip()).orElseThrow(), List.copyOf(row));
      } catch (RuntimeException unreadable) {
        throw new IllegalArgumentException("Rule book line " + number + ": " + line, unreadable);
      }
    }
    return new RuleBook(causes);
  }

  private static Cause cause(String[] words) {
    String[] target = words[1].split(":");
    double prior = Double.parseDouble(words[2].replaceAll("[!~]", ""));
    if (prior <= 0 || prior >= 1) {
      throw new IllegalArgumentException("A prior lies between 0 and 1: " + prior);
    }
    return switch (words[0]) {
      case "b" -> {
        Optional<Leg> leg =
            target.length > 1
                ? Optional.of(Leg.valueOf(target[1].toUpperCase(Locale.ROOT)))
                : Optional.empty();
        Strength strength =
            words[2].endsWith("!")
                ? Strength.STRONG
                : words[2].endsWith("~") ? Strength.WEAK : Strength.MODERATE;
        yield new Cause.Body(
            new Limit(LimitKind.parse(target[0]).orElseThrow(), leg), prior, strength);
      }
      case "s" -> new Cause.FromSetup(SetupFault.parse(target[0]).orElseThrow(), prior);
      case "h" -> new Cause.FromHabit(Habit.parse(target[0]).orElseThrow(), prior);
      case "f" -> new Cause.Follows(PivotFault.parse(target[0]).orElseThrow(), prior);
      default -> throw new IllegalArgumentException("No such family: " + words[0]);
    };
  }
}
