package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.store.GolferFile;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.follow.RungRule;
import loosehip.core.link.ComplaintOrder;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.WeakerSide;
import loosehip.core.plan.Planner;
import loosehip.core.safety.Block;
import loosehip.core.safety.WarningSign;
import org.jspecify.annotations.Nullable;

/**
 * The golfer in hand: the file as stored, the case made of it, and the judgement of the core. What
 * costs something is worked out when first asked for; a bench belongs to one request.
 */
public final class Bench {
  private static final Pattern LOOK_AGAIN = Pattern.compile("look again by (\\d+ \\w+ \\d{4})$");

  private final GolferFile file;
  private final CaseFile golfer;
  private final Standards standards;
  private final List<ScreenTest> ownOrder;
  private final LocalDate today;
  private final Map<String, Screen> earlier = new HashMap<>();
  private @Nullable Assessment assessment;
  private @Nullable List<RunningOrder> orders;
  private @Nullable Map<ScreenTest, Side> firstSides;
  private @Nullable List<TestCard> cards;

  private Bench(
      GolferFile file,
      CaseFile golfer,
      Standards standards,
      List<ScreenTest> ownOrder,
      LocalDate today) {
    this.file = file;
    this.golfer = golfer;
    this.standards = standards;
    this.ownOrder = ownOrder;
    this.today = today;
  }

  /** Takes a file to the bench by the shipped standards. */
  public static Bench of(GolferFile file, LocalDate today) {
    return of(file, Standards.SHIPPED, List.of(), today);
  }

  /**
   * Takes a file to the bench.
   *
   * @param standards what results are held against
   * @param ownOrder the running order of whoever looks; empty when they made none
   * @param today the day of looking
   */
  public static Bench of(
      GolferFile file, Standards standards, List<ScreenTest> ownOrder, LocalDate today) {
    return new Bench(file, Cases.of(file, standards, today), standards, ownOrder, today);
  }

  /** What is stored. */
  public GolferFile file() {
    return file;
  }

  /** The same as a case. */
  public CaseFile golfer() {
    return golfer;
  }

  /** What results are held against. */
  public Standards standards() {
    return standards;
  }

  /** The day of looking. */
  public LocalDate today() {
    return today;
  }

  /** What the core makes of it. */
  public Assessment assessment() {
    if (assessment == null) {
      assessment = Assessment.of(golfer);
    }
    return assessment;
  }

  /** What was measured at an earlier visit. */
  public Screen screen(GolferFile.EarlierVisit visit) {
    return earlier.computeIfAbsent(
        visit.visitId(), id -> Cases.screen(visit.tries(), visit.facts(), standards));
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
    if (orders == null) {
      List<RunningOrder> all = new ArrayList<>(RunningOrder.SHIPPED);
      all.add(ComplaintOrder.of(golfer.complaints(), golfer.handed()));
      if (!ownOrder.isEmpty()) {
        all.add(new RunningOrder(RunningOrder.OWN, "My order", ownOrder));
      }
      orders = all;
    }
    return orders;
  }

  /** The running order chosen for this visit; hips first when none was. */
  public RunningOrder order() {
    String chosen = file.value("order").orElse(RunningOrder.HIPS.id());
    Optional<RunningOrder> shipped = RunningOrder.parse(chosen);
    if (shipped.isPresent()) {
      return shipped.get();
    }
    return orders().stream()
        .filter(o -> o.id().equals(chosen))
        .findFirst()
        .orElse(RunningOrder.HIPS);
  }

  /** The cards of the running order, the weaker suspect's side first. */
  public List<TestCard> cards() {
    if (cards == null) {
      cards = order().cards(golfer.handed(), firstSides());
    }
    return cards;
  }

  /** The side to take first by earlier results, where it is not simply the trail side. */
  public Map<ScreenTest, Side> firstSides() {
    if (firstSides == null) {
      Map<ScreenTest, Side> first = new EnumMap<>(ScreenTest.class);
      for (GolferFile.EarlierVisit visit : file.earlier()) {
        WeakerSide.of(screen(visit)).forEach(first::putIfAbsent);
      }
      firstSides = first;
    }
    return firstSides;
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

  /**
   * What of the plan given must not be done as things stand, with the reason: a caution noted
   * since, or pain in its log.
   */
  public Map<String, String> struck() {
    Map<String, String> struck = new LinkedHashMap<>();
    file.given()
        .ifPresent(
            given -> {
              struck.putAll(blocked(given.items()));
              given
                  .stopped()
                  .forEach(
                      (item, log) ->
                          struck.putIfAbsent(
                              item,
                              RungRule.of(List.of(log)).because() + ", " + Dates.day(log.on())));
            });
    return struck;
  }

  /** What of a plan a caution on record keeps from this golfer, with the reason. */
  public Map<String, String> blocked(List<String> planItems) {
    Map<String, String> blocked = new LinkedHashMap<>();
    for (String item : planItems) {
      Planner.blockedBy(golfer.catalogue(), item, golfer.screen(), golfer.handed(), golfer.health())
          .ifPresent(reason -> blocked.put(item, reason));
    }
    return blocked;
  }

  /** The clearances of warning signs recorded at this visit, in words. */
  public List<String> clearances() {
    return Arrays.stream(WarningSign.values())
        .map(sign -> file.value(Topic.CLEARED_WARNING.about(sign.id())))
        .flatMap(Optional::stream)
        .toList();
  }

  /** Whether a recorded clearance was to be looked at again by now. */
  public boolean reviewDue(String clearance) {
    Matcher by = LOOK_AGAIN.matcher(clearance);
    return by.find() && !Dates.parse(by.group(1)).isAfter(today);
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
