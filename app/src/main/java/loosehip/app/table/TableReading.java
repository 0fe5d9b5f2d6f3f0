package loosehip.app.table;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import loosehip.app.words.Numbers;
import loosehip.core.body.Side;
import loosehip.core.measure.Method;
import loosehip.core.measure.Part;
import loosehip.core.measure.Unit;

/** Reads a table row by row as its matching says. What it cannot read it hands on as written. */
final class TableReading {
  private static final int AT_HAND = 5000;

  private final BroughtTable table;
  private final Matching matching;
  private final LocalDate today;
  private final TreeMap<Integer, Target> results;
  private final Map<String, Target> tests;
  private final Map<Role, Integer> roles = new EnumMap<>(Role.class);
  private final Map<String, String> days = new HashMap<>();
  private final Map<String, Map<Target, Integer>> tries =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Map<Target, Integer>> eldest) {
          return size() > AT_HAND;
        }
      };
  private String nameAbove = "";
  private String dayAbove = "";

  TableReading(BroughtTable table, Matching matching, LocalDate today) {
    this.table = table;
    this.matching = matching;
    this.today = today;
    this.results = matching.results();
    this.tests = matching.wordTargets();
    for (Role role : Role.values()) {
      matching.at(role).ifPresent(at -> roles.put(role, at));
    }
  }

  /**
   * One try as the table gives it.
   *
   * @param row the table's row
   * @param head the head of its column
   * @param golferId the id here, may be empty
   * @param golfer the name, may be empty
   * @param day the day, {@code 2026-11-25}; as written when it could not be read
   * @param test the test's id; as written when it is none
   * @param side {@code left}, {@code right} or empty
   * @param part the part's id or empty
   * @param ordinal which try; as written when a column says it
   * @param unit what its number counts
   * @param result the number in the unit kept, or the word; as written when it could not be read
   * @param said test, side and part in words
   * @param method what an angle was read with; empty: the usual
   */
  record Line(
      int row,
      String head,
      String golferId,
      String golfer,
      String day,
      String test,
      String side,
      String part,
      String ordinal,
      Unit unit,
      String result,
      String said,
      String method,
      String compensations,
      String voided) {}

  /** Hands out try after try until the taker says it has enough. */
  void each(Predicate<Line> to) {
    int[] heads = {matching.look().headRows()};
    table.rows(
        (row, cells) -> {
          if (heads[0] > 0) {
            heads[0]--;
            return true;
          }
          for (Line line : lines(row, cells)) {
            if (!to.test(line)) {
              return false;
            }
          }
          return true;
        });
  }

  private List<Line> lines(int row, List<String> cells) {
    String golfer = cell(cells, Role.GOLFER);
    String id = cell(cells, Role.GOLFER_ID);
    String name = golfer + "\n" + id;
    String day = matching.oneDay().map(LocalDate::toString).orElseGet(() -> cell(cells, Role.DATE));
    if (golfer.isEmpty() && id.isEmpty()) {
      name = matching.above() ? nameAbove : "";
    }
    if (day.isEmpty()) {
      day = matching.above() ? dayAbove : "";
    }
    if (name.isEmpty() || name.equals("\n") || day.isEmpty()) {
      return List.of();
    }
    // a day does not reach past the golfer it was written for
    boolean sameGolfer = name.equals(nameAbove);
    if (!sameGolfer && cell(cells, Role.DATE).isEmpty() && matching.oneDay().isEmpty()) {
      day = dayAbove;
    }
    nameAbove = name;
    dayAbove = day;
    String said =
        days.computeIfAbsent(
            day, written -> matching.day(written, today).map(LocalDate::toString).orElse(written));
    String[] who = name.split("\n", -1);
    return roles.containsKey(Role.VALUE)
        ? ofValue(row, cells, who, said)
        : ofResults(row, cells, who, said);
  }

  private List<Line> ofResults(int row, List<String> cells, String[] who, String day) {
    List<Line> lines = new ArrayList<>();
    results.forEach(
        (at, target) -> {
          String cell = at < cells.size() ? cells.get(at) : "";
          if (!cell.isEmpty()) {
            String head = matching.look().columns().get(at).head();
            lines.addAll(of(row, head, cells, who, day, target, cell));
          }
        });
    return lines;
  }

  private List<Line> ofValue(int row, List<String> cells, String[] who, String day) {
    String word = cell(cells, Role.TEST);
    String value = cell(cells, Role.VALUE);
    String head = matching.look().columns().get(roles.get(Role.VALUE)).head();
    Target target = tests.get(word);
    if (value.isEmpty() || matching.leavesOut(word)) {
      return List.of();
    }
    if (target == null) {
      return List.of(
          new Line(
              row, head, who[1], who[0], day, word, "", "", "1", Unit.WORD, value, word, "", "",
              ""));
    }
    String side = cell(cells, Role.SIDE);
    String part = cell(cells, Role.PART);
    Optional<Side> sided = target.side().or(() -> TargetGuess.side(side));
    Optional<Part> parted =
        target.part().or(() -> TargetGuess.part(part).filter(target.test()::hasPart));
    return of(row, head, cells, who, day, new Target(target.test(), sided, parted), value);
  }

  private List<Line> of(
      int row,
      String head,
      List<String> cells,
      String[] who,
      String day,
      Target target,
      String cell) {
    Unit unit = target.numeric() ? target.test().unit() : Unit.WORD;
    List<String> values =
        unit == Unit.WORD
            ? List.of(word(cell))
            : matching
                .numbers(cell, unit, head)
                .map(n -> n.stream().map(Numbers::exact).toList())
                .orElse(List.of(cell));
    String side = target.side().map(Side::id).orElse("");
    String part = target.part().map(Part::id).orElse("");
    String method = cell(cells, Role.METHOD);
    String readWith =
        unit != Unit.DEGREES
            ? ""
            : method.isEmpty() ? matching.method().map(Method::id).orElse("") : method;
    List<Line> lines = new ArrayList<>();
    for (String value : values) {
      String ordinal = cell(cells, Role.TRY);
      lines.add(
          new Line(
              row,
              head,
              who[1],
              who[0],
              day,
              target.test().id(),
              side,
              part,
              ordinal.isEmpty() || values.size() > 1 ? next(who, day, target) : ordinal,
              unit,
              value,
              target.said(),
              readWith,
              cell(cells, Role.COMPENSATIONS),
              cell(cells, Role.VOID).isEmpty() ? "" : word(cell(cells, Role.VOID))));
    }
    return lines;
  }

  private String next(String[] who, String day, Target target) {
    int now =
        tries
            .computeIfAbsent(String.join("\n", who) + "\n" + day, k -> new HashMap<>())
            .merge(target, 1, Integer::sum);
    return String.valueOf(now);
  }

  private static String word(String cell) {
    String lower = cell.toLowerCase(Locale.ROOT);
    return switch (lower) {
      case "y" -> "yes";
      case "n" -> "no";
      default -> lower;
    };
  }

  private String cell(List<String> cells, Role role) {
    Integer at = roles.get(role);
    return at == null || at >= cells.size() ? "" : cells.get(at);
  }
}
