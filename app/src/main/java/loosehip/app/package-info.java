/** Loose Hip's application: stations on top of the core. */
@NullMarked
package loosehip.app;

import org.jspecify.annotations.NullMarked;
