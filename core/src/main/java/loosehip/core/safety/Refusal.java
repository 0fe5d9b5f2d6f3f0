package loosehip.core.safety;

import java.util.Set;

/** Why a door stays shut for a golfer. */
public sealed interface Refusal {

  /** These warning signs were answered with yes, and no clinician's clearance is in force. */
  record WaitsForClinician(Set<WarningSign> signs) implements Refusal {
    /** Copies the set. */
    public WaitsForClinician {
      signs = Set.copyOf(signs);
    }
  }

  /** The golfer is, or could be, under 18, and no guardian's consent is on record. */
  record GuardianMissing() implements Refusal {}

  /** The golfer has not consented to health data being kept. */
  record NoConsent() implements Refusal {}

  /** Nobody said yet which way the golfer stands: no side is trail or lead. */
  record HandFirst() implements Refusal {}

  /** These warning signs were not asked at this visit. */
  record AskFirst(Set<WarningSign> unanswered) implements Refusal {
    /** Copies the set. */
    public AskFirst {
      unanswered = Set.copyOf(unanswered);
    }
  }
}
