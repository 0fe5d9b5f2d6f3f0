/** Devices that stream an angle; the one shipped is simulated and says so. */
@NullMarked
package loosehip.app.device;

import org.jspecify.annotations.NullMarked;
