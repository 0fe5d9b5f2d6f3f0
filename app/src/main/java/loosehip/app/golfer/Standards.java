package loosehip.app.golfer;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.unit.Shown;
import loosehip.app.words.Typed;
import loosehip.core.link.Cause;
import loosehip.core.link.CauseId;
import loosehip.core.link.Fault;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Strength;
import loosehip.core.measure.AngleKind;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.BandScales;
import loosehip.core.measure.FieldRange;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.named.Named;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.ModelFigure;
import loosehip.core.plan.Catalogue;

/**
 * What results are held against in one practice: band edges, and how far tries scatter.
 *
 * @param scales band edges in force
 * @param byMethod the practice's own deviation of one try by method, in degrees, where it set one
 * @param coefficients the figures of the turn budget in force
 * @param rules the rule book in force
 * @param catalogue the exercises and drills to choose from, the practice's own among them
 * @param ownOf each person's own repeatability by method and kind of test, by account
 */
public record Standards(
    BandScales scales,
    Map<Method, Double> byMethod,
    Coefficients coefficients,
    RuleBook rules,
    Catalogue catalogue,
    Map<String, Map<OwnRepeatability.Of, OwnRepeatability>> ownOf) {
  /** The shipped values, nobody's own among them. */
  public static final Standards SHIPPED =
      new Standards(
          BandScales.SHIPPED,
          Map.of(),
          Coefficients.SHIPPED,
          RuleBook.standard(),
          Catalogue.standard(),
          Map.of());

  /** Smallest deviation of one try a practice can set, in degrees. */
  public static final double DEVIATION_LEAST = 0.5;

  /** Largest deviation of one try a practice can set, in degrees. */
  public static final double DEVIATION_MOST = 15;

  private static final String BANDS = "bands.";
  private static final String DEVIATION = "deviation.";
  private static final String COEFFICIENT = "coefficient.";
  private static final String RULE = "rule.";

  /** The deviation of one try by a method before anybody's own takes over, in degrees. */
  public double defaultDeviation(Method method) {
    return byMethod.getOrDefault(method, method.tryDeviation());
  }

  /** The own repeatability of whoever took a try, when they took enough of them to have one. */
  public Optional<OwnRepeatability> own(String accountId, Method method, AngleKind kind) {
    return Optional.ofNullable(
        ownOf.getOrDefault(accountId, Map.of()).get(new OwnRepeatability.Of(method, kind)));
  }

  /** The deviation in use for tries of this person by this method, in degrees. */
  public double deviation(String accountId, Method method, AngleKind kind) {
    double byDefault = defaultDeviation(method);
    return own(accountId, method, kind).map(o -> o.inUse(byDefault)).orElse(byDefault);
  }

  /** The topic under which band edges are kept. */
  public static String bandTopic(ScreenTest test, Optional<Part> part) {
    return BANDS + BandScales.key(test, part);
  }

  /** The topic under which a method's deviation is kept. */
  public static String deviationTopic(Method method) {
    return DEVIATION + method.id();
  }

  /** The topic under which a figure of the turn budget is kept. */
  public static String coefficientTopic(ModelFigure coefficient) {
    return COEFFICIENT + coefficient.id();
  }

  /** The topic under which a practice's own weight of one cause is kept. */
  public static String ruleTopic(Fault fault, Cause cause) {
    return RULE + fault.id() + "." + cause.id().key();
  }

  /** A practice's own weight as it is kept: prior and strength. */
  public static Optional<RuleBook.Own> rule(Fault fault, CauseId cause, String kept) {
    String[] words = kept.strip().split("\\s+");
    Optional<Double> prior =
        Typed.number(words[0]).filter(p -> p >= RuleBook.PRIOR_LEAST && p <= RuleBook.PRIOR_MOST);
    Strength strength =
        words.length > 1
            ? Named.parse(Strength.class, words[1]).orElse(Strength.MODERATE)
            : Strength.MODERATE;
    return prior.map(p -> new RuleBook.Own(fault, cause, p, strength));
  }

  /** The same with the shipped catalogue. */
  static Standards of(
      Map<String, String> values, Map<String, Map<OwnRepeatability.Of, OwnRepeatability>> ownOf) {
    return of(values, Catalogue.standard(), ownOf);
  }

  /** Reads the practice's own values; what no longer fits is left at the shipped value. */
  static Standards of(
      Map<String, String> values,
      Catalogue catalogue,
      Map<String, Map<OwnRepeatability.Of, OwnRepeatability>> ownOf) {
    Map<String, BandScale> scales = new HashMap<>();
    Map<Method, Double> byMethod = new EnumMap<>(Method.class);
    Map<ModelFigure, Double> figures = new LinkedHashMap<>();
    List<RuleBook.Own> rules = new ArrayList<>();
    values.forEach(
        (topic, value) -> {
          if (topic.startsWith(BANDS)) {
            String key = topic.substring(BANDS.length());
            String[] names = key.split("\\.", 2);
            Optional<Part> part =
                names.length > 1 ? Named.parse(Part.class, names[1]) : Optional.empty();
            Named.parse(ScreenTest.class, names[0])
                .flatMap(t -> edges(t, part, value, AS_KEPT).scale())
                .ifPresent(s -> scales.put(key, s));
          } else if (topic.startsWith(COEFFICIENT)) {
            ModelFigure.parse(topic.substring(COEFFICIENT.length()))
                .ifPresent(
                    c ->
                        Typed.number(value)
                            .filter(v -> v >= c.low() && v <= c.high())
                            .ifPresent(v -> figures.put(c, v)));
          } else if (topic.startsWith(RULE)) {
            String[] names = topic.substring(RULE.length()).split("\\.", 2);
            Fault.parse(names[0])
                .flatMap(
                    f -> CauseId.parse(names[names.length - 1]).flatMap(c -> rule(f, c, value)))
                .ifPresent(rules::add);
          } else if (topic.startsWith(DEVIATION)) {
            Named.parse(Method.class, topic.substring(DEVIATION.length()))
                .ifPresent(
                    m ->
                        Typed.number(value)
                            .filter(d -> d >= DEVIATION_LEAST && d <= DEVIATION_MOST)
                            .ifPresent(d -> byMethod.put(m, d)));
          }
        });
    return new Standards(
        new BandScales(scales),
        byMethod,
        fitting(figures),
        RuleBook.standard().with(rules),
        catalogue,
        ownOf);
  }

  /** The figures in force; those that contradict each other are left at the shipped values. */
  private static Coefficients fitting(Map<ModelFigure, Double> figures) {
    try {
      return new Coefficients(figures);
    } catch (IllegalArgumentException contradiction) {
      return Coefficients.SHIPPED;
    }
  }

  /** Band edges as typed: either the scale, or what is wrong. */
  public record Edges(Optional<BandScale> scale, String problem) {}

  private static final Shown AS_KEPT = new Shown("", 1, false);

  private static Optional<Double> number(Shown unit, String typed) {
    return unit.typed(typed, Typed.number(typed));
  }

  /** Checks two typed edges, {@code enough} first, against the test's range and direction. */
  public static Edges edges(ScreenTest test, Optional<Part> part, String typed) {
    return edges(test, part, typed, Shown.of(test.unit()));
  }

  private static Edges edges(ScreenTest test, Optional<Part> part, String typed, Shown unit) {
    String[] words = typed.strip().split("\\s+");
    Optional<Double> enough = number(unit, words[0]);
    Optional<Double> close = words.length == 2 ? number(unit, words[1]) : Optional.empty();
    if (enough.isEmpty() || close.isEmpty()) {
      return new Edges(Optional.empty(), "Two numbers are needed: enough from, close from.");
    }
    FieldRange range = test.range();
    if (!range.accepts(enough.get()) || !range.accepts(close.get())) {
      return new Edges(
          Optional.empty(),
          String.format(
              Locale.ROOT,
              "This test takes %.0f to %.0f%s.",
              unit.of(range.hardLow()),
              unit.of(range.hardHigh()),
              unit.sign()));
    }
    boolean more = test.scale(part).moreIsBetter();
    boolean inOrder = more ? enough.get() > close.get() : enough.get() < close.get();
    if (!inOrder) {
      return new Edges(
          Optional.empty(),
          more
              ? "More is better here: enough must lie above close."
              : "Less is better here: enough must lie below close.");
    }
    return new Edges(Optional.of(new BandScale(enough.get(), close.get(), more)), "");
  }
}
