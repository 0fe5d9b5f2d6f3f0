/** Warning signs, cautions and what they block. Nothing here diagnoses. */
@NullMarked
package loosehip.core.safety;

import org.jspecify.annotations.NullMarked;
