package loosehip.app.fact;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import loosehip.app.document.Documents;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.app.words.Text;
import loosehip.app.words.Typed;
import loosehip.core.named.Named;
import loosehip.core.safety.Caution;
import tools.jackson.core.JacksonException;

/** The codecs there are. */
final class Codecs {
  /** Days further away than so many years are slips of the finger (ours). */
  private static final int YEARS_AWAY = 20;

  private Codecs() {}

  /** Any text. */
  static Codec<String> text() {
    return Codec.of(Optional::of, text -> text);
  }

  /** Whether something holds; the fact is there or it is not. */
  static Codec<String> mark() {
    return text();
  }

  /** One of these words. */
  static Codec<String> word(String... words) {
    List<String> known = List.of(words);
    return Codec.of(text -> Optional.of(text).filter(known::contains), text -> text);
  }

  /** Yes or no. */
  static Codec<Boolean> yesOrNo() {
    return Codec.<Boolean>of(
            text ->
                switch (text) {
                  case "yes" -> Optional.of(true);
                  case "no" -> Optional.of(false);
                  default -> Optional.empty();
                },
            yes -> yes ? "yes" : "no")
        .telling(yes -> yes ? "yes" : "no");
  }

  /** One of an enumeration. */
  static <E extends Enum<E> & Named> Codec<E> id(Class<E> of) {
    return Codec.<E>of(Named.parser(of), Named::id).telling(Text::spaced);
  }

  /** Which side a caution concerns: one that has sides names one or both, another none. */
  static Codec<CautionSide> side(Caution of) {
    return id(CautionSide.class)
        .typed(
            Typing.WORDS,
            (typed, today) -> {
              Optional<CautionSide> side = Named.parse(CautionSide.class, typed);
              boolean fits = side.filter(s -> (s == CautionSide.YES) != of.sided()).isPresent();
              return fits
                  ? Optional.empty()
                  : Optional.of(
                      of.sided()
                          ? "Say which side it is: left, right or both."
                          : "This caution has no side; a yes is enough.");
            });
  }

  /** A number within bounds, both included. */
  static Codec<Double> number(double low, double high, String what, String unit) {
    return Codec.of(Typed::number, Numbers::exact)
        .typed(
            Typing.DECIMAL,
            (typed, today) -> {
              Optional<Double> number = Typed.number(typed);
              if (number.isEmpty()) {
                return Optional.of(
                    what
                        + " is a number from "
                        + Numbers.exact(low)
                        + " to "
                        + Numbers.exact(high)
                        + unit
                        + ".");
              }
              return outside(number.get(), typed, low, high, what, unit);
            });
  }

  /**
   * A measure within bounds, both included, typed and shown in the practice's unit.
   *
   * @param unit how it is kept: {@code " cm"}, {@code "cm"} or {@code " kg"}; others stay as they
   *     are
   */
  static Codec<Double> measure(double low, double high, String what, String unit) {
    return number(low, high, what, unit)
        .typed(
            Typing.DECIMAL,
            (typed, today) -> {
              Shown shown = Shown.ofSign(unit);
              Optional<Double> kept = shown.typed(typed, Typed.number(typed));
              String from = Numbers.plain(shown.of(low));
              String to = Numbers.plain(shown.of(high));
              if (kept.isEmpty()) {
                return Optional.of(
                    what + " is a number from " + from + " to " + to + shown.sign() + ".");
              }
              return kept.get() >= low && kept.get() <= high
                  ? Optional.empty()
                  : Optional.of(
                      what
                          + " goes from "
                          + from
                          + " to "
                          + to
                          + shown.sign()
                          + "; you typed "
                          + typed
                          + ".");
            })
        .inUnit(
            typed -> {
              Shown shown = Shown.ofSign(unit);
              return shown
                  .typed(typed, Typed.number(typed))
                  .filter(kept -> !shown.asKept() || Typed.number(typed).isEmpty())
                  .map(kept -> Numbers.exact(Math.round(kept * 100) / 100.0))
                  .orElse(typed);
            },
            kept -> {
              Shown shown = Shown.ofSign(unit);
              return shown.asKept()
                  ? kept
                  : Typed.number(kept).map(n -> Numbers.plain(shown.of(n))).orElse(kept);
            });
  }

  /** How tall somebody is, kept in centimetres; feet and inches where inches are read. */
  static Codec<Double> tall(double low, double high, String what) {
    Codec<Double> measure = measure(low, high, what, " cm");
    return measure.inUnit(
        measure.keep(),
        kept ->
            Shown.ofSign("cm").asKept() ? kept : Typed.number(kept).map(Shown::tall).orElse(kept));
  }

  private static Optional<String> outside(
      double number, String typed, double low, double high, String what, String unit) {
    return number >= low && number <= high
        ? Optional.empty()
        : Optional.of(
            what
                + " goes from "
                + Numbers.exact(low)
                + " to "
                + Numbers.exact(high)
                + unit
                + "; you typed "
                + typed
                + ".");
  }

  /** A whole number within bounds, both included. */
  static Codec<Integer> whole(int low, int high, String what) {
    return whole(today -> low, today -> high, what);
  }

  /** A whole number within bounds that depend on the day. */
  static Codec<Integer> whole(
      ToIntFunction<LocalDate> low, ToIntFunction<LocalDate> high, String what) {
    return Codec.of(Typed::whole, String::valueOf)
        .typed(
            Typing.WHOLE,
            (typed, today) -> {
              int least = low.applyAsInt(today);
              int most = high.applyAsInt(today);
              Optional<Integer> number = Typed.whole(typed);
              if (number.isEmpty()) {
                return Optional.of(
                    what + " is a whole number, such as " + Math.max(least, most / 2) + ".");
              }
              return outside(number.get(), typed, least, most, what, "");
            });
  }

  /** A day of birth: past, and not before anybody living was born. */
  static Codec<LocalDate> dayOfBirth(int oldest) {
    return Codec.of(Typed::day, LocalDate::toString)
        .typed(
            Typing.DAY,
            (typed, today) ->
                Typed.day(typed)
                        .filter(born -> !born.isAfter(today))
                        .filter(born -> born.getYear() >= today.getYear() - oldest)
                        .isPresent()
                    ? Optional.empty()
                    : Optional.of(
                        "A date of birth lies in the past, after "
                            + (today.getYear() - oldest - 1)
                            + "; you typed "
                            + typed
                            + "."));
  }

  /** A day, not absurdly far away. */
  static Codec<LocalDate> day() {
    return Codec.of(Codecs::nearDay, LocalDate::toString).typed(Typing.DAY, Codecs::dayProblem);
  }

  /** What is kept but lies far beyond any block is taken as not noted. */
  private static Optional<LocalDate> nearDay(String kept) {
    return Typed.day(kept).filter(d -> d.getYear() > 1900 && d.getYear() < 3000);
  }

  private static Optional<String> dayProblem(String typed, LocalDate today) {
    Optional<LocalDate> day = Typed.day(typed);
    if (day.isEmpty()) {
      return Optional.of("A date looks like 2027-01-11.");
    }
    boolean near =
        !day.get().isBefore(today.minusYears(YEARS_AWAY))
            && !day.get().isAfter(today.plusYears(YEARS_AWAY));
    return near
        ? Optional.empty()
        : Optional.of("That day is more than " + YEARS_AWAY + " years away; the old one is kept.");
  }

  /** Days, apart by blanks or commas. */
  static Codec<Set<LocalDate>> days() {
    return Codec.<Set<LocalDate>>of(
            kept ->
                Optional.of(
                    words(kept).stream()
                        .map(Codecs::nearDay)
                        .flatMap(Optional::stream)
                        .collect(Collectors.toCollection(TreeSet::new))),
            days -> days.stream().map(LocalDate::toString).collect(Collectors.joining(" ")))
        .typed(
            Typing.WORDS,
            (typed, today) ->
                words(typed).stream()
                    .map(word -> dayProblem(word, today))
                    .flatMap(Optional::stream)
                    .findFirst());
  }

  private static List<String> words(String typed) {
    return Arrays.stream(typed.split("[\\s,;]+")).filter(w -> !w.isEmpty()).toList();
  }

  /** A record, kept as JSON. */
  static <T> Codec<T> json(Class<T> type) {
    return Codec.of(
        kept -> {
          try {
            return Optional.of(Documents.JSON.readValue(kept, type));
          } catch (JacksonException unreadable) {
            return Optional.empty();
          }
        },
        Documents.JSON::writeValueAsString);
  }
}
