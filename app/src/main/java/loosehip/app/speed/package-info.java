/** The bench: what the application takes with ten years of clinic days in its data base. */
@NullMarked
package loosehip.app.speed;

import org.jspecify.annotations.NullMarked;
