/** One page for the swing instructor: what this body can do, and what to leave for now. */
@NullMarked
package loosehip.app.handover;

import org.jspecify.annotations.NullMarked;
