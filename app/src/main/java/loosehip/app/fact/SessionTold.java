package loosehip.app.fact;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;

/**
 * What was told of a whole session at home.
 *
 * @param effort how hard it was, 0 to 10; empty when nothing was said
 * @param minutes how long it took; empty when nothing was said
 * @param mood how it felt, in a word or two; may be empty
 * @param byPhone whether the golfer's own phone said so
 */
public record SessionTold(
    Optional<Integer> effort, Optional<Integer> minutes, String mood, boolean byPhone) {
  /** The session of a day. */
  public static final FactFamily<LocalDate, SessionTold> ON =
      new FactFamily<>(
          "session.",
          Fact.Scope.GOLFER,
          Station.FOLLOW,
          LocalDate::toString,
          Typed::day,
          day -> "session of " + Dates.day(day),
          day -> Codecs.json(SessionTold.class));
}
