/** Speed of the core, measured with JMH. */
@NullMarked
package loosehip.bench;

import org.jspecify.annotations.NullMarked;
