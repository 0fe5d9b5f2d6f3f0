package loosehip.app.casefile;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import loosehip.app.document.Documents;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Practice;
import loosehip.core.link.Rehearsal;
import loosehip.core.measure.TestCard;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupLook;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import org.jspecify.annotations.Nullable;

/**
 * Writes a golfer as a case file of version 1: everything the judgement rests on, never the name.
 * What is written reads back to the same case.
 */
public final class CaseWriter {
  private CaseWriter() {}

  /** The case file of a golfer. */
  public static String write(CaseFile golfer) {
    return write(golfer, Map.of());
  }

  /** The same with notes on tests. */
  static String write(CaseFile golfer, Map<TestCard, String> notes) {
    return Documents.INDENTED.writeValueAsString(document(golfer, notes));
  }

  static CaseDocument document(CaseFile golfer, Map<TestCard, String> notes) {
    return new CaseDocument(
        CaseDocument.FORMAT,
        CaseDocument.VERSION,
        new CaseDocument.Golfer(
            golfer.who().ref().orElse(null),
            golfer.who().birthYear().orElse(null),
            golfer.who().birthDate().orElse(null),
            golfer
                .who()
                .guardian()
                .map(g -> new CaseDocument.GuardianPart(g.name(), g.on().orElse(null)))
                .orElse(null),
            golfer.who().handed().orElse(null),
            golfer.who().heightCm().orElse(null)),
        sorted(golfer.complaints()),
        health(golfer),
        ScreenNotes.with(EntriesOfScreen.of(golfer.screen()), notes),
        setup(golfer),
        swing(golfer),
        golfer.school(),
        golfer.wishes().map(CaseWriter::plan).orElse(null),
        golfer.arcsOverruled().isEmpty()
            ? null
            : golfer.arcsOverruled().stream().map(golfer.handed()::side).sorted().toList(),
        overrules(golfer),
        practice(golfer));
  }

  private static <E extends Enum<E> & Named> List<E> sorted(Iterable<E> some) {
    List<E> all = new ArrayList<>();
    some.forEach(all::add);
    all.sort(Comparator.naturalOrder());
    return List.copyOf(all);
  }

  private static CaseDocument.HealthPart health(CaseFile golfer) {
    Health health = golfer.health();
    return new CaseDocument.HealthPart(
        health.unanswered().isEmpty(),
        sorted(health.openWarnings()),
        health.cleared().isEmpty()
            ? null
            : health.cleared().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> sign(e.getKey(), e.getValue()))
                .toList(),
        health.cautions().stream().map(CaseWriter::caution).toList());
  }

  private static CaseDocument.CautionPart caution(NotedCaution noted) {
    NotedCaution.Detail detail = noted.detail();
    return new CaseDocument.CautionPart(
        noted.caution(),
        noted.side().orElse(null),
        noted.note().isEmpty() ? null : noted.note(),
        detail.painNow().orElse(null),
        detail.week().orElse(null),
        detail.weeksAfter().orElse(null),
        detail.replacement() ? true : null,
        detail.fresh() ? true : null,
        noted.clearance().map(CaseWriter::clearance).orElse(null));
  }

  private static CaseDocument.SignClearancePart sign(WarningSign sign, Clearance c) {
    return new CaseDocument.SignClearancePart(
        sign,
        c.by(),
        c.profession().isEmpty() ? null : c.profession(),
        c.on().orElse(null),
        c.lookAgainBy().orElse(null),
        c.limits().isEmpty() ? null : c.limits(),
        c.blocks().isEmpty() ? null : sorted(c.blocks()),
        c.degrees().isEmpty() ? null : c.degrees());
  }

  private static CaseDocument.ClearancePart clearance(Clearance c) {
    return new CaseDocument.ClearancePart(
        c.by(),
        c.profession().isEmpty() ? null : c.profession(),
        c.on().orElse(null),
        c.lookAgainBy().orElse(null),
        c.limits().isEmpty() ? null : c.limits(),
        c.lifts().isEmpty() ? null : sorted(c.lifts()),
        c.blocks().isEmpty() ? null : sorted(c.blocks()),
        c.degrees().isEmpty() ? null : c.degrees());
  }

  private static CaseDocument.SetupPart setup(CaseFile golfer) {
    var s = golfer.setup();
    return new CaseDocument.SetupPart(
        noted(s, BudgetFigure.HIP_FLEXION),
        noted(s, BudgetFigure.PELVIC_TILT),
        noted(s, BudgetFigure.ROUNDING),
        noted(s, BudgetFigure.TRAIL_FLARE),
        noted(s, BudgetFigure.LEAD_FLARE),
        noted(s, BudgetFigure.TRAIL_PINCH),
        noted(s, BudgetFigure.LEAD_PINCH),
        s.known().containsValue(SetupLook.STILL) ? SetupLook.STILL : null,
        golfer.spineShape().orElse(null),
        golfer.seen().setup().entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .map(e -> new CaseDocument.SetupFaultPart(e.getKey(), e.getValue()))
            .toList());
  }

  /** A figure that somebody noted; what is only supposed is not written. */
  private static @Nullable Double noted(Setup setup, BudgetFigure figure) {
    return setup.known().containsKey(figure) ? setup.of(figure) : null;
  }

  private static CaseDocument.SwingPart swing(CaseFile golfer) {
    return new CaseDocument.SwingPart(
        noted(golfer.setup(), BudgetFigure.STRAIGHTENING),
        golfer.setup().release(),
        golfer.setup().club(),
        golfer.seen().pivot().entrySet().stream()
            .map(
                e ->
                    new CaseDocument.FaultPart(
                        e.getKey(),
                        e.getValue(),
                        golfer.seen().rehearsal(e.getKey()) == Rehearsal.NOT_TRIED
                            ? null
                            : golfer.seen().rehearsal(e.getKey())))
            .toList(),
        sorted(golfer.seen().habits()));
  }

  private static CaseDocument.PlanPart plan(Wishes wishes) {
    return new CaseDocument.PlanPart(
        wishes.minutesPerDay(),
        wishes.daysPerWeek(),
        wishes.weeks(),
        wishes.start(),
        sorted(wishes.tools()),
        wishes.downswing().orElse(null),
        wishes.blackout().isEmpty() ? null : wishes.blackout().stream().sorted().toList(),
        wishes.baseWork() ? null : false,
        wishes.bodyKg().orElse(null));
  }

  private static @Nullable List<CaseDocument.OverrulePart> overrules(CaseFile golfer) {
    return golfer.overrules().isEmpty()
        ? null
        : golfer.overrules().stream()
            .map(
                o ->
                    new CaseDocument.OverrulePart(
                        o.fault(),
                        o.cause().key(),
                        null,
                        o.verdict(),
                        o.note().isEmpty() ? null : o.note(),
                        o.signed().by().orElse(null),
                        o.signed().on().orElse(null)))
            .toList();
  }

  /** What differs from the shipped figures; a practice's own exercises stay with it. */
  private static CaseDocument.@Nullable PracticePart practice(CaseFile golfer) {
    Practice practice = golfer.practice();
    Map<String, Double> coefficients = new LinkedHashMap<>();
    practice.coefficients().own().forEach((figure, value) -> coefficients.put(figure.id(), value));
    Map<String, List<Double>> bands = new TreeMap<>();
    golfer
        .screen()
        .scales()
        .own()
        .forEach((key, scale) -> bands.put(key, List.of(scale.enough(), scale.close())));
    List<CaseDocument.WeightPart> weights =
        practice.rules().own().stream()
            .map(
                o ->
                    new CaseDocument.WeightPart(
                        o.fault(), o.cause().key(), o.prior(), o.strength()))
            .toList();
    return coefficients.isEmpty() && bands.isEmpty() && weights.isEmpty()
        ? null
        : new CaseDocument.PracticePart(
            coefficients.isEmpty() ? null : coefficients,
            bands.isEmpty() ? null : bands,
            weights.isEmpty() ? null : weights);
  }
}
