/** Saves one noted fact at a time, for every station. */
@NullMarked
package loosehip.app.note;

import org.jspecify.annotations.NullMarked;
