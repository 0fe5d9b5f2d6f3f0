/**
 * Answering phones in the same room: a second, encrypted port on the local network, with a key made
 * on the spot.
 */
@NullMarked
package loosehip.app.lan;

import org.jspecify.annotations.NullMarked;
