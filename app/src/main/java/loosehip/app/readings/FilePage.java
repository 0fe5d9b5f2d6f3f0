package loosehip.app.readings;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.store.ReadingFiles;
import loosehip.app.store.ReadingFiles.Outcome;
import loosehip.app.words.Dates;
import loosehip.app.words.Text;

/**
 * A file of readings, ready to be shown.
 *
 * @param file how it stands
 * @param broughtAt when it was brought, in words
 * @param tabs its lines by what would happen
 * @param outcome the outcome whose lines are shown; empty for all
 * @param lines the lines shown
 * @param next number of the line after which further ones come; empty when there are none
 */
public record FilePage(
    ReadingFiles.FileState file,
    String broughtAt,
    List<Tab> tabs,
    String outcome,
    List<Line> lines,
    Optional<Integer> next) {

  /** The lines of one outcome, or all of them. */
  public record Tab(String outcome, String words, int count, boolean shown) {}

  /** A line with what would happen to it. */
  public record Line(int number, String outcome, String told, String golfer, String words) {}

  static FilePage of(
      ReadingFiles.FileState file, String outcome, List<ReadingFiles.Line> lines, boolean more) {
    int all = Arrays.stream(Outcome.values()).mapToInt(o -> count(file, o)).sum();
    return new FilePage(
        file,
        Dates.moment(file.broughtAt()),
        Stream.concat(
                Stream.of(new Tab("", "lines", all, outcome.isEmpty())),
                Arrays.stream(Outcome.values())
                    .map(o -> new Tab(o.id(), tab(o), count(file, o), outcome.equals(o.id()))))
            .toList(),
        outcome,
        lines.stream().map(FilePage::line).toList(),
        more ? Optional.of(lines.get(lines.size() - 1).line()) : Optional.empty());
  }

  private static int count(ReadingFiles.FileState file, Outcome outcome) {
    return file.counts().getOrDefault(outcome.id(), 0);
  }

  private static String tab(Outcome outcome) {
    return switch (outcome) {
      case NEW -> "new";
      case CORRECTS -> "correct what is there";
      case SAME -> "there already";
      case REFUSED -> "refused";
    };
  }

  private static Line line(ReadingFiles.Line line) {
    String told = line.outcome().equals(Outcome.SAME.id()) ? "there already" : line.outcome();
    return new Line(line.line(), line.outcome(), told, line.golfer(), line.words());
  }

  /** How many lines would be taken. */
  public int toTake() {
    return count(file, Outcome.NEW) + count(file, Outcome.CORRECTS);
  }

  /** What is being done, in words. */
  public String doing() {
    return Text.upper(file.state());
  }

  /** How many lines were looked at so far. */
  public String done() {
    return String.format(Locale.ROOT, "%,d lines", file.doneRows());
  }
}
