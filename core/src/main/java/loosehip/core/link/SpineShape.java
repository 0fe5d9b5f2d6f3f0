package loosehip.core.link;

import java.util.List;
import java.util.Optional;
import loosehip.core.named.Named;
import loosehip.core.pivot.School;

/** The two accepted shapes of the back at address. */
public enum SpineShape implements Named {
  FLAT("flat", "flat back"),
  ROUNDED("rounded", "gently rounded back");

  private final String id;
  private final String title;

  SpineShape(String id, String title) {
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

  /**
   * Both shapes, the usual one of a school first: any golfer may stand either way in any school.
   */
  public static List<SpineShape> of(School school) {
    return school.usuallyRounded() ? List.of(ROUNDED, FLAT) : List.of(FLAT, ROUNDED);
  }

  /** The shape in force: the one chosen, else the school's usual. */
  public static SpineShape inForce(School school, Optional<SpineShape> chosen) {
    return chosen.orElseGet(() -> of(school).get(0));
  }

  /**
   * Whether a set-up fault counts in this shape: a rounded back has its belt near level by design,
   * so the lower back being flat is no fault of it.
   */
  public boolean counts(SetupFault fault) {
    return this == FLAT || fault != SetupFault.TUCKED;
  }
}
