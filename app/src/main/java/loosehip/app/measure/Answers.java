package loosehip.app.measure;

import java.util.Map;
import java.util.Optional;
import loosehip.app.words.Text;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;

/**
 * The questions of worded tests and their answers, worded so that none can be read backwards: an
 * answer says what is seen, never yes or no to a question one has to find first. Within a question
 * each answer begins with another letter, which is its key.
 */
final class Answers {
  private static final Map<Part, String> QUESTIONS =
      Map.of(
          Part.HEELS, "Heels",
          Part.KNEES, "Knees",
          Part.DRIFT, "Knee",
          Part.CRAMP, "Behind the thigh",
          Part.LIMIT, "Stopped");

  private static final Map<ScreenTest, String> WHOLE =
      Map.of(
          ScreenTest.KNEE_TRACK, "Kneecap",
          ScreenTest.SQUAT_DEPTH, "Depth",
          ScreenTest.REACH_DOWN, "Hand gets");

  private static final Map<String, String> PARTS =
      Map.ofEntries(
          Map.entry("tall.yes", "hardens"),
          Map.entry("tall.no", "stays soft"),
          Map.entry("hinged.yes", "hardens"),
          Map.entry("hinged.no", "stays soft"),
          Map.entry("heels.yes", "lift"),
          Map.entry("heels.no", "stay down"),
          Map.entry("knees.yes", "come in"),
          Map.entry("knees.no", "stay over the feet"),
          Map.entry("drift.yes", "drifts in"),
          Map.entry("drift.no", "steady"),
          Map.entry("cramp.yes", "cramp"),
          Map.entry("cramp.no", "no cramp"),
          Map.entry("limit.yes", "at the limit, still holding"),
          Map.entry("limit.no", "dropped before"));

  private static final Map<String, String> TESTS =
      Map.ofEntries(
          Map.entry("knee-track.yes", "stays forward"),
          Map.entry("knee-track.no", "dragged out"),
          Map.entry("squat-depth.parallel", "thighs level"),
          Map.entry("squat-depth.partial", "part of the way"),
          Map.entry("squat-depth.not", "hardly at all"),
          Map.entry("reach-down.foot", "to the foot"),
          Map.entry("reach-down.shin", "only to the shin"),
          Map.entry("reach-down.knee", "no lower than the knee"));

  private Answers() {}

  /** What is asked. */
  static String question(Slot slot) {
    return slot.part()
        .map(part -> QUESTIONS.getOrDefault(part, Text.upper(part.word())))
        .orElseGet(() -> WHOLE.getOrDefault(slot.test(), "Result"));
  }

  /** An answer as it is shown. */
  static String words(Slot slot, String answer) {
    return Optional.ofNullable(
            slot.part()
                .map(part -> PARTS.get(part.id() + "." + answer))
                .orElseGet(() -> TESTS.get(slot.test().id() + "." + answer)))
        .orElse(answer);
  }
}
