/** Swings made by a small model, for devices that stand in for real ones. */
@NullMarked
package loosehip.core.played;

import org.jspecify.annotations.NullMarked;
