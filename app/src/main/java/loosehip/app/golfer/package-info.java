/** One golfer as the stations see them: the stored facts as a case for the core. */
@NullMarked
package loosehip.app.golfer;

import org.jspecify.annotations.NullMarked;
