/** Seventh station: what will follow the homework. */
@NullMarked
package loosehip.app.follow;

import org.jspecify.annotations.NullMarked;
