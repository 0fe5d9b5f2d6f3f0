/**
 * What a practice says of itself: units and paper, its room, its words of consent, its first hour.
 */
@NullMarked
package loosehip.app.practice;

import org.jspecify.annotations.NullMarked;
