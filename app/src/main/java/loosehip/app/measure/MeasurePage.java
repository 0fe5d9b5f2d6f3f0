package loosehip.app.measure;

import java.util.List;
import java.util.Optional;
import loosehip.app.golfer.Bench;
import loosehip.app.store.Visits;
import loosehip.core.measure.RunningOrder;

/**
 * The station Measure, ready to be shown in one of its two modes.
 *
 * @param golfer the golfer's id
 * @param waits why nothing is measured now; empty when it may be
 * @param sheet whether all tests of a position are shown at once
 * @param orders the running orders there are
 * @param closedBy who closed the visit; empty while it is open
 * @param view what is shown: a {@link TestView} or a {@link SheetView}
 * @param <V> which of the two
 */
public record MeasurePage<V>(
    String golfer,
    Optional<Waits> waits,
    boolean sheet,
    List<OrderButton> orders,
    Optional<String> closedBy,
    V view) {

  /** A running order that can be chosen. */
  public record OrderButton(String id, String title, boolean chosen) {}

  /** Why nothing is measured now. */
  public enum Waits {
    CLINICIAN(
        "Measure waits",
        "A warning sign was answered with yes. Nothing is measured until a clinician has cleared"
            + " it. Record the clearance on Talk."),
    CONSENT(
        "Consent first",
        "What is measured is health data. Ask for consent on Talk; one tap there opens this"
            + " station."),
    GUARDIAN(
        "A guardian first",
        "By the birth year this golfer is under 18. A guardian's name is needed on Talk before"
            + " anything more is measured. What was measured before stays.");

    private final String title;
    private final String words;

    Waits(String title, String words) {
      this.title = title;
      this.words = words;
    }

    /** What it waits for. */
    public String title() {
      return title;
    }

    /** Why, and what to do. */
    public String words() {
      return words;
    }

    private static Optional<Waits> of(Bench bench) {
      if (bench.golfer().health().refer()) {
        return Optional.of(CLINICIAN);
      }
      if (bench.guardianMissing()) {
        return Optional.of(GUARDIAN);
      }
      return bench.consented() ? Optional.empty() : Optional.of(CONSENT);
    }
  }

  static MeasurePage<TestView> run(Bench bench, TestView view) {
    return of(bench, false, view);
  }

  static MeasurePage<SheetView> sheet(Bench bench, SheetView view) {
    return of(bench, true, view);
  }

  private static <V> MeasurePage<V> of(Bench bench, boolean sheet, V view) {
    RunningOrder chosen = bench.order();
    return new MeasurePage<>(
        bench.file().id(),
        Waits.of(bench),
        sheet,
        bench.orders().stream()
            .map(o -> new OrderButton(o.id(), o.title(), o.id().equals(chosen.id())))
            .toList(),
        bench.file().closed().map(Visits.Closed::by),
        view);
  }
}
