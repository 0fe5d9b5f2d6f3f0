package loosehip.app.progress;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import loosehip.app.golfer.Workup;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Visits;
import loosehip.core.pivot.Hips;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.TurnBudget;
import org.springframework.stereotype.Component;

/** A golfer at every visit that measured something, each judged as it left them. */
@Component
public class Moments {
  private static final int VISITS_MOST = 24;

  private final Visits visits;
  private final GolferFiles files;

  Moments(Visits visits, GolferFiles files) {
    this.visits = visits;
    this.files = files;
  }

  /** The golfer at each of the newest visits, the oldest first. */
  public List<Workup> of(Workup now) {
    List<Workup> moments = new ArrayList<>();
    for (Visits.Past past : visits.history(now.file().id())) {
      if (past.slots() > 0 && moments.size() < VISITS_MOST) {
        files.visit(now.file().id(), past.id()).map(now::asAt).ifPresent(moments::add);
      }
    }
    Collections.reverse(moments);
    return moments;
  }

  /**
   * The turn budget by the ranges of a visit with the set-up as it stands now, so that what ranges
   * bought is not mixed with what the set-up lends.
   */
  static TurnBudget budget(Workup at, Workup now) {
    Setup setup = now.golfer().setup();
    return TurnBudget.of(
        now.golfer().school(),
        setup,
        Hips.of(at.golfer().body(), now.golfer().practice().coefficients(), setup));
  }

  /** The visit in hand as an earlier one would be. */
  static GolferFile.EarlierVisit inHand(Workup now) {
    return new GolferFile.EarlierVisit(
        now.file().visitId(), now.file().visitOn(), now.file().facts(), now.file().tries());
  }
}
