package loosehip.app.words;

import loosehip.core.casefile.Notice;

/** Says what the reader of an assessment must know. */
public final class NoticeWords {
  /** What every reader is told. */
  public static final String DECISION_AID =
      "A decision aid for trainers: it names no illness and replaces no clinician. Local rules on who"
          + " may assess and prescribe come first.";

  private NoticeWords() {}

  /** A notice; items are called by their ids. */
  public static String notice(Notice notice) {
    if (notice instanceof Notice.Refer) {
      return "Warning signs: no movement test and no plan until a clinician's clearance is on"
          + " record.";
    } else if (notice instanceof Notice.LoadsTheBack load) {
      return LinkWords.what(load.by()) + " " + LinkWords.follows(load.by());
    } else if (notice instanceof Notice.OfPlan plan) {
      return PlanWords.ofIds().note(plan.note());
    } else if (notice instanceof Notice.StoppedByPain stopped) {
      return stopped.slot().key() + " was stopped by pain: no evidence of stiffness";
    } else if (notice instanceof Notice.AllVoid allVoid) {
      return allVoid.slot().key() + ": every try is void, so it is not measured";
    } else if (notice instanceof Notice.HandUnknown) {
      return "Which hand is not said: no side is trail or lead, so nothing sided is judged and nothing"
          + " is planned.";
    } else if (notice instanceof Notice.NotMeasured missing) {
      return "Not measured: " + missing.part().title();
    }
    return DECISION_AID;
  }
}
