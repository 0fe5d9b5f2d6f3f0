package loosehip.app.table;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import loosehip.app.unit.Length;
import loosehip.app.words.Typed;
import loosehip.core.measure.Method;
import loosehip.core.measure.Unit;
import loosehip.core.named.Named;

/**
 * What a trainer said a table means: a meaning a column, and an answer to each question that the
 * table leaves open. Nothing that is not plain is guessed.
 *
 * @param look the table looked through
 * @param meanings the meaning of each column that has one, by its place
 * @param answers the answers given, by the question's key
 */
record Matching(TableLook look, Map<Integer, Meaning> meanings, Map<String, String> answers) {
  /** Keys of the questions. */
  static final String ORDER = "order";

  static final String COUNTED = "counted";
  static final String COMMA = "comma";
  static final String LENGTH = "length";
  static final String BLANKS = "blanks";
  static final String METHOD = "read-with";
  static final String DAY = "day";

  /** A word of the column of tests is asked under this and its place among the words. */
  static final String WORD = "word-";

  /** Each angle as this program would read it where nothing is said: the usual way of the test. */
  static final String USUAL = "usual";

  private static final String ABOVE = "above";
  private static final String LEAVE = "leave";

  /** A choice of an answer. */
  record Choice(String value, String words) {}

  /**
   * Something the table leaves open.
   *
   * @param key what its answer goes by
   * @param words the question
   * @param choices what can be answered; empty when a day is asked for
   * @param answer what was answered; empty while it was not
   */
  record Question(String key, String words, List<Choice> choices, String answer) {
    boolean open() {
      return answer.isEmpty();
    }
  }

  /** The column with a role. */
  Optional<Integer> at(Role role) {
    return meanings.entrySet().stream()
        .filter(e -> e.getValue() instanceof Meaning.Column c && c.role() == role)
        .map(Map.Entry::getKey)
        .findFirst();
  }

  private Optional<ColumnLook> column(Role role) {
    return at(role).flatMap(look::column);
  }

  /** Columns of one test's results, in order. */
  TreeMap<Integer, Target> results() {
    TreeMap<Integer, Target> results = new TreeMap<>();
    meanings.forEach(
        (at, meaning) -> {
          if (meaning instanceof Meaning.Results r) {
            results.put(at, r.target());
          }
        });
    return results;
  }

  private String answer(String key) {
    return answers.getOrDefault(key, "");
  }

  /** What stands in the way of checking, in words; empty when nothing does. */
  List<String> missing() {
    List<String> missing = new ArrayList<>();
    if (at(Role.GOLFER).isEmpty() && at(Role.GOLFER_ID).isEmpty()) {
      missing.add("Which column names the golfer?");
    }
    boolean ofTests = at(Role.TEST).isPresent() || at(Role.VALUE).isPresent();
    if (ofTests && (at(Role.TEST).isEmpty() || at(Role.VALUE).isEmpty())) {
      missing.add(
          at(Role.TEST).isEmpty()
              ? "A column holds results: which one says the test?"
              : "A column says the test: which one holds the result?");
    }
    if (!ofTests && results().isEmpty()) {
      missing.add("Which columns hold results, and of which test?");
    }
    for (Role role : Role.values()) {
      long of =
          meanings.values().stream()
              .filter(m -> m instanceof Meaning.Column c && c.role() == role)
              .count();
      if (of > 1) {
        missing.add("Two columns are said to be “" + role.words() + "”; keep one.");
      }
    }
    questions().stream().filter(Question::open).forEach(q -> missing.add(q.words()));
    return missing;
  }

  /** Every question the table leaves open with these meanings, answered or not. */
  List<Question> questions() {
    List<Question> questions = new ArrayList<>();
    days(questions);
    blanks(questions);
    numbers(questions);
    words(questions);
    return questions;
  }

  private void days(List<Question> to) {
    Optional<ColumnLook> days = column(Role.DATE);
    if (days.isEmpty()) {
      to.add(
          new Question(
              DAY,
              "No column holds the day. On which day was all of it measured?",
              List.of(),
              Typed.day(answer(DAY)).map(LocalDate::toString).orElse("")));
      return;
    }
    order(days.get(), false)
        .ifPresent(
            orders ->
                to.add(
                    choice(ORDER, "“" + days.get().unclearDay(false) + "” is which day?", orders)));
    order(days.get(), true)
        .ifPresent(
            orders ->
                to.add(
                    choice(
                        COUNTED,
                        "The days are numbers. “" + days.get().unclearDay(true) + "” is which day?",
                        orders)));
  }

  private Optional<List<Choice>> order(ColumnLook days, boolean counted) {
    String example = days.unclearDay(counted);
    List<DateOrder> orders = days.orders(counted);
    return example.isEmpty() || orders.size() < 2
        ? Optional.empty()
        : Optional.of(
            orders.stream()
                .map(o -> new Choice(o.id(), o.shown(example) + ": " + o.words()))
                .toList());
  }

  private void blanks(List<Question> to) {
    boolean blank =
        column(Role.GOLFER).or(() -> column(Role.GOLFER_ID)).filter(c -> c.blanks() > 0).isPresent()
            || column(Role.DATE).filter(c -> c.blanks() > 0).isPresent();
    if (blank) {
      to.add(
          choice(
              BLANKS,
              "Some rows have no name, or no day.",
              List.of(
                  new Choice(ABOVE, "it is the one above, as in merged cells"),
                  new Choice(LEAVE, "leave those rows out"))));
    }
  }

  private void numbers(List<Question> to) {
    boolean angles = false;
    String comma = "";
    String length = "";
    for (Map.Entry<Integer, Target> result : results().entrySet()) {
      if (result.getValue().numeric()) {
        ColumnLook column = look.columns().get(result.getKey());
        Unit unit = result.getValue().test().unit();
        angles |= unit == Unit.DEGREES;
        comma = comma.isEmpty() ? column.unclearComma() : comma;
        length = unit == Unit.CENTIMETRES && length.isEmpty() ? lengthOf(column) : length;
      }
    }
    Optional<ColumnLook> values = column(Role.VALUE);
    if (values.isPresent()) {
      comma = comma.isEmpty() ? values.get().unclearComma() : comma;
      List<Target> tests = wordTargets().values().stream().toList();
      angles |= tests.stream().anyMatch(t -> t.test().unit() == Unit.DEGREES);
      boolean lengths = tests.stream().anyMatch(t -> t.test().unit() == Unit.CENTIMETRES);
      length = lengths && length.isEmpty() ? lengthOf(values.get()) : length;
    }
    if (!comma.isEmpty()) {
      to.add(
          choice(
              COMMA,
              "“" + comma + "”: what does the comma do?",
              List.of(
                  new Choice("decimals", "it parts decimals: " + comma.replace(',', '.')),
                  new Choice("thousands", "it parts thousands: " + comma.replace(",", "")))));
    }
    if (!length.isEmpty()) {
      to.add(
          choice(
              LENGTH,
              "“" + length + "” of knee to wall: in which unit?",
              List.of(new Choice("cm", "centimetres"), new Choice("inch", "inches"))));
    }
    if (angles && at(Role.METHOD).isEmpty()) {
      List<Choice> ways = new ArrayList<>();
      for (Method method : Method.values()) {
        ways.add(new Choice(method.id(), method.word()));
      }
      ways.add(new Choice(USUAL, "not known: the usual way of each test"));
      to.add(choice(METHOD, "What were the angles read with?", ways));
    }
  }

  /** A number that does not say its unit, where its column's head does not either. */
  private static String lengthOf(ColumnLook column) {
    return unitOfHead(column.head()).isPresent() ? "" : column.unitless();
  }

  private static Optional<Length> unitOfHead(String head) {
    boolean cm = TargetGuess.wordsOf(head).contains("cm");
    boolean inch =
        TargetGuess.wordsOf(head).stream().anyMatch(w -> w.equals("inch") || w.equals("inches"));
    return cm == inch ? Optional.empty() : Optional.of(cm ? Length.CENTIMETRES : Length.INCHES);
  }

  private void words(List<Question> to) {
    List<String> words = column(Role.TEST).map(c -> List.copyOf(c.words())).orElse(List.of());
    boolean sides = at(Role.SIDE).isPresent();
    for (int i = 0; i < words.size(); i++) {
      String key = WORD + i;
      String answer = answer(key);
      String guess = TargetGuess.of(words.get(i), !sides).map(Target::key).orElse("");
      if (guess.isEmpty() || !answer.isEmpty()) {
        to.add(
            new Question(
                key,
                "“" + words.get(i) + "” is which test?",
                List.of(),
                answer.equals(LEAVE) || Target.parse(answer).isPresent() ? answer : ""));
      }
    }
  }

  /** What the words of the column of tests stand for. */
  Map<String, Target> wordTargets() {
    Map<String, Target> targets = new TreeMap<>();
    List<String> words = column(Role.TEST).map(c -> List.copyOf(c.words())).orElse(List.of());
    boolean sides = at(Role.SIDE).isPresent();
    for (int i = 0; i < words.size(); i++) {
      String word = words.get(i);
      Optional<Target> said = Target.parse(answer(WORD + i));
      boolean left = answer(WORD + i).equals(LEAVE);
      said.or(() -> left ? Optional.empty() : TargetGuess.of(word, !sides))
          .ifPresent(t -> targets.put(word, t));
    }
    return targets;
  }

  /** Words of the column of tests whose rows are left out. */
  boolean leavesOut(String word) {
    List<String> words = column(Role.TEST).map(c -> List.copyOf(c.words())).orElse(List.of());
    return answer(WORD + words.indexOf(word)).equals(LEAVE);
  }

  private Question choice(String key, String words, List<Choice> choices) {
    String answer = answer(key);
    return new Question(
        key,
        words,
        choices,
        choices.stream().anyMatch(c -> c.value().equals(answer)) ? answer : "");
  }

  /** Whether rows without a name or a day take those of the row above. */
  boolean above() {
    return answer(BLANKS).equals(ABOVE);
  }

  /** The day a cell says; empty when it says none. */
  Optional<LocalDate> day(String cell, LocalDate today) {
    Optional<LocalDate> plain = DateOrder.plain(cell, today);
    return plain.isPresent()
        ? plain
        : order(false)
            .flatMap(o -> o.read(cell, today))
            .or(() -> order(true).flatMap(o -> o.read(cell, today)));
  }

  private Optional<DateOrder> order(boolean counted) {
    Optional<ColumnLook> days = column(Role.DATE);
    List<DateOrder> orders = days.map(d -> d.orders(counted)).orElse(List.of());
    boolean asked = orders.size() > 1 && !days.orElseThrow().unclearDay(counted).isEmpty();
    return asked
        ? Named.parse(DateOrder.class, answer(counted ? COUNTED : ORDER)).filter(orders::contains)
        : orders.stream().findFirst();
  }

  /** The one day of all of it, where no column holds days. */
  Optional<LocalDate> oneDay() {
    return at(Role.DATE).isPresent() ? Optional.empty() : Typed.day(answer(DAY));
  }

  /** The numbers of a cell in the unit they are kept in. */
  Optional<List<Double>> numbers(String cell, Unit unit, String head) {
    Optional<Length> length = unitOfHead(head).or(() -> Named.parse(Length.class, answer(LENGTH)));
    return NumberCell.read(cell, unit, answer(COMMA).equals("thousands"), length);
  }

  /** What the angles were read with, where all were read alike and that is known. */
  Optional<Method> method() {
    return Named.parse(Method.class, answer(METHOD));
  }
}
