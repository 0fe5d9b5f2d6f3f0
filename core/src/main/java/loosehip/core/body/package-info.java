/**
 * Sides, legs and angles: the words every other room speaks in. Sides are anatomical; rules speak
 * of trail and lead, and {@link loosehip.core.body.Handed} maps one to the other.
 */
@NullMarked
package loosehip.core.body;

import org.jspecify.annotations.NullMarked;
