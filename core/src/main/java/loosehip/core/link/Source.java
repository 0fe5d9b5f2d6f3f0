package loosehip.core.link;

import java.util.Optional;
import loosehip.core.body.Leg;
import loosehip.core.limit.Limit;

/** What a cause is: a limit of the body, a set-up fault, a habit, or another fault followed. */
public sealed interface Source permits Source.OfLimit, Habit, Fault {

  /** The id of what is named. */
  String id();

  /** The name shown. */
  String title();

  /** Which family it belongs to. */
  Family family();

  /** The leg it concerns, if one. */
  default Optional<Leg> leg() {
    return Optional.empty();
  }

  /** A limit of the body, which tests can find. */
  record OfLimit(Limit limit) implements Source {
    @Override
    public String id() {
      return limit.kind().id();
    }

    @Override
    public String title() {
      return limit.title();
    }

    @Override
    public Family family() {
      return Family.BODY;
    }

    @Override
    public Optional<Leg> leg() {
      return limit.concerns();
    }
  }
}
