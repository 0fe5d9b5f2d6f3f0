package loosehip.core.casefile;

import loosehip.core.link.RuleBook;
import loosehip.core.pivot.Coefficients;
import loosehip.core.plan.Catalogue;

/**
 * What a practice judges by. Its own band edges stand with the screen.
 *
 * @param coefficients the figures of the turn budget in force
 * @param rules the rule book in force
 * @param catalogue the exercises and drills to choose from
 */
public record Practice(Coefficients coefficients, RuleBook rules, Catalogue catalogue) {
  /** Everything as shipped. */
  public static final Practice SHIPPED =
      new Practice(Coefficients.SHIPPED, RuleBook.standard(), Catalogue.standard());
}
