package loosehip.core.safety;

import java.util.Optional;

/** Why nothing may be put in for a test now. The gravest reason stands. */
public sealed interface TryRefusal {

  /** A warning sign waits for a clinician. */
  record WaitsForClinician() implements TryRefusal {}

  /** The golfer is a minor, and no guardian's name is on record. */
  record GuardianMissing() implements TryRefusal {}

  /** The golfer has not consented to health data being kept. */
  record NoConsent() implements TryRefusal {}

  /** The visit is closed. */
  record VisitClosed() implements TryRefusal {}

  /** A caution keeps the test from this golfer. */
  record ByCaution(TestRule rule) implements TryRefusal {}

  /**
   * Why nothing may be put in, or empty when it may.
   *
   * @param guardianMissing whether a guardian must consent and none is on record
   * @param consented whether consent is on record
   * @param closed whether the visit is closed
   * @param rule the caution that blocks the test, if one does
   */
  static Optional<TryRefusal> of(
      Health health,
      boolean guardianMissing,
      boolean consented,
      boolean closed,
      Optional<TestRule> rule) {
    if (health.refer()) {
      return Optional.of(new WaitsForClinician());
    }
    if (guardianMissing) {
      return Optional.of(new GuardianMissing());
    }
    if (!consented) {
      return Optional.of(new NoConsent());
    }
    if (closed) {
      return Optional.of(new VisitClosed());
    }
    return rule.map(ByCaution::new);
  }
}
