/**
 * What everything with an id shares: it says its id and is found by it, in one way for all of them.
 */
@NullMarked
package loosehip.core.named;

import org.jspecify.annotations.NullMarked;
