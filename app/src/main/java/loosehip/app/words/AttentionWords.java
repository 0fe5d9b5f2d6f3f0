package loosehip.app.words;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.core.follow.AtHome;
import loosehip.core.follow.Attention;

/** Says why a golfer needs a person today, and what to say to them. */
public final class AttentionWords {
  private AttentionWords() {}

  /** Why, in a phrase. */
  public static String reason(Attention why, AtHome home, Optional<LocalDate> retest) {
    return switch (why) {
      case STOPPED -> "stopped by pain" + home.stoppedOn().map(d -> ", " + Dates.day(d)).orElse("");
      case WARNING -> "a warning sign waits for a clinician";
      case MISSED -> "three sessions in a row not done";
      case RETEST -> "retest due" + retest.map(d -> " " + Dates.day(d)).orElse("");
      case SILENT -> "a plan, and no word for ten days";
    };
  }

  /** The station where it is settled. */
  public static String station(Attention why) {
    return switch (why) {
      case STOPPED -> "plan";
      case WARNING -> "talk";
      case MISSED, SILENT -> "follow";
      case RETEST -> "visits";
    };
  }

  /** What to say to the golfer. */
  public static String say(Attention why) {
    return switch (why) {
      case STOPPED ->
          "“You stopped because it hurt: that was right. Where was it, how is it today, does it hurt"
              + " at night or at rest? Leave that one out; the rest stays as it is.” If it was worse"
              + " the next day, or does not settle, send them to their clinician. Then plan anew.";
      case WARNING ->
          "“Leave the routine until a clinician has looked at this. Bring me a line from them and we"
              + " go on from there.” Nothing is planned before the clearance stands on Talk.";
      case MISSED ->
          "“What got in the way?” Then make it smaller with them: fewer minutes, fewer days, or the"
              + " one thing that matters most. No reproach: short and often beats long and never.";
      case RETEST ->
          "“Shall we see what has moved?” Twenty minutes on the same tests, same way, then what goes"
              + " on and what may go again of the help from the set-up.";
      case SILENT ->
          "“I have heard nothing, which may only mean the sheet lies in the bag. Did you get to do"
              + " any of it?” Enter what they tell you, or send them the link to their phone.";
    };
  }
}
