/** Exercises as they are told to golfers: the shipped words, and the practice's own exercises. */
@NullMarked
package loosehip.app.exercise;

import org.jspecify.annotations.NullMarked;
