package loosehip.app.phone;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a phone sends: entries it kept while there was no line. Every part may be missing or wrong;
 * what can be read is taken, the rest is named.
 *
 * @param sentAt the moment of sending by the phone's own clock, in milliseconds
 * @param entries what was said, the oldest first
 */
record SentLog(@Nullable Long sentAt, @Nullable List<Entry> entries) {
  /**
   * One thing said.
   *
   * @param key what the phone calls it; sent again it has the same
   * @param at when it was said, by the phone's own clock
   * @param day the day of the session, as the page called it
   * @param plan the version of the plan the page showed
   * @param item what it is about; absent for the whole session
   * @param done how much: {@code top}, {@code between}, {@code under}
   * @param skipped why it was passed over
   * @param effort 0 to 10
   * @param pain 0 to 10
   * @param site where it hurt
   * @param leaned whether hands or a lean were needed
   * @param poorForm whether form was lost
   * @param worse whether it hurt more on the day after
   * @param felt how it felt
   * @param minutes how long the session took
   */
  record Entry(
      @Nullable String key,
      @Nullable Long at,
      @Nullable String day,
      @Nullable Integer plan,
      @Nullable String item,
      @Nullable String done,
      @Nullable String skipped,
      @Nullable Integer effort,
      @Nullable Integer pain,
      @Nullable String site,
      @Nullable Boolean leaned,
      @Nullable Boolean poorForm,
      @Nullable Boolean worse,
      @Nullable String felt,
      @Nullable Integer minutes) {}

  /**
   * What the phone is answered.
   *
   * @param now the moment here, in milliseconds
   * @param got keys of what is kept, or was kept before
   * @param refused what cannot be kept, with the reason in words
   * @param closed items that are closed until the trainer has decided
   * @param shut whether the routine is to stop; what was sent stays on the phone
   */
  record Answer(
      long now, List<String> got, List<Refused> refused, List<String> closed, boolean shut) {}

  /** An entry that cannot be kept. */
  record Refused(String key, String why) {}
}
