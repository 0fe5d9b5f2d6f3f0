package loosehip.app.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;

/**
 * Guesses what the head of a column means from the words in it. A guess fills the choice in and
 * nothing more: the trainer sees it. Words of lead and trail are not sides: which leg they are
 * depends on the golfer's hand.
 */
final class TargetGuess {
  private static final Set<String> LEFT = Set.of("l", "lt", "left", "lh");
  private static final Set<String> RIGHT = Set.of("r", "rt", "right", "rh");

  private static final Map<String, Part> PARTS =
      Map.ofEntries(
          Map.entry("ir", Part.INTERNAL),
          Map.entry("int", Part.INTERNAL),
          Map.entry("internal", Part.INTERNAL),
          Map.entry("inward", Part.INTERNAL),
          Map.entry("inwards", Part.INTERNAL),
          Map.entry("medial", Part.INTERNAL),
          Map.entry("er", Part.EXTERNAL),
          Map.entry("ext", Part.EXTERNAL),
          Map.entry("external", Part.EXTERNAL),
          Map.entry("outward", Part.EXTERNAL),
          Map.entry("outwards", Part.EXTERNAL),
          Map.entry("lateral", Part.EXTERNAL),
          Map.entry("open", Part.EYES_OPEN),
          Map.entry("eo", Part.EYES_OPEN),
          Map.entry("closed", Part.EYES_CLOSED),
          Map.entry("ec", Part.EYES_CLOSED),
          Map.entry("tall", Part.TALL),
          Map.entry("hinged", Part.HINGED),
          Map.entry("arch", Part.ARCH),
          Map.entry("arching", Part.ARCH),
          Map.entry("flatten", Part.FLATTEN),
          Map.entry("flattening", Part.FLATTEN),
          Map.entry("quality", Part.QUALITY),
          Map.entry("total", Part.TOTAL),
          Map.entry("held", Part.HELD),
          Map.entry("lost", Part.LOST),
          Map.entry("cramp", Part.CRAMP),
          Map.entry("drift", Part.DRIFT),
          Map.entry("heels", Part.HEELS),
          Map.entry("knees", Part.KNEES),
          Map.entry("limit", Part.LIMIT));

  /** Words that speak for a test; all words of one list must be there. */
  private static final Map<ScreenTest, List<List<String>>> TESTS =
      Map.ofEntries(
          Map.entry(ScreenTest.STANDING_TURN, words("standing turn", "standing rotation")),
          Map.entry(
              ScreenTest.SEATED_ROTATION,
              words("seated", "sitting", "sit", "seated hip", "seated hip turn")),
          Map.entry(ScreenTest.PRONE_ROTATION, words("prone", "face down", "face down hip turn")),
          Map.entry(
              ScreenTest.TRUNK_TURN,
              words("trunk", "trunk turn", "seated trunk", "thoracic", "trunk rotation")),
          Map.entry(
              ScreenTest.ANKLE_WALL, words("ankle", "knee to wall", "ankle wall", "dorsiflexion")),
          Map.entry(ScreenTest.HIP_FLEXOR_LENGTH, words("flexor", "front hip", "hip flexor")),
          Map.entry(
              ScreenTest.LEG_EXTENSION_SHORT,
              words("knee short", "hamstring", "leg extension", "knee extension")),
          Map.entry(ScreenTest.FRONT_HOLD, words("front hold", "plank", "straight body")),
          Map.entry(ScreenTest.BRIDGE_HOLD, words("bridge")),
          Map.entry(
              ScreenTest.ONE_LEG_STAND,
              words("balance", "one leg stand", "single leg stand", "leg stand", "stance")),
          Map.entry(ScreenTest.SIDE_HIP_HOLD, words("side hip", "level pelvis", "hip hold")),
          Map.entry(ScreenTest.OVERHEAD_REACH, words("overhead")),
          Map.entry(ScreenTest.HOP_HOLD, words("hop")),
          Map.entry(ScreenTest.TILT_CONTROL, words("tilt")),
          Map.entry(ScreenTest.HINGE_CONTACT, words("hinge", "hinge contact")),
          Map.entry(ScreenTest.PELVIS_UNDER_CHEST, words("under chest", "pelvis under")),
          Map.entry(ScreenTest.GLUTE_SWITCH, words("glute", "seat muscles")),
          Map.entry(ScreenTest.SQUAT_DEPTH, words("squat")),
          Map.entry(ScreenTest.REACH_DOWN, words("reach down")),
          Map.entry(ScreenTest.KNEE_TRACK, words("knee track")));

  private TargetGuess() {}

  private static List<List<String>> words(String... phrases) {
    return Arrays.stream(phrases).map(p -> List.of(p.split(" "))).toList();
  }

  /** The words of a head, its signs and capitals aside. */
  static Set<String> wordsOf(String head) {
    return new LinkedHashSet<>(
        List.of(head.toLowerCase(Locale.ROOT).strip().split("[^\\p{L}\\p{N}]+")));
  }

  /** The side of a word; empty when it tells none, or both. */
  static Optional<Side> side(String head) {
    Set<String> words = wordsOf(head);
    boolean left = words.stream().anyMatch(LEFT::contains);
    boolean right = words.stream().anyMatch(RIGHT::contains);
    return left == right ? Optional.empty() : Optional.of(left ? Side.LEFT : Side.RIGHT);
  }

  /** The part of a word. */
  static Optional<Part> part(String head) {
    List<Part> parts =
        wordsOf(head).stream().filter(PARTS::containsKey).map(PARTS::get).distinct().toList();
    return parts.size() == 1 ? Optional.of(parts.get(0)) : Optional.empty();
  }

  /**
   * What a head stands for; empty when its words do not tell one test, or leave a part open.
   *
   * @param sideNeeded whether a sided test without a side is no answer
   */
  static Optional<Target> of(String head, boolean sideNeeded) {
    Optional<Target> exact = Target.parse(head.strip().toLowerCase(Locale.ROOT).replace('.', ' '));
    if (exact.isPresent() && (exact.get().side().isPresent() || !sideNeeded)) {
      return exact;
    }
    Optional<ScreenTest> test = test(wordsOf(head));
    if (test.isEmpty()) {
      return Optional.empty();
    }
    Optional<Side> side = test.get().sided() ? side(head) : Optional.empty();
    if (sideNeeded && test.get().sided() && side.isEmpty()) {
      return Optional.empty();
    }
    Target target = new Target(test.get(), side, part(head).filter(test.get()::hasPart));
    return Target.words().contains(target) ? Optional.of(target) : Optional.empty();
  }

  /** The test most words speak for, when it is one alone. */
  private static Optional<ScreenTest> test(Set<String> head) {
    int most = 0;
    List<ScreenTest> best = new ArrayList<>();
    for (Map.Entry<ScreenTest, List<List<String>>> test : TESTS.entrySet()) {
      int spoken =
          test.getValue().stream().filter(head::containsAll).mapToInt(List::size).max().orElse(0);
      if (spoken > most) {
        most = spoken;
        best.clear();
      }
      if (spoken > 0 && spoken == most) {
        best.add(test.getKey());
      }
    }
    return best.size() == 1 ? Optional.of(best.get(0)) : Optional.empty();
  }
}
