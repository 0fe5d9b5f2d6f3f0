package loosehip.core.measure;

import loosehip.core.named.Named;

/** One of the separately recorded parts of a test: a direction, a posture, a quality. */
public enum Part implements Named {
  INTERNAL("internal", "inward"),
  EXTERNAL("external", "outward"),
  TALL("tall", "standing tall"),
  HINGED("hinged", "hinged over"),
  EYES_OPEN("open", "eyes open"),
  EYES_CLOSED("closed", "eyes closed"),
  ARCH("arch", "arching"),
  FLATTEN("flatten", "flattening"),
  QUALITY("quality", "how it moved"),
  TOTAL("total", "both ways together"),
  HELD("held", "chest lightly held"),
  LOST("lost", "contact lost first"),
  CRAMP("cramp", "cramp behind the thigh"),
  DRIFT("drift", "knee drifted"),
  HEELS("heels", "heels lifted"),
  KNEES("knees", "knees came in"),
  LIMIT("limit", "held to the limit");

  private final String id;
  private final String word;

  Part(String id, String word) {
    this.id = id;
    this.word = word;
  }

  @Override
  public String id() {
    return id;
  }

  /** The plain words shown. */
  public String word() {
    return word;
  }
}
