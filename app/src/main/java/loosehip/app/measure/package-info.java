/** Second station: screen tests, one at a time, try by try. */
@NullMarked
package loosehip.app.measure;

import org.jspecify.annotations.NullMarked;
