package loosehip.app.casefile;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.casefile.Who;
import loosehip.core.measure.Screen;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.DerivedCautions;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import org.jspecify.annotations.Nullable;

/** What must be respected, as a case file tells it. */
final class HealthOfCase {
  private final LocalDate today;

  private HealthOfCase(LocalDate today) {
    this.today = today;
  }

  static Health read(
      CaseDocument.@Nullable HealthPart health, Who who, Screen screen, LocalDate today) {
    return new HealthOfCase(today).health(health, who, screen);
  }

  /** Whoever made the file has asked: it says what it says. The application asks again. */
  Health health(CaseDocument.@Nullable HealthPart health, Who who, Screen screen) {
    List<NotedCaution> noted =
        health == null
            ? List.of()
            : orEmpty(health.cautions()).stream().map(this::caution).toList();
    List<NotedCaution> cautions =
        DerivedCautions.with(
            noted, who.couldBeMinor(today), who.guardian().isPresent(), List.of(screen));
    if (health == null) {
      return Health.of(Set.of(), cautions);
    }
    Set<WarningSign> open = new HashSet<>(orEmpty(health.warningSigns()));
    Map<WarningSign, Clearance> cleared = new EnumMap<>(WarningSign.class);
    for (CaseDocument.SignClearancePart part : orEmpty(health.clearances())) {
      Clearance clearance = clearance(part);
      if (!clearance.lapsed(today)) {
        cleared.put(part.sign(), clearance);
        open.remove(part.sign());
      }
    }
    return new Health(open, Set.of(), cleared, cautions);
  }

  private NotedCaution caution(CaseDocument.CautionPart c) {
    return new NotedCaution(
        c.id(),
        Optional.ofNullable(c.side()),
        c.note() == null ? "" : c.note(),
        new NotedCaution.Detail(
            Optional.ofNullable(c.painNow()),
            Optional.ofNullable(c.week()),
            Optional.ofNullable(c.weeksAfter()),
            Boolean.TRUE.equals(c.replacement()),
            Boolean.TRUE.equals(c.fresh()),
            false),
        Optional.ofNullable(c.clearance())
            .map(HealthOfCase::clearance)
            .filter(clearance -> !clearance.lapsed(today)));
  }

  private static Clearance clearance(CaseDocument.ClearancePart c) {
    return new Clearance(
        c.by(),
        c.profession() == null ? "" : c.profession(),
        Optional.ofNullable(c.on()),
        c.limits() == null ? "" : c.limits(),
        Optional.ofNullable(c.lookAgainBy()),
        Set.copyOf(orEmpty(c.lifts())),
        Set.copyOf(orEmpty(c.blocks())),
        orEmpty(c.degrees()));
  }

  private static Clearance clearance(CaseDocument.SignClearancePart c) {
    return clearance(
        new CaseDocument.ClearancePart(
            c.by(),
            c.profession(),
            c.on(),
            c.lookAgainBy(),
            c.limits(),
            null,
            c.blocks(),
            c.degrees()));
  }

  private static <T> List<T> orEmpty(@Nullable List<T> list) {
    return list == null ? List.of() : list;
  }
}
