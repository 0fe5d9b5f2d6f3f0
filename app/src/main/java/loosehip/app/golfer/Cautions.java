package loosehip.app.golfer;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.store.GolferFile;
import loosehip.core.body.Side;
import loosehip.core.measure.Screen;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.DerivedCautions;
import loosehip.core.safety.NotedCaution;

/** The cautions of a golfer on a day: those noted, and those that follow from age and stand. */
final class Cautions {
  private static final int WEEKS_TO_MIND = 12;

  private final GolferFile file;
  private final LocalDate today;

  private Cautions(GolferFile file, LocalDate today) {
    this.file = file;
    this.today = today;
  }

  static List<NotedCaution> of(GolferFile file, Standards standards, LocalDate today) {
    Cautions of = new Cautions(file, today);
    List<NotedCaution> all = new ArrayList<>();
    Facts.CAUTION
        .in(file)
        .forEach((caution, side) -> of.noted(caution, side.side()).ifPresent(all::add));
    return DerivedCautions.with(
        all, Cases.who(file).couldBeMinor(today), Facts.GUARDIAN.isIn(file), of.screens(standards));
  }

  private Optional<NotedCaution> noted(Caution caution, Optional<Side> side) {
    NotedCaution.Detail detail = detail();
    boolean over =
        caution == Caution.PREGNANCY
            && detail.weeksAfter().filter(w -> w > WEEKS_TO_MIND).isPresent();
    return over
        ? Optional.empty()
        : Optional.of(
            new NotedCaution(
                caution,
                side,
                Facts.CAUTION_NOTE.about(caution).in(file).orElse(""),
                about(caution, detail),
                clearance(caution)));
  }

  private Optional<Clearance> clearance(Caution caution) {
    return Facts.CLEARED_CAUTION.about(caution).in(file).filter(c -> !c.lapsed(today));
  }

  private NotedCaution.Detail detail() {
    return new NotedCaution.Detail(
        Facts.BACK_PAIN.in(file),
        counted(Facts.PREGNANCY_WEEK),
        counted(Facts.WEEKS_AFTER),
        Facts.NEW_KNEE.isIn(file),
        Facts.NEW_SCIATICA.isIn(file),
        false);
  }

  /** Only what was asked about this caution. */
  private static NotedCaution.Detail about(Caution caution, NotedCaution.Detail all) {
    NotedCaution.Detail none = NotedCaution.Detail.NONE;
    return switch (caution) {
      case BACK ->
          new NotedCaution.Detail(
              all.painNow(), none.week(), none.weeksAfter(), false, false, false);
      case PREGNANCY ->
          new NotedCaution.Detail(
              none.painNow(), all.week(), all.weeksAfter(), false, false, false);
      case KNEE ->
          new NotedCaution.Detail(
              none.painNow(), none.week(), none.weeksAfter(), all.replacement(), false, false);
      case SCIATICA ->
          new NotedCaution.Detail(
              none.painNow(), none.week(), none.weeksAfter(), false, all.fresh(), false);
      default -> none;
    };
  }

  /** Weeks as they were noted, and those that have gone by since. */
  private Optional<Integer> counted(Fact<Integer> weeks) {
    return weeks
        .in(file)
        .map(
            noted ->
                noted
                    + (int)
                        ChronoUnit.WEEKS.between(day(file.facts().get(weeks.key()).at()), today));
  }

  private static LocalDate day(Instant at) {
    return LocalDate.ofInstant(at, ZoneId.systemDefault());
  }

  private List<Screen> screens(Standards standards) {
    List<Screen> screens = new ArrayList<>();
    List<GolferFile.EarlierVisit> earlier =
        file.earlier().stream().sorted(Comparator.comparing(GolferFile.EarlierVisit::on)).toList();
    earlier.forEach(v -> screens.add(EarlierScreens.of(v, standards)));
    screens.add(Cases.screen(file.tries(), file.facts(), standards));
    return screens;
  }
}
