package loosehip.app.frame;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import loosehip.app.planview.HipGlyph;
import loosehip.app.planview.PlanView;

/**
 * What surrounds every station.
 *
 * @param practice the practice's name
 * @param signedIn who is signed in
 * @param owner whether they own the practice
 * @param helper whether they measure and log, and no more
 * @param demo whether this copy runs on demo data
 * @param drawnAt when the page was drawn
 * @param golfer the golfer in hand; empty on pages without one
 */
public record FrameView(
    String practice,
    String signedIn,
    boolean owner,
    boolean helper,
    boolean demo,
    Instant drawnAt,
    Optional<GolferBar> golfer) {

  /**
   * The golfer in hand.
   *
   * @param id their id
   * @param name their name
   * @param who age and hand in words
   * @param glyph four arcs
   * @param cautions the strip: what must be respected; empty when nothing
   * @param refer whether everything waits for a clinician
   * @param stations the seven, in order
   * @param planView the hips from above; empty on refer
   * @param undo what undo would take back
   * @param others who else has this golfer open
   * @param colleagues who may go on with this golfer
   * @param withdrawn that consent was withdrawn, when and before whom; empty when it was not
   */
  public record GolferBar(
      String id,
      String name,
      String who,
      HipGlyph glyph,
      List<CautionWord> cautions,
      boolean refer,
      List<StationTab> stations,
      Optional<PlanView> planView,
      Optional<Undo> undo,
      List<String> others,
      List<Colleague> colleagues,
      Optional<String> withdrawn) {}

  /** What undo would take back, and the station it was done at. */
  public record Undo(String what, String where) {
    /** Both. */
    public String said() {
      return what + ", " + where;
    }
  }

  /** Somebody else of the practice, who may go on with a golfer. */
  public record Colleague(String id, String name) {}

  /** A caution: what it is, and what follows from it. */
  public record CautionWord(String what, String follows) {}

  /** One of the seven stations with its state. */
  public record StationTab(int number, String id, String title, String state, boolean here) {}
}
