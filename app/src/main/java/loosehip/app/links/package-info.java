/** Fifth station: from what is seen to why. */
@NullMarked
package loosehip.app.links;

import org.jspecify.annotations.NullMarked;
