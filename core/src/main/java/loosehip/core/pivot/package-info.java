/**
 * The turn budget: capacity of the hips against the demand of a school of pivot, with its
 * uncertainty.
 */
@NullMarked
package loosehip.core.pivot;

import org.jspecify.annotations.NullMarked;
