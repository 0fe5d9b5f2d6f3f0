package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.store.Note;
import loosehip.app.words.Typed;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;

/**
 * A set-up and a school being tried.
 *
 * @param setup the set-up
 * @param school the school
 */
public record Trial(Setup setup, School school) {
  static final String RELEASE = "leadRelease";
  static final String CLUB = "club";
  static final String SCHOOL = "school";

  /**
   * Reads what is tried; whatever is not given, or cannot be read, stays as it stands, and numbers
   * are held within their bounds.
   */
  static Trial of(Map<String, String> asked, Setup today, School school) {
    Map<BudgetFigure, Double> figures = new EnumMap<>(BudgetFigure.class);
    for (BudgetFigure figure : BudgetFigure.values()) {
      figures.put(
          figure,
          Optional.ofNullable(asked.get(figure.id()))
              .flatMap(Typed::number)
              .map(typed -> Math.round(10 * figure.held(typed)) / 10.0)
              .orElse(today.of(figure)));
    }
    return new Trial(
        new Setup(
            figures,
            today.known(),
            chosen(asked, RELEASE, LeadRelease.class).orElse(today.release()),
            chosen(asked, CLUB, Club.class).orElse(today.club())),
        chosen(asked, SCHOOL, School.class).orElse(school));
  }

  private static <E extends Enum<E> & Named> Optional<E> chosen(
      Map<String, String> asked, String name, Class<E> of) {
    return Optional.ofNullable(asked.get(name)).flatMap(Named.parser(of));
  }

  /** Whether anything differs from how the golfer stands. */
  boolean changes(Setup today, School now) {
    return !setup.equals(today) || school != now;
  }

  /** The notes that keep what differs from how the golfer stands. */
  List<Note> changesFrom(Setup today, School now) {
    List<Note> notes = new ArrayList<>();
    for (BudgetFigure figure : BudgetFigure.values()) {
      if (today.of(figure) != setup.of(figure)) {
        notes.add(fact(figure).note(setup.of(figure)));
      }
    }
    if (today.release() != setup.release()) {
      notes.add(Facts.RELEASE.note(setup.release()));
    }
    if (today.club() != setup.club()) {
      notes.add(Facts.CLUB.note(setup.club()));
    }
    if (now != school) {
      notes.add(Facts.SCHOOL.note(school));
    }
    return notes;
  }

  private static Fact<Double> fact(BudgetFigure figure) {
    return figure == BudgetFigure.STRAIGHTENING ? Facts.STRAIGHTENING : Facts.SETUP.about(figure);
  }
}
