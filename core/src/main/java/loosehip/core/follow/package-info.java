/** What a golfer did of a plan, and what follows from it: move up, hold, step back, stop. */
@NullMarked
package loosehip.core.follow;

import org.jspecify.annotations.NullMarked;
