/** Keeps golfers, visits, readings and notes. Only this room knows tables. */
@NullMarked
package loosehip.app.store;

import org.jspecify.annotations.NullMarked;
