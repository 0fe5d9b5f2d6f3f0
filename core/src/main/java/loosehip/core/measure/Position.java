package loosehip.core.measure;

/** How the golfer is placed for a test; orders group by it so nobody gets up and down twice. */
public enum Position {
  STANDING("standing"),
  SEATED("seated"),
  FACE_DOWN("face down"),
  ON_BACK("on the back");

  private final String word;

  Position(String word) {
    this.word = word;
  }

  /** The word shown. */
  public String word() {
    return word;
  }
}
