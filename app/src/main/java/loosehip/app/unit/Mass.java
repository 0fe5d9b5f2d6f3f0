package loosehip.app.unit;

import loosehip.core.named.Named;

/** What bodies and weights are weighed in. Kept are kilograms. */
public enum Mass implements Named {
  KILOGRAMS("kg", 1),
  /** 0.45359237 kg by definition. */
  POUNDS("lb", 0.45359237);

  private final String id;
  private final double kilograms;

  Mass(String id, double kilograms) {
    this.id = id;
    this.kilograms = kilograms;
  }

  @Override
  public String id() {
    return id;
  }

  double kilograms() {
    return kilograms;
  }
}
