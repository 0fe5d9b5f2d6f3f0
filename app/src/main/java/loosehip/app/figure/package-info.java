/** Line drawings of bodies, generated from joint angles. */
@NullMarked
package loosehip.app.figure;

import org.jspecify.annotations.NullMarked;
