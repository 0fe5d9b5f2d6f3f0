package loosehip.app.floor;

import java.util.Locale;
import loosehip.app.words.Numbers;

/**
 * A floor angle as it can be laid out here.
 *
 * @param wanted the angle wanted, in degrees
 * @param made the angle really made, in degrees, one decimal
 * @param by what makes it: three shafts of the bag, or paper and tape
 */
public record LaidAngle(int wanted, double made, String by) {

  /** The angle really made, as it is shown. */
  public String shown() {
    return Numbers.plain(made);
  }

  /** The way to it, as it is kept with a try. */
  public String kept() {
    return String.format(Locale.ROOT, "%d: %s", wanted, by);
  }
}
