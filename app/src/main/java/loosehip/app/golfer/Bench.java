package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.store.GolferFile;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.link.ComplaintOrder;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.WeakerSide;
import loosehip.core.safety.Block;
import loosehip.core.safety.WarningSign;

/**
 * The golfer in hand: the file as stored, the case made of it, and the judgement of the core.
 *
 * @param file what is stored
 * @param golfer the same as a case
 * @param assessment what the core makes of it
 * @param standards what results are held against
 * @param ownOrder the running order of whoever looks; empty when they made none
 * @param today the day of looking
 */
public record Bench(
    GolferFile file,
    CaseFile golfer,
    Assessment assessment,
    Standards standards,
    List<ScreenTest> ownOrder,
    LocalDate today) {

  /** Judges a file by the shipped standards. */
  public static Bench of(GolferFile file, LocalDate today) {
    return of(file, Standards.SHIPPED, List.of(), today);
  }

  /** Judges a file. */
  public static Bench of(
      GolferFile file, Standards standards, List<ScreenTest> ownOrder, LocalDate today) {
    CaseFile golfer = Cases.of(file, standards, today);
    return new Bench(file, golfer, Assessment.of(golfer), standards, ownOrder, today);
  }

  /** What was measured at an earlier visit. */
  public Screen screen(GolferFile.EarlierVisit visit) {
    return Cases.screen(visit.tries(), visit.facts(), standards);
  }

  /** Years of age by the year of birth; empty when not noted. */
  public Optional<Integer> age() {
    return file.value("who.birth-year").map(y -> today.getYear() - Integer.parseInt(y));
  }

  /** Whether the golfer is under 18 by the year of birth. */
  public boolean minor() {
    return age().filter(a -> a < 18).isPresent();
  }

  /**
   * Whether consent to keep health data is on record; a golfer under 18 needs a guardian's name
   * beside it.
   */
  public boolean consented() {
    return file.value("consent").isPresent() && !guardianMissing();
  }

  /** Whether a guardian must consent and none is on record. */
  public boolean guardianMissing() {
    return minor() && file.value("who.guardian").isEmpty();
  }

  /** Whether this visit was closed. */
  public boolean closed() {
    return file.closed().isPresent();
  }

  /** The orders this golfer can be taken through: the shipped ones, by complaint, one's own. */
  public List<RunningOrder> orders() {
    List<RunningOrder> orders = new ArrayList<>(RunningOrder.SHIPPED);
    orders.add(ComplaintOrder.of(golfer.complaints(), golfer.handed()));
    if (!ownOrder.isEmpty()) {
      orders.add(new RunningOrder(RunningOrder.OWN, "My order", ownOrder));
    }
    return orders;
  }

  /** The running order chosen for this visit; hips first when none was. */
  public RunningOrder order() {
    String chosen = file.value("order").orElse(RunningOrder.HIPS.id());
    return orders().stream()
        .filter(o -> o.id().equals(chosen))
        .findFirst()
        .orElse(RunningOrder.HIPS);
  }

  /** The cards of the running order, the weaker suspect's side first. */
  public List<TestCard> cards() {
    return order().cards(golfer.handed(), firstSides());
  }

  /** The side to take first by earlier results, where it is not simply the trail side. */
  public Map<ScreenTest, Side> firstSides() {
    Map<ScreenTest, Side> first = new EnumMap<>(ScreenTest.class);
    for (GolferFile.EarlierVisit visit : file.earlier()) {
      WeakerSide.of(screen(visit)).forEach(first::putIfAbsent);
    }
    return first;
  }

  /** Why a card was skipped, when it was. */
  public Optional<String> skipped(TestCard card) {
    return file.value(Topic.SKIP.about(card.key()));
  }

  /** Minutes of tests still to take in the order chosen; what is skipped or blocked is left out. */
  public int minutesLeft() {
    Set<String> out = new HashSet<>();
    for (TestCard card : cards()) {
      if (skipped(card).isPresent() || blocked(card).isPresent()) {
        out.add(card.key());
      }
    }
    return order().minutesLeft(golfer.screen(), golfer.handed(), out);
  }

  /** Why a card may not be taken, when it may not. */
  public Optional<Block> blocked(TestCard card) {
    return golfer.health().blocks(card.test(), card.side(), card.part());
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
