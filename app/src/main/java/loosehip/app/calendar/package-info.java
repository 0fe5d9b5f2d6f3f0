/** The plan as a calendar file. */
@NullMarked
package loosehip.app.calendar;

import org.jspecify.annotations.NullMarked;
