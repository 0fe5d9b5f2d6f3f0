package loosehip.app.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Practice;
import loosehip.core.casefile.Who;
import loosehip.core.link.Cause;
import loosehip.core.link.Complaint;
import loosehip.core.link.Fault;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SpineShape;
import loosehip.core.link.Strength;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.BandScales;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Try;
import loosehip.core.measure.Unit;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Coefficient;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.ModelFigure;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupLook;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.DerivedCautions;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;

/** Cases made up at random with everything a case file can hold; the same seed gives the same. */
final class RandomCases {
  private static final LocalDate START = LocalDate.of(2027, 1, 11);

  private final Random random;

  private RandomCases(long seed) {
    this.random = new Random(seed);
  }

  static CaseFile of(long seed) {
    return new RandomCases(seed).golfer();
  }

  private CaseFile golfer() {
    Who who =
        new Who(
            maybe("g-" + random.nextInt(1000)),
            maybe(1930 + random.nextInt(80)),
            maybe(LocalDate.of(1930 + random.nextInt(90), 3, 1)),
            maybe(new Who.Guardian("Ann Brodie", maybe(LocalDate.of(2026, 5, 4)))),
            random.nextInt(8) == 0 ? Optional.empty() : Optional.of(one(Handed.values())),
            maybe(150 + random.nextInt(80) / 2.0));
    Screen screen = screen();
    return new CaseFile(
        who,
        some(Complaint.class, 4),
        health(who, screen),
        screen,
        setup(),
        seen(),
        one(School.values()),
        maybe(one(SpineShape.values())),
        random.nextInt(4) == 0 ? Optional.empty() : Optional.of(wishes()),
        some(Leg.class, 3),
        overrules(),
        new Practice(coefficients(), rules(), Catalogue.standard()));
  }

  private <T> T one(T[] all) {
    return all[random.nextInt(all.length)];
  }

  private <T> Optional<T> maybe(T value) {
    return random.nextBoolean() ? Optional.of(value) : Optional.empty();
  }

  /** Each with a chance of one in so many. */
  private <E extends Enum<E>> Set<E> some(Class<E> type, int oneIn) {
    Set<E> some = EnumSet.noneOf(type);
    for (E each : type.getEnumConstants()) {
      if (random.nextInt(oneIn) == 0) {
        some.add(each);
      }
    }
    return some;
  }

  private Health health(Who who, Screen screen) {
    Map<WarningSign, Clearance> cleared = new EnumMap<>(WarningSign.class);
    if (random.nextInt(4) == 0) {
      cleared.put(one(WarningSign.values()), forSign());
    }
    Set<WarningSign> open = random.nextInt(12) == 0 ? some(WarningSign.class, 3) : Set.of();
    return new Health(
        open.stream().filter(s -> !cleared.containsKey(s)).collect(Collectors.toSet()),
        Set.of(),
        cleared,
        DerivedCautions.with(
            cautions(),
            who.couldBeMinor(CaseFileTest.TODAY),
            who.guardian().isPresent(),
            List.of(screen)));
  }

  /** A sign's clearance lifts nothing: there is nothing it blocks but everything. */
  private Clearance forSign() {
    Clearance c = clearance();
    return new Clearance(
        c.by(),
        c.profession(),
        c.on(),
        c.limits(),
        c.lookAgainBy(),
        Set.of(),
        c.blocks(),
        c.degrees());
  }

  private List<NotedCaution> cautions() {
    List<NotedCaution> cautions = new ArrayList<>();
    for (Caution caution : some(Caution.class, 5)) {
      cautions.add(
          new NotedCaution(
              caution,
              caution.sided() ? maybe(one(Side.values())) : Optional.empty(),
              random.nextBoolean() ? "“no more than 60°”; \"slow\"\n" : "",
              new NotedCaution.Detail(
                  maybe(random.nextInt(11)),
                  maybe(1 + random.nextInt(42)),
                  maybe(random.nextInt(40)),
                  random.nextBoolean(),
                  random.nextBoolean(),
                  false),
              maybe(clearance())));
    }
    return cautions;
  }

  private Clearance clearance() {
    return new Clearance(
        "Dr Imrie",
        random.nextBoolean() ? "surgeon" : "",
        maybe(LocalDate.of(2026, 5, 4)),
        random.nextBoolean() ? "“slowly”" : "",
        maybe(LocalDate.of(2099, 5, 4)),
        some(Demand.class, 5),
        some(Demand.class, 9),
        random.nextBoolean()
            ? List.of(new Clearance.Degrees(Side.LEFT, one(Direction.values()), 22.5))
            : List.of());
  }

  private Screen screen() {
    List<Reading> readings = new ArrayList<>();
    Map<Slot, String> words = new HashMap<>();
    for (ScreenTest test : ScreenTest.values()) {
      for (TestCard card : TestCard.of(test, Handed.RIGHT)) {
        if (random.nextInt(3) > 0) {
          card.numbers().ifPresent(slot -> readings.add(reading(slot)));
          for (Slot slot : card.words()) {
            if (random.nextInt(4) > 0) {
              List<String> options = test.words(slot.part());
              words.put(slot, options.get(random.nextInt(options.size())));
            }
          }
        }
      }
    }
    Map<String, BandScale> own = new HashMap<>();
    if (random.nextBoolean()) {
      own.put("seated-rotation", new BandScale(42, 31.5, true));
    }
    if (random.nextBoolean()) {
      own.put("side-hip-hold", new BandScale(2, 6, false));
    }
    return Screen.of(readings, words, new BandScales(own));
  }

  private Reading reading(Slot slot) {
    ScreenTest test = slot.test();
    double low = test.range().usualLow();
    double high = test.range().usualHigh();
    List<Try> tries = new ArrayList<>();
    int many = 1 + random.nextInt(Reading.MOST_TRIES);
    for (int i = 0; i < many; i++) {
      double value = Math.round(2 * (low + random.nextDouble() * (high - low))) / 2.0;
      tries.add(new Try(value, random.nextInt(8) == 0));
    }
    Set<Compensation> seen = new LinkedHashSet<>();
    for (Compensation compensation : test.compensations()) {
      if (!compensation.voids() && random.nextInt(6) == 0) {
        seen.add(compensation);
      }
    }
    Optional<Method> method =
        test.methods().isEmpty()
            ? Optional.empty()
            : Optional.of(test.methods().get(random.nextInt(test.methods().size())));
    Pain pain =
        random.nextInt(8) == 0 ? new Pain(1 + random.nextInt(10), "front of hip") : Pain.NONE;
    Reading plain = new Reading(slot, method, tries, seen, pain);
    return test.unit() == Unit.DEGREES && random.nextInt(3) == 0
        ? new Reading(slot, method, tries, seen, pain, 1.8)
        : plain;
  }

  private Setup setup() {
    Map<BudgetFigure, Double> figures = new EnumMap<>(BudgetFigure.class);
    for (BudgetFigure figure : BudgetFigure.values()) {
      double at = figure.least() + random.nextDouble() * (figure.most() - figure.least());
      if (random.nextInt(4) > 0) {
        figures.put(figure, random.nextBoolean() ? figure.usual() : Math.round(2 * at) / 2.0);
      }
    }
    SetupLook look = random.nextInt(3) == 0 ? SetupLook.STILL : SetupLook.EYE;
    return new Setup(
        figures, Setup.seen(figures, look), one(LeadRelease.values()), one(Club.values()));
  }

  private Seen seen() {
    Map<SetupFault, Level> setup = new EnumMap<>(SetupFault.class);
    some(SetupFault.class, 3).forEach(f -> setup.put(f, level()));
    Map<PivotFault, Level> pivot = new EnumMap<>(PivotFault.class);
    Map<PivotFault, Rehearsal> rehearsals = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : some(PivotFault.class, 3)) {
      pivot.put(fault, level());
      if (random.nextInt(3) == 0) {
        rehearsals.put(fault, random.nextBoolean() ? Rehearsal.CAN : Rehearsal.CANNOT);
      }
    }
    return new Seen(setup, pivot, rehearsals, some(Habit.class, 5));
  }

  private Level level() {
    return List.of(Level.NONE, Level.SLIGHT, Level.CLEAR).get(random.nextInt(3));
  }

  private Wishes wishes() {
    int weeks = 4 + random.nextInt(5);
    Set<LocalDate> blackout = new LinkedHashSet<>();
    for (int day = 0; day < weeks * 7; day++) {
      if (random.nextInt(15) == 0) {
        blackout.add(START.plusDays(day));
      }
    }
    return new Wishes(
        1 + random.nextInt(60),
        1 + random.nextInt(7),
        weeks,
        START.plusDays(random.nextInt(7)),
        some(Tool.class, 2),
        blackout,
        maybe(one(Downswing.values())),
        random.nextBoolean(),
        maybe(40 + random.nextInt(80) / 2.0));
  }

  private List<Overrule> overrules() {
    List<Overrule> overrules = new ArrayList<>();
    List<Fault> faults = new ArrayList<>(some(PivotFault.class, 8));
    faults.addAll(some(SetupFault.class, 8));
    for (Fault fault : faults) {
      List<Cause> causes = RuleBook.standard().causes(fault);
      overrules.add(
          new Overrule(
              fault,
              causes.get(random.nextInt(causes.size())).id(),
              one(Overrule.Verdict.values()),
              random.nextBoolean() ? "seen otherwise" : ""));
    }
    return overrules;
  }

  private Coefficients coefficients() {
    Map<ModelFigure, Double> own = new HashMap<>();
    if (random.nextBoolean()) {
      own.put(Coefficient.RELEASE_HEEL, 20.0);
    }
    if (random.nextBoolean()) {
      own.put(ModelFigure.parse("rotation-first.open").orElseThrow(), 35.5);
    }
    return new Coefficients(own);
  }

  private RuleBook rules() {
    List<RuleBook.Own> own = new ArrayList<>();
    for (PivotFault fault : some(PivotFault.class, 10)) {
      List<Cause> causes = RuleBook.standard().causes(fault);
      Cause cause = causes.get(random.nextInt(causes.size()));
      own.add(
          new RuleBook.Own(
              fault,
              cause.id(),
              (1 + random.nextInt(60)) / 100.0,
              cause.evidence().map(s -> one(Strength.values())).orElse(Strength.MODERATE)));
    }
    return RuleBook.standard().with(own);
  }
}
