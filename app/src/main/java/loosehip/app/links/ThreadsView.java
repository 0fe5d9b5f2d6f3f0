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

  /**
   * A name with a line under it.
   *
   * @param key what threads name it by
   * @param kind cause, fault or complaint
   * @param leg trail, lead or empty
   */
  public record Node(
      String key, String kind, String leg, String title, String sub, int x, int y, String anchor) {}

  /**
   * A tie.
   *
   * @param from key of the node on its left
   * @param to key of the node on its right
   * @param opens where its sum stands, as an anchor on the page
   * @param open whether it is not measured
   */
  public record Thread(
      String from,
      String to,
      String opens,
      String path,
      double width,
      String style,
      boolean open,
      String words) {}
}
