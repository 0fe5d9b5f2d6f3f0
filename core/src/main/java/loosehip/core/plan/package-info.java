/**
 * The prescription: exercises, ladders, doses, and the choice that fits minutes, tools and
 * cautions.
 */
@NullMarked
package loosehip.core.plan;

import org.jspecify.annotations.NullMarked;
