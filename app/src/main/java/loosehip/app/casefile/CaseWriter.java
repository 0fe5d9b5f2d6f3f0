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
import loosehip.core.named.Named;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.NotedCaution;
import org.jspecify.annotations.Nullable;

/**
 * Writes a golfer as a case file of version 1: everything the judgement rests on, never the name.
 * What is written reads back to the same case.
 */
public final class CaseWriter {
  private CaseWriter() {}

  /** The case file of a golfer. */
  public static String write(CaseFile golfer) {
    return Documents.INDENTED.writeValueAsString(document(golfer));
  }

  static CaseDocument document(CaseFile golfer) {
    return new CaseDocument(
        CaseDocument.FORMAT,
        CaseDocument.VERSION,
        new CaseDocument.Golfer(
            golfer.who().ref().orElse(null),
            golfer.who().birthYear().orElse(null),
            golfer.handed(),
            golfer.who().heightCm().orElse(null)),
        sorted(golfer.complaints()),
        new CaseDocument.HealthPart(
            sorted(golfer.health().openWarnings()),
            golfer.health().cautions().stream().map(CaseWriter::caution).toList()),
        EntriesOfScreen.of(golfer.screen()),
        setup(golfer),
        swing(golfer),
        golfer.school(),
        golfer.wishes().map(CaseWriter::plan).orElse(null),
        overrules(golfer),
        practice(golfer));
  }

  private static <E extends Enum<E> & Named> List<E> sorted(Iterable<E> some) {
    List<E> all = new ArrayList<>();
    some.forEach(all::add);
    all.sort(Comparator.naturalOrder());
    return List.copyOf(all);
  }

  private static CaseDocument.CautionPart caution(NotedCaution noted) {
    return new CaseDocument.CautionPart(
        noted.caution(),
        noted.side().orElse(null),
        noted.note().isEmpty() ? null : noted.note(),
        noted.cleared() ? true : null);
  }

  private static CaseDocument.SetupPart setup(CaseFile golfer) {
    var s = golfer.setup();
    return new CaseDocument.SetupPart(
        s.hipFlexion(),
        s.pelvicTilt(),
        s.rounding(),
        s.trailFlare(),
        s.leadFlare(),
        s.trailPinch(),
        s.leadPinch(),
        golfer.seen().setup().entrySet().stream()
            .sorted(Map.Entry.comparingByKey())
            .map(e -> new CaseDocument.SetupFaultPart(e.getKey(), e.getValue()))
            .toList());
  }

  private static CaseDocument.SwingPart swing(CaseFile golfer) {
    return new CaseDocument.SwingPart(
        golfer.setup().straightening(),
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
        wishes.blackout().isEmpty() ? null : wishes.blackout().stream().sorted().toList());
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
                        o.verdict(),
                        o.note().isEmpty() ? null : o.note()))
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
