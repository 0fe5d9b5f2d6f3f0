/** A spreadsheet of one's own: its columns matched, then checked and taken as readings are. */
@NullMarked
package loosehip.app.table;

import org.jspecify.annotations.NullMarked;
