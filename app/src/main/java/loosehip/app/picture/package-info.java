/** Pictures brought in: looked at before they are read, and made anew without what came along. */
@NullMarked
package loosehip.app.picture;

import org.jspecify.annotations.NullMarked;
