/**
 * A practice's own record: what its closed blocks gained, whether its verdicts were borne out, and
 * what weights they would suggest. From its own blocks alone, never from others' (domain/09).
 */
@NullMarked
package loosehip.core.record;

import org.jspecify.annotations.NullMarked;
