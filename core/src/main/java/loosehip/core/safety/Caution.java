package loosehip.core.safety;

import loosehip.core.named.Named;

/** Something remembered about a golfer that blocks or changes exercises and tests. */
public enum Caution implements Named {
  HIP_REPLACEMENT(
      "hip-replacement",
      "New hip",
      true,
      "no turning to the end, no bend past 90, nothing across the midline, no landings; the surgeon's limits rule"),
  HIP_PINCH(
      "hip-pinch",
      "Pinch at the front of the hip when it squats or turns in",
      true,
      "no turning in to the end, no bend past 90; stop short of the pinch"),
  INNER_KNEE(
      "inner-knee",
      "Pain at the inside of the knee",
      true,
      "nothing that twists the knee, no landings; standing work instead"),
  KNEE(
      "knee",
      "Knee pain or a new knee",
      true,
      "no kneeling, no deep squats, no landings; shallow, a hand on something"),
  BACK(
      "back",
      "Back pain now or in the last six weeks",
      false,
      "no weights, no landings; half range, and from pain 4 nothing bent, twisted or hollowed"),
  SCIATICA(
      "sciatica",
      "Pain below the knee that comes from the back",
      true,
      "no straight-knee stretch, no fold to its end, no weights, no landings"),
  BRITTLE_BONES(
      "brittle-bones",
      "Bones known to be brittle",
      false,
      "no bend or twist under load or to its end, no weights, no landings; one leg only held"),
  BALANCE(
      "balance",
      "Falls, a stroke, dizziness, or less than 5 s on one leg",
      false,
      "no free one-leg work, no closed eyes, nothing fast; support at hand, a helper there at first"),
  HEART(
      "heart",
      "Heart or blood-pressure condition",
      false,
      "no hold over 10 s, nothing fast or heavy, no landings until cleared; breathe through"),
  PREGNANCY(
      "pregnancy",
      "Pregnant, or within 12 weeks after",
      false,
      "no long holds, nothing heavy or fast, not on the front; from week 16 not on the back"),
  GROIN("groin", "Groin pain", true, "no wide straddle under load, no turning out to the end"),
  SHOULDER("shoulder", "Shoulder pain", true, "no arm overhead, nothing that loads that shoulder"),
  WRIST("wrist", "Wrist pain", true, "no weight on the hands"),
  UNDER_18(
      "under-18",
      "Under 18",
      false,
      "weights, speed and landings only with a guardian's consent, from week 3, technique first");

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
