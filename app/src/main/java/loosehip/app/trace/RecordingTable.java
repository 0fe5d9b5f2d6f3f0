package loosehip.app.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.words.Numbers;
import loosehip.app.words.Text;
import loosehip.app.words.TraceWords;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.PressureTrace;
import loosehip.core.trace.SwingSegment;
import loosehip.core.trace.TraceReading;

/** The moments of a recording with their values, for those who do not see the plot. */
record RecordingTable(List<String> columns, List<List<String>> rows) {
  static final RecordingTable NONE = new RecordingTable(List.of(), List.of());

  static RecordingTable of(TraceReading reading) {
    Map<String, Double> moments = new LinkedHashMap<>();
    moments.put("Start", reading.events().start());
    reading.stop().ifPresent(s -> moments.put("Pelvis stops", s.at()));
    reading
        .returnOrder()
        .forEach(
            s ->
                moments.put(
                    Text.upper(s.title()) + " turns back", reading.events().tops().get(s).at()));
    moments.put("Impact", reading.events().impact());
    List<SwingSegment> segments = List.copyOf(reading.trace().turns().keySet());
    List<String> columns = new ArrayList<>(List.of("Moment", "Seconds"));
    segments.forEach(s -> columns.add(Text.upper(s.title())));
    columns.add("Pelvis tilt");
    List<List<String>> rows = new ArrayList<>();
    moments.entrySet().stream()
        .sorted(Map.Entry.comparingByValue())
        .forEach(
            e -> {
              List<String> row = new ArrayList<>();
              row.add(e.getKey());
              row.add(TraceWords.seconds(e.getValue()));
              segments.forEach(s -> row.add(degrees(reading.trace().turn(s, e.getValue()))));
              row.add(degrees(reading.trace().tilt(e.getValue())));
              rows.add(List.copyOf(row));
            });
    return new RecordingTable(columns, rows);
  }

  private static String degrees(double turn) {
    return Numbers.shown(Math.round(turn * 10) / 10.0) + "°";
  }

  static RecordingTable of(PressureReading reading) {
    PressureTrace trace = reading.trace();
    List<List<String>> rows = new ArrayList<>();
    trace
        .moments()
        .forEach(
            (moment, row) -> {
              PressureTrace.Weight w = trace.at(row);
              rows.add(
                  List.of(
                      Text.upper(moment.title()),
                      TraceWords.seconds(trace.seconds()[row]),
                      TraceWords.percent(w.lead()),
                      Numbers.hundredth(w.leadToe()),
                      Numbers.hundredth(w.trailToe())));
            });
    return new RecordingTable(
        List.of(
            "Moment",
            "Seconds",
            "On the lead foot",
            "Lead foot, heel 0 to toe 1",
            "Trail foot, heel 0 to toe 1"),
        rows);
  }
}
