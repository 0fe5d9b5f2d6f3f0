package loosehip.app.words;

import loosehip.core.follow.RungRule;

/** Says what follows from a log. */
public final class FollowWords {
  private FollowWords() {}

  /** Why a step follows. */
  public static String because(RungRule.Because because) {
    if (because instanceof RungRule.Because.PainInIt pain) {
      return "pain " + pain.pain() + " in it";
    } else if (because instanceof RungRule.Because.WorseNextDay) {
      return "pain the day after above the day's own";
    } else if (because instanceof RungRule.Because.Pain pain) {
      return "pain " + pain.pain() + ", and fewer than three sessions went well since";
    } else if (because instanceof RungRule.Because.Leaned) {
      return "hands or a lean were needed, and fewer than three sessions went well since";
    } else if (because instanceof RungRule.Because.Missed missed) {
      return "less than the low dose " + missed.times() + " times in a row";
    } else if (because instanceof RungRule.Because.Easy easy) {
      return easy.sessions() == easy.of()
          ? easy.of() + " easy sessions in a row at the top dose"
          : easy.sessions() + " of " + easy.of() + " easy sessions in a row at the top dose";
    }
    return because instanceof RungRule.Because.Held held
        ? "held for "
            + held.days()
            + (held.days() == held.of() ? " days or more" : " of " + held.of() + " days")
        : "nothing said yet";
  }
}
