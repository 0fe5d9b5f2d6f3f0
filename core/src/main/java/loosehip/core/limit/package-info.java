/**
 * Physical limits, and the body as it was screened: which limits stand, and how far each leg turns.
 */
@NullMarked
package loosehip.core.limit;

import org.jspecify.annotations.NullMarked;
