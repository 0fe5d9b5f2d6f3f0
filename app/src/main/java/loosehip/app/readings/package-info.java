/** Readings in and out as CSV: checked row by row, taken on confirmation, undone as one step. */
@NullMarked
package loosehip.app.readings;

import org.jspecify.annotations.NullMarked;
