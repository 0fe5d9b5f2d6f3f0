/**
 * The golfer's own page on a phone: the plan in their hand, the player, and the log it sends. A
 * link opens it; nobody signs in.
 */
@NullMarked
package loosehip.app.phone;

import org.jspecify.annotations.NullMarked;
