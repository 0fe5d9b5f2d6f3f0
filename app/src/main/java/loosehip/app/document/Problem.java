package loosehip.app.document;

/**
 * One thing wrong with a document.
 *
 * @param pointer where, as a JSON pointer; empty for the whole file
 * @param wrong what is wrong
 * @param right what would be right
 */
public record Problem(String pointer, String wrong, String right) {

  /** One line: pointer, what is wrong, what would be right. */
  public String line() {
    return (pointer.isEmpty() ? "/" : pointer) + ": " + wrong + "; " + right;
  }
}
