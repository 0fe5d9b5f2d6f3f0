/**
 * One golfer's screen in, the assessment out: the single entry that pages and the command line
 * share.
 */
@NullMarked
package loosehip.core.casefile;

import org.jspecify.annotations.NullMarked;
