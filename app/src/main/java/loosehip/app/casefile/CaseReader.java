package loosehip.app.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import loosehip.app.document.CommandLine;
import loosehip.app.document.Documents;
import loosehip.app.document.Problem;
import loosehip.app.document.SchemaCheck;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Practice;
import loosehip.core.casefile.Who;
import loosehip.core.link.Cause;
import loosehip.core.link.CauseId;
import loosehip.core.link.Complaint;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.RuleBook;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.BandScales;
import loosehip.core.measure.Part;
import loosehip.core.measure.Screen;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.TestCard;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.ModelFigure;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupLook;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Wishes;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads a case file of version 1. Unknown keys are refused; missing parts mean "not measured". */
public final class CaseReader {
  private static final int USUAL_MINUTES = 15;
  private static final int USUAL_DAYS = 5;

  private final LocalDate today;
  private final List<Problem> problems = new ArrayList<>();

  private CaseReader(LocalDate today) {
    this.today = today;
  }

  /**
   * What came of reading: a case, or the problems.
   *
   * @param golfer the case; empty when there is any problem
   * @param problems everything that is wrong, in the order of the file
   * @param newest the latest day an entry of the screen gives; empty where none gives one
   * @param earlier what the screen was on days before that, the oldest first
   * @param notes notes on tests, by their card
   */
  public record Outcome(
      Optional<CaseFile> golfer,
      List<Problem> problems,
      Optional<LocalDate> newest,
      SortedMap<LocalDate, Screen> earlier,
      Map<TestCard, String> notes) {
    static Outcome refused(List<Problem> problems) {
      return new Outcome(
          Optional.empty(), List.copyOf(problems), Optional.empty(), new TreeMap<>(), Map.of());
    }
  }

  /**
   * Reads a file's text.
   *
   * @param today the day a block starts when the file names none
   */
  public static Outcome read(String text, LocalDate today) {
    CommandLine.Parsed parsed = CommandLine.Parsed.of(text, "a case file");
    if (!parsed.problems().isEmpty()) {
      return Outcome.refused(parsed.problems());
    }
    JsonNode json = parsed.json();
    CaseReader reader = new CaseReader(today);
    JsonNode schema = Documents.JSON.valueToTree(CaseSchema.of(today.getYear()));
    reader.problems.addAll(new SchemaCheck(schema).problems(json));
    reader.problems.addAll(CaseLimits.problems(json, today));
    if (!reader.problems.isEmpty()) {
      return Outcome.refused(reader.problems);
    }
    CaseDocument document = Documents.JSON.treeToValue(json, CaseDocument.class);
    CaseFile golfer = reader.golfer(document);
    if (!reader.problems.isEmpty()) {
      return Outcome.refused(reader.problems);
    }
    SortedMap<LocalDate, Screen> days = reader.days(document);
    Optional<LocalDate> newest = days.isEmpty() ? Optional.empty() : Optional.of(days.lastKey());
    newest.ifPresent(days::remove);
    return new Outcome(
        Optional.of(golfer), List.of(), newest, days, ScreenNotes.of(orEmpty(document.screen())));
  }

  /** The screen of each day that entries give. */
  private SortedMap<LocalDate, Screen> days(CaseDocument file) {
    SortedMap<LocalDate, List<CaseDocument.Entry>> entries = new TreeMap<>();
    for (CaseDocument.Entry entry : orEmpty(file.screen())) {
      if (entry.date() != null) {
        entries.computeIfAbsent(LocalDate.parse(entry.date()), d -> new ArrayList<>()).add(entry);
      }
    }
    SortedMap<LocalDate, Screen> days = new TreeMap<>();
    entries.forEach(
        (day, all) ->
            days.put(day, ScreenEntries.read(all, scales(file.practice()), new ArrayList<>())));
    return days;
  }

  private CaseFile golfer(CaseDocument file) {
    Practice practice = practice(file.practice());
    Set<Complaint> complaints = EnumSet.noneOf(Complaint.class);
    complaints.addAll(orEmpty(file.complaints()));
    Screen screen = ScreenEntries.read(orEmpty(file.screen()), scales(file.practice()), problems);
    Who who = who(file.golfer());
    return new CaseFile(
        who,
        complaints,
        HealthOfCase.read(file.health(), who, screen, today),
        screen,
        setup(file.setup(), file.swing()),
        seen(file.setup(), file.swing()),
        file.school() == null ? School.ROTATION_FIRST : file.school(),
        Optional.ofNullable(file.setup()).map(CaseDocument.SetupPart::spineShape),
        Optional.ofNullable(file.plan()).map(this::wishes),
        orEmpty(file.arcsOverruled()).stream().map(hand(who)::leg).collect(Collectors.toSet()),
        overrules(orEmpty(file.overrules()), hand(who)),
        practice);
  }

  /** Sides and legs are told apart by the hand; where none is said, nothing sided is judged. */
  private static Handed hand(Who who) {
    return who.handed().orElse(Handed.RIGHT);
  }

  private static <T> List<T> orEmpty(@Nullable List<T> list) {
    return list == null ? List.of() : list;
  }

  private static Who who(CaseDocument.@Nullable Golfer golfer) {
    if (golfer == null) {
      return Who.unknown();
    }
    return new Who(
        Optional.ofNullable(golfer.ref()),
        Optional.ofNullable(golfer.birthYear()),
        Optional.ofNullable(golfer.birthDate()),
        Optional.ofNullable(golfer.guardian())
            .map(g -> new Who.Guardian(g.name(), Optional.ofNullable(g.on()))),
        Optional.ofNullable(golfer.handed()),
        Optional.ofNullable(golfer.heightCm()));
  }

  private static Setup setup(
      CaseDocument.@Nullable SetupPart setup, CaseDocument.@Nullable SwingPart swing) {
    Map<BudgetFigure, Double> figures = new EnumMap<>(BudgetFigure.class);
    LeadRelease release = LeadRelease.HELD;
    Club club = Club.DRIVER;
    if (setup != null) {
      put(figures, BudgetFigure.HIP_FLEXION, setup.hipFlexion());
      put(figures, BudgetFigure.PELVIC_TILT, setup.pelvicTilt());
      put(figures, BudgetFigure.ROUNDING, setup.rounding());
      put(figures, BudgetFigure.TRAIL_FLARE, setup.trailFlare());
      put(figures, BudgetFigure.LEAD_FLARE, setup.leadFlare());
      put(figures, BudgetFigure.TRAIL_PINCH, setup.trailPinch());
      put(figures, BudgetFigure.LEAD_PINCH, setup.leadPinch());
    }
    if (swing != null) {
      put(figures, BudgetFigure.STRAIGHTENING, swing.trailKneeExtension());
      release = swing.leadRelease() == null ? release : swing.leadRelease();
      club = swing.club() == null ? club : swing.club();
    }
    SetupLook look = setup == null || setup.source() == null ? SetupLook.EYE : setup.source();
    return new Setup(figures, Setup.seen(figures, look), release, club);
  }

  private static void put(
      Map<BudgetFigure, Double> figures, BudgetFigure figure, @Nullable Double value) {
    if (value != null) {
      figures.put(figure, value);
    }
  }

  private static Seen seen(
      CaseDocument.@Nullable SetupPart setup, CaseDocument.@Nullable SwingPart swing) {
    Map<SetupFault, Level> setupFaults = new EnumMap<>(SetupFault.class);
    if (setup != null) {
      orEmpty(setup.faults()).forEach(f -> setupFaults.put(f.id(), level(f.level())));
    }
    Map<PivotFault, Level> faults = new LinkedHashMap<>();
    Map<PivotFault, Rehearsal> rehearsals = new EnumMap<>(PivotFault.class);
    Set<Habit> habits = EnumSet.noneOf(Habit.class);
    if (swing != null) {
      for (CaseDocument.FaultPart fault : orEmpty(swing.faults())) {
        faults.put(fault.id(), level(fault.level()));
        if (fault.rehearsal() != null) {
          rehearsals.put(fault.id(), fault.rehearsal());
        }
      }
      habits.addAll(orEmpty(swing.habits()));
    }
    return new Seen(setupFaults, faults, rehearsals, habits);
  }

  private static Level level(@Nullable Level level) {
    return level == null ? Level.NOT_LOOKED_AT : level;
  }

  private Wishes wishes(CaseDocument.PlanPart plan) {
    return new Wishes(
        plan.minutesPerDay() == null ? USUAL_MINUTES : plan.minutesPerDay(),
        plan.daysPerWeek() == null ? USUAL_DAYS : plan.daysPerWeek(),
        plan.weeks() == null ? Wishes.USUAL_WEEKS : plan.weeks(),
        plan.start() == null ? today : plan.start(),
        new LinkedHashSet<>(orEmpty(plan.tools())),
        new LinkedHashSet<>(orEmpty(plan.blackout())),
        Optional.ofNullable(plan.downswing()),
        plan.baseWork() == null || plan.baseWork(),
        Optional.ofNullable(plan.bodyKg()));
  }

  private List<Overrule> overrules(List<CaseDocument.OverrulePart> parts, Handed handed) {
    List<Overrule> overrules = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      CaseDocument.OverrulePart part = parts.get(i);
      cause(part, handed, "/overrules/" + i)
          .ifPresent(
              cause ->
                  overrules.add(
                      new Overrule(
                          part.fault(),
                          cause,
                          part.decision(),
                          part.note() == null ? "" : part.note(),
                          new Overrule.Signed(
                              Optional.ofNullable(part.by()), Optional.ofNullable(part.on())))));
    }
    return overrules;
  }

  /** A cause by its whole key, or by its own id and the side it concerns. */
  private Optional<CauseId> cause(CaseDocument.OverrulePart part, Handed handed, String at) {
    Optional<Leg> leg = Optional.ofNullable(part.side()).map(handed::leg);
    return RuleBook.standard().causes(part.fault()).stream()
        .filter(c -> c.source().id().equals(part.cause()))
        .filter(c -> leg.isEmpty() || c.leg().isEmpty() || c.leg().equals(leg))
        .map(Cause::id)
        .findFirst()
        .or(() -> cause(part.cause(), at));
  }

  private Optional<CauseId> cause(String key, String at) {
    Optional<CauseId> cause = CauseId.parse(key);
    if (cause.isEmpty()) {
      problems.add(
          new Problem(
              at + "/cause",
              "unknown cause \"" + key + "\"",
              "put one such as body-trail-ir-trail"));
    }
    return cause;
  }

  private Practice practice(CaseDocument.@Nullable PracticePart practice) {
    if (practice == null) {
      return Practice.SHIPPED;
    }
    return new Practice(
        coefficients(orEmpty(practice.coefficients())),
        rules(orEmpty(practice.weights())),
        Catalogue.standard());
  }

  private static <V> Map<String, V> orEmpty(@Nullable Map<String, V> map) {
    return map == null ? Map.of() : map;
  }

  private Coefficients coefficients(Map<String, Double> values) {
    Map<ModelFigure, Double> figures = new LinkedHashMap<>();
    values.forEach(
        (id, value) ->
            ModelFigure.parse(id)
                .ifPresentOrElse(
                    figure -> figures.put(figure, value),
                    () ->
                        problems.add(
                            new Problem(
                                "/practice/coefficients/" + id,
                                "unknown figure",
                                "put an id of the library's turn budget"))));
    try {
      return new Coefficients(figures);
    } catch (IllegalArgumentException contradiction) {
      problems.add(
          new Problem(
              "/practice/coefficients",
              String.valueOf(contradiction.getMessage()),
              "put figures within their bounds that fit together"));
      return Coefficients.SHIPPED;
    }
  }

  private RuleBook rules(List<CaseDocument.WeightPart> weights) {
    List<RuleBook.Own> owns = new ArrayList<>();
    for (int i = 0; i < weights.size(); i++) {
      CaseDocument.WeightPart weight = weights.get(i);
      cause(weight.cause(), "/practice/weights/" + i)
          .ifPresent(
              cause ->
                  owns.add(
                      new RuleBook.Own(weight.fault(), cause, weight.prior(), weight.strength())));
    }
    return RuleBook.standard().with(owns);
  }

  private BandScales scales(CaseDocument.@Nullable PracticePart practice) {
    Map<String, BandScale> own = new HashMap<>();
    if (practice != null) {
      orEmpty(practice.bands())
          .forEach(
              (key, edges) ->
                  shipped(key)
                      .ifPresentOrElse(
                          scale ->
                              own.put(
                                  key,
                                  new BandScale(edges.get(0), edges.get(1), scale.moreIsBetter())),
                          () ->
                              problems.add(
                                  new Problem(
                                      "/practice/bands/" + key,
                                      "unknown test",
                                      "put a test's id, or one-leg-stand.closed"))));
    }
    return new BandScales(own);
  }

  private static Optional<BandScale> shipped(String key) {
    String[] names = key.split("\\.", 2);
    Optional<Part> part = names.length > 1 ? Named.parse(Part.class, names[1]) : Optional.empty();
    return Named.parse(ScreenTest.class, names[0])
        .filter(test -> BandScales.key(test, part).equals(key))
        .map(test -> test.scale(part));
  }
}
