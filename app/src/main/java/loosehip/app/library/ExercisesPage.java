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
 * @param adding what was just added, taken out or refused
 * @param forms in which own ones are told
 */
public record ExercisesPage(int edition, List<Line> lines, Adding adding, List<OwnForm> forms) {

  /** A problem with the form as its reader knows the fields: by title. */
  static String said(Problem problem) {
    String field = problem.pointer().isEmpty() ? "" : problem.pointer().substring(1);
    String title = OwnForm.title(field);
    String where = title.isEmpty() ? "" : title + ": ";
    return where + problem.wrong() + "; " + problem.right();
  }

  /**
   * What was just added, taken out or refused.
   *
   * @param of what it was about
   * @param done what was done, in words; empty when nothing was
   * @param dropped id of the own item that was taken out and can be put back; empty when none was
   * @param problems why nothing was kept; empty when nothing was refused
   * @param form what was typed
   */
  public record Adding(
      OwnForm.Sort of,
      String done,
      String dropped,
      List<String> problems,
      MultiValueMap<String, String> form) {
    static final Adding NOTHING = done("", "");

    static Adding done(String words, String dropped) {
      return new Adding(
          OwnForm.Sort.EXERCISE, words, dropped, List.of(), new LinkedMultiValueMap<>());
    }

    static Adding refused(
        OwnForm.Sort of, List<String> problems, MultiValueMap<String, String> typed) {
      return new Adding(of, "", "", problems, typed);
    }

    /** What was typed into a field; empty text when nothing was. */
    String typed(String field) {
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

  /**
   * An exercise or drill to look up.
   *
   * @param asks how much of it, with what, and what it asks of the body
   * @param reduced when a drill is given in its easier form, and what that asks for; empty for
   *     exercises
   * @param photo id of the own item whose photo is shown; empty when it is drawn or has none
   * @param own its id when it is the practice's own
   * @param words what it is searched by
   */
  public record Line(
      ExerciseText text,
      String sort,
      String serves,
      String asks,
      String reduced,
      Optional<Drawing> start,
      Optional<Drawing> end,
      Optional<String> photo,
      Optional<String> own,
      String words) {}
}
