package loosehip.app.fact;

import java.util.Optional;
import loosehip.app.words.Typed;
import loosehip.core.measure.Pain;

/** Pain as it is kept: the level, a blank, the site. */
final class PainCodec {
  static final Codec<Pain> CODEC =
      Codec.of(PainCodec::read, p -> (p.level() + " " + p.site()).strip())
          .typed(
              Typing.WORDS,
              (typed, today) ->
                  read(typed).isPresent()
                      ? Optional.empty()
                      : Optional.of("Pain is a whole number from 0 to 10."));

  private PainCodec() {}

  private static Optional<Pain> read(String kept) {
    String[] words = kept.split(" ", 2);
    return Typed.whole(words[0])
        .filter(level -> level >= 0 && level <= 10)
        .map(level -> new Pain(level, words.length > 1 ? words[1].strip() : ""));
  }
}
