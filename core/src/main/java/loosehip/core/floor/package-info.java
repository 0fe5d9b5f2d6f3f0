/** The floor angle: shafts laid to a triangle, tape offsets, and a template at true scale. */
@NullMarked
package loosehip.core.floor;

import org.jspecify.annotations.NullMarked;
