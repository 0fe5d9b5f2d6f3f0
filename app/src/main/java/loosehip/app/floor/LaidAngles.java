package loosehip.app.floor;

import java.util.List;
import java.util.Optional;
import loosehip.app.store.Account;
import loosehip.core.floor.Shaft;
import loosehip.core.floor.Triple;
import org.springframework.stereotype.Component;

/** The floor angles a golfer may reach: the edges of the whole-leg bands (domain/02). */
@Component
public class LaidAngles {
  private static final List<Integer> WANTED = List.of(45, 60);
  private static final double TENTH = 10;

  private final Bags bags;

  LaidAngles(Bags bags) {
    this.bags = bags;
  }

  /** The angles, each as the practice's bag makes it best; paper or tape where it has no three. */
  public List<LaidAngle> of(Account account) {
    List<Shaft> bag = bags.of(account).stream().map(Bags.InBag::shaft).toList();
    return WANTED.stream().map(wanted -> laid(wanted, Triple.best(bag, wanted))).toList();
  }

  /** The angle an entry names, or empty when it names none. */
  public Optional<LaidAngle> find(Account account, String wanted) {
    return wanted.isBlank()
        ? Optional.empty()
        : of(account).stream().filter(a -> String.valueOf(a.wanted()).equals(wanted)).findFirst();
  }

  private static LaidAngle laid(int wanted, Optional<Triple> triple) {
    return triple
        .map(
            t ->
                new LaidAngle(
                    wanted,
                    Math.round(t.degrees() * TENTH) / TENTH,
                    t.one().name()
                        + " and "
                        + t.other().name()
                        + ", "
                        + t.closing().name()
                        + " across"))
        .orElseGet(() -> new LaidAngle(wanted, wanted, "paper or tape"));
  }
}
