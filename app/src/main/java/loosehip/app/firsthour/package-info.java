/** The first hour of a new practice: from the one-time link to the first printed plan. */
@NullMarked
package loosehip.app.firsthour;

import org.jspecify.annotations.NullMarked;
