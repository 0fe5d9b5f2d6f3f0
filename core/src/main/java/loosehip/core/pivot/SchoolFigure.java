package loosehip.core.pivot;

import java.util.Arrays;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import loosehip.core.named.Named;

/**
 * One number of one school.
 *
 * @param school the school
 * @param kind which of its numbers
 */
public record SchoolFigure(School school, Kind kind) implements ModelFigure {

  /** The numbers a school has. */
  public enum Kind implements Named {
    PELVIS_LOW("pelvis-low", "least pelvis turn", "°", 0, 90, Demands::pelvisLow),
    PELVIS_HIGH("pelvis-high", "most pelvis turn", "°", 0, 90, Demands::pelvisHigh),
    SHOULDERS("shoulders", "shoulder turn with the driver", "°", 45, 130, Demands::shoulders),
    STRAIGHTENING("straightening", "trail knee straightens", "°", 0, 30, Demands::straightening),
    OPEN("open", "pelvis open at impact", "°", 0, 80, Demands::openAtImpact),
    FINISH("finish", "pelvis turned at the finish", "°", 45, 120, Demands::finish),
    SHIFT_LOW("shift-low", "least pelvis shift at the top", "cm", -5, 15, Demands::shiftLow),
    SHIFT_HIGH("shift-high", "most pelvis shift at the top", "cm", -5, 15, Demands::shiftHigh),
    HEAD_LOW("head-low", "least head shift at the top", "cm", -5, 15, Demands::headLow),
    HEAD_HIGH("head-high", "most head shift at the top", "cm", -5, 15, Demands::headHigh);

    private final String id;
    private final String title;
    private final String unit;
    private final double low;
    private final double high;
    private final ToDoubleFunction<Demands> of;

    Kind(
        String id,
        String title,
        String unit,
        double low,
        double high,
        ToDoubleFunction<Demands> of) {
      this.id = id;
      this.title = title;
      this.unit = unit;
      this.low = low;
      this.high = high;
      this.of = of;
    }

    @Override
    public String id() {
      return id;
    }

    /** This number among a school's demands. */
    public double of(Demands demands) {
      return of.applyAsDouble(demands);
    }
  }

  /** Every number of every school. */
  static Stream<SchoolFigure> all() {
    return Arrays.stream(School.values())
        .flatMap(s -> Arrays.stream(Kind.values()).map(k -> new SchoolFigure(s, k)));
  }

  @Override
  public String id() {
    return school.id() + "." + kind.id;
  }

  @Override
  public String title() {
    return school.title() + ": " + kind.title;
  }

  @Override
  public String unit() {
    return kind.unit;
  }

  @Override
  public double shipped() {
    return kind.of(school.shipped());
  }

  @Override
  public double low() {
    return kind.low;
  }

  @Override
  public double high() {
    return kind.high;
  }

  @Override
  public String source() {
    return "ours, from practice";
  }
}
