/** Fourth station: the pivot by eye, slow rehearsal and habits. */
@NullMarked
package loosehip.app.swing;

import org.jspecify.annotations.NullMarked;
