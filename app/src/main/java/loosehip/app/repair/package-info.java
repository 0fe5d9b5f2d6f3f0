/** What puts a set-up fault right: its check, its cue, its routine. */
@NullMarked
package loosehip.app.repair;

import org.jspecify.annotations.NullMarked;
