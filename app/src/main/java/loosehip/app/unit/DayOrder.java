package loosehip.app.unit;

import loosehip.core.named.Named;

/** The order of a date's parts. The month is always a word, so that no order can be mistaken. */
public enum DayOrder implements Named {
  DAY_FIRST("day-first", "d MMM yyyy"),
  MONTH_FIRST("month-first", "MMM d, yyyy"),
  YEAR_FIRST("year-first", "yyyy MMM d");

  private final String id;
  private final String pattern;

  DayOrder(String id, String pattern) {
    this.id = id;
    this.pattern = pattern;
  }

  @Override
  public String id() {
    return id;
  }

  /** The pattern of a date formatter. */
  public String pattern() {
    return pattern;
  }
}
