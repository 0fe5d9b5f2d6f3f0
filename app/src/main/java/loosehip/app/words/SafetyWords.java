package loosehip.app.words;

import loosehip.core.safety.TestRule;
import loosehip.core.safety.TryRefusal;

/** Says what a caution asks. */
public final class SafetyWords {
  private SafetyWords() {}

  /** What a caution asks of a test, and which it is. */
  public static String rule(TestRule rule) {
    return advice(rule) + ": " + rule.because().caution().asked();
  }

  /** What a caution asks of a test; what was noted with it stands behind. */
  public static String advice(TestRule rule) {
    return switch (rule.advice()) {
      case WITHIN_LIMITS, MIND_THE_WEEK -> rule.advice().words() + ": " + rule.because().note();
      default -> rule.advice().words();
    };
  }

  /** Why nothing was put in. */
  public static String refusal(TryRefusal refusal) {
    if (refusal instanceof TryRefusal.WaitsForClinician) {
      return "Not kept: a warning sign waits for a clinician's clearance (Talk).";
    } else if (refusal instanceof TryRefusal.GuardianMissing) {
      return "Not kept yet: under 18 by the birth year, so a guardian's name is needed first (Talk)."
          + " What was measured before stays.";
    } else if (refusal instanceof TryRefusal.NoConsent) {
      return "Not kept yet: health data needs the golfer's consent first (Talk, top).";
    } else if (refusal instanceof TryRefusal.VisitClosed) {
      return "Not kept: this visit is closed. Resume it, or start a new one (Visits).";
    }
    return "Not taken: " + rule(((TryRefusal.ByCaution) refusal).rule());
  }
}
