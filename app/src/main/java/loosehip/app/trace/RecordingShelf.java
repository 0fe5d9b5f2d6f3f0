package loosehip.app.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.FromTrace;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Recordings;
import loosehip.app.words.Numbers;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SwingFigure;
import loosehip.core.trace.TraceFinding;
import loosehip.core.trace.TraceReason;
import org.springframework.stereotype.Component;

/** What recordings give, and into which fields it goes. */
@Component
class RecordingShelf {
  private final Journal journal;
  private final Workups workups;

  RecordingShelf(Journal journal, Workups workups) {
    this.journal = journal;
    this.workups = workups;
  }

  /**
   * Something a recording gives.
   *
   * @param id of the figure or habit
   * @param title its name
   * @param shown the value with its unit; empty for a habit
   * @param value as it is noted, or the lag that suggests a habit
   * @param note what notes it
   * @param instead what it would take the place of; empty when nothing
   * @param stands whether it stands there already as this recording gives it
   */
  record Given(
      String id,
      String title,
      String shown,
      double value,
      Note note,
      Optional<String> instead,
      boolean stands) {}

  /**
   * What a recording gives to the visit it belongs to; a closed visit takes nothing, and neither
   * does another one.
   */
  static List<Given> given(Workup workup, Recordings.Kept kept, ReadRecording read) {
    List<Given> given = new ArrayList<>();
    if (workup.closed() || !kept.visitId().equals(workup.file().visitId())) {
      return given;
    }
    read.swing().forEach((figure, value) -> given.add(swing(workup, kept, figure, value)));
    read.alongFeet().ifPresent(value -> given.add(alongFeet(workup, kept, value)));
    read.findings().stream()
        .filter(f -> f.what() instanceof Habit)
        .forEach(f -> given.add(habit(workup, kept, f)));
    return given;
  }

  private static Given swing(
      Workup workup, Recordings.Kept kept, SwingFigure figure, double value) {
    double by = figure.most() == 1 ? 100 : 10;
    double noted = Math.max(figure.least(), Math.min(figure.most(), Math.round(value * by) / by));
    Fact<Double> fact = Facts.SWING_FIGURE.about(figure);
    Level sets =
        figure.level(
            noted, workup.asks(), workup.golfer().seen().level(SetupFault.ARCHED) == Level.CLEAR);
    Optional<String> tapped =
        Facts.FAULT
            .about(figure.fault())
            .in(workup.file())
            .filter(level -> level != sets)
            .map(level -> figure.fault().title() + ", " + level.word() + ", by eye");
    return new Given(
        figure.id(),
        figure.title(),
        Numbers.shown(noted) + figure.withUnit(),
        noted,
        fact.note(noted),
        other(workup.file(), fact, figure.id(), figure.sign()).or(() -> tapped),
        stands(workup.file(), fact, figure.id(), noted, kept));
  }

  private static Given alongFeet(Workup workup, Recordings.Kept kept, double value) {
    SetupFigure figure = SetupFigure.WEIGHT_ALONG_FEET;
    double noted = Math.round(value * 100) / 100.0;
    Fact<Double> fact = Measured.fact(figure);
    return new Given(
        figure.id(),
        figure.title(),
        Numbers.hundredth(noted),
        noted,
        fact.note(noted),
        other(workup.file(), fact, figure.id(), figure.unit()),
        stands(workup.file(), fact, figure.id(), noted, kept));
  }

  private static Given habit(Workup workup, Recordings.Kept kept, TraceFinding finding) {
    Habit habit = (Habit) finding.what();
    Fact<String> fact = Facts.HABIT.about(habit);
    double lag =
        finding.because() instanceof TraceReason.ReturnedTooSoon soon
            ? soon.lag().milliseconds()
            : 0;
    boolean stands =
        fact.isIn(workup.file())
            && FromTrace.ON
                .about(habit.id())
                .in(workup.file())
                .filter(t -> t.recording().equals(kept.id()))
                .isPresent();
    return new Given(
        habit.id(), "Habit: " + habit.title(), "", lag, fact.note("yes"), Optional.empty(), stands);
  }

  /** What stands in a field already and does not come from a recording. */
  private static Optional<String> other(
      GolferFile file, Fact<Double> fact, String id, String unit) {
    return fact.in(file)
        .filter(v -> Measured.fromTrace(file, id, v).isEmpty())
        .map(
            v ->
                Numbers.shown(v)
                    + unit
                    + (Measured.fromStill(file, id, v).isPresent() ? ", from a still" : ", typed"));
  }

  private static boolean stands(
      GolferFile file, Fact<Double> fact, String id, double noted, Recordings.Kept kept) {
    return fact.in(file)
        .filter(v -> v == noted)
        .flatMap(v -> Measured.fromTrace(file, id, v))
        .filter(t -> t.recording().equals(kept.id()))
        .isPresent();
  }

  /**
   * Takes what a recording gives, as one step.
   *
   * @param over ids of what may take the place of something typed or tapped
   */
  void take(Workup workup, Account by, Recordings.Kept kept, List<Given> given, List<String> over) {
    Map<String, Note> notes = new LinkedHashMap<>();
    for (Given one : given) {
      if (one.stands() || one.instead().isPresent() && !over.contains(one.id())) {
        continue;
      }
      Fact<FromTrace> mark = FromTrace.ON.about(one.id());
      notes.put(one.note().topic(), one.note());
      notes.put(mark.key(), mark.note(new FromTrace(one.value(), kept.kind(), kept.id())));
    }
    if (!notes.isEmpty()) {
      journal.note(
          workup.file(),
          by,
          List.copyOf(notes.values()),
          "figures from a recording, " + kept.kind().id());
      workups.saved(by, workup.file().id());
    }
  }
}
