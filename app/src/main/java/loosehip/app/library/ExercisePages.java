package loosehip.app.library;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.app.exercise.ExerciseShelf;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.exercise.OwnItem;
import loosehip.app.figure.Figures;
import loosehip.app.store.OwnExercises;
import loosehip.app.words.PlanWords;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Text;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Drill;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.Tools;
import org.springframework.stereotype.Component;

/** Builds the page of exercises and drills. */
@Component
class ExercisePages {
  private final ExerciseShelf shelf;
  private final OwnExercises store;
  private final ExerciseTexts texts;
  private final Figures figures;

  ExercisePages(ExerciseShelf shelf, OwnExercises store, ExerciseTexts texts, Figures figures) {
    this.shelf = shelf;
    this.store = store;
    this.texts = texts;
    this.figures = figures;
  }

  /** A practice's page. */
  ExercisesPage of(String practice, ExercisesPage.Adding adding) {
    Catalogue catalogue = shelf.of(practice);
    List<OwnItem> owns = shelf.own(practice);
    Map<ItemId, String> byPlanId =
        owns.stream()
            .collect(Collectors.toMap(o -> ExerciseShelf.planId(practice, o.id()), OwnItem::id));
    Set<String> photos =
        store.of(practice).stream()
            .filter(OwnExercises.Stored::photo)
            .map(OwnExercises.Stored::exerciseId)
            .collect(Collectors.toSet());
    List<ExercisesPage.Line> lines =
        Stream.concat(
                catalogue.exercises().stream()
                    .map(
                        e ->
                            line(
                                e,
                                catalogue.ladders().get(e.ladder()).size(),
                                Optional.ofNullable(byPlanId.get(e.id())),
                                photos)),
                catalogue.drills().stream()
                    .map(d -> line(d, Optional.ofNullable(byPlanId.get(d.id())), photos)))
            .toList();
    return new ExercisesPage(
        Catalogue.EDITION,
        lines,
        adding,
        List.of(OwnForm.exercise(owns, adding), OwnForm.drill(adding)));
  }

  private ExercisesPage.Line line(Exercise e, int rungs, Optional<String> own, Set<String> photos) {
    String also = titles(e.also());
    String ladder = own.isPresent() ? "" : ", " + e.ladder().id().replace('-', ' ') + " ladder";
    return line(
        texts.of(e.id()),
        e.kind().word()
            + yours(own)
            + (rungs > 1 ? ", rung " + e.rung() + " of " + rungs + ladder : ""),
        titles(e.serves()) + (also.isEmpty() ? "" : "; half: " + also),
        PlanWords.dose(e.dose()) + with(e.tools()) + asks(SafetyWords.demands(e.demands())),
        "",
        own,
        photos);
  }

  private ExercisesPage.Line line(Drill d, Optional<String> own, Set<String> photos) {
    return line(
        texts.of(d.id()),
        "groove, drill" + yours(own),
        d.faults().size() == PivotFault.values().length
            ? "any fault, last"
            : d.faults().stream().map(PivotFault::title).collect(Collectors.joining(", ")),
        PlanWords.dose(d.dose())
            + with(d.full().tools())
            + asks(SafetyWords.demands(d.full().demands())),
        reduced(d),
        own,
        photos);
  }

  /** When the easier form is given instead, and what that asks for. */
  private static String reduced(Drill d) {
    String when =
        d.needs().isEmpty()
            ? "where a caution or a tool keeps the full form out"
            : "until "
                + Text.list(d.needs().stream().map(n -> Text.lower(n.title())).toList())
                + (d.needs().size() == 1 ? " is" : " are")
                + " at least close";
    return when + with(d.reduced().tools()) + asks(SafetyWords.demands(d.reduced().demands()));
  }

  private static String yours(Optional<String> own) {
    return own.isPresent() ? ", your own" : "";
  }

  private static String with(Tools tools) {
    return tools.words().isEmpty() ? "" : " · with " + tools.words();
  }

  private static String asks(String demands) {
    return demands.isEmpty() ? "" : " · asks: " + demands;
  }

  private ExercisesPage.Line line(
      ExerciseText text,
      String sort,
      String serves,
      String asks,
      String reduced,
      Optional<String> own,
      Set<String> photos) {
    return new ExercisesPage.Line(
        text,
        sort,
        serves,
        asks,
        reduced,
        figures.find(text.id() + ".start"),
        figures.find(text.id() + ".end"),
        own.filter(photos::contains),
        own,
        (text.name() + " " + text.id() + " " + serves + " " + sort + " " + asks)
            .toLowerCase(Locale.ROOT));
  }

  private static String titles(List<LimitKind> kinds) {
    return kinds.stream().map(LimitKind::title).collect(Collectors.joining(", "));
  }
}
