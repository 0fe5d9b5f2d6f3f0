package loosehip.app.backup;

import ch.qos.logback.classic.Level;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.DataFolder;
import loosehip.app.words.Dates;
import loosehip.app.words.Typed;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * {@code loose-hip backup [--to FOLDER] [--keep N] [--passphrase-file FILE]} and {@code loose-hip
 * restore FILE [--dry-run] [--passphrase-file FILE]}. A backup may be made while the program runs;
 * bringing one back needs it stopped.
 */
public final class BackupCommand {
  private static final int KEEP = 14;
  private static final int FAILED = 2;

  private BackupCommand() {}

  /** Runs the command: the data folder, then {@code backup} or {@code restore} and its options. */
  public static void main(String[] args) {
    if (LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)
        instanceof ch.qos.logback.classic.Logger root) {
      root.setLevel(Level.WARN);
    }
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
    System.exit(run(args, out, err, Clock.systemDefaultZone()));
  }

  /** Runs the command on these streams; returns the exit code. */
  static int run(String[] args, PrintStream out, PrintStream err, Clock clock) {
    try {
      Path home = Path.of(args[0]);
      List<String> left = new ArrayList<>(List.of(args).subList(2, args.length));
      Optional<char[]> passphrase = passphrase(option(left, "--passphrase-file"));
      return args[1].equals("restore")
          ? restore(home, left, passphrase, out, clock)
          : backup(home, left, passphrase, out, clock);
    } catch (Backup.Failed failed) {
      err.println(failed.getMessage());
      return FAILED;
    }
  }

  private static Optional<String> option(List<String> left, String name) throws Backup.Failed {
    int at = left.indexOf(name);
    if (at < 0) {
      return Optional.empty();
    }
    if (at + 1 >= left.size()) {
      throw new Backup.Failed(name + " wants a value.");
    }
    String value = left.get(at + 1);
    left.subList(at, at + 2).clear();
    return Optional.of(value);
  }

  private static Optional<char[]> passphrase(Optional<String> file) throws Backup.Failed {
    if (file.isEmpty()) {
      return Optional.empty();
    }
    try {
      String text = Files.readString(Path.of(file.get())).strip();
      if (text.isEmpty()) {
        throw new Backup.Failed("The file of the passphrase is empty.");
      }
      return Optional.of(text.toCharArray());
    } catch (IOException e) {
      throw new Backup.Failed("The passphrase cannot be read from " + file.get() + ".");
    }
  }

  private static int backup(
      Path home, List<String> left, Optional<char[]> passphrase, PrintStream out, Clock clock)
      throws Backup.Failed {
    Path to = option(left, "--to").map(Path::of).orElse(home.resolve("backups"));
    Optional<String> asked = option(left, "--keep");
    int keep = asked.isEmpty() ? KEEP : Typed.whole(asked.get()).orElse(0);
    if (keep < 1 || !left.isEmpty()) {
      throw new Backup.Failed(
          "Use: loose-hip backup [--to FOLDER] [--keep N, 1 or more] [--passphrase-file FILE]");
    }
    Backup.Made made = Backup.make(home.resolve(DataFolder.DATABASE), to, passphrase, clock);
    int gone = Backup.keep(to, keep);
    out.println("Made and read back: " + made.file());
    out.println(contents(made.about()));
    out.println(
        passphrase.isPresent()
            ? "Encrypted. Without the passphrase nobody brings it back, not even you."
            : "Not encrypted: keep it where only you can read it.");
    if (gone > 0) {
      out.println("Deleted " + gone + " older than the newest " + keep + ".");
    }
    return 0;
  }

  private static String contents(Backup.About about) {
    return about.contents().golfers()
        + " golfers, "
        + about.contents().visits()
        + " visits, "
        + about.contents().readings()
        + " readings, as they stood on "
        + Dates.moment(about.madeAt())
        + ".";
  }

  private static int restore(
      Path home, List<String> left, Optional<char[]> passphrase, PrintStream out, Clock clock)
      throws Backup.Failed {
    boolean dry = left.remove("--dry-run");
    if (left.size() != 1) {
      throw new Backup.Failed("Use: loose-hip restore FILE [--dry-run] [--passphrase-file FILE]");
    }
    Path zip = Path.of(left.get(0));
    out.println("In this backup: " + contents(Backup.about(zip, passphrase)));
    if (dry) {
      out.println("Nothing was changed. Leave --dry-run away to bring it back to " + home + ".");
      return 0;
    }
    Optional<Path> aside = Backup.restore(zip, home, passphrase, clock);
    out.println("Brought back to " + home + ".");
    aside.ifPresent(
        folder ->
            out.println(
                "What stood there before lies in " + folder + "; delete it once all is well."));
    return 0;
  }
}
