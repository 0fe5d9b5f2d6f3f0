package loosehip.app.words;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import loosehip.core.measure.Direction;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Movement;
import loosehip.core.safety.Refusal;
import loosehip.core.safety.TestGate;
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
      case WITHIN_LIMITS ->
          rule.advice().words()
              + rule.because().clearance().map(c -> ": " + clearance(c)).orElse("");
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
    return "Not taken: " + stop(refusal);
  }

  /** What keeps a test from a golfer. */
  public static String stop(TryRefusal stop) {
    if (stop instanceof TryRefusal.StoppedByPain by) {
      return "stopped by pain "
          + by.pain().level()
          + (by.pain().site().isBlank() ? "" : " (" + by.pain().site() + ")")
          + ". Leave this side; undo the pain (u) if it was a slip";
    }
    return stop instanceof TryRefusal.ByCaution by
        ? rule(by.rule())
        : "only after "
            + TestGate.STAND_SECONDS
            + " s on each leg, eyes open (One-leg stand); untaken counts as not yet";
  }

  /** A clearance: {@code Dr Fulmar, doctor, 3 Mar 2027: no hops; look again by 1 Jun 2027}. */
  public static String clearance(Clearance c) {
    List<String> parts = new ArrayList<>();
    parts.add(
        c.by()
            + (c.profession().isBlank() ? "" : ", " + c.profession())
            + c.on().map(day -> ", " + Dates.day(day)).orElse("")
            + (c.limits().isBlank() ? "" : ": " + c.limits()));
    if (!c.blocks().isEmpty()) {
      parts.add("not " + demands(c.blocks()));
    }
    c.degrees().forEach(d -> parts.add(degrees(d)));
    if (!c.lifts().isEmpty()) {
      parts.add("allowed: " + demands(c.lifts()));
    }
    c.lookAgainBy().ifPresent(day -> parts.add("look again by " + Dates.day(day)));
    return String.join("; ", parts);
  }

  /** How a movement is done differently, in words; empty when it is done as it is. */
  public static String changed(List<Movement.Changed> changed) {
    return changed.stream().map(c -> c.how().words()).collect(Collectors.joining("; "));
  }

  /** What a clearance says must not be, for paper: nobody and nothing about health is named. */
  public static List<String> limits(Clearance c) {
    List<String> limits = new ArrayList<>();
    if (!c.limits().isBlank()) {
      limits.add("Cleared with limits: " + c.limits());
    }
    if (!c.blocks().isEmpty()) {
      limits.add("Not: " + demands(c.blocks()));
    }
    c.degrees().forEach(d -> limits.add(Text.upper(degrees(d))));
    return limits;
  }

  private static String degrees(Clearance.Degrees d) {
    return d.side().id()
        + " hip "
        + (d.direction() == Direction.INTERNAL ? "in" : "out")
        + " to "
        + Numbers.plain(d.most())
        + "° at most";
  }

  /** Demands in words. */
  public static String demands(Collection<Demand> demands) {
    return demands.stream().sorted().map(Demand::words).collect(Collectors.joining(", "));
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
    } else if (refusal instanceof Refusal.HandFirst) {
      return "Not kept yet: which hand? Until that is said no side is trail or lead (Talk, top).";
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
    if (refusal instanceof Refusal.HandFirst) {
      return "Which hand?";
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
    } else if (refusal instanceof Refusal.HandFirst) {
      return "Until somebody says it, no side of this golfer is trail or lead, and nothing sided is"
          + " measured, judged or drawn.";
    }
    return asked(((Refusal.AskFirst) refusal).unanswered().size())
        + ". Nobody moves, and nothing is planned or handed out, before all eight are answered.";
  }
}
