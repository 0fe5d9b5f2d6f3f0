package loosehip.core.link;

import loosehip.core.named.Named;

/** The families a cause can belong to. The id is the word shown as well. */
public enum Family implements Named {
  BODY("body"),
  SETUP("set-up"),
  HABIT("habit"),
  FOLLOWS("follows");

  private final String id;

  Family(String id) {
    this.id = id;
  }

  @Override
  public String id() {
    return id;
  }
}
