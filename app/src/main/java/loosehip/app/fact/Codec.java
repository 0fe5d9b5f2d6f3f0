package loosehip.app.fact;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * How the value of a fact is checked when it is typed, read when it is kept, and written.
 *
 * @param read the value of a text as kept; empty when the text holds none
 * @param write the text a value is kept as; never blank
 * @param told what undo says of a value behind the label; empty when the label is enough
 * @param typing how it is typed
 * @param check what is wrong with a typed text
 * @param keep the text kept of a typed one that has no problem
 * @param show what stands in a field for a text as kept
 * @param <T> what the value is
 */
public record Codec<T>(
    Function<String, Optional<T>> read,
    Function<T, String> write,
    Function<T, String> told,
    Typing typing,
    Check check,
    UnaryOperator<String> keep,
    UnaryOperator<String> show) {

  /** What is wrong with a typed text. */
  @FunctionalInterface
  public interface Check {
    /**
     * In words for the one who typed it; empty when it can be kept.
     *
     * @param typed not blank, without blanks around
     */
    Optional<String> problem(String typed, LocalDate today);
  }

  /** A codec of these two, typed as words, with the usual problem. */
  static <T> Codec<T> of(Function<String, Optional<T>> read, Function<T, String> write) {
    Check known =
        (typed, today) ->
            read.apply(typed).isPresent()
                ? Optional.empty()
                : Optional.of("This page offered something unknown. Reload it; nothing was lost.");
    return new Codec<>(
        read,
        write,
        value -> "",
        Typing.WORDS,
        known,
        UnaryOperator.identity(),
        UnaryOperator.identity());
  }

  /** The same, typed in this way and with a problem of its own. */
  Codec<T> typed(Typing as, Check own) {
    return new Codec<>(read, write, told, as, own, keep, show);
  }

  /** The same, with undo saying its value too. */
  Codec<T> telling(Function<T, String> words) {
    return new Codec<>(read, write, words, typing, check, keep, show);
  }

  /** The same, typed and shown in another unit than it is kept in. */
  Codec<T> inUnit(UnaryOperator<String> keeping, UnaryOperator<String> showing) {
    return new Codec<>(read, write, told, typing, check, keeping, showing);
  }
}
