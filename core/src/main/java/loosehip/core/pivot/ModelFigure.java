package loosehip.core.pivot;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A figure of the working model that a practice may set for itself. */
public sealed interface ModelFigure permits Coefficient, SchoolFigure {
  /** The id it is kept under. */
  String id();

  /** What it is, in words. */
  String title();

  /** Its unit; empty for scores. */
  String unit();

  /** The shipped value. */
  double shipped();

  /** Least a practice may set. */
  double low();

  /** Most a practice may set. */
  double high();

  /** Where the shipped value comes from. */
  String source();

  /** Every figure of the model: the coefficients, then each school's demands. */
  static List<ModelFigure> all() {
    return Stream.concat(Arrays.<ModelFigure>stream(Coefficient.values()), SchoolFigure.all())
        .toList();
  }

  /** The figure with this id, or empty. */
  static Optional<ModelFigure> parse(String id) {
    return all().stream().filter(f -> f.id().equals(id)).findFirst();
  }
}
