package loosehip.app.fact;

import java.util.Optional;
import java.util.stream.Stream;
import loosehip.core.link.Habit;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SwingFigure;
import loosehip.core.named.Named;
import loosehip.core.trace.RecordingKind;

/**
 * A figure, or a habit, as a recording gave it.
 *
 * @param value in the figure's unit; once the figure is changed by hand it is no longer measured.
 *     Of a habit the lag in milliseconds that suggests it
 * @param kind what the recording follows
 * @param recording its id
 */
public record FromTrace(double value, RecordingKind kind, String recording) {
  /** One for each figure of set-up and swing, and for each habit. */
  public static final FactFamily<String, FromTrace> ON =
      new FactFamily<>(
          "from-trace.",
          Fact.Scope.VISIT,
          Station.SWING,
          id -> id,
          FromTrace::known,
          id -> id + " from a recording",
          id -> Codecs.json(FromTrace.class));

  private static Optional<String> known(String id) {
    boolean known =
        Stream.of(
                Named.ids(SetupFigure.class), Named.ids(SwingFigure.class), Named.ids(Habit.class))
            .anyMatch(ids -> ids.contains(id));
    return known ? Optional.of(id) : Optional.empty();
  }
}
