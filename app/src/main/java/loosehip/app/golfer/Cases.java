package loosehip.app.golfer;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.app.fact.Facts;
import loosehip.app.fact.WaitingSigns;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Noted;
import loosehip.app.store.TakenTry;
import loosehip.core.body.Handed;
import loosehip.core.body.Leg;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Practice;
import loosehip.core.casefile.Who;
import loosehip.core.link.Complaint;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.AngleKind;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.measure.Try;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Demands;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Guard;
import loosehip.core.safety.Health;
import loosehip.core.safety.WarningSign;

/** Turns a stored file into the case the core judges. */
public final class Cases {
  /** The school of a golfer for whom none was chosen. */
  public static final School USUAL_SCHOOL = School.ROTATION_FIRST;

  private Cases() {}

  /** The case of this file, held against a practice's own standards. */
  public static CaseFile of(GolferFile file, Standards standards, LocalDate today) {
    School school = school(file);
    return new CaseFile(
        who(file),
        orNone(Facts.COMPLAINT.in(file).keySet(), Complaint.class),
        health(file, standards, today),
        screen(file.tries(), file.facts(), standards),
        setup(file),
        seen(file, school, standards.coefficients().demands(school)),
        school,
        Facts.SHAPE.in(file),
        wishes(file, today),
        arcsOverruled(file),
        overrules(file),
        new Practice(standards.coefficients(), standards.rules(), standards.catalogue()));
  }

  private static <E extends Enum<E>> Set<E> orNone(Set<E> some, Class<E> of) {
    Set<E> all = EnumSet.noneOf(of);
    all.addAll(some);
    return all;
  }

  private static Set<Leg> arcsOverruled(GolferFile file) {
    Handed handed = Facts.HANDED.in(file).orElse(Handed.RIGHT);
    return Facts.ARC_OVERRULED.in(file).keySet().stream()
        .map(handed::leg)
        .collect(Collectors.toSet());
  }

  private static List<Overrule> overrules(GolferFile file) {
    List<Overrule> overrules = new ArrayList<>();
    Facts.LINK
        .in(file)
        .forEach(
            (about, said) ->
                said.verdict()
                    .ifPresent(
                        verdict ->
                            overrules.add(
                                new Overrule(
                                    about.fault(),
                                    about.cause(),
                                    verdict,
                                    said.note(),
                                    signed(file.facts().get(Facts.LINK.about(about).key()))))));
    return overrules;
  }

  private static Overrule.Signed signed(Noted noted) {
    return new Overrule.Signed(
        Optional.of(noted.by()),
        Optional.of(LocalDate.ofInstant(noted.at(), ZoneId.systemDefault())));
  }

  /** Who it is, without the name. */
  static Who who(GolferFile file) {
    return new Who(
        Optional.empty(),
        Facts.BIRTH_YEAR.in(file),
        Facts.BIRTH_DATE.in(file),
        Facts.GUARDIAN.in(file).map(name -> new Who.Guardian(name, guardianOn(file))),
        Facts.HANDED.in(file),
        Facts.HEIGHT.in(file));
  }

  private static Optional<LocalDate> guardianOn(GolferFile file) {
    return Optional.ofNullable(file.facts().get(Facts.GUARDIAN.key()))
        .map(noted -> LocalDate.ofInstant(noted.at(), ZoneId.systemDefault()));
  }

  private static Health health(GolferFile file, Standards standards, LocalDate today) {
    Set<WarningSign> unanswered = EnumSet.allOf(WarningSign.class);
    unanswered.removeAll(Facts.WARNING.in(file).keySet());
    return new Health(
        WaitingSigns.of(file, today),
        unanswered,
        WaitingSigns.cleared(file, today),
        Cautions.of(file, standards, today));
  }

  /** What every door asks before it opens for this golfer. */
  public static Guard guard(GolferFile file, LocalDate today) {
    return new Guard(
        health(file, Standards.SHIPPED, today), permission(file, today), Facts.HANDED.isIn(file));
  }

  /** Who allowed that health data be kept. */
  static Guard.Permission permission(GolferFile file, LocalDate today) {
    return new Guard.Permission(
        Facts.CONSENT.isIn(file), who(file).couldBeMinor(today), Facts.GUARDIAN.isIn(file));
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
                .filter(word -> !stopped(facts, slot))
                .ifPresent(word -> words.put(slot, word));
          }
        });
    return Screen.of(readings, words, standards.scales());
  }

  /** Whether pain ended a worded test on the side of a slot; then its words say nothing. */
  private static boolean stopped(Map<String, Noted> facts, Slot slot) {
    return Facts.PAIN.subjects(facts.keySet()).stream()
        .filter(s -> s.test() == slot.test() && s.side().equals(slot.side()))
        .filter(s -> !s.test().numeric(s.part()))
        .anyMatch(s -> pain(facts, s).stops());
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
    List<Try> tries = set.stream().map(t -> new Try(t.value().orElseThrow(), t.voided())).toList();
    TakenTry last = set.get(set.size() - 1);
    return last.scatter()
        .or(
            () ->
                AngleKind.of(slot.test())
                    .map(
                        kind ->
                            standards.deviation(
                                last.byId(), method.orElse(Method.INCLINOMETER), kind)))
        .map(scatter -> new Reading(slot, method, tries, compensations, pain, scatter))
        .orElseGet(() -> new Reading(slot, method, tries, compensations, pain));
  }

  /** Where pain in a card is noted: with its numbers, or with its first question. */
  public static Optional<Slot> painSlot(TestCard card) {
    return card.numbers().or(() -> card.words().stream().findFirst());
  }

  /** Pain noted in a slot. */
  public static Pain pain(Map<String, Noted> facts, Slot slot) {
    var pain = Facts.PAIN.about(slot);
    return Optional.ofNullable(facts.get(pain.key()))
        .map(Noted::value)
        .flatMap(pain.codec().read())
        .orElse(Pain.NONE);
  }

  private static Setup setup(GolferFile file) {
    Map<BudgetFigure, Double> figures = new EnumMap<>(BudgetFigure.class);
    figures.putAll(Facts.SETUP.in(file));
    Facts.STRAIGHTENING.in(file).ifPresent(s -> figures.put(BudgetFigure.STRAIGHTENING, s));
    return new Setup(
        figures,
        Setup.seen(figures, Measured.look(file)),
        Facts.RELEASE.in(file).orElse(LeadRelease.HELD),
        Facts.CLUB.in(file).orElse(Club.DRIVER));
  }

  /** The school in force. */
  static School school(GolferFile file) {
    return Facts.SCHOOL.in(file).orElse(USUAL_SCHOOL);
  }

  private static Seen seen(GolferFile file, School school, Demands asks) {
    Map<SetupFault, Level> setup = Measured.setupLevels(file, school);
    boolean arched = setup.get(SetupFault.ARCHED) == Level.CLEAR;
    Map<PivotFault, Level> pivot = Measured.pivotLevels(file, asks, arched);
    return new Seen(setup, pivot, Facts.REHEARSAL.in(file), Facts.HABIT.in(file).keySet());
  }

  private static Optional<Wishes> wishes(GolferFile file, LocalDate today) {
    Optional<Integer> minutes = Facts.MINUTES.in(file);
    Optional<Integer> days = Facts.DAYS.in(file);
    if (minutes.isEmpty() || days.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Wishes(
            minutes.get(),
            days.get(),
            Facts.WEEKS.in(file).orElse(Wishes.USUAL_WEEKS),
            Facts.START.in(file).orElse(today),
            orNone(Facts.TOOL.in(file).keySet(), Tool.class),
            Facts.BLACKOUT.in(file).orElse(Set.of()),
            Facts.DOWNSWING.in(file),
            !Facts.NO_BASE_WORK.isIn(file),
            Facts.BODY_KG.in(file)));
  }
}
