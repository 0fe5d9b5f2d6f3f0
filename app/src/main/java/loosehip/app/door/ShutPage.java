package loosehip.app.door;

import java.util.List;
import loosehip.app.golfer.Workup;
import loosehip.app.words.SafetyWords;
import loosehip.core.safety.Refusal;
import loosehip.core.safety.WarningSign;

/**
 * What stands in the place of a page whose door is shut.
 *
 * @param golfer the golfer's id
 * @param title what it waits for
 * @param words why, and what opens it
 * @param signs the warning signs still to be asked; empty when something else shuts the door
 * @param hand whether which hand is the question
 * @param then where the answers lead on to
 */
public record ShutPage(
    String golfer, String title, String words, List<String> signs, boolean hand, String then) {

  static ShutPage of(Workup workup, Refusal refusal, String then) {
    List<WarningSign> signs =
        refusal instanceof Refusal.AskFirst ask
            ? ask.unanswered().stream().sorted().toList()
            : List.of();
    return new ShutPage(
        workup.file().id(),
        SafetyWords.title(refusal),
        SafetyWords.opens(refusal),
        signs.stream().map(WarningSign::question).toList(),
        refusal instanceof Refusal.HandFirst,
        then);
  }
}
