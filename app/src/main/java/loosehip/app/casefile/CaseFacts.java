package loosehip.app.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.app.fact.CautionSide;
import loosehip.app.fact.Facts;
import loosehip.app.fact.FromStill;
import loosehip.app.fact.TrainersVerdict;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Who;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.Try;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.SetupLook;
import loosehip.core.safety.Caution;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.Unsteady;

/**
 * What a case file says, as what somebody would have noted and measured here. What a file says was
 * asked is not noted as answered: whoever takes it in asks the warning signs again; a yes stays
 * one.
 *
 * @param notes facts of the golfer and of the visit
 * @param tries numbers and words, in order within each slot
 */
public record CaseFacts(List<Note> notes, List<Measured> tries) {
  private static final String YES = "yes";

  /**
   * A try as the file has it.
   *
   * @param taken the try
   * @param scatter the deviation of one try it was judged by; empty when it is the usual one
   */
  public record Measured(Journal.NewTry taken, Optional<Double> scatter) {}

  /**
   * What a case says.
   *
   * @param today the day it is taken in
   */
  public static CaseFacts of(CaseFile golfer, LocalDate today) {
    CaseFacts facts = new CaseFacts(new ArrayList<>(), new ArrayList<>());
    facts.who(golfer.who());
    facts.health(golfer, today);
    facts.wishes(golfer);
    facts.setup(golfer);
    facts.swing(golfer);
    facts.decisions(golfer);
    facts.screen(golfer.screen());
    return facts;
  }

  /** What a screen of an earlier day says: its tries, and pain named in them. */
  static CaseFacts of(Screen screen) {
    CaseFacts facts = new CaseFacts(new ArrayList<>(), new ArrayList<>());
    facts.screen(screen);
    return facts;
  }

  private void screen(Screen screen) {
    screen.readings().forEach(this::reading);
    screen
        .words()
        .forEach(
            (slot, word) ->
                tries.add(
                    new Measured(
                        new Journal.NewTry(
                            slot,
                            Optional.empty(),
                            Optional.of(word),
                            Optional.empty(),
                            Set.of(),
                            false),
                        Optional.empty())));
  }

  private void who(Who who) {
    who.birthYear().map(Facts.BIRTH_YEAR::note).ifPresent(notes::add);
    who.birthDate().map(Facts.BIRTH_DATE::note).ifPresent(notes::add);
    who.handed().map(Facts.HANDED::note).ifPresent(notes::add);
    who.heightCm().map(Facts.HEIGHT::note).ifPresent(notes::add);
    who.guardian().map(Who.Guardian::name).map(Facts.GUARDIAN::note).ifPresent(notes::add);
  }

  private void health(CaseFile golfer, LocalDate today) {
    golfer.complaints().stream()
        .sorted()
        .forEach(c -> notes.add(Facts.COMPLAINT.about(c).note(YES)));
    golfer.health().openWarnings().stream()
        .sorted()
        .forEach(sign -> notes.add(Facts.WARNING.about(sign).note(true)));
    golfer
        .health()
        .cleared()
        .forEach(
            (sign, clearance) -> {
              notes.add(Facts.WARNING.about(sign).note(true));
              notes.add(Facts.CLEARED_WARNING.about(sign).note(clearance));
            });
    golfer.health().cautions().stream()
        .filter(c -> !followsByItself(c, golfer, today))
        .forEach(this::caution);
  }

  /** What age and a short stand say is found again from them. */
  private static boolean followsByItself(NotedCaution noted, CaseFile golfer, LocalDate today) {
    boolean more = !noted.note().isEmpty() || noted.clearance().isPresent();
    return switch (noted.caution()) {
      case UNDER_18 -> !more && golfer.who().couldBeMinor(today);
      case BALANCE -> !more && Unsteady.after(List.of(golfer.screen()));
      default -> false;
    };
  }

  private void caution(NotedCaution noted) {
    Caution caution = noted.caution();
    CautionSide side =
        !caution.sided()
            ? CautionSide.YES
            : noted
                .side()
                .flatMap(s -> Named.parse(CautionSide.class, s.id()))
                .orElse(CautionSide.BOTH);
    notes.add(Facts.CAUTION.about(caution).note(side));
    if (!noted.note().isEmpty()) {
      notes.add(Facts.CAUTION_NOTE.about(caution).note(noted.note()));
    }
    detail(caution, noted.detail());
    noted.clearance().map(Facts.CLEARED_CAUTION.about(caution)::note).ifPresent(notes::add);
  }

  /**
   * Only what is asked about this caution: elsewhere it would be taken for the one it is asked of.
   */
  private void detail(Caution caution, NotedCaution.Detail detail) {
    switch (caution) {
      case BACK -> detail.painNow().map(Facts.BACK_PAIN::note).ifPresent(notes::add);
      case PREGNANCY -> {
        detail.week().map(Facts.PREGNANCY_WEEK::note).ifPresent(notes::add);
        detail.weeksAfter().map(Facts.WEEKS_AFTER::note).ifPresent(notes::add);
      }
      case KNEE -> {
        if (detail.replacement()) {
          notes.add(Facts.NEW_KNEE.note(YES));
        }
      }
      case SCIATICA -> {
        if (detail.fresh()) {
          notes.add(Facts.NEW_SCIATICA.note(YES));
        }
      }
      default -> {
        // Nothing further is asked about the others.
      }
    }
  }

  private void wishes(CaseFile golfer) {
    golfer
        .wishes()
        .ifPresent(
            w -> {
              notes.add(Facts.MINUTES.note(w.minutesPerDay()));
              notes.add(Facts.DAYS.note(w.daysPerWeek()));
              notes.add(Facts.WEEKS.note(w.weeks()));
              notes.add(Facts.START.note(w.start()));
              w.tools().stream().sorted().forEach(t -> notes.add(Facts.TOOL.about(t).note(YES)));
              if (!w.blackout().isEmpty()) {
                notes.add(Facts.BLACKOUT.note(w.blackout()));
              }
              w.downswing().map(Facts.DOWNSWING::note).ifPresent(notes::add);
              if (!w.baseWork()) {
                notes.add(Facts.NO_BASE_WORK.note(YES));
              }
              w.bodyKg().map(Facts.BODY_KG::note).ifPresent(notes::add);
            });
  }

  private void setup(CaseFile golfer) {
    for (BudgetFigure figure : golfer.setup().known().keySet()) {
      double value = golfer.setup().of(figure);
      notes.add(
          figure == BudgetFigure.STRAIGHTENING
              ? Facts.STRAIGHTENING.note(value)
              : Facts.SETUP.about(figure).note(value));
      boolean pinch = figure == BudgetFigure.TRAIL_PINCH || figure == BudgetFigure.LEAD_PINCH;
      if (pinch && golfer.setup().known().containsValue(SetupLook.STILL)) {
        notes.add(Facts.FROM_STILL.about(figure.id()).note(new FromStill(value, 0)));
      }
    }
    golfer.seen().setup().forEach((f, level) -> notes.add(Facts.SETUP_FAULT.about(f).note(level)));
    golfer.spineShape().map(Facts.SHAPE::note).ifPresent(notes::add);
  }

  private void swing(CaseFile golfer) {
    notes.add(Facts.RELEASE.note(golfer.setup().release()));
    notes.add(Facts.CLUB.note(golfer.setup().club()));
    golfer.seen().pivot().forEach((f, level) -> notes.add(Facts.FAULT.about(f).note(level)));
    golfer
        .seen()
        .rehearsals()
        .forEach((f, rehearsal) -> notes.add(Facts.REHEARSAL.about(f).note(rehearsal)));
    golfer.seen().habits().forEach(h -> notes.add(Facts.HABIT.about(h).note(YES)));
  }

  private void decisions(CaseFile golfer) {
    notes.add(Facts.SCHOOL.note(golfer.school()));
    golfer.arcsOverruled().stream()
        .map(golfer.handed()::side)
        .sorted()
        .forEach(side -> notes.add(Facts.ARC_OVERRULED.about(side).note(YES)));
    golfer
        .overrules()
        .forEach(
            o ->
                notes.add(
                    Facts.LINK
                        .about(new TrainersVerdict.About(o.fault(), o.cause()))
                        .note(new TrainersVerdict(o.verdict(), o.note()))));
  }

  private void reading(Reading reading) {
    double usual = reading.method().orElse(Method.INCLINOMETER).tryDeviation();
    boolean own = reading.tryDeviation() != usual && !reading.slot().test().methods().isEmpty();
    Optional<Double> scatter = Optional.of(reading.tryDeviation()).filter(d -> own);
    for (Try each : reading.tries()) {
      tries.add(
          new Measured(
              new Journal.NewTry(
                  reading.slot(),
                  Optional.of(each.value()),
                  Optional.empty(),
                  reading.method(),
                  each.voided() ? Set.of() : reading.compensations(),
                  each.voided()),
              scatter));
    }
    if (!reading.pain().equals(Pain.NONE)) {
      notes.add(Facts.PAIN.about(reading.slot()).note(reading.pain()));
    }
  }
}
