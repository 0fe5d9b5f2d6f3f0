package loosehip.app.frame;

/** Something asked for that is not there; answered with a page that says so in these words. */
public final class NotHere extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /**
   * Something is not there.
   *
   * @param words what is not there, what was kept, what to do
   */
  public NotHere(String words) {
    super(words);
  }
}
