package loosehip.core.safety;

import loosehip.core.named.Named;

/** Something remembered about a golfer that blocks or changes exercises and tests. */
public enum Caution implements Named {
  HIP_REPLACEMENT(
      "hip-replacement",
      "New hip",
      true,
      "no end-range turning in, no deep fold across, no hops on that side; the surgeon's limits rule"),
  HIP_PINCH(
      "hip-pinch",
      "Pinch at the front of the hip when it squats or turns in",
      true,
      "no end-range turning in on that side; work short of the pinch"),
  INNER_KNEE(
      "inner-knee",
      "Pain at the inside of the knee",
      true,
      "no knee drops, no folded sits, no side squats; standing ladder instead"),
  KNEE(
      "knee",
      "Knee pain or a new knee",
      true,
      "no deep squats, no kneeling; shallow and supported"),
  BACK(
      "back",
      "Back pain now or in the last six weeks",
      false,
      "neutral range first; no posture tilts, no swung weight, no hops"),
  SCIATICA(
      "sciatica",
      "Pain below the knee that comes from the back",
      false,
      "no knee straightening across the midline, no end-range hinge"),
  BRITTLE_BONES(
      "brittle-bones",
      "Bones known to be brittle",
      false,
      "no loaded bending or twisting, no hops; standing work with support"),
  BALANCE(
      "balance",
      "Falls, a stroke, dizziness, or less than 5 s on one leg",
      false,
      "no free one-leg work, no closed eyes; support at hand and a helper present"),
  HEART(
      "heart",
      "Heart or blood-pressure condition",
      false,
      "no fast work, no straining holds over 10 s; clearance noted"),
  PREGNANCY(
      "pregnancy",
      "Pregnant, or within 12 weeks after",
      false,
      "nothing on the back after week 16, no hops, no long holds"),
  GROIN("groin", "Groin pain", true, "nothing that loads the groin"),
  SHOULDER("shoulder", "Shoulder pain", true, "nothing that loads that shoulder"),
  WRIST("wrist", "Wrist pain", true, "nothing that leans on that wrist"),
  UNDER_18(
      "under-18",
      "Under 18",
      false,
      "technique first; heavy and fast work only with a guardian's consent on record");

  private final String id;
  private final String asked;
  private final boolean sided;
  private final String consequence;

  Caution(String id, String asked, boolean sided, String consequence) {
    this.id = id;
    this.asked = asked;
    this.sided = sided;
    this.consequence = consequence;
  }

  @Override
  public String id() {
    return id;
  }

  /** How it is asked. */
  public String asked() {
    return asked;
  }

  /** Whether it belongs to one side of the body. */
  public boolean sided() {
    return sided;
  }

  /** What it blocks and changes, in a phrase for the caution strip. */
  public String consequence() {
    return consequence;
  }
}
