/** Facts as fields of a page. */
@NullMarked
package loosehip.app.field;

import org.jspecify.annotations.NullMarked;
