/** The open case file: reading, writing, checking, and the assess command. */
@NullMarked
package loosehip.app.casefile;

import org.jspecify.annotations.NullMarked;
