package loosehip.app.still;

import java.io.PrintStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import loosehip.app.document.CommandLine;
import loosehip.app.document.Documents;
import loosehip.app.words.StillWords;
import loosehip.core.pivot.Demands;
import loosehip.core.still.CameraCheck;
import loosehip.core.still.StillFigure;
import loosehip.core.still.StillFinding;
import loosehip.core.still.StillFindings;
import loosehip.core.still.StillReading;
import loosehip.core.still.StillValue;

/**
 * {@code loose-hip still FILE.json}: prints the figures of a still, each with its error, and what
 * they suggest. Starts no application context, so that it answers at once.
 */
public final class StillCommand {
  private static final CommandLine LINE =
      new CommandLine("Give one still's file: loose-hip still FILE.json", "a still's file");

  private StillCommand() {}

  /** Runs the command. */
  public static void main(String[] args) {
    LINE.main(args, StillCommand::read);
  }

  /** Runs the command on these streams; returns the exit code. */
  static int run(String[] args, PrintStream out, PrintStream err) {
    return LINE.run(args, out, err, StillCommand::read);
  }

  private static CommandLine.Outcome read(String text) {
    StillReader.Outcome file = StillReader.read(text);
    if (!file.problems().isEmpty()) {
      return new CommandLine.Outcome("", file.problems());
    }
    Demands asks = file.school().shipped();
    StillReading reading =
        StillReading.of(file.still().orElseThrow(), file.address(), file.shape(), asks);
    Map<String, Object> document = new LinkedHashMap<>();
    document.put("format", "loose-hip-still");
    document.put("version", 1);
    document.put(
        "figures",
        reading.values().stream()
            .filter(v -> v.figure().inFile())
            .collect(
                Collectors.toMap(
                    v -> v.figure().id(), StillCommand::figure, (a, b) -> a, LinkedHashMap::new)));
    document.put("notSeen", reading.notSeen().stream().filter(StillFigure::inFile).toList());
    document.put(
        "findings",
        StillFindings.of(reading, file.shape(), asks, false).stream()
            .filter(f -> f.level().present())
            .map(StillCommand::finding)
            .toList());
    file.camera().ifPresent(c -> document.put("camera", camera(c)));
    return new CommandLine.Outcome(Documents.INDENTED.writeValueAsString(document), List.of());
  }

  private static Map<String, Object> figure(StillValue value) {
    int decimals = value.figure().decimals();
    Map<String, Object> figure = new LinkedHashMap<>();
    figure.put("value", rounded(value.value(), decimals));
    figure.put("plusMinus", rounded(value.plusMinus(), decimals));
    value
        .window()
        .ifPresent(
            w -> {
              figure.put("window", List.of(w.low(), w.high()));
              figure.put("inside", w.holds(value.value()));
            });
    return figure;
  }

  private static Map<String, Object> finding(StillFinding finding) {
    Map<String, Object> said = new LinkedHashMap<>();
    said.put("id", finding.fault().id());
    said.put("kind", "fault");
    said.put("level", finding.level());
    said.put("because", StillWords.because(finding));
    return said;
  }

  private static Map<String, Object> camera(CameraCheck check) {
    Map<String, Object> said = new LinkedHashMap<>();
    said.put("offDegrees", rounded(check.degrees(), 1));
    said.put("plusMinus", rounded(check.plusMinus(), 1));
    said.put("warns", check.warns());
    return said;
  }

  private static BigDecimal rounded(double value, int decimals) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    return rounded.signum() == 0 ? BigDecimal.ZERO.setScale(decimals) : rounded;
  }
}
