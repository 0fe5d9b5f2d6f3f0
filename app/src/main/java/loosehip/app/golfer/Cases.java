package loosehip.app.golfer;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Noted;
import loosehip.app.store.TakenTry;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.casefile.CaseFile;
import loosehip.core.link.Complaint;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Try;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;

/** Turns a stored file into the case the core judges. */
public final class Cases {
  /** The school of a golfer for whom none was chosen. */
  public static final School USUAL_SCHOOL = School.ROTATION_FIRST;

  private Cases() {}

  /** The case of this file; a plan is wanted once minutes and days are known. */
  public static CaseFile of(GolferFile file, LocalDate today) {
    return of(file, Standards.SHIPPED, today);
  }

  /** The same, held against a practice's own standards. */
  public static CaseFile of(GolferFile file, Standards standards, LocalDate today) {
    School school = school(file);
    return new CaseFile(
        handed(file),
        complaints(file),
        health(file),
        screen(file.tries(), file.facts(), standards),
        setup(file),
        seen(file, school, standards.coefficients().demands(school)),
        school,
        wishes(file, today),
        standards.coefficients(),
        overrules(file),
        standards.rules(),
        standards.catalogue(),
        PlanEdits.NONE);
  }

  private static List<Overrule> overrules(GolferFile file) {
    List<Overrule> overrules = new ArrayList<>();
    String prefix = Topic.LINK.about("");
    file.facts()
        .forEach(
            (topic, noted) -> {
              if (topic.startsWith(prefix)) {
                String[] about = topic.substring(prefix.length()).split("\\.", 2);
                String[] words = noted.value().split(" ", 2);
                Optional<PivotFault> fault = PivotFault.parse(about[0]);
                Optional<Overrule.Verdict> verdict = Overrule.Verdict.parse(words[0]);
                if (fault.isPresent() && verdict.isPresent() && about.length == 2) {
                  overrules.add(
                      new Overrule(
                          fault.get(), about[1], verdict.get(), words.length == 2 ? words[1] : ""));
                }
              }
            });
    return overrules;
  }

  /** The golfer's hand; right when nobody said. */
  public static Handed handed(GolferFile file) {
    return file.value("who.handed").flatMap(Handed::parse).orElse(Handed.RIGHT);
  }

  private static Set<Complaint> complaints(GolferFile file) {
    Set<Complaint> complaints = EnumSet.noneOf(Complaint.class);
    for (Complaint complaint : Complaint.values()) {
      if (file.value(Topic.COMPLAINT.about(complaint.id())).isPresent()) {
        complaints.add(complaint);
      }
    }
    return complaints;
  }

  private static Health health(GolferFile file) {
    Set<WarningSign> open = EnumSet.noneOf(WarningSign.class);
    for (WarningSign sign : WarningSign.values()) {
      boolean yes = file.value(Topic.WARNING.about(sign.id())).filter("yes"::equals).isPresent();
      if (yes && file.value(Topic.CLEARED_WARNING.about(sign.id())).isEmpty()) {
        open.add(sign);
      }
    }
    List<NotedCaution> cautions = new ArrayList<>();
    for (Caution caution : Caution.values()) {
      file.value(Topic.CAUTION.about(caution.id()))
          .ifPresent(
              value ->
                  cautions.add(
                      new NotedCaution(
                          caution,
                          Side.parse(value),
                          file.value(Topic.CAUTION_NOTE.about(caution.id())).orElse(""),
                          file.value(Topic.CLEARED_CAUTION.about(caution.id())).isPresent()
                              || caution == Caution.UNDER_18
                                  && file.value("who.guardian").isPresent())));
    }
    return new Health(open, cautions);
  }

  /** The screen that these tries make up. */
  public static Screen screen(List<TakenTry> tries, Map<String, Noted> facts, Standards standards) {
    Map<Slot, List<TakenTry>> bySlot = new LinkedHashMap<>();
    tries.forEach(t -> bySlot.computeIfAbsent(t.slot(), s -> new ArrayList<>()).add(t));
    List<Reading> readings = new ArrayList<>();
    Map<Slot, String> words = new LinkedHashMap<>();
    bySlot.forEach(
        (slot, set) -> {
          if (slot.test().numeric(slot.part())) {
            readings.add(reading(slot, set, pain(facts, slot), standards));
          } else {
            set.stream()
                .filter(t -> !t.voided())
                .reduce((a, b) -> b)
                .flatMap(TakenTry::word)
                .ifPresent(word -> words.put(slot, word));
          }
        });
    return Screen.of(readings, words, standards.scales());
  }

  /** The set these tries make up. Compensations of voided tries are left behind with them. */
  private static Reading reading(Slot slot, List<TakenTry> set, Pain pain, Standards standards) {
    Set<Compensation> compensations = new LinkedHashSet<>();
    set.stream()
        .filter(t -> !t.voided())
        .flatMap(t -> t.compensations().stream())
        .filter(c -> !c.voids())
        .forEach(compensations::add);
    Optional<Method> method =
        set.stream().map(TakenTry::method).flatMap(Optional::stream).reduce((a, b) -> b);
    return new Reading(
        slot,
        method,
        set.stream().map(t -> new Try(t.value().orElseThrow(), t.voided())).toList(),
        compensations,
        pain,
        standards.deviation(set.get(set.size() - 1).byId(), method.orElse(Method.INCLINOMETER)));
  }

  /** Pain noted in a slot. */
  public static Pain pain(Map<String, Noted> facts, Slot slot) {
    return Optional.ofNullable(facts.get(Topic.PAIN.about(slot.key())))
        .map(Noted::value)
        .map(
            text -> {
              String[] words = text.split(" ", 2);
              return new Pain(Integer.parseInt(words[0]), words.length > 1 ? words[1] : "");
            })
        .orElse(Pain.NONE);
  }

  private static Setup setup(GolferFile file) {
    Function<String, Double> figure =
        name -> file.value(Topic.SETUP.about(name)).flatMap(Typed::number).orElse(0.0);
    return new Setup(
        file.value("setup.hipFlexion").flatMap(Typed::number).orElse(Setup.USUAL_HIP_FLEXION),
        figure.apply("pelvicTilt"),
        figure.apply("rounding"),
        figure.apply("trailFlare"),
        figure.apply("leadFlare"),
        figure.apply("trailPinch"),
        figure.apply("leadPinch"),
        file.value("swing.trailKneeExtension").flatMap(Typed::number).orElse(0.0),
        file.value("swing.leadRelease").flatMap(LeadRelease::parse).orElse(LeadRelease.HELD),
        file.value("swing.club").flatMap(Club::parse).orElse(Club.DRIVER));
  }

  /** The school in force. */
  static School school(GolferFile file) {
    return file.value("school").flatMap(School::parse).orElse(USUAL_SCHOOL);
  }

  private static Seen seen(GolferFile file, School school, Demands asks) {
    Map<SetupFault, Level> setup = Measured.setupLevels(file, school);
    boolean arched = setup.get(SetupFault.ARCHED) == Level.CLEAR;
    Map<PivotFault, Level> pivot = Measured.pivotLevels(file, asks, arched);
    Map<PivotFault, Rehearsal> rehearsals = new EnumMap<>(PivotFault.class);
    for (PivotFault fault : PivotFault.values()) {
      file.value(Topic.REHEARSAL.about(fault.id()))
          .flatMap(Rehearsal::parse)
          .ifPresent(rehearsal -> rehearsals.put(fault, rehearsal));
    }
    Set<Habit> habits = EnumSet.noneOf(Habit.class);
    for (Habit habit : Habit.values()) {
      if (file.value(Topic.HABIT.about(habit.id())).isPresent()) {
        habits.add(habit);
      }
    }
    return new Seen(setup, pivot, rehearsals, habits);
  }

  private static Optional<Wishes> wishes(GolferFile file, LocalDate today) {
    Optional<Integer> minutes = file.value("wish.minutes").map(Integer::parseInt);
    Optional<Integer> days = file.value("wish.days").map(Integer::parseInt);
    if (minutes.isEmpty() || days.isEmpty()) {
      return Optional.empty();
    }
    Set<Tool> tools = EnumSet.noneOf(Tool.class);
    for (Tool tool : Tool.values()) {
      if (file.value("wish.tool-" + tool.id()).isPresent()) {
        tools.add(tool);
      }
    }
    return Optional.of(
        new Wishes(
            minutes.get(),
            days.get(),
            file.value("wish.weeks").map(Integer::parseInt).orElse(Wishes.USUAL_WEEKS),
            file.value("wish.start").map(LocalDate::parse).orElse(today),
            tools,
            blackout(file),
            file.value("swing.downswing").flatMap(Downswing::parse)));
  }

  /** Days nothing can be done on: dates in the wish, apart by spaces. */
  static Set<LocalDate> blackout(GolferFile file) {
    Set<LocalDate> days = new LinkedHashSet<>();
    for (String word : file.value("wish.blackout").orElse("").split("[\\s,;]+")) {
      if (!word.isEmpty()) {
        days.add(LocalDate.parse(word));
      }
    }
    return days;
  }
}
