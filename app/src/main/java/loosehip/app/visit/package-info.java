/** Visits of a golfer: history, open and closed, two of them side by side. */
@NullMarked
package loosehip.app.visit;

import org.jspecify.annotations.NullMarked;
