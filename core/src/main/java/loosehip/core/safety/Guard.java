package loosehip.core.safety;

import java.util.Optional;

/**
 * What every door asks before it opens for a golfer: pages, saves, paper, calendar and handover
 * alike. The order of the reasons is that of domain/06: what waits for a clinician goes before who
 * must consent, and that before what was not asked, and which way the golfer stands comes last.
 *
 * @param health what must be respected
 * @param permission who allowed that health data be kept
 * @param handSaid whether anybody said which way the golfer stands
 */
public record Guard(Health health, Permission permission, boolean handSaid) {

  /**
   * Who allowed that health data be kept.
   *
   * @param consented whether the golfer did
   * @param minor whether the golfer is, or could be, under 18
   * @param guardian whether a guardian's name is on record
   */
  public record Permission(boolean consented, boolean minor, boolean guardian) {
    /** Whether a guardian must consent and none is on record. */
    public boolean guardianMissing() {
      return minor && !guardian;
    }
  }

  /** Why a door stays shut; the gravest reason stands. Empty when it opens. */
  public Optional<Refusal> refuses(Passage passage) {
    return switch (passage) {
      case OPEN -> Optional.empty();
      case SIDED -> handFirst();
      case MOVES, HANDS_OUT -> gravest().or(this::notAsked).or(this::handFirst);
    };
  }

  /** Why nothing is kept about the golfer's movement, however old: asked or not. */
  public Optional<Refusal> gravest() {
    if (health.refer()) {
      return Optional.of(new Refusal.WaitsForClinician(health.openWarnings()));
    }
    if (permission.guardianMissing()) {
      return Optional.of(new Refusal.GuardianMissing());
    }
    return permission.consented() ? Optional.empty() : Optional.of(new Refusal.NoConsent());
  }

  private Optional<Refusal> handFirst() {
    return handSaid ? Optional.empty() : Optional.of(new Refusal.HandFirst());
  }

  private Optional<Refusal> notAsked() {
    return health.unanswered().isEmpty()
        ? Optional.empty()
        : Optional.of(new Refusal.AskFirst(health.unanswered()));
  }
}
