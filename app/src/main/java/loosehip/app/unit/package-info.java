/** The units a practice enters and reads; what is kept is in one unit whatever they are. */
@NullMarked
package loosehip.app.unit;

import org.jspecify.annotations.NullMarked;
