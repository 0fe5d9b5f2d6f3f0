package loosehip.app.table;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import loosehip.app.store.FileReadings;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;
import loosehip.app.words.Typed;
import org.springframework.stereotype.Component;

/**
 * Builds the page on which a table is matched: its columns, its questions, and how it reads so far.
 */
@Component
class TablePages {
  private static final int NAME_MOST = 120;
  private static final int ROWS_SHOWN = 3;
  private static final int READ_SHOWN = 14;
  private static final int STRANGERS_SHOWN = 12;

  private final FileReadings readings;
  private final Clock clock;

  TablePages(FileReadings readings, Clock clock) {
    this.readings = readings;
    this.clock = clock;
  }

  TablePage of(String practiceId, WaitingTables.Waiting waiting) {
    Matching matching = waiting.matching();
    TableLook look = matching.look();
    Read read = read(practiceId, waiting);
    return new TablePage(
        waiting.table().id(),
        waiting.table().name(),
        says(waiting.table(), look),
        look.headRows(),
        TableLook.MOST_HEAD_ROWS,
        columns(matching),
        roles(),
        TablePage.groups(Target.columns()),
        matching.questions().stream().map(TablePages::asked).toList(),
        TablePage.groups(Target.words()),
        missing(matching),
        read.shown(),
        read.tries(),
        read.strangers().stream().limit(STRANGERS_SHOWN).toList(),
        read.strangers().size(),
        waiting.problem(),
        LocalDate.now(clock).toString());
  }

  /** What stands in the way, beside the questions, which stand above it and are only counted. */
  private static List<String> missing(Matching matching) {
    List<String> open =
        matching.questions().stream()
            .filter(Matching.Question::open)
            .map(Matching.Question::words)
            .toList();
    List<String> missing = new ArrayList<>(matching.missing());
    missing.removeAll(open);
    if (!open.isEmpty()) {
      missing.add(
          open.size() == 1 ? "One question is open." : open.size() + " questions are open.");
    }
    return missing;
  }

  private static String says(BroughtTable table, TableLook look) {
    return String.format(
        Locale.ROOT,
        "%,d rows below %s, %d columns%s.",
        look.rows(),
        look.headRows() == 1 ? "the head" : look.headRows() + " rows of heads",
        look.columns().size(),
        table.oldLetters()
            ? "; its letters are no UTF-8 and were read as Windows-1252, look at names with accents"
            : "");
  }

  private static List<TablePage.Option> roles() {
    List<TablePage.Option> roles = new ArrayList<>();
    for (Role role : Role.values()) {
      roles.add(new TablePage.Option(role.id(), role.words()));
    }
    return roles;
  }

  private static List<TablePage.Column> columns(Matching matching) {
    List<TablePage.Column> columns = new ArrayList<>();
    for (int i = 0; i < matching.look().columns().size(); i++) {
      ColumnLook column = matching.look().columns().get(i);
      columns.add(
          new TablePage.Column(
              i,
              column.head(),
              TablePage.letter(i),
              column.samples(),
              Optional.ofNullable(matching.meanings().get(i)).map(Meaning::key).orElse(""),
              column.filled() == 0 ? "empty" : ""));
    }
    return columns;
  }

  private static TablePage.Asked asked(Matching.Question question) {
    String kind =
        !question.choices().isEmpty()
            ? "choice"
            : question.key().equals(Matching.DAY) ? "day" : "test";
    return new TablePage.Asked(
        question.key(),
        question.words(),
        kind,
        question.choices().stream().map(c -> new TablePage.Option(c.value(), c.words())).toList(),
        question.answer(),
        question.open());
  }

  /** What the table would give: a few tries, how many in all, and names nobody here has. */
  private record Read(List<TablePage.Read> shown, int tries, Collection<String> strangers) {}

  private Read read(String practiceId, WaitingTables.Waiting waiting) {
    Matching matching = waiting.matching();
    List<TablePage.Read> shown = new ArrayList<>();
    Set<String> strangers = new LinkedHashSet<>();
    Set<Integer> rows = new LinkedHashSet<>();
    int[] tries = new int[1];
    Set<String> names = new LinkedHashSet<>();
    readings.golfers(practiceId).values().forEach(known -> names.add(known.nameKey()));
    new TableReading(waiting.table(), matching, LocalDate.now(clock))
        .each(
            line -> {
              tries[0]++;
              rows.add(line.row());
              if (rows.size() <= ROWS_SHOWN && shown.size() < READ_SHOWN) {
                show(shown, line);
              }
              if (!line.golfer().isEmpty() && !names.contains(FileReadings.key(line.golfer()))) {
                strangers.add(Typed.line(line.golfer(), NAME_MOST));
              }
              return true;
            });
    return new Read(shown, tries[0], strangers);
  }

  /** Shows a try; tries of one test beside each other. */
  private static void show(List<TablePage.Read> shown, TableReading.Line line) {
    String result = result(line);
    TablePage.Read last = shown.isEmpty() ? null : shown.get(shown.size() - 1);
    if (last != null && last.row() == line.row() && last.said().equals(line.said())) {
      String both = last.result() + "  " + result;
      shown.set(
          shown.size() - 1,
          new TablePage.Read(last.row(), last.golfer(), last.day(), last.said(), both));
      return;
    }
    shown.add(
        new TablePage.Read(
            line.row(),
            line.golfer().isEmpty() ? line.golferId() : line.golfer(),
            day(line.day()),
            line.said(),
            result));
  }

  /** A number as the practice reads it; what is none as it was written. */
  private static String result(TableReading.Line line) {
    Shown unit = Shown.of(line.unit());
    return unit.asKept()
        ? line.result() + unit.sign()
        : Typed.number(line.result())
            .map(kept -> Numbers.plain(unit.of(kept)) + unit.sign())
            .orElse(line.result());
  }

  private static String day(String day) {
    try {
      return Dates.day(LocalDate.parse(day));
    } catch (DateTimeParseException asWritten) {
      return "“" + day + "”";
    }
  }
}
