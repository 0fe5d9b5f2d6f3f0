/**
 * Facts that can be noted about a golfer: each defined once, with its key, its scope, its station,
 * the words undo calls it by, and how its value is checked, read and written.
 */
@NullMarked
package loosehip.app.fact;

import org.jspecify.annotations.NullMarked;
