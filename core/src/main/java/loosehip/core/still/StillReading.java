package loosehip.core.still;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import loosehip.core.link.SpineShape;
import loosehip.core.pivot.Demands;

/**
 * What a still says: each figure with how far it may be off, and what cannot be said.
 *
 * @param still what was read
 * @param values the figures, in their order
 * @param notSeen figures whose landmarks, scale or height are missing
 */
public record StillReading(Still still, List<StillValue> values, List<StillFigure> notSeen) {
  /** How far a landmark is placed off, each way, one standard deviation; pixels (practice). */
  public static final double PLACING_PX = 2;

  /** How often a still is worked out with landmarks placed anew (practice). */
  public static final int DRAWS = 200;

  /**
   * How many scatters make the ± shown: two hold 95 in 100; two hundred draws know a scatter to one
   * part in ten, hence a little more (ours).
   */
  private static final double SCATTERS = 2.4;

  private static final long SEED = 20_270_111L;

  /** Errors of one standard deviation, the same for every still; more than two stills want. */
  private static final double[] ERRORS = errors();

  /** Copies the lists. */
  public StillReading {
    values = List.copyOf(values);
    notSeen = List.copyOf(notSeen);
  }

  /**
   * Reads a still.
   *
   * @param still what was marked
   * @param address the address still of the same camera, for what moved since
   * @param shape the shape of the golfer's back
   * @param asks what the golfer's school demands
   */
  public static StillReading of(
      Still still, Optional<Still> address, SpineShape shape, Demands asks) {
    List<StillFigure> figures = StillFigure.of(still.view(), address.isPresent());
    Map<StillFigure, Double> values = values(still, address);
    Map<StillFigure, Double> squares = squares(values, still, address);
    List<StillValue> read = new ArrayList<>();
    List<StillFigure> notSeen = new ArrayList<>();
    for (StillFigure figure : figures) {
      Double value = values.get(figure);
      if (value == null) {
        notSeen.add(figure);
      } else {
        read.add(
            new StillValue(
                figure,
                value,
                SCATTERS * Math.sqrt(squares.get(figure) / DRAWS),
                figure.window(still.checkpoint(), shape, asks)));
      }
    }
    return new StillReading(still, read, notSeen);
  }

  /** The figures alone, without how far they may be off. */
  static Map<StillFigure, Double> values(Still still, Optional<Still> address) {
    return values(StillFigure.of(still.view(), address.isPresent()), Pose.of(still, address));
  }

  private static Map<StillFigure, Double> values(List<StillFigure> figures, Pose pose) {
    Map<StillFigure, Double> values = new EnumMap<>(StillFigure.class);
    for (StillFigure figure : figures) {
      if (pose.sees(figure.formula().needs())) {
        figure.formula().of(pose).ifPresent(value -> values.put(figure, value));
      }
    }
    return values;
  }

  /** What is seen once is seen at every placing. */
  private static Map<StillFigure, Double> squares(
      Map<StillFigure, Double> values, Still still, Optional<Still> address) {
    List<StillFigure> figures = List.copyOf(values.keySet());
    double[] sums = new double[figures.size()];
    int[] next = {0};
    Placing placing = new Placing(() -> ERRORS[next[0]++], PLACING_PX);
    for (int draw = 0; draw < DRAWS; draw++) {
      Pose anew = Pose.of(placing.anew(still), address.map(placing::anew));
      for (int f = 0; f < sums.length; f++) {
        StillFigure figure = figures.get(f);
        double value = values.get(figure);
        double off = figure.formula().of(anew).orElse(value) - value;
        sums[f] += off * off;
      }
    }
    Map<StillFigure, Double> squares = new EnumMap<>(StillFigure.class);
    for (int f = 0; f < sums.length; f++) {
      squares.put(figures.get(f), sums[f]);
    }
    return squares;
  }

  /**
   * Two numbers for each landmark, for the ends of a scale, two marks and a plumb line; a height.
   */
  private static double[] errors() {
    int still = 2 * (Landmark.values().length + 6) + 1;
    Random random = new Random(SEED);
    return DoubleStream.generate(random::nextGaussian).limit(2L * DRAWS * still).toArray();
  }

  /** A figure's value, where it was read. */
  public Optional<StillValue> value(StillFigure figure) {
    return values.stream().filter(v -> v.figure() == figure).findFirst();
  }
}
