/** The practice's own record: what its closed blocks gained, and what they say of the weights. */
@NullMarked
package loosehip.app.record;

import org.jspecify.annotations.NullMarked;
