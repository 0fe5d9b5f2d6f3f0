/** The floor angle tool: the practice's bag, the best three clubs, tape marks, the template. */
@NullMarked
package loosehip.app.floor;

import org.jspecify.annotations.NullMarked;
