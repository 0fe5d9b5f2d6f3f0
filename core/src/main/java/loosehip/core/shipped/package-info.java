/** The plain-text rules, exercises and words that ship beside the code. */
@NullMarked
package loosehip.core.shipped;

import org.jspecify.annotations.NullMarked;
