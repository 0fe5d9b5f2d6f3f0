/**
 * Screen tests, their readings, bands and error: what was measured, how well, and what golf demands
 * of it.
 */
@NullMarked
package loosehip.core.measure;

import org.jspecify.annotations.NullMarked;
