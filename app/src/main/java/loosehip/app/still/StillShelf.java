package loosehip.app.still;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.FromStill;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Stills;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.core.link.Level;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SwingFigure;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.still.StillValue;
import org.springframework.stereotype.Component;

/**
 * A golfer's stills while there is consent to pictures; without it there are none, and what was
 * left of them is deleted.
 */
@Component
class StillShelf {
  /** The wording consent to pictures is given to; the number changes with the words. */
  static final String WORDING = "pictures 1";

  private final Stills stills;
  private final Journal journal;

  StillShelf(Stills stills, Journal journal) {
    this.stills = stills;
    this.journal = journal;
  }

  static boolean consented(GolferFile file) {
    return Facts.CONSENT.isIn(file) && Facts.PICTURES.isIn(file);
  }

  /** The stills of a golfer, those of the newest visit first. */
  List<Stills.Kept> of(GolferFile file) {
    List<Stills.Kept> all = stills.of(file);
    if (!all.isEmpty() && !consented(file)) {
      stills.deleteAll(file);
      return List.of();
    }
    return all;
  }

  /** A figure that a still gives for a field of set-up or swing. */
  record Given(
      String id,
      String title,
      String unit,
      int decimals,
      Fact<Double> fact,
      StillValue value,
      Optional<String> instead) {
    /** As it is noted: to the figure's decimals. */
    double noted() {
      double by = decimals == 2 ? 100 : 10;
      return Math.round(value.value() * by) / by;
    }
  }

  /**
   * What a still gives, each with what it would take the place of: a figure typed by hand, or a
   * level tapped by eye that the figure would set otherwise. A still of an earlier visit gives
   * nothing to this one, and a closed visit takes nothing.
   */
  static List<Given> given(Workup workup, Stills.Kept kept, ReadStill read) {
    List<Given> given = new ArrayList<>();
    if (workup.closed() || !kept.visitId().equals(workup.file().visitId())) {
      return given;
    }
    read.setup().forEach((figure, value) -> given.add(setup(workup, figure, value)));
    read.swing().forEach((figure, value) -> given.add(swing(workup, figure, value)));
    read.straightening().ifPresent(value -> given.add(straightening(workup, value)));
    return given;
  }

  private static Given setup(Workup workup, SetupFigure figure, StillValue value) {
    GolferFile file = workup.file();
    Fact<Double> fact = Measured.fact(figure);
    Optional<String> instead =
        typed(file, fact, figure.id(), figure.unit())
            .or(
                () ->
                    figure
                        .says(value.value(), Measured.shape(file, workup.golfer().school()))
                        .entrySet()
                        .stream()
                        .flatMap(e -> tapped(file, e.getKey(), e.getValue()).stream())
                        .findFirst());
    return new Given(
        figure.id(),
        figure.title(),
        figure.unit(),
        figure.unit().isEmpty() ? 2 : 1,
        fact,
        value,
        instead);
  }

  private static Given straightening(Workup workup, StillValue value) {
    BudgetFigure figure = BudgetFigure.STRAIGHTENING;
    Optional<String> typed = typed(workup.file(), Facts.STRAIGHTENING, figure.id(), "°");
    return new Given(figure.id(), figure.title(), "°", 1, Facts.STRAIGHTENING, value, typed);
  }

  private static Given swing(Workup workup, SwingFigure figure, StillValue value) {
    Fact<Double> fact = Facts.SWING_FIGURE.about(figure);
    GolferFile file = workup.file();
    Optional<String> instead =
        typed(file, fact, figure.id(), figure.sign())
            .or(
                () ->
                    Facts.FAULT
                        .about(figure.fault())
                        .in(file)
                        .filter(
                            level ->
                                level
                                    != figure.level(
                                        value.value(),
                                        workup.asks(),
                                        workup.golfer().seen().level(SetupFault.ARCHED)
                                            == Level.CLEAR))
                        .map(level -> figure.fault().title() + ", " + level.word() + ", by eye"));
    return new Given(figure.id(), figure.title(), figure.sign(), 1, fact, value, instead);
  }

  private static Optional<String> typed(
      GolferFile file, Fact<Double> fact, String id, String unit) {
    return fact.in(file)
        .filter(v -> Measured.fromStill(file, id, v).isEmpty())
        .map(v -> Numbers.shown(Shown.ofSign(unit).of(v)) + Shown.ofSign(unit).sign() + ", typed");
  }

  private static Optional<String> tapped(GolferFile file, SetupFault fault, Level sets) {
    return Facts.SETUP_FAULT
        .about(fault)
        .in(file)
        .filter(level -> level != sets)
        .map(level -> fault.title() + ", " + level.word() + ", by eye");
  }

  /**
   * Takes figures over, as one step.
   *
   * @param over ids of the figures that may take the place of what was typed or tapped
   * @return how many were taken
   */
  int take(Workup workup, Account by, List<Given> given, List<String> over, String label) {
    Map<String, Note> notes = new LinkedHashMap<>();
    int taken = 0;
    for (Given one : given) {
      if (one.instead().isPresent() && !over.contains(one.id())) {
        continue;
      }
      double value = one.noted();
      if (one.fact().problem(String.valueOf(value), workup.today()).isPresent()) {
        continue;
      }
      Fact<FromStill> mark = Facts.FROM_STILL.about(one.id());
      notes.put(one.fact().key(), one.fact().note(value));
      notes.put(mark.key(), mark.note(new FromStill(value, one.value().plusMinus())));
      taken++;
    }
    if (!notes.isEmpty()) {
      journal.note(workup.file(), by, List.copyOf(notes.values()), label);
    }
    return taken;
  }
}
