package loosehip.app.trace;

import java.io.IOException;
import java.io.PrintStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import loosehip.app.document.CommandLine;
import loosehip.app.document.Documents;
import loosehip.app.document.Problem;
import loosehip.app.words.TraceWords;
import loosehip.core.link.Fault;
import loosehip.core.named.Named;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.School;
import loosehip.core.trace.AngleUnit;
import loosehip.core.trace.PressureReading;
import loosehip.core.trace.PressureTrace;
import loosehip.core.trace.SwingSegment;
import loosehip.core.trace.SwingTrace;
import loosehip.core.trace.TraceFinding;
import loosehip.core.trace.TraceFindings;
import loosehip.core.trace.TraceReading;

/**
 * {@code loose-hip trace FILE.csv} and {@code loose-hip pressure FILE.csv}: print what a recording
 * says and suggests. They need no golfer and start no application context.
 */
public final class TraceCommand {
  private static final String PRESSURE = "pressure";
  private static final int DEGREES = 1;
  private static final int SHARES = 2;
  private static final int SECONDS = 3;

  private TraceCommand() {}

  /** Runs the command: {@code trace} or {@code pressure}, then the file and its options. */
  public static void main(String[] args) {
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
    System.exit(run(args, out, err));
  }

  /** Runs the command on these streams; returns the exit code. */
  static int run(String[] args, PrintStream out, PrintStream err) {
    boolean pressure = args.length > 0 && args[0].equals(PRESSURE);
    String name = pressure ? PRESSURE : "trace";
    CommandLine line =
        new CommandLine(
            "Give one recording: loose-hip " + name + " FILE.csv [--school ID]", "a recording");
    List<String> left =
        new ArrayList<>(List.of(args).subList(Math.min(1, args.length), args.length));
    School school = School.ROTATION_FIRST;
    int option = left.indexOf("--school");
    if (option >= 0) {
      Optional<School> named =
          option + 1 < left.size()
              ? Named.parse(School.class, left.get(option + 1))
              : Optional.empty();
      if (named.isEmpty()) {
        err.println(
            "--school: no such school; one of " + String.join(", ", Named.ids(School.class)));
        return 2;
      }
      school = named.get();
      left.subList(option, option + 2).clear();
    }
    if (left.size() == 1 && tooLarge(left.get(0))) {
      err.println("file: is larger than 16 MB; " + TraceWords.ONE_SWING);
      return 2;
    }
    BiFunction<byte[], School, CommandLine.Outcome> work =
        pressure ? TraceCommand::pressure : TraceCommand::movement;
    School asked = school;
    return line.runOnBytes(left.toArray(String[]::new), out, err, file -> work.apply(file, asked));
  }

  private static boolean tooLarge(String path) {
    try {
      return Files.size(Path.of(path)) > RecordingFile.BYTES_MOST;
    } catch (IOException | InvalidPathException unread) {
      return false;
    }
  }

  private static CommandLine.Outcome refused(List<CsvProblem> problems) {
    return new CommandLine.Outcome(
        "", problems.stream().map(p -> new Problem(p.where(), p.wrong(), p.right())).toList());
  }

  private static CommandLine.Outcome printed(Map<String, Object> document) {
    return new CommandLine.Outcome(Documents.INDENTED.writeValueAsString(document), List.of());
  }

  private static CommandLine.Outcome movement(byte[] file, School school) {
    MovementCsv csv = MovementCsv.of(file, AngleUnit.NOT_SAID);
    if (csv.reading().isEmpty()) {
      return refused(csv.problems());
    }
    TraceReading reading = csv.reading().orElseThrow();
    SwingTrace trace = reading.trace();
    Map<String, Object> document = new LinkedHashMap<>();
    document.put("format", "loose-hip-trace");
    document.put("version", 1);
    document.put("rows", trace.rows());
    document.put("hz", rounded(trace.hz(), DEGREES));
    document.put("cutOffHz", rounded(trace.cutOff(), DEGREES));
    document.put(
        "gaps",
        trace.gaps().stream()
            .map(g -> map("at", time(g.at()), "ms", rounded(g.milliseconds(), DEGREES)))
            .toList());
    document.put("start", time(reading.events().start()));
    Map<String, Object> tops = new LinkedHashMap<>();
    Map<String, Object> atTop = new LinkedHashMap<>();
    reading
        .events()
        .tops()
        .forEach(
            (segment, top) -> {
              tops.put(segment.id(), time(top.at()));
              if (segment != SwingSegment.ARM) {
                atTop.put(segment.id(), rounded(top.turn(), DEGREES));
              }
            });
    document.put("tops", tops);
    document.put("impact", time(reading.events().impact()));
    document.put("atTop", atTop);
    reading
        .separation()
        .ifPresent(
            s ->
                document.put(
                    "separation",
                    map(
                        "atPelvisTop", rounded(s.atPelvisTop(), DEGREES),
                        "largest", rounded(s.largest(), DEGREES),
                        "at", time(s.at()))));
    reading
        .stop()
        .ifPresent(
            s ->
                document.put("stop", map("at", time(s.at()), "share", rounded(s.share(), SHARES))));
    reading
        .dip()
        .ifPresent(
            d ->
                document.put(
                    "dip",
                    map("change", rounded(d.change(), DEGREES), "within", time(d.within()))));
    document.put("returnOrder", reading.returnOrder());
    Map<String, Object> lags = new LinkedHashMap<>();
    reading.lags().forEach(lag -> lags.put(pair(lag), time(lag.seconds())));
    document.put("lags", lags);
    document.put(
        "outOfOrder",
        reading.outOfOrder().stream().map(lag -> List.of(lag.first(), lag.second())).toList());
    document.put("openAtImpact", rounded(reading.openAtImpact(), DEGREES));
    Map<String, Object> peaks = new LinkedHashMap<>();
    reading
        .peaks()
        .forEach(
            (segment, peak) ->
                peaks.put(
                    segment.id(),
                    map(
                        "degPerS",
                        rounded(peak.degreesPerSecond(), DEGREES),
                        "at",
                        time(peak.at()))));
    document.put("peaks", peaks);
    reading.ratio().ifPresent(r -> document.put("ratio", rounded(r, SHARES)));
    document.put("findings", findings(TraceFindings.of(reading, school.shipped(), Club.DRIVER)));
    return printed(document);
  }

  private static String pair(TraceReading.Lag lag) {
    String second = lag.second().id();
    return lag.first().id() + Character.toUpperCase(second.charAt(0)) + second.substring(1);
  }

  private static CommandLine.Outcome pressure(byte[] file, School school) {
    PressureCsv csv = PressureCsv.of(file, school);
    if (csv.reading().isEmpty()) {
      return refused(csv.problems());
    }
    PressureReading reading = csv.reading().orElseThrow();
    Map<String, Object> document = new LinkedHashMap<>();
    document.put("format", "loose-hip-pressure");
    document.put("version", 1);
    document.put("rows", reading.trace().rows());
    Map<String, Object> events = new LinkedHashMap<>();
    reading
        .trace()
        .moments()
        .forEach(
            (moment, row) -> {
              PressureTrace.Weight weight = reading.trace().at(row);
              events.put(
                  moment.id(),
                  map(
                      "leadShare", rounded(weight.lead(), SHARES),
                      "leadToe", rounded(weight.leadToe(), SHARES),
                      "trailToe", rounded(weight.trailToe(), SHARES)));
            });
    document.put("events", events);
    document.put(
        "checks",
        reading.checks().stream()
            .map(
                c ->
                    map(
                        "figure", c.figure(),
                        "value", rounded(c.value(), SHARES),
                        "window",
                            List.of(
                                rounded(c.window().low(), SHARES),
                                rounded(c.window().high(), SHARES)),
                        "inside", c.inside()))
            .toList());
    document.put("findings", findings(TraceFindings.of(reading)));
    return printed(document);
  }

  private static List<Map<String, Object>> findings(List<TraceFinding> findings) {
    return findings.stream()
        .map(
            f ->
                map(
                    "id", f.what().id(),
                    "kind", f.what() instanceof Fault ? "fault" : "habit",
                    "level", f.level(),
                    "because", TraceWords.because(f.because())))
        .toList();
  }

  private static Map<String, Object> map(Object... pairs) {
    Map<String, Object> map = new LinkedHashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      map.put((String) pairs[i], pairs[i + 1]);
    }
    return map;
  }

  private static BigDecimal time(double seconds) {
    return rounded(seconds, SECONDS);
  }

  private static BigDecimal rounded(double value, int decimals) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    return rounded.signum() == 0 ? BigDecimal.ZERO.setScale(decimals) : rounded;
  }
}
