/** From what is seen to why: limits, faults, the rule book and the evidence sum. */
@NullMarked
package loosehip.core.link;

import org.jspecify.annotations.NullMarked;
