package loosehip.app.casefile;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDate;
import loosehip.core.casefile.Assessment;

/**
 * {@code loose-hip assess CASE.json}: prints the assessment on standard output and nothing else.
 * Exit 0; a bad file exits with 2 and one line a problem on standard error. Starts no application
 * context, so that it answers at once.
 */
public final class AssessCommand {
  private static final int BAD_FILE = 2;

  private AssessCommand() {}

  /** Runs the command. */
  public static void main(String[] args) {
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
    System.exit(run(args, out, err));
  }

  /** Runs the command on these streams; returns the exit code. */
  static int run(String[] args, PrintStream out, PrintStream err) {
    if (args.length != 1) {
      err.println("Give one case file: loose-hip assess CASE.json");
      return BAD_FILE;
    }
    String text;
    try {
      text = Files.readString(Path.of(args[0]));
    } catch (NoSuchFileException e) {
      err.println("/: no such file " + args[0] + "; give the path of a case file");
      return BAD_FILE;
    } catch (MalformedInputException e) {
      err.println("/: is not UTF-8 text; save the file as UTF-8");
      return BAD_FILE;
    } catch (IOException e) {
      err.println("/: cannot be read; check that " + args[0] + " is a readable file");
      return BAD_FILE;
    }
    CaseReader.Outcome outcome = CaseReader.read(text, LocalDate.now());
    if (!outcome.problems().isEmpty()) {
      outcome.problems().forEach(p -> err.println(p.line()));
      return BAD_FILE;
    }
    out.println(AssessmentWriter.write(Assessment.of(outcome.golfer().orElseThrow())));
    return 0;
  }
}
