/** The people of a practice, and one's own password. */
@NullMarked
package loosehip.app.people;

import org.jspecify.annotations.NullMarked;
