package loosehip.app.talk;

import java.util.List;
import loosehip.app.golfer.Workup;
import loosehip.app.words.SafetyWords;

/**
 * What is said when a warning sign waits for a clinician, and what was cleared.
 *
 * @param golfer whose
 * @param open the signs that wait, each with its clearance as typed so far
 * @param routine whether the golfer has a routine at home, to be told to stop it
 * @param cleared clearances in force, in words
 */
public record ReferBlock(String golfer, List<Sign> open, boolean routine, List<String> cleared) {

  /** A sign that waits. */
  public record Sign(String question, TypedClearance typed) {}

  /** The block of this golfer, with nothing typed. */
  public static ReferBlock of(Workup workup) {
    return of(workup, TypedClearance.NONE);
  }

  static ReferBlock of(Workup workup, TypedClearance typed) {
    return new ReferBlock(
        workup.file().id(),
        workup.golfer().health().openWarnings().stream()
            .map(s -> new Sign(s.question(), typed.of(s.id())))
            .toList(),
        workup.file().given().isPresent(),
        workup.clearances().stream().map(SafetyWords::clearance).toList());
  }

  /** Whether anything waits. */
  public boolean refer() {
    return !open.isEmpty();
  }
}
