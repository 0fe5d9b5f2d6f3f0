package loosehip.app.links;

import loosehip.core.link.CauseChance;
import loosehip.core.link.Factor;

/** The one finding of a cause that fits under its name. */
final class ThreadWords {
  private ThreadWords() {}

  static String finding(CauseChance chance) {
    return chance.factors().stream()
        .map(Factor::words)
        .filter(words -> !words.startsWith("seen slight"))
        .findFirst()
        .map(words -> shortened(chance, words))
        .orElse("");
  }

  /** Under a body cause only the number and its band; the list below names the test. */
  private static String shortened(CauseChance chance, String words) {
    return switch (chance.cause().family()) {
      case BODY -> words.replaceAll("^[^0-9]*(?=[0-9])", "").replaceAll("^[^0-9]*: ", "");
      case SETUP -> words.replace("set-up: ", "seen, ");
      default -> words;
    };
  }
}
