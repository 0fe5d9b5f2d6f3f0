/** Who is seen now, due, waiting or quiet; find and add a golfer. */
@NullMarked
package loosehip.app.today;

import org.jspecify.annotations.NullMarked;
