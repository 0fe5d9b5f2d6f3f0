package loosehip.app.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The folder everything is kept in: for its owner's eyes alone, held by one running copy at a time.
 * What was being uploaded when a copy was killed is gone at the next start.
 */
public final class DataFolder implements AutoCloseable {
  /** The name of the data base in it. */
  public static final String DATABASE = "loose-hip.db";

  private static final String LOCK = "in-use.lock";
  private static final String UPLOADS = "uploads";
  private static final String READ_ME = "READ-ME.txt";
  private static final Set<PosixFilePermission> FOLDER =
      PosixFilePermissions.fromString("rwx------");
  private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
  private static final String SAYS =
      """
      Everything Loose Hip keeps lies in this folder: health data of real people.

      Do not copy loose-hip.db by itself while Loose Hip runs: what was saved last lies beside it, in
      loose-hip.db-wal, and would be missing from the copy. Make a backup instead, whether it runs or
      not, and keep it somewhere else than on this machine:

          ./loose-hip backup --to FOLDER

      and bring one back, after a look at what is in it, with

          ./loose-hip restore FILE --dry-run
          ./loose-hip restore FILE
      """;

  private final Path home;
  private final FileChannel channel;
  private final FileLock lock;

  private DataFolder(Path home, FileChannel channel, FileLock lock) {
    this.home = home;
    this.channel = channel;
    this.lock = lock;
  }

  /**
   * Makes the folder where there is none, shuts it to others, and holds it.
   *
   * @throws Refused when another copy holds it, or it cannot be written to
   */
  public static DataFolder hold(Path home) {
    try {
      Files.createDirectories(home);
      shut(home, FOLDER);
      FileChannel channel =
          FileChannel.open(home.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      FileLock lock = held(channel);
      if (lock == null) {
        channel.close();
        throw new Refused(
            "Another copy of Loose Hip is using " + home,
            "Use that one, or stop it first. Two copies on one folder would spoil each other's work.");
      }
      DataFolder folder = new DataFolder(home, channel, lock);
      folder.clearUploads();
      Files.writeString(home.resolve(READ_ME), SAYS);
      folder.shutAll();
      return folder;
    } catch (IOException e) {
      throw new Refused(
          "The data folder " + home + " cannot be made or written to",
          "Check that it belongs to you and that the disk has room, or name another one in"
              + " LOOSE_HIP_HOME.");
    }
  }

  private static FileLock held(FileChannel channel) throws IOException {
    try {
      return channel.tryLock();
    } catch (OverlappingFileLockException inThisProcess) {
      return null;
    }
  }

  /** Why a folder is not worked on, and what to do. */
  public static final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final String whatToDo;

    Refused(String why, String whatToDo) {
      super(why);
      this.whatToDo = whatToDo;
    }

    /** What to do about it. */
    public String whatToDo() {
      return whatToDo;
    }
  }

  /** Where the data base lies; made with nothing in it where there is none, for its owner alone. */
  Path database() {
    Path file = home.resolve(DATABASE);
    try {
      if (Files.notExists(file)) {
        Files.createFile(file);
      }
      shut(file, FILE);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return file;
  }

  /** Where what is brought waits until it is read. */
  public Path uploads() {
    return home.resolve(UPLOADS);
  }

  private void clearUploads() throws IOException {
    Path uploads = uploads();
    if (Files.exists(uploads)) {
      try (Stream<Path> left = Files.walk(uploads)) {
        for (Path file : left.sorted(Comparator.reverseOrder()).toList()) {
          Files.deleteIfExists(file);
        }
      }
    }
    Files.createDirectories(uploads);
    shut(uploads, FOLDER);
  }

  /** Whatever lies in it from earlier is shut to others as well. */
  private void shutAll() throws IOException {
    List<Path> all;
    try (Stream<Path> files = Files.walk(home)) {
      all = files.toList();
    }
    for (Path file : all) {
      shut(file, Files.isDirectory(file) ? FOLDER : FILE);
    }
  }

  /** Does nothing where the file system knows no owners. */
  private static void shut(Path path, Set<PosixFilePermission> to) throws IOException {
    if (path.getFileSystem().supportedFileAttributeViews().contains("posix")) {
      Files.setPosixFilePermissions(path, to);
    }
  }

  @Override
  public void close() {
    try {
      lock.release();
      channel.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
