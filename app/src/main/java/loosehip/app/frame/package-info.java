/** The top bar, the seven stations and the keys that every page shares. */
@NullMarked
package loosehip.app.frame;

import org.jspecify.annotations.NullMarked;
