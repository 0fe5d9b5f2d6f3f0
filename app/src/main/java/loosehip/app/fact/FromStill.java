package loosehip.app.fact;

import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SwingFigure;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;

/**
 * A figure as a still gave it.
 *
 * @param value in the figure's unit; once the figure is changed by hand it is no longer the still's
 * @param plusMinus how far it may be off, in its unit
 */
public record FromStill(double value, double plusMinus) {
  /** One for each figure of set-up and swing. */
  static FactFamily<String, FromStill> family() {
    return new FactFamily<>(
        "from-still.",
        Fact.Scope.VISIT,
        Station.SET_UP,
        id -> id,
        FromStill::figure,
        id -> id + " from a still",
        id -> Codecs.json(FromStill.class));
  }

  /** The id of a figure of set-up or swing, when it is one. */
  private static Optional<String> figure(String id) {
    boolean known =
        Stream.of(
                Named.ids(SetupFigure.class),
                Named.ids(SwingFigure.class),
                Named.ids(BudgetFigure.class))
            .anyMatch(ids -> ids.contains(id));
    return known ? Optional.of(id) : Optional.empty();
  }
}
