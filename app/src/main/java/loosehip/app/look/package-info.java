/** Who looked: noted at every address that shows, hands out or changes, and shown to the owner. */
@NullMarked
package loosehip.app.look;

import org.jspecify.annotations.NullMarked;
