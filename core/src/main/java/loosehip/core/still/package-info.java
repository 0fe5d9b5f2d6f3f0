/** Stills: what landmarks on a picture say of a golfer, and how surely. */
@NullMarked
package loosehip.core.still;

import org.jspecify.annotations.NullMarked;
