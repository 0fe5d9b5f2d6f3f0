/** Two people at once: what one would cover of the other's is shown to them both ways. */
@NullMarked
package loosehip.app.clash;

import org.jspecify.annotations.NullMarked;
