/** A page for the clinician a golfer is sent to: what was measured and heard, and what is asked. */
@NullMarked
package loosehip.app.letter;

import org.jspecify.annotations.NullMarked;
