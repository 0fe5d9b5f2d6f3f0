/**
 * Every address of a golfer is a door. It says what goes through it, and the guard of the core is
 * asked before it opens.
 */
@NullMarked
package loosehip.app.door;

import org.jspecify.annotations.NullMarked;
