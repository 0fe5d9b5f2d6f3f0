/**
 * What a practice can hand to a researcher: no names, no dates, and no group too small to hide in.
 */
@NullMarked
package loosehip.app.research;

import org.jspecify.annotations.NullMarked;
