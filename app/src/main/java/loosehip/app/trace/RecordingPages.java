package loosehip.app.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Recordings;
import loosehip.app.words.Dates;
import loosehip.app.words.TraceWords;
import loosehip.core.link.Level;
import loosehip.core.named.Named;
import loosehip.core.played.SwingKind;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.RecordingKind;
import loosehip.core.trace.ReturnOrder;
import loosehip.core.trace.TraceReading;
import org.springframework.stereotype.Component;

/** Puts together what the pages of recordings show. */
@Component
class RecordingPages {
  private final Recordings recordings;

  RecordingPages(Recordings recordings) {
    this.recordings = recordings;
  }

  RecordingPage all(Workup workup) {
    List<Recordings.Kept> all = recordings.of(workup.file());
    String visit = workup.file().visitId();
    return new RecordingPage(
        workup.file().id(),
        all.stream().map(k -> line(k, visit)).toList(),
        (int) all.stream().filter(k -> k.visitId().equals(visit)).count(),
        Recordings.A_VISIT_MOST,
        workup.closed(),
        Arrays.asList(SwingKind.values()));
  }

  private static RecordingPage.Line line(Recordings.Kept kept, String visit) {
    return new RecordingPage.Line(
        kept.id(),
        kept.kind(),
        kept.name(),
        Dates.day(kept.day()),
        kept.visitId().equals(visit),
        kept.played());
  }

  RecordingPage.One one(Workup workup, Recordings.Kept kept, String with) {
    ReadRecording read = read(workup, kept);
    List<Recordings.Kept> others =
        recordings.of(workup.file()).stream()
            .filter(k -> k.kind() == kept.kind() && !k.id().equals(kept.id()))
            .toList();
    Optional<Recordings.Kept> laid =
        others.stream()
            .filter(k -> k.id().equals(with))
            .filter(k -> k.kind() == RecordingKind.MOVEMENT)
            .findFirst();
    Optional<TraceReading> then = laid.flatMap(k -> read(workup, k).movement());
    return new RecordingPage.One(
        workup.file().id(),
        kept.id(),
        kept.kind(),
        kept.name(),
        Dates.day(kept.day())
            + ", "
            + (kept.played() ? "played by a simulated device" : "from a file")
            + ", "
            + kept.by(),
        read.problems().stream().map(CsvProblem::said).toList(),
        read.asksUnit(),
        kept.unit() == AngleUnit.NOT_SAID ? "" : kept.unit().id(),
        mind(read),
        read.movement().stream()
            .flatMap(
                m ->
                    Arrays.stream(MovementPlot.Sheet.values())
                        .map(sheet -> MovementPlot.of(m, then, sheet)))
            .toList(),
        read.pressure().map(p -> PressurePlot.of(p, workup.golfer().handed())),
        others.stream().map(k -> line(k, workup.file().visitId())).toList(),
        then.isPresent() ? with : "",
        panel(workup, kept, read, then));
  }

  private ReadRecording read(Workup workup, Recordings.Kept kept) {
    byte[] raw = recordings.raw(workup.file(), kept.id()).orElse(new byte[0]);
    return ReadRecording.of(workup, kept, raw);
  }

  private static List<String> mind(ReadRecording read) {
    List<String> mind = new ArrayList<>();
    read.movement().map(TraceReading::trace).ifPresent(t -> mind.addAll(TraceWords.mind(t)));
    if (!read.ignored().isEmpty()) {
      mind.add("Nothing is read from " + String.join(", ", read.ignored()) + ".");
    }
    return mind;
  }

  private static RecordingPage.Panel panel(
      Workup workup, Recordings.Kept kept, ReadRecording read, Optional<TraceReading> then) {
    List<RecordingShelf.Given> given = RecordingShelf.given(workup, kept, read);
    List<RecordingShelf.Given> open = given.stream().filter(g -> !g.stands()).toList();
    RecordingTable table =
        read.movement()
            .map(RecordingTable::of)
            .or(() -> read.pressure().map(RecordingTable::of))
            .orElse(RecordingTable.NONE);
    return new RecordingPage.Panel(
        read.movement()
            .map(m -> RecordingFigures.of(m, then, workup.asks()))
            .or(() -> read.pressure().map(p -> RecordingFigures.of(p)))
            .orElse(List.of()),
        read.findings().stream()
            .map(
                f ->
                    new RecordingPage.Found(
                        f.what().title(),
                        f.what() instanceof Named && f.level() != Level.NONE
                            ? f.level().word()
                            : "",
                        TraceWords.because(f.because())))
            .toList(),
        open.stream()
            .filter(g -> g.instead().isPresent())
            .map(
                g ->
                    new RecordingPage.Asked(
                        g.id(), g.title(), g.shown(), g.instead().orElseThrow()))
            .toList(),
        read.movement()
            .filter(m -> m.lags().stream().anyMatch(TraceReading.Lag::tooSoon))
            .map(m -> TraceWords.wrongOrder(ReturnOrder.of(workup.judgement().budget())))
            .orElse(""),
        kept.kind() == RecordingKind.MOVEMENT ? "Swing" : "Set-up and Swing",
        open.size(),
        !given.isEmpty() && open.isEmpty(),
        table.rows(),
        table.columns());
  }
}
