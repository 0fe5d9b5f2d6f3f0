package loosehip.app.library;

import java.util.List;
import java.util.Optional;
import loosehip.app.document.Problem;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.figure.Drawing;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/**
 * The exercises and drills, ready to be shown.
 *
 * @param edition of the catalogue
 * @param lines every exercise and drill
 * @param adding what was just added or refused
 * @param fields what is told of an own exercise in words
 * @param kinds sorts of work
 * @param owns own exercises that a harder rung can stand on
 * @param choices what is told of an own exercise by choosing
 */
public record ExercisesPage(
    int edition,
    List<Line> lines,
    Adding adding,
    List<Field> fields,
    List<Choice> kinds,
    List<Choice> owns,
    List<Choices> choices) {
  /** What is told of an exercise in words, and how it is asked for. */
  static final List<Asked> FIELDS =
      List.of(
          new Asked("name", "name"),
          new Asked("purpose", "purpose"),
          new Asked("start", "start position"),
          new Asked("feel", "feel"),
          new Asked("spoils", "what spoils it"),
          new Asked("harder", "harder"),
          new Asked("easier", "easier"),
          new Asked("stop", "stop signs"));

  /** Something asked for in words. */
  record Asked(String name, String title) {}

  /** A problem with the form as its reader knows the fields: by title. */
  static String said(Problem problem) {
    String field = problem.pointer().isEmpty() ? "" : problem.pointer().substring(1);
    String title =
        FIELDS.stream()
            .filter(f -> f.name().equals(field))
            .map(Asked::title)
            .findFirst()
            .orElse(field);
    String where = title.isEmpty() ? "" : title + ": ";
    return where + problem.wrong() + "; " + problem.right();
  }

  /**
   * What was just added or refused.
   *
   * @param done what was kept, in words; empty when nothing was
   * @param problems why nothing was kept; empty when nothing was refused
   * @param form what was typed
   */
  public record Adding(String done, List<String> problems, MultiValueMap<String, String> form) {
    static final Adding NOTHING = new Adding("", List.of(), new LinkedMultiValueMap<>());

    /** What was typed into a field; empty text when nothing was. */
    public String typed(String field) {
      return Optional.ofNullable(form.getFirst(field)).orElse("");
    }

    boolean chose(String field, String id) {
      return form.getOrDefault(field, List.of()).contains(id);
    }

    /** Whether something was refused. */
    public boolean refused() {
      return !problems.isEmpty();
    }
  }

  /** A field of the form. */
  public record Field(String name, String title, String typed) {}

  /** One thing that can be chosen. */
  public record Choice(String id, String words, boolean chosen) {}

  /** Things of which any can be chosen. */
  public record Choices(String name, String title, List<Choice> all) {}

  /**
   * An exercise or drill to look up.
   *
   * @param photo id of the own exercise whose photo is shown; empty when it is drawn or has none
   * @param own its id when it is the practice's own
   * @param words what it is searched by
   */
  public record Line(
      ExerciseText text,
      String sort,
      String serves,
      String dose,
      String tools,
      String demands,
      Optional<Drawing> start,
      Optional<Drawing> end,
      Optional<String> photo,
      Optional<String> own,
      String words) {
    /** How much of it, with what, and what it asks of the body. */
    public String asks() {
      return dose
          + (tools.isEmpty() ? "" : " · with " + tools)
          + (demands.isEmpty() ? "" : " · asks: " + demands);
    }
  }
}
