package loosehip.app.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.document.Documents;
import loosehip.app.store.DataFolder;
import loosehip.app.store.Snapshot;
import net.lingala.zip4j.ZipFile;
import net.lingala.zip4j.exception.ZipException;
import net.lingala.zip4j.model.ZipParameters;
import net.lingala.zip4j.model.enums.AesKeyStrength;
import net.lingala.zip4j.model.enums.EncryptionMethod;
import tools.jackson.core.JacksonException;

/**
 * A backup is a zip with the whole data base as it stood at one moment and a line about it; with a
 * passphrase the zip is encrypted (AES-256). It is read again to its last byte before it counts.
 */
public final class Backup {
  private static final String MANIFEST = "backup.json";
  private static final String BEGINS = "loose-hip-";
  private static final String ENDS = ".zip";
  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);

  private Backup() {}

  /**
   * What a backup says of itself.
   *
   * @param format always {@code loose-hip-backup}
   * @param version of the format
   * @param madeAt when
   * @param contents what is in it
   * @param sha256 of the data base in it
   */
  public record About(
      String format, int version, Instant madeAt, Snapshot.Contents contents, String sha256) {}

  /** Why something was not made or not brought back, and what to do. */
  public static final class Failed extends Exception {
    private static final long serialVersionUID = 1L;

    Failed(String words) {
      super(words);
    }
  }

  /** A backup made: where, and what is in it. */
  public record Made(Path file, About about) {}

  /**
   * Makes a backup and reads it again.
   *
   * @param database what is backed up; it may be in use
   * @param to the folder it is put in; made for its owner alone where there is none
   * @param passphrase encrypts it; empty for none
   */
  public static Made make(Path database, Path to, Optional<char[]> passphrase, Clock clock)
      throws Failed {
    if (Files.notExists(database)) {
      throw new Failed("There is nothing to back up yet: no " + database + ".");
    }
    Path copy = null;
    Path zip = null;
    try {
      Files.createDirectories(to);
      Path work = Files.createTempDirectory(to, ".making");
      copy = work.resolve(DataFolder.DATABASE);
      zip = work.resolve("backup.zip");
      Snapshot.take(database, copy);
      if (passphrase.isEmpty()) {
        Snapshot.withoutLooks(copy);
      }
      Instant now = Instant.now(clock);
      About about = new About("loose-hip-backup", 1, now, Snapshot.look(copy), sha256(copy));
      write(zip, copy, about, passphrase);
      check(zip, about, passphrase);
      Path file = to.resolve(BEGINS + STAMP.format(now) + ENDS);
      owned(zip);
      Files.move(zip, file, StandardCopyOption.ATOMIC_MOVE);
      return new Made(file, about);
    } catch (SQLException e) {
      throw new Failed("The data base could not be copied whole. Nothing was made; try again.");
    } catch (IOException e) {
      throw new Failed(
          "The backup could not be written to "
              + to
              + ". Is there room, and does the folder belong"
              + " to you?");
    } finally {
      clear(copy, zip);
    }
  }

  private static void owned(Path file) throws IOException {
    if (file.getFileSystem().supportedFileAttributeViews().contains("posix")) {
      Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    }
  }

  private static void clear(Path copy, Path zip) {
    try {
      if (copy != null) {
        Files.deleteIfExists(copy);
        Files.deleteIfExists(zip);
        Files.deleteIfExists(copy.getParent());
      }
    } catch (IOException left) {
      // A folder that begins with a point is left behind; the next one does not mind.
    }
  }

  private static void write(Path zip, Path copy, About about, Optional<char[]> passphrase)
      throws IOException {
    try (ZipFile file = new ZipFile(zip.toFile(), passphrase.orElse(null))) {
      ZipParameters with = new ZipParameters();
      passphrase.ifPresent(
          p -> {
            with.setEncryptFiles(true);
            with.setEncryptionMethod(EncryptionMethod.AES);
            with.setAesKeyStrength(AesKeyStrength.KEY_STRENGTH_256);
          });
      file.addFile(copy.toFile(), with);
      ZipParameters said = new ZipParameters(with);
      said.setFileNameInZip(MANIFEST);
      byte[] json = Documents.INDENTED.writeValueAsBytes(about);
      file.addStream(new java.io.ByteArrayInputStream(json), said);
    }
  }

  private static void check(Path zip, About about, Optional<char[]> passphrase)
      throws IOException, Failed {
    Path again = zip.resolveSibling("again.db");
    try {
      extract(zip, again, passphrase);
      if (!sha256(again).equals(about.sha256())) {
        throw new Failed("The backup did not read back as it was written. Nothing was kept.");
      }
    } finally {
      Files.deleteIfExists(again);
    }
  }

  /** What a backup says of itself. */
  public static About about(Path zip, Optional<char[]> passphrase) throws Failed {
    try (ZipFile file = new ZipFile(zip.toFile(), passphrase.orElse(null))) {
      if (!file.isValidZipFile() || file.getFileHeader(MANIFEST) == null) {
        throw new Failed(zip + " is no backup of Loose Hip, or a damaged one.");
      }
      if (file.isEncrypted() && passphrase.isEmpty()) {
        throw new Failed("This backup is encrypted: give --passphrase-file FILE.");
      }
      try (InputStream in = file.getInputStream(file.getFileHeader(MANIFEST))) {
        return Documents.JSON.readValue(in.readAllBytes(), About.class);
      }
    } catch (ZipException e) {
      throw new Failed(
          e.getType() == ZipException.Type.WRONG_PASSWORD
              ? "The passphrase is another one."
              : zip + " is no backup of Loose Hip, or a damaged one.");
    } catch (IOException | JacksonException e) {
      throw new Failed(zip + " is no backup of Loose Hip, or a damaged one.");
    }
  }

  private static void extract(Path zip, Path to, Optional<char[]> passphrase) throws IOException {
    try (ZipFile file = new ZipFile(zip.toFile(), passphrase.orElse(null));
        InputStream in = file.getInputStream(file.getFileHeader(DataFolder.DATABASE));
        OutputStream out = Files.newOutputStream(to)) {
      in.transferTo(out);
    }
  }

  /**
   * Brings a backup back. What stood there is moved aside, never deleted.
   *
   * @param home the data folder; held while it is done, so that no copy runs on it
   * @return where what stood there is now; empty when nothing did
   */
  public static Optional<Path> restore(
      Path zip, Path home, Optional<char[]> passphrase, Clock clock) throws Failed {
    About about = about(zip, passphrase);
    if (about.contents().edition() > Snapshot.edition()) {
      throw new Failed(
          "This backup was made by a later Loose Hip than this one. Nothing was changed; use that"
              + " one.");
    }
    try (DataFolder folder = DataFolder.hold(home)) {
      Path fresh = folder.uploads().resolve("restored.db");
      extract(zip, fresh, passphrase);
      if (!sha256(fresh).equals(about.sha256()) || !Snapshot.look(fresh).equals(about.contents())) {
        throw new Failed("The backup is damaged. Nothing was changed; try an earlier one.");
      }
      Path database = home.resolve(DataFolder.DATABASE);
      Optional<Path> aside = aside(home, database, STAMP.format(Instant.now(clock)));
      owned(fresh);
      Files.move(fresh, database, StandardCopyOption.ATOMIC_MOVE);
      return aside;
    } catch (SQLException | ZipException e) {
      throw new Failed("The backup is damaged. Nothing was changed; try an earlier one.");
    } catch (IOException e) {
      throw new Failed("The backup could not be brought back to " + home + ". Is there room?");
    } catch (DataFolder.Refused e) {
      throw new Failed(e.getMessage() + ". " + e.whatToDo());
    }
  }

  private static Optional<Path> aside(Path home, Path database, String stamp) throws IOException {
    if (Files.notExists(database) || Files.size(database) == 0) {
      return Optional.empty();
    }
    Path folder = Files.createDirectories(home.resolve("replaced-" + stamp));
    for (String end : List.of("", "-wal", "-shm")) {
      Path file = home.resolve(DataFolder.DATABASE + end);
      if (Files.exists(file)) {
        Files.move(file, folder.resolve(file.getFileName()));
      }
    }
    return Optional.of(folder);
  }

  /** The backups in a folder, the newest first. */
  public static List<Path> in(Path folder) {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(f -> f.getFileName().toString().startsWith(BEGINS))
          .filter(f -> f.getFileName().toString().endsWith(ENDS))
          .sorted(Comparator.comparing((Path f) -> f.getFileName().toString()).reversed())
          .toList();
    } catch (IOException e) {
      return List.of();
    }
  }

  /** Deletes all but so many of the newest backups in a folder. */
  public static int keep(Path folder, int newest) throws Failed {
    List<Path> old = in(folder).stream().skip(newest).toList();
    try {
      for (Path file : old) {
        Files.delete(file);
      }
      return old.size();
    } catch (IOException e) {
      throw new Failed("Old backups in " + folder + " could not be deleted.");
    }
  }

  private static String sha256(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file);
        DigestInputStream digest =
            new DigestInputStream(in, MessageDigest.getInstance("SHA-256"))) {
      digest.transferTo(OutputStream.nullOutputStream());
      return HexFormat.of().formatHex(digest.getMessageDigest().digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
