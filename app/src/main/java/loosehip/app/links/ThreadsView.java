package loosehip.app.links;

import java.util.List;

/**
 * Causes on the left, faults in the middle, complaints on the right, tied by threads.
 *
 * @param height of the picture, in its own units; the width is 760
 * @param nodes what is tied
 * @param threads the ties, thickness by chance
 */
public record ThreadsView(int height, List<Node> nodes, List<Thread> threads) {

  /** A name with a line under it; {@code kind} is cause, fault or complaint. */
  public record Node(
      String kind, String leg, String title, String sub, int x, int y, String anchor) {}

  /** A tie: its path, thickness, colour class, whether it is not measured, and its words. */
  public record Thread(String path, double width, String style, boolean open, String words) {}
}
