package loosehip.app.people;

import ch.qos.logback.classic.Level;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import loosehip.app.store.DataFolder;
import loosehip.app.store.Database;
import loosehip.app.store.People;
import loosehip.app.store.PeopleOfFolder;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * {@code loose-hip people} and {@code loose-hip people link NAME}: who may sign in, and a new
 * one-time link for somebody who lost their password, the owner above all. Whoever can read the
 * data folder may do this; it works whether the program runs or not.
 */
public final class PeopleCommand {
  private static final int FAILED = 2;

  private PeopleCommand() {}

  /** Runs the command: the data folder, then nothing, or {@code link} and a sign-in name. */
  public static void main(String[] args) {
    if (LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)
        instanceof ch.qos.logback.classic.Logger root) {
      root.setLevel(Level.ERROR);
    }
    PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
    System.exit(run(args, out, err, Clock.systemDefaultZone()));
  }

  /** Runs the command on these streams; returns the exit code. */
  static int run(String[] args, PrintStream out, PrintStream err, Clock clock) {
    List<String> asked = List.of(args).subList(1, args.length);
    boolean link = asked.size() == 2 && asked.get(0).equals("link");
    Path file = Path.of(args[0]).resolve(DataFolder.DATABASE);
    if (!asked.isEmpty() && !link) {
      err.println("Use: loose-hip people, or loose-hip people link SIGN-IN-NAME");
      return FAILED;
    }
    if (!Files.isRegularFile(file)) {
      err.println("There is no data base in " + args[0] + "; name its folder in LOOSE_HIP_HOME.");
      return FAILED;
    }
    try (Database database = Database.open(file)) {
      PeopleOfFolder people = new PeopleOfFolder(database, clock);
      return link ? link(people, asked.get(1), out, err) : list(people, out);
    } catch (DataFolder.Refused refused) {
      err.println(refused.getMessage() + ". " + refused.whatToDo());
      return FAILED;
    }
  }

  private static int list(PeopleOfFolder people, PrintStream out) {
    people
        .all()
        .forEach(
            p ->
                out.printf(
                    Locale.ROOT,
                    "%-24s %-8s %s%n",
                    p.signInName(),
                    p.position().id(),
                    p.disabled()
                        ? "may not sign in"
                        : p.waiting() ? "has no password yet" : p.shownName()));
    return 0;
  }

  private static int link(PeopleOfFolder people, String name, PrintStream out, PrintStream err) {
    List<People.Person> named =
        people.all().stream().filter(p -> p.signInName().equalsIgnoreCase(name.strip())).toList();
    if (named.isEmpty()) {
      err.println(
          "Nobody signs in as " + name + ". Nothing was changed; loose-hip people lists who does.");
      return FAILED;
    }
    if (named.get(0).disabled()) {
      err.println(name + " may not sign in; the owner lets them in again, on People.");
      return FAILED;
    }
    out.println(
        "Open this within three days, where Loose Hip runs, with the port it runs on; it works once:");
    out.println("  http://127.0.0.1:8040/join/" + people.link(named.get(0)));
    out.println("The old password works until a new one is set.");
    return 0;
  }
}
