/** The golfer's sheet, printed and as PDF. */
@NullMarked
package loosehip.app.sheet;

import org.jspecify.annotations.NullMarked;
