package loosehip.app.measure;

import java.util.List;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Visits;
import loosehip.core.measure.RunningOrder;

/**
 * The station Measure, ready to be shown in one of its two modes.
 *
 * @param golfer the golfer's id
 * @param sheet whether all tests of a position are shown at once
 * @param orders the running orders there are
 * @param closedBy who closed the visit; empty while it is open
 * @param view what is shown: a {@link TestView} or a {@link SheetView}
 * @param <V> which of the two
 */
public record MeasurePage<V>(
    String golfer, boolean sheet, List<OrderButton> orders, Optional<String> closedBy, V view) {

  /** A running order that can be chosen. */
  public record OrderButton(String id, String title, boolean chosen) {}

  static MeasurePage<TestView> run(Workup workup, TestView view) {
    return of(workup, false, view);
  }

  static MeasurePage<SheetView> sheet(Workup workup, SheetView view) {
    return of(workup, true, view);
  }

  private static <V> MeasurePage<V> of(Workup workup, boolean sheet, V view) {
    RunningOrder chosen = workup.order();
    return new MeasurePage<>(
        workup.file().id(),
        sheet,
        workup.orders().stream()
            .map(o -> new OrderButton(o.id(), o.title(), o.id().equals(chosen.id())))
            .toList(),
        workup.file().closed().map(Visits.Closed::by),
        view);
  }
}
