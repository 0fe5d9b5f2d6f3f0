package loosehip.app.words;

import loosehip.core.safety.Refusal;
import loosehip.core.safety.TestRule;
import loosehip.core.safety.TryRefusal;
import loosehip.core.safety.WarningSign;

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
    if (refusal instanceof TryRefusal.ByGuard by) {
      return refusal(by.refusal());
    } else if (refusal instanceof TryRefusal.VisitClosed) {
      return "Not kept: this visit is closed. Resume it, or start a new one (Visits).";
    }
    return "Not taken: " + rule(((TryRefusal.ByCaution) refusal).rule());
  }

  /** Why something was not kept. */
  public static String refusal(Refusal refusal) {
    if (refusal instanceof Refusal.WaitsForClinician) {
      return "Not kept: a warning sign waits for a clinician's clearance (Talk).";
    } else if (refusal instanceof Refusal.GuardianMissing) {
      return "Not kept yet: under 18, or could be by the birth year, so a guardian's name is needed"
          + " first (Talk). What was measured before stays.";
    } else if (refusal instanceof Refusal.NoConsent) {
      return "Not kept yet: health data needs the golfer's consent first (Talk, top).";
    }
    return "Not kept: ask first. "
        + asked(((Refusal.AskFirst) refusal).unanswered().size())
        + " (Talk).";
  }

  private static String asked(int unanswered) {
    return unanswered == WarningSign.values().length
        ? "The warning signs were not asked at this visit"
        : unanswered == 1
            ? "One warning sign was not asked at this visit"
            : unanswered + " warning signs were not asked at this visit";
  }

  /** What stays shut, over a page in its place. */
  public static String title(Refusal refusal) {
    if (refusal instanceof Refusal.WaitsForClinician) {
      return "Waiting for a clinician";
    } else if (refusal instanceof Refusal.GuardianMissing) {
      return "A guardian first";
    }
    return refusal instanceof Refusal.NoConsent ? "Consent first" : "Ask first";
  }

  /** Why it stays shut and what opens it. */
  public static String opens(Refusal refusal) {
    if (refusal instanceof Refusal.WaitsForClinician) {
      return "A warning sign was answered with yes. No movement test, no plan and nothing handed out"
          + " until a clinician has cleared it and the clearance stands on Talk. If the golfer has a"
          + " routine at home, tell them to stop it.";
    } else if (refusal instanceof Refusal.GuardianMissing) {
      return "This golfer is under 18, or could be by the birth year. A guardian's name is needed on"
          + " Talk before anything more is measured, planned or handed out. What was measured before"
          + " stays.";
    } else if (refusal instanceof Refusal.NoConsent) {
      return "What is measured is health data. Ask for consent on Talk; one tap there opens this.";
    }
    return asked(((Refusal.AskFirst) refusal).unanswered().size())
        + ". Nobody moves, and nothing is planned or handed out, before all eight are answered.";
  }
}
