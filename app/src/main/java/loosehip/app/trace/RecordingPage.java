package loosehip.app.trace;

import java.util.List;
import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.trace.RecordingKind;

/**
 * The recordings of a golfer, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param shown those of this visit, the newest first, then earlier ones
 * @param held how many this visit holds
 * @param most how many it can hold
 * @param closed whether the visit is closed
 * @param swings what a simulated device can play
 */
record RecordingPage(
    String golfer,
    List<Line> shown,
    int held,
    int most,
    boolean closed,
    List<? extends Named> swings) {
  /** Whether nothing more can be brought. */
  public boolean full() {
    return held >= most;
  }

  /** A recording as it is listed. */
  record Line(
      String id, RecordingKind kind, String name, String day, boolean now, boolean played) {}

  /**
   * One recording.
   *
   * @param golfer the golfer's id
   * @param id its id
   * @param kind what it follows
   * @param name of its file
   * @param from where and when it comes from
   * @param problems why it cannot be read
   * @param asksUnit whether somebody must say its unit
   * @param said what it was said to be written in; empty when nobody said
   * @param mind what to keep in mind reading it
   * @param movement the plot of a movement, for a desk and for a phone
   * @param pressure the plot of the weight
   * @param others what can be laid over it
   * @param with which one is
   * @param panel what it says
   */
  record One(
      String golfer,
      String id,
      RecordingKind kind,
      String name,
      String from,
      List<String> problems,
      boolean asksUnit,
      String said,
      List<String> mind,
      List<MovementPlot> movement,
      Optional<PressurePlot> pressure,
      List<Line> others,
      String with,
      Panel panel) {}

  /**
   * What a recording says.
   *
   * @param figures in their order
   * @param findings what it suggests
   * @param asked what would take the place of something
   * @param order what a wrong order of return means for this golfer; empty when it is right
   * @param into where what it gives goes, in words
   * @param takes how much there is to take
   * @param done whether all of it stands where it belongs
   * @param table moments and values for those who do not see the plot
   * @param columns heads of that table
   */
  record Panel(
      List<Figure> figures,
      List<Found> findings,
      List<Asked> asked,
      String order,
      String into,
      int takes,
      boolean done,
      List<List<String>> table,
      List<String> columns) {}

  /** A figure: its name, its value, what is right, whether it is; empty when nothing says so. */
  record Figure(String title, String value, String then, String right, Optional<Boolean> inside) {
    private static final int LONG = 24;

    /** How it is styled. */
    public String style() {
      String kind = inside.map(in -> in ? "is-right" : "is-off").orElse("");
      return value.length() > LONG ? kind + " is-long" : kind;
    }
  }

  /** What is suggested, and why. */
  record Found(String title, String level, String because) {}

  /** Something that stands otherwise already. */
  record Asked(String id, String title, String gives, String instead) {}
}
