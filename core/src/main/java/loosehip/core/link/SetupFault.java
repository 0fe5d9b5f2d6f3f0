package loosehip.core.link;

/** A departure in how the golfer stands to the ball. */
public enum SetupFault implements Fault {
  HUNCHED("hunched", "Hunched back", "upper back round, belt level"),
  ARCHED("arched", "Arched lower back", "lower back hollow, seat stuck out"),
  TUCKED("tucked", "Tucked pelvis", "pelvis under, lower back flat"),
  DEEP_KNEES("deep-knees", "Deep knees", "knees bent more than the shape asks"),
  STIFF_KNEES("stiff-knees", "Stiff knees", "knees almost straight"),
  UPRIGHT_SHINS("upright-shins", "Upright shins", "shins straight up"),
  TOE_WEIGHTED("toe-weighted", "Weight on the toes", "pressure ahead of mid-foot"),
  HEEL_WEIGHTED("heel-weighted", "Weight on the heels", "pressure behind mid-foot"),
  PINCHED("pinched", "Pinched knee", "a knee set inside the middle of its foot"),
  WIDE_STANCE("wide-stance", "Wide stance", "ankles wider than 1.35 hip widths"),
  NARROW_STANCE("narrow-stance", "Narrow stance", "ankles narrower than the hips"),
  NO_SIDE_TILT("no-side-tilt", "No side tilt", "spine upright from face on"),
  TOO_CLOSE("too-close", "Too close", "hands pressed to the thighs");

  private final String id;
  private final String title;
  private final String seen;

  SetupFault(String id, String title, String seen) {
    this.id = id;
    this.title = title;
    this.seen = seen;
  }

  @Override
  public String id() {
    return id;
  }

  @Override
  public String title() {
    return title;
  }

  @Override
  public Family family() {
    return Family.SETUP;
  }

  @Override
  public double weight() {
    return 0.5;
  }

  @Override
  public String seen() {
    return seen;
  }
}
