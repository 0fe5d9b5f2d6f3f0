/** Recordings of a swing: files in, what they say, plots, and into Set-up and Swing. */
@NullMarked
package loosehip.app.trace;

import org.jspecify.annotations.NullMarked;
