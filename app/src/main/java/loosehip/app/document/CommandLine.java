package loosehip.app.document;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * A command that reads one JSON document and prints another: the answer alone on standard output
 * and exit 0; a bad file exits with 2 and one line a problem on standard error.
 *
 * @param usage what to say when not exactly one file is given
 * @param what what the file is, as in "give the path of a case file"
 */
public record CommandLine(String usage, String what) {
  private static final int BAD_FILE = 2;

  /** What came of a document: the text to print, or the problems. */
  public record Outcome(String answer, List<Problem> problems) {}

  /** Runs on the streams of this process and ends it. */
  public void main(String[] args, Function<String, Outcome> work) {
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
    System.exit(run(args, out, err, work));
  }

  /** Runs on these streams; returns the exit code. */
  public int run(String[] args, PrintStream out, PrintStream err, Function<String, Outcome> work) {
    return runOnBytes(args, out, err, file -> text(file).map(work).orElseGet(CommandLine::noText));
  }

  /** Runs on the bytes of the file, for files that are not JSON; returns the exit code. */
  public int runOnBytes(
      String[] args, PrintStream out, PrintStream err, Function<byte[], Outcome> work) {
    if (args.length != 1) {
      err.println(usage);
      return BAD_FILE;
    }
    byte[] file;
    try {
      file = Files.readAllBytes(Path.of(args[0]));
    } catch (NoSuchFileException | InvalidPathException e) {
      err.println("/: no such file " + args[0] + "; give the path of " + what);
      return BAD_FILE;
    } catch (IOException e) {
      err.println("/: cannot be read; check that " + args[0] + " is a readable file");
      return BAD_FILE;
    }
    Outcome outcome = work.apply(file);
    if (!outcome.problems().isEmpty()) {
      outcome.problems().forEach(p -> err.println(p.line()));
      return BAD_FILE;
    }
    out.println(outcome.answer());
    return 0;
  }

  private static Optional<String> text(byte[] file) {
    try {
      return Optional.of(
          StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString());
    } catch (CharacterCodingException e) {
      return Optional.empty();
    }
  }

  private static Outcome noText() {
    return new Outcome("", List.of(new Problem("", "is not UTF-8 text", "save the file as UTF-8")));
  }

  /** A document as JSON, or what is wrong with it as a file of this version 1. */
  public record Parsed(JsonNode json, List<Problem> problems) {
    /**
     * Reads a text.
     *
     * @param what what the text is, as in "put a case file here"
     */
    public static Parsed of(String text, String what) {
      if (text.isBlank()) {
        return wrong(new Problem("", "the file is empty", "put " + what + " here"));
      }
      JsonNode json;
      try {
        json = Documents.JSON.readTree(text);
      } catch (JacksonException broken) {
        var at = broken.getLocation();
        String where =
            at == null ? "" : " at line " + at.getLineNr() + ", column " + at.getColumnNr();
        return wrong(
            new Problem(
                "", "is not JSON: it breaks off or goes wrong" + where, "mend the file there"));
      }
      if (json.isObject() && !json.path("version").equals(Documents.JSON.valueToTree(1))) {
        return wrong(new Problem("/version", "is not 1", "this program reads version 1"));
      }
      return new Parsed(json, List.of());
    }

    private static Parsed wrong(Problem problem) {
      return new Parsed(Documents.JSON.nullNode(), List.of(problem));
    }
  }
}
