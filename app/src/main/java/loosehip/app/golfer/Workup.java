package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Noted;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.follow.RungRule;
import loosehip.core.link.ComplaintOrder;
import loosehip.core.link.SeenOrder;
import loosehip.core.measure.Pain;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.WeakerSide;
import loosehip.core.pivot.Demands;
import loosehip.core.plan.Block;
import loosehip.core.plan.Drill;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanRequest;
import loosehip.core.plan.Planner;
import loosehip.core.plan.Reason;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Guard;
import loosehip.core.safety.TryRefusal;
import org.jspecify.annotations.Nullable;

/**
 * The golfer in hand: the file as stored, the case made of it, and the judgement of the core. What
 * costs something is worked out when first asked for; a workup belongs to one request, what the
 * core made of the file outlives it.
 */
public final class Workup {
  private final GolferFile file;
  private final CaseFile golfer;
  private final Judged judged;
  private final Standards standards;
  private final Examiner examiner;
  private final LocalDate today;
  private @Nullable List<RunningOrder> orders;
  private @Nullable Map<ScreenTest, Side> firstSides;
  private @Nullable List<TestCard> cards;

  private Workup(
      GolferFile file, Judged judged, Standards standards, Examiner examiner, LocalDate today) {
    this.file = file;
    this.golfer = judged.golfer();
    this.judged = judged;
    this.standards = standards;
    this.examiner = examiner;
    this.today = today;
  }

  /** Works a file up by the shipped standards. */
  public static Workup of(GolferFile file, LocalDate today) {
    return of(file, Standards.SHIPPED, Examiner.ANYBODY, today);
  }

  /**
   * Works a file up.
   *
   * @param standards what results are held against
   * @param examiner whoever looks
   * @param today the day of looking
   */
  public static Workup of(
      GolferFile file, Standards standards, Examiner examiner, LocalDate today) {
    return of(file, new Judged(file, standards, today), standards, examiner, today);
  }

  /** The same of a file judged before. */
  static Workup of(
      GolferFile file, Judged judged, Standards standards, Examiner examiner, LocalDate today) {
    return new Workup(file, judged, standards, examiner, today);
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
  public Judgement judgement() {
    return judged.judgement();
  }

  /** What the planner makes of a request about this golfer. */
  public Block planned(PlanRequest request) {
    return judged.planned(request);
  }

  /** The block the planner would make with nothing decided; empty on refer and without wishes. */
  public Optional<Block> proposal() {
    return judged.proposal();
  }

  /** Whether the planner, with nothing decided, finds something to give. */
  public boolean toGive() {
    return judged.toGive();
  }

  /** What was measured at an earlier visit. */
  public Screen screen(GolferFile.EarlierVisit visit) {
    return EarlierScreens.of(visit, standards);
  }

  /**
   * The golfer as an earlier visit leaves them: its tries and what was noted at it, with what is
   * noted for good as it stands today.
   */
  public Workup asAt(GolferFile.EarlierVisit visit) {
    Map<String, Noted> facts = new HashMap<>(file.facts());
    facts.keySet().removeIf(key -> Facts.parse(key).filter(Fact::ofVisit).isPresent());
    facts.putAll(visit.facts());
    GolferFile then =
        new GolferFile(
            file.id(),
            file.name(),
            visit.visitId(),
            file.visitNumber(),
            visit.on(),
            Optional.empty(),
            facts,
            file.signs(),
            visit.tries(),
            List.of(),
            Optional.empty());
    return of(then, standards, examiner, visit.on());
  }

  /** Years of age; empty when neither date nor year of birth is noted. */
  public Optional<Integer> age() {
    return golfer.who().years(today);
  }

  /** What the golfer's school asks, by the figures of the practice. */
  public Demands asks() {
    return golfer().practice().coefficients().demands(golfer().school());
  }

  /** What every door asks before it opens for this golfer. */
  public Guard guard() {
    return new Guard(golfer.health(), Cases.permission(file, today), golfer.handSaid());
  }

  /** Whether the golfer is under 18, or could be by the year of birth. */
  public boolean minor() {
    return guard().permission().minor();
  }

  /**
   * Whether consent to keep health data is on record; a golfer under 18 needs a guardian's name
   * beside it.
   */
  public boolean consented() {
    return guard().permission().consented() && !guardianMissing();
  }

  /** Whether a guardian must consent and none is on record. */
  public boolean guardianMissing() {
    return guard().permission().guardianMissing();
  }

  /** Whether this visit was closed. */
  public boolean closed() {
    return file.closed().isPresent();
  }

  /**
   * The orders this golfer can be taken through: the shipped ones, by complaint, by what was seen,
   * the practice's and one's own.
   */
  public List<RunningOrder> orders() {
    if (orders == null) {
      List<RunningOrder> all = new ArrayList<>(RunningOrder.SHIPPED);
      all.add(ComplaintOrder.of(golfer.complaints(), golfer.practice().rules(), golfer.handed()));
      SeenOrder.of(golfer.seen(), golfer.practice().rules(), golfer.handed()).ifPresent(all::add);
      if (!examiner.practiceOrder().isEmpty()) {
        all.add(new RunningOrder(RunningOrder.OF_PRACTICE, "Ours", examiner.practiceOrder()));
      }
      if (!examiner.ownOrder().isEmpty()) {
        all.add(new RunningOrder(RunningOrder.OWN, "My order", examiner.ownOrder()));
      }
      orders = all;
    }
    return orders;
  }

  /** The running order chosen for this visit; Quick when none was. */
  public RunningOrder order() {
    String chosen = Facts.ORDER.in(file).orElse(RunningOrder.QUICK.id());
    Optional<RunningOrder> shipped = RunningOrder.parse(chosen);
    if (shipped.isPresent()) {
      return shipped.get();
    }
    return orders().stream()
        .filter(o -> o.id().equals(chosen))
        .findFirst()
        .orElse(RunningOrder.QUICK);
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
    return Facts.SKIP.about(card).in(file);
  }

  /** Minutes of tests still to take in the order chosen; what is skipped or blocked is left out. */
  public int minutesLeft() {
    Set<String> out = new HashSet<>();
    for (TestCard card : cards()) {
      if (skipped(card).isPresent() || blocked(card).isPresent()) {
        out.add(card.key());
      }
    }
    return order().minutesLeft(golfer.screen(), golfer.handed(), out, examiner.pace());
  }

  /** Why a card may not be taken, when it may not. */
  public Optional<TryRefusal> blocked(TestCard card) {
    return TryRefusal.stop(golfer.health(), golfer.screen(), card.test(), card.side(), card.part());
  }

  /** Pain noted in a card at this visit. */
  public Pain pain(TestCard card) {
    return Cases.painSlot(card).map(s -> Cases.pain(file.facts(), s)).orElse(Pain.NONE);
  }

  /** Why an item of a plan must not be done as things stand. */
  public sealed interface Struck {}

  /** It belongs to another school than the one now worked towards. */
  public record BySchool(Reason because) implements Struck {}

  /** A caution noted since keeps it from this golfer. */
  public record ByCaution(Reason because) implements Struck {}

  /** Its log stopped it. */
  public record ByLog(RungRule.Because because, LocalDate on) implements Struck {}

  /** What of the plan given must not be done as things stand. */
  public Map<ItemId, Struck> struck() {
    Map<ItemId, Struck> struck = new LinkedHashMap<>();
    file.given()
        .ifPresent(
            given -> {
              struck.putAll(blocked(given.items()));
              given
                  .stopped()
                  .forEach(
                      (item, log) -> {
                        if (given.items().contains(item)) {
                          struck.putIfAbsent(
                              item, new ByLog(RungRule.of(List.of(log)).because(), log.on()));
                        }
                      });
            });
    return struck;
  }

  /** What the log of the plan in force has stopped, with the day it did. */
  public Map<ItemId, LocalDate> stopped() {
    Map<ItemId, LocalDate> stopped = new LinkedHashMap<>();
    file.given().ifPresent(g -> g.stopped().forEach((item, log) -> stopped.put(item, log.on())));
    return stopped;
  }

  /** What of a plan a caution on record keeps from this golfer. */
  public Map<ItemId, Struck> blocked(List<ItemId> planItems) {
    Map<ItemId, Struck> blocked = new LinkedHashMap<>();
    for (ItemId item : planItems) {
      Planner.blockedBy(golfer.practice().catalogue(), item, golfer.health())
          .ifPresent(reason -> blocked.put(item, new ByCaution(reason)));
    }
    return blocked;
  }

  /** What of a plan belongs to another school; it does no harm, but serves another swing. */
  public Map<ItemId, Struck> ofOtherSchools(List<ItemId> planItems) {
    Map<ItemId, Struck> other = new LinkedHashMap<>();
    for (ItemId item : planItems) {
      golfer
          .practice()
          .catalogue()
          .drill(item)
          .map(Drill::schools)
          .filter(schools -> !schools.isEmpty() && !schools.contains(golfer.school()))
          .ifPresent(schools -> other.put(item, new BySchool(new Reason.OtherSchool(schools))));
    }
    return other;
  }

  /** The clearances of warning signs in force. */
  public Collection<Clearance> clearances() {
    return golfer.health().cleared().values();
  }

  /** How a side is spoken of: {@code trail (R)}; {@code right} while the hand is not said. */
  public String spoken(Side side) {
    if (!golfer.handSaid()) {
      return side.id();
    }
    return golfer.handed().leg(side).id() + " (" + side.letter() + ")";
  }

  /** The letter of the side a leg is on: {@code R}. */
  public String letter(Leg leg) {
    return String.valueOf(golfer.handed().side(leg).letter());
  }

  /** How a leg is spoken of: {@code trail (R)}. */
  public String spoken(Leg leg) {
    return spoken(golfer.handed().side(leg));
  }
}
