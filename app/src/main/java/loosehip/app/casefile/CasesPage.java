package loosehip.app.casefile;

import java.util.List;
import loosehip.app.document.Problem;
import loosehip.app.store.CasesTaken;

/**
 * Case files that wait and those taken last, ready to be shown.
 *
 * @param problem what is wrong with what was asked
 * @param consent the wording of the consent
 */
public record CasesPage(
    List<Line> waiting, List<CasesTaken.Taken> taken, String problem, String consent) {

  /** How many can be taken. */
  public long fit() {
    return waiting.stream().filter(l -> l.problems().isEmpty()).count();
  }

  /**
   * A file that waits.
   *
   * @param name whom it would make
   * @param says what it holds, in few words
   * @param problems one a line; empty when it can be taken
   */
  public record Line(String id, String fileName, String name, String says, List<String> problems) {
    static Line of(WaitingCases.Waiting file) {
      return new Line(
          file.id(),
          file.fileName(),
          nameOf(file),
          file.golfer().map(CasePage::says).orElse(""),
          file.problems().stream().map(Problem::line).toList());
    }
  }

  /** The name of somebody new: as the file refers to them, else as the file is called. */
  static String nameOf(WaitingCases.Waiting file) {
    return file.golfer()
        .flatMap(g -> g.who().ref())
        .filter(ref -> !ref.isBlank())
        .orElseGet(() -> CaseInController.named(file.fileName()));
  }
}
