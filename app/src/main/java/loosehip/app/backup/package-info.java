/** Backups: made, looked at, brought back. */
@NullMarked
package loosehip.app.backup;

import org.jspecify.annotations.NullMarked;
