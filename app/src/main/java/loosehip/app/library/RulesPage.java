package loosehip.app.library;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.core.link.Fault;
import loosehip.core.link.Strength;

/**
 * The rule book, ready to be shown.
 *
 * @param edition of the shipped one
 * @param faults every fault with its causes
 */
public record RulesPage(int edition, List<FaultRules> faults) {

  /** A fault with its causes. */
  public record FaultRules(Fault fault, List<Rule> rules) {}

  /** A strength that can be chosen. */
  public record StrengthOption(String id, boolean chosen) {}

  /**
   * One cause of one fault.
   *
   * @param prior in force, or as typed and refused
   * @param strength what its test says; empty for a cause without one
   * @param shipped the shipped weight, in words
   * @param own whether the practice set its own
   * @param history who set what, the newest first
   * @param problem why a typed one was not kept, in words; empty when nothing was refused
   */
  public record Rule(
      String fault,
      String key,
      String title,
      String family,
      String prior,
      Optional<Strength> strength,
      String shipped,
      boolean own,
      List<String> history,
      String problem) {
    Rule typed(String typed, String why) {
      return new Rule(fault, key, title, family, typed, strength, shipped, own, history, why);
    }

    /** Its id on the page. */
    public String id() {
      return fault + "-" + key;
    }

    /** What it is searched by. */
    public String words() {
      return title.toLowerCase(Locale.ROOT) + " " + family + " " + fault;
    }

    /** What its test can say; empty for a cause without one. */
    public List<StrengthOption> strengths() {
      return strength
          .map(
              now ->
                  Arrays.stream(Strength.values())
                      .map(s -> new StrengthOption(s.id(), s == now))
                      .toList())
          .orElse(List.of());
    }
  }
}
