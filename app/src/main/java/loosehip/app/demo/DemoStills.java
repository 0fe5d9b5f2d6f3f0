package loosehip.app.demo;

import java.util.Arrays;
import java.util.Optional;
import loosehip.app.still.DrawnStill;
import loosehip.app.still.PosedFigure;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Stills;
import loosehip.core.body.Handed;
import loosehip.core.named.Named;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.StillView;
import org.springframework.stereotype.Component;

/** Made-up stills of the demo, drawn from joint angles. */
@Component
class DemoStills {
  private final Stills stills;

  DemoStills(Stills stills) {
    this.stills = stills;
  }

  /**
   * Draws and keeps a still as a line of the demo says it: view, moment, then the numbers of {@link
   * PosedFigure.Behind} or {@link PosedFigure.Front} in their order.
   */
  void keep(GolferFile file, Account by, Handed handed, String text) {
    String[] words = text.split(" ");
    StillView view = Named.require(StillView.class, words[0]);
    Checkpoint at = Named.require(Checkpoint.class, words[1]);
    double[] n = Arrays.stream(words).skip(2).mapToDouble(Double::parseDouble).toArray();
    DrawnStill drawn = drawn(view, handed, n, text.hashCode());
    stills
        .add(
            file,
            by,
            new Stills.New(
                view,
                at,
                "clip",
                Optional.of(at.ordinal() * 0.4),
                drawn.picture().jpeg(),
                drawn.picture().smaller(Stills.LISTED_SIDE_MOST).jpeg(),
                drawn.picture().width(),
                drawn.picture().height()))
        .ifPresent(id -> stills.mark(file, id, drawn.marks()));
  }

  private static DrawnStill drawn(StillView view, Handed handed, double[] n, long seed) {
    return view == StillView.DOWN_THE_LINE
        ? DrawnStill.of(
            new PosedFigure.Behind(n[0], n[1], n[2], n[3], n[4], n[5], n[6], (int) n[7]),
            handed,
            seed)
        : DrawnStill.of(
            new PosedFigure.Front(n[0], n[1], n[2], n[3], n[4], n[5], n[6], n[7], (int) n[8]),
            handed,
            seed);
  }
}
