package loosehip.app.licence;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;

/** {@code loose-hip licences}: lists what ships, one part a line, with its licence. */
public final class LicenceCommand {
  private LicenceCommand() {}

  /** Prints the list. */
  public static void main(String[] args) {
    print(Shipped.all(), new PrintStream(System.out, true, StandardCharsets.UTF_8));
  }

  static void print(List<Shipped> all, PrintStream out) {
    int widest = all.stream().mapToInt(s -> s.name().length()).max().orElse(1);
    for (Shipped part : all) {
      out.printf(
          Locale.ROOT,
          "%-" + widest + "s  %-14s  %s%n",
          part.name(),
          part.version(),
          String.join(", or ", part.licences()));
    }
  }
}
