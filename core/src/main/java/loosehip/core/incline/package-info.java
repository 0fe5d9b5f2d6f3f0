/** Angles out of how a phone lies: which axis, from which zero, held how still. */
@NullMarked
package loosehip.core.incline;

import org.jspecify.annotations.NullMarked;
