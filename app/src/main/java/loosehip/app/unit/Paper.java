package loosehip.app.unit;

import loosehip.core.named.Named;

/** The paper in the printer. */
public enum Paper implements Named {
  A4("a4", "A4", "A4", "A5"),
  LETTER("letter", "Letter", "8.5in 11in", "5.5in 8.5in");

  private final String id;
  private final String title;
  private final String sheet;
  private final String half;

  Paper(String id, String title, String sheet, String half) {
    this.id = id;
    this.title = title;
    this.sheet = sheet;
    this.half = half;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }

  /**
   * A page written for A4 and A5 as a style sheet says it, on this paper. Letter is 18 mm shorter,
   * so its margins give way.
   */
  public String on(String page) {
    return this == A4
        ? page
        : page.replace(
                "size: A4; margin: 13mm 13mm 14mm", "size: " + sheet + "; margin: 8mm 12mm 9mm")
            .replace("size: A4; margin: 14mm", "size: " + sheet + "; margin: 9mm 14mm")
            .replace("size: A4", "size: " + sheet)
            .replace("size: A5", "size: " + half);
  }
}
