/**
 * What moved over the visits: every range with its ruler, the margins of the budget, the help from
 * the set-up going again, adherence and outcomes; the retest, change by change.
 */
@NullMarked
package loosehip.app.progress;

import org.jspecify.annotations.NullMarked;
