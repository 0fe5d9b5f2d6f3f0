/** Recordings of a swing: movement over time, and pressure under the feet. */
@NullMarked
package loosehip.core.trace;

import org.jspecify.annotations.NullMarked;
