package loosehip.app.table;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What a column of a table looks like below its head. */
final class ColumnLook {
  private static final int SAMPLES = 4;
  private static final int WORDS_MOST = 60;
  private static final int SAMPLE_LETTERS = 24;

  private final String head;
  private final LocalDate today;
  private final Set<String> words = new LinkedHashSet<>();
  private final Map<DateOrder, Integer> readBy = new EnumMap<>(DateOrder.class);
  private int filled;
  private int blanks;
  private int dayLike;
  private String unclearDay = "";
  private String unclearCount = "";
  private String unclearComma = "";
  private String unitless = "";
  private String unitlessDay = "";

  ColumnLook(String head, LocalDate today) {
    this.head = head;
    this.today = today;
  }

  void see(String cell) {
    if (cell.isEmpty()) {
      blanks++;
      return;
    }
    filled++;
    if (words.size() < WORDS_MOST && !words.contains(cell)) {
      words.add(cell.length() > 80 ? cell.substring(0, 80) : cell);
    }
    if (unclearComma.isEmpty() && cell.indexOf(',') > 0 && NumberCell.commaIsUnclear(cell)) {
      unclearComma = cell;
    }
    if (unitless.isEmpty() && NumberCell.unitIsUnclear(cell)) {
      unitless = cell;
    }
    seeDay(cell);
  }

  private void seeDay(String cell) {
    if (cell.length() < 5 || !Character.isLetterOrDigit(cell.charAt(0))) {
      return;
    }
    if (DateOrder.plain(cell, today).isPresent()) {
      dayLike++;
      return;
    }
    Set<LocalDate> bySlash = new LinkedHashSet<>();
    Set<LocalDate> byCount = new LinkedHashSet<>();
    for (DateOrder order : DateOrder.values()) {
      Optional<LocalDate> day = order.read(cell, today);
      day.ifPresent(d -> readBy.merge(order, 1, Integer::sum));
      day.ifPresent(order.counts() ? byCount::add : bySlash::add);
    }
    dayLike += bySlash.isEmpty() && byCount.isEmpty() ? 0 : 1;
    unclearDay = unclearDay.isEmpty() && bySlash.size() > 1 ? cell : unclearDay;
    unclearCount = unclearCount.isEmpty() && byCount.size() > 1 ? cell : unclearCount;
    unitlessDay = unitlessDay.isEmpty() && !byCount.isEmpty() ? cell : unitlessDay;
  }

  String head() {
    return head;
  }

  int filled() {
    return filled;
  }

  int blanks() {
    return blanks;
  }

  /** A few of its cells, shortened. */
  List<String> samples() {
    return words.stream()
        .limit(SAMPLES)
        .map(w -> w.length() > SAMPLE_LETTERS ? w.substring(0, SAMPLE_LETTERS) + "…" : w)
        .toList();
  }

  /** Its different words, the first sixty. */
  Set<String> words() {
    return words;
  }

  /** Whether most of its cells read as days. */
  boolean days() {
    return filled > 0 && dayLike * 2 > filled && unitlessDay.isEmpty();
  }

  /** The orders its days can be read in; two or more where that must be asked. */
  List<DateOrder> orders(boolean counted) {
    List<DateOrder> best = new ArrayList<>();
    int most = 0;
    for (DateOrder order : DateOrder.values()) {
      int read = order.counts() == counted ? readBy.getOrDefault(order, 0) : 0;
      if (read > most) {
        best.clear();
        most = read;
      }
      if (read > 0 && read == most) {
        best.add(order);
      }
    }
    return best;
  }

  /** A day that means different days in different orders; empty when none does. */
  String unclearDay(boolean counted) {
    return counted ? unclearCount : unclearDay;
  }

  /** A number whose comma could part thousands; empty when there is none. */
  String unclearComma() {
    return unclearComma;
  }

  /** A number that does not say its unit; empty when all do. */
  String unitless() {
    return unitless;
  }
}
