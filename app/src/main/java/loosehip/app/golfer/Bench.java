package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.store.GolferFile;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.measure.RunningOrder;
import loosehip.core.safety.WarningSign;

/**
 * The golfer in hand: the file as stored, the case made of it, and the judgement of the core.
 *
 * @param file what is stored
 * @param golfer the same as a case
 * @param assessment what the core makes of it
 * @param today the day of looking
 */
public record Bench(GolferFile file, CaseFile golfer, Assessment assessment, LocalDate today) {

  /** Judges a file. */
  public static Bench of(GolferFile file, LocalDate today) {
    CaseFile golfer = Cases.of(file, today);
    return new Bench(file, golfer, Assessment.of(golfer), today);
  }

  /** Years of age by the year of birth; empty when not noted. */
  public Optional<Integer> age() {
    return file.value("who.birth-year").map(y -> today.getYear() - Integer.parseInt(y));
  }

  /** Whether consent to keep health data is on record. */
  public boolean consented() {
    return file.value("consent").isPresent();
  }

  /** The running order chosen for this visit; hips first when none was. */
  public RunningOrder order() {
    return file.value("order").flatMap(RunningOrder::parse).orElse(RunningOrder.HIPS);
  }

  /** The clearances of warning signs recorded at this visit, in words. */
  public List<String> clearances() {
    return Arrays.stream(WarningSign.values())
        .map(sign -> file.value(Topic.CLEARED_WARNING.about(sign.id())))
        .flatMap(Optional::stream)
        .toList();
  }

  /** How a side is spoken of: {@code trail (R)}. */
  public String spoken(Side side) {
    return golfer.handed().leg(side).id() + " (" + side.letter() + ")";
  }

  /** How a leg is spoken of: {@code trail (R)}. */
  public String spoken(Leg leg) {
    return spoken(golfer.handed().side(leg));
  }
}
