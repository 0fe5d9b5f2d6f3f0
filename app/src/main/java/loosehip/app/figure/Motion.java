package loosehip.app.figure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A movement between two drawn positions, as a few frames worked out from the joint angles, so that
 * limbs turn about their joints and keep their lengths. Between two frames a page may draw straight
 * lines: a limb that turns by less than a right angle is then shorter by less than a fiftieth.
 *
 * @param still lines that stay where they are
 * @param frames the lines that move, alike in number and order in every frame
 */
public record Motion(List<Stroke> still, List<List<Stroke>> frames) {
  /** Frames of a movement, its two ends among them. */
  public static final int FRAMES = 4;

  private static final Set<String> ONLY_SHOWN_AT_REST =
      Set.of("arrow", "push", "mark", "ghostbar", "ref");

  private static final Set<String> LIMBS = Set.of("A", "B", "M", "O");

  /** What a body that does not say it has. */
  private static final Map<String, double[]> USUAL =
      Map.of(
          "trunk",
          new double[] {0},
          "hw",
          new double[] {0},
          "sw",
          new double[] {0},
          "tilt",
          new double[] {0},
          "bend",
          new double[] {0},
          "Mlen",
          new double[] {1},
          "Olen",
          new double[] {1},
          "Alen",
          new double[] {1},
          "at",
          new double[] {100, 104});

  /**
   * The movement from one position to another.
   *
   * @param fromPose a body as {@link Pose#parse} reads it; {@code -} for none
   * @param fromProps what stands around, by words; {@code -} for nothing
   * @return empty when the two do not show the same parts, or nothing moves between them
   */
  static Optional<Motion> between(
      String fromPose, String fromProps, String toPose, String toProps) {
    boolean bodies = !fromPose.equals("-");
    if (bodies == toPose.equals("-")) {
      return Optional.empty();
    }
    List<String[]> props = new ArrayList<>();
    List<Stroke> still = new ArrayList<>();
    List<String> from = moving(fromProps);
    List<String> to = moving(toProps);
    for (String word : to) {
      String kind = word.split("=")[0];
      Optional<String> other = from.stream().filter(w -> w.split("=")[0].equals(kind)).findFirst();
      other.ifPresent(from::remove);
      if (other.isEmpty() || word.equals(other.get())) {
        still.addAll(Prop.strokes(word));
      } else {
        props.add(new String[] {other.get(), word});
      }
    }
    if (!from.isEmpty()) {
      return Optional.empty();
    }
    if (!bodies && props.isEmpty()) {
      return Optional.empty();
    }
    List<List<Stroke>> frames = new ArrayList<>();
    for (int f = 0; f < FRAMES; f++) {
      double share = f / (FRAMES - 1.0);
      List<Stroke> frame = new ArrayList<>();
      props.forEach(p -> frame.addAll(Prop.strokes(mixed(p[0], p[1], share))));
      if (bodies) {
        frame.addAll(Pose.parse(posed(fromPose, toPose, share)).strokes(false));
      }
      frames.add(List.copyOf(frame));
    }
    return frames.get(0).equals(frames.get(FRAMES - 1))
        ? Optional.empty()
        : Optional.of(new Motion(List.copyOf(still), List.copyOf(frames)));
  }

  /** Whether a line of the drawing of the end moves. */
  public boolean moves(Stroke line) {
    return frames.get(FRAMES - 1).contains(line);
  }

  /** The moving lines of every frame but the last: paths parted by a bar, frames by a semicolon. */
  public String paths() {
    return String.join(";", frames.subList(0, FRAMES - 1).stream().map(Motion::joined).toList());
  }

  private static String joined(List<Stroke> lines) {
    return String.join("|", lines.stream().map(Stroke::shortPath).toList());
  }

  private static List<String> moving(String props) {
    List<String> words = new ArrayList<>();
    if (!props.isBlank() && !props.equals("-")) {
      for (String word : props.split("\\s+")) {
        if (!ONLY_SHOWN_AT_REST.contains(word.split("=")[0])) {
          words.add(word);
        }
      }
    }
    return words;
  }

  private static String posed(String from, String to, double share) {
    Map<String, double[]> a = told(from);
    Map<String, double[]> b = told(to);
    StringBuilder pose = new StringBuilder();
    Set<String> names = new TreeSet<>(a.keySet());
    names.addAll(b.keySet());
    // What the end does not show, the whole movement does not.
    names.removeIf(name -> LIMBS.contains(name) && !b.containsKey(name));
    for (String name : names) {
      double[] one = a.getOrDefault(name, standIn(name, a, b));
      double[] other = b.getOrDefault(name, standIn(name, b, a));
      pose.append(' ').append(name).append('=').append(numbers(one, other, share));
    }
    return pose.toString();
  }

  /** A limb not drawn lies behind the other one of its pair. */
  private static double[] standIn(
      String name, Map<String, double[]> own, Map<String, double[]> other) {
    double[] pair =
        switch (name) {
          case "B" -> own.get("A");
          case "O" -> own.get("M");
          case "A" -> own.get("B");
          case "neck" -> own.getOrDefault("trunk", new double[] {0});
          default -> USUAL.get(name);
        };
    return pair == null ? other.get(name) : pair;
  }

  private static Map<String, double[]> told(String pose) {
    Map<String, double[]> told = new HashMap<>();
    for (String word : pose.strip().split("\\s+")) {
      String[] halves = word.split("=");
      told.put(halves[0], parsed(halves[1]));
    }
    return told;
  }

  private static double[] parsed(String cells) {
    String[] words = cells.split(",");
    double[] numbers = new double[words.length];
    for (int i = 0; i < words.length; i++) {
      numbers[i] = Double.parseDouble(words[i]);
    }
    return numbers;
  }

  private static String mixed(String from, String to, double share) {
    String[] a = from.split("=");
    String[] b = to.split("=");
    return a[0] + "=" + numbers(parsed(a[1]), parsed(b[1]), share);
  }

  private static String numbers(double[] from, double[] to, double share) {
    StringBuilder cells = new StringBuilder();
    for (int i = 0; i < Math.min(from.length, to.length); i++) {
      cells
          .append(i == 0 ? "" : ",")
          .append(String.format(Locale.ROOT, "%.2f", from[i] + (to[i] - from[i]) * share));
    }
    return cells.toString();
  }
}
