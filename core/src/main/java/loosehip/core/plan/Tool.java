package loosehip.core.plan;

import loosehip.core.named.Named;

/** Things at hand for homework; nothing else counts as a tool. */
public enum Tool implements Named {
  CLUB("club", "a club"),
  CHAIR("chair", "a chair"),
  WALL("wall", "a free wall"),
  BAND("band", "an elastic band"),
  POST("post", "a post to tie to"),
  WEIGHT("weight", "a weight of about 8 kg"),
  STICKS("sticks", "two alignment sticks"),
  LAMP("lamp", "a small lamp"),
  BALLS("balls", "golf balls");

  private final String id;
  private final String word;

  Tool(String id, String word) {
    this.id = id;
    this.word = word;
  }

  @Override
  public String id() {
    return id;
  }

  /** The words shown. */
  public String word() {
    return word;
  }
}
