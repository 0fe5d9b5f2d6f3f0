package loosehip.app.store;

import java.util.Set;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** There is no room to write; what was being written was not, and what stood before stands. */
public final class DiskFull extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** What SQLite answers where there is no room, by the part it was about to write. */
  private static final Set<SQLiteErrorCode> NO_ROOM =
      Set.of(
          SQLiteErrorCode.SQLITE_FULL,
          SQLiteErrorCode.SQLITE_IOERR_WRITE,
          SQLiteErrorCode.SQLITE_IOERR_SHMSIZE,
          SQLiteErrorCode.SQLITE_IOERR_TRUNCATE);

  private DiskFull(Throwable cause) {
    super("no room to write", cause);
  }

  /** The same, told as what it is where it is that. */
  static RuntimeException told(RuntimeException failed) {
    for (Throwable at = failed; at != null; at = at.getCause()) {
      if (at instanceof SQLiteException sqlite && NO_ROOM.contains(sqlite.getResultCode())) {
        return new DiskFull(failed);
      }
    }
    return failed;
  }
}
