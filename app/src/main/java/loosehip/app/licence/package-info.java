/** What ships with the program, and under which licences. */
@NullMarked
package loosehip.app.licence;

import org.jspecify.annotations.NullMarked;
