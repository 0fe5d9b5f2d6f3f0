/** The pivot page: what this body can pay for as it stands, and as tried. */
@NullMarked
package loosehip.app.pivot;

import org.jspecify.annotations.NullMarked;
