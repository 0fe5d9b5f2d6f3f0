package loosehip.core.still;

import java.util.List;
import loosehip.core.named.Named;

/** From where a still was taken. */
public enum StillView implements Named {
  DOWN_THE_LINE("down-the-line", "Down the line"),
  FACE_ON("face-on", "Face on");

  private final String id;
  private final String title;

  StillView(String id, String title) {
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

  /** The landmarks of this view, in the order in which they are offered. */
  public List<Landmark> landmarks() {
    return Landmark.of(this);
  }
}
