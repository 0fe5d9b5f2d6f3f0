package loosehip.app.links;

import loosehip.core.link.Cause;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Factor;

/** The one finding of a cause that fits under its name. */
final class ThreadWords {
  private ThreadWords() {}

  static String finding(CauseChance chance) {
    return chance.factors().stream()
        .map(Factor::words)
        .filter(w -> !w.startsWith("seen slight"))
        .findFirst()
        .map(
            w ->
                chance.cause().family() == Cause.Family.HABIT ? w : w.replace("set-up: ", "seen, "))
        .orElse("");
  }
}
