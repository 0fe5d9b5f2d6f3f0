/** Sixth station: the block and its reasons. */
@NullMarked
package loosehip.app.plan;

import org.jspecify.annotations.NullMarked;
