package loosehip.app.casefile;

import java.io.PrintStream;
import java.time.LocalDate;
import loosehip.app.document.CommandLine;
import loosehip.core.casefile.Assessment;

/**
 * {@code loose-hip assess CASE.json}: prints the assessment of a case file. Starts no application
 * context, so that it answers at once.
 */
public final class AssessCommand {
  private static final CommandLine LINE =
      new CommandLine("Give one case file: loose-hip assess CASE.json", "a case file");

  private AssessCommand() {}

  /** Runs the command. */
  public static void main(String[] args) {
    LINE.main(args, AssessCommand::assess);
  }

  /** Runs the command on these streams; returns the exit code. */
  static int run(String[] args, PrintStream out, PrintStream err) {
    return LINE.run(args, out, err, AssessCommand::assess);
  }

  private static CommandLine.Outcome assess(String text) {
    CaseReader.Outcome read = CaseReader.read(text, LocalDate.now());
    String answer = read.golfer().map(g -> AssessmentWriter.write(Assessment.of(g))).orElse("");
    return new CommandLine.Outcome(answer, read.problems());
  }
}
