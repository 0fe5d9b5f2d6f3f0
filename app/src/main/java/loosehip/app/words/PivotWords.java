package loosehip.app.words;

import loosehip.core.pivot.BudgetMargin;
import loosehip.core.pivot.Coefficient;
import loosehip.core.pivot.Coefficients;
import loosehip.core.pivot.Margin;
import loosehip.core.pivot.WorkingRange;

/** Says what a margin is and what a range rests on. */
public final class PivotWords {
  private PivotWords() {}

  /** A margin as it is spoken: {@code 9 short}, {@code 18 to spare}, {@code just enough}. */
  public static String spoken(Margin margin) {
    return spoken(margin.degrees());
  }

  /** A margin where there is room for a word. */
  public static String brief(BudgetMargin which) {
    return switch (which) {
      case BACK -> "back";
      case SHOULDER -> "shoulders";
      case IMPACT -> "through";
      case FINISH -> "finish";
    };
  }

  /** The same of degrees to spare; negative is short. */
  public static String spoken(double degrees) {
    long whole = Math.round(Math.abs(degrees));
    return whole == 0 ? "just enough" : whole + (degrees < 0 ? " short" : " to spare");
  }

  /** The same to a tenth, where a hand moves it: {@code 14.5 to spare}. */
  public static String fine(double degrees) {
    double tenth = Math.round(Math.abs(degrees) * 10) / 10.0;
    return tenth == 0
        ? "just enough"
        : Numbers.tenth(tenth) + (degrees < 0 ? " short" : " to spare");
  }

  /** The same for those who hear it: {@code 11.9 degrees short}. */
  public static String heard(double degrees) {
    double tenth = Math.round(Math.abs(degrees) * 10) / 10.0;
    boolean isShort = degrees < 0 && tenth > 0;
    return Numbers.tenth(tenth) + (isShort ? " degrees short" : " degrees to spare");
  }

  /** The tests a range rests on. */
  public static String basis(WorkingRange range, Coefficients model) {
    return switch (range.basis()) {
      case FACE_DOWN_AND_SEATED -> "face-down and seated turn, at this hip bend";
      case FACE_DOWN_ALONE -> "face-down turn alone";
      case SEATED_ALONE -> "seated turn alone";
      case STANDING_ALONE ->
          "standing turn less " + Math.round(model.of(Coefficient.STANDING_SHARE));
    };
  }

  /** Where the slack below the hip comes from. */
  public static String slack(WorkingRange range) {
    return range.slackMeasured()
        ? "slack from the standing turn"
        : "slack below the hip taken as " + Math.round(range.slack());
  }
}
