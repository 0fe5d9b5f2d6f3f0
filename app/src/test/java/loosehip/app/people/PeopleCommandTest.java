package loosehip.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import loosehip.app.store.YearsOfPeople;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An owner who lost the password comes in again by the folder. */
class PeopleCommandTest {
  @TempDir Path home;

  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  private int run(String... asked) {
    out.reset();
    err.reset();
    String[] args = new String[asked.length + 1];
    args[0] = home.toString();
    System.arraycopy(asked, 0, args, 1, asked.length);
    return PeopleCommand.run(args, new PrintStream(out), new PrintStream(err), Clock.systemUTC());
  }

  private static String text(ByteArrayOutputStream of) {
    return of.toString(StandardCharsets.UTF_8);
  }

  @Test
  void theOwnerIsListedAndGetsALinkThatIsTheirs() throws IOException {
    YearsOfPeople.make(home, "Isla Brodie");
    assertThat(run()).isZero();
    String owner = text(out).lines().findFirst().orElseThrow().split(" ")[0];
    assertThat(text(out)).contains("owner");
    assertThat(run("link", owner.toUpperCase(java.util.Locale.ROOT))).isZero();
    String token = text(out).replaceAll("(?s).*/join/([A-Za-z0-9_-]{22}).*", "$1");
    assertThat(YearsOfPeople.byLink(home, token)).contains(owner);
  }

  @Test
  void whatIsWrongIsSaidAndNothingChanges() throws IOException {
    assertThat(run()).isEqualTo(2);
    assertThat(text(err)).contains("There is no data base");
    YearsOfPeople.make(home, "Isla Brodie");
    assertThat(run("link", "nobody-here")).isEqualTo(2);
    assertThat(text(err)).contains("Nobody signs in as nobody-here");
    assertThat(run("shout")).isEqualTo(2);
    assertThat(text(err)).startsWith("Use:");
    Files.writeString(home.resolve("loose-hip.db"), "not a data base at all, but long enough");
    assertThat(run()).isEqualTo(2);
    assertThat(text(err)).contains("damaged");
  }
}
