package loosehip.app.links;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.FromTrace;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.store.GolferFile;
import loosehip.app.words.Numbers;
import loosehip.app.words.Text;
import loosehip.app.words.TraceWords;
import loosehip.core.link.Habit;
import loosehip.core.link.Link;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SwingFigure;
import loosehip.core.trace.ReturnOrder;

/** What recordings have to do with a fault: the figures that set it, a habit they suggest. */
final class TracedEvidence {
  private TracedEvidence() {}

  static List<LinksPage.Traced> of(Workup workup, Link link) {
    GolferFile file = workup.file();
    List<LinksPage.Traced> traced = new ArrayList<>();
    for (SwingFigure figure : SwingFigure.values()) {
      if (figure.fault() == link.fault()) {
        of(file, Facts.SWING_FIGURE.about(figure), figure.id(), figure.title(), figure.withUnit())
            .ifPresent(traced::add);
      }
    }
    for (SetupFigure figure : SetupFigure.values()) {
      boolean speaks =
          Optional.of(link.fault()).equals(figure.below().map(f -> f))
              || Optional.of(link.fault()).equals(figure.above().map(f -> f));
      if (speaks) {
        of(file, Measured.fact(figure), figure.id(), figure.title(), figure.unit())
            .ifPresent(traced::add);
      }
    }
    habit(file)
        .filter(t -> link.causes().stream().anyMatch(c -> c.cause().source() == Habit.UPPER_FIRST))
        .map(t -> traced(t, "the order of return, habit " + Text.lower(Habit.UPPER_FIRST.title())))
        .ifPresent(traced::add);
    return traced;
  }

  private static Optional<LinksPage.Traced> of(
      GolferFile file, Fact<Double> fact, String id, String title, String sign) {
    return fact.in(file)
        .flatMap(v -> Measured.fromTrace(file, id, v))
        .map(t -> traced(t, Text.lower(title) + " " + Numbers.shown(t.value()) + sign));
  }

  private static LinksPage.Traced traced(FromTrace trace, String what) {
    return new LinksPage.Traced(
        "Measured, " + TraceWords.kind(trace.kind()) + ": " + what, trace.recording());
  }

  private static Optional<FromTrace> habit(GolferFile file) {
    return Facts.HABIT.about(Habit.UPPER_FIRST).isIn(file)
        ? FromTrace.ON.about(Habit.UPPER_FIRST.id()).in(file)
        : Optional.empty();
  }

  /** What a wrong order of return means beside this golfer's ranges; empty when there is none. */
  static String order(Workup workup) {
    return habit(workup.file())
        .map(t -> TraceWords.wrongOrder(ReturnOrder.of(workup.judgement().budget())))
        .orElse("");
  }
}
