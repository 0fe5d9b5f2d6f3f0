/**
 * What the practice works by: tests with their edges and scatter, and where each number comes from.
 */
@NullMarked
package loosehip.app.library;

import org.jspecify.annotations.NullMarked;
