/** The picture of the hips from above, as geometry. */
@NullMarked
package loosehip.app.planview;

import org.jspecify.annotations.NullMarked;
