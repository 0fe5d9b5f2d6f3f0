package loosehip.core.pivot;

import loosehip.core.named.Named;

/** The four margins of a turn budget. */
public enum BudgetMargin implements Named {
  BACK("back", "Going back"),
  SHOULDER("shoulder", "Shoulders"),
  IMPACT("impact", "Coming through"),
  FINISH("finish", "Finish");

  private final String id;
  private final String title;

  BudgetMargin(String id, String title) {
    this.id = id;
    this.title = title;
  }

  @Override
  public String id() {
    return id;
  }

  /** The name shown. */
  public String title() {
    return title;
  }
}
