/** Stills: pictures brought in, landmarks placed on them, and the file of the still command. */
@NullMarked
package loosehip.app.still;

import org.jspecify.annotations.NullMarked;
