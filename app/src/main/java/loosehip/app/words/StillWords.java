package loosehip.app.words;

import java.util.stream.Collectors;
import loosehip.app.unit.Shown;
import loosehip.core.still.StillFigure;
import loosehip.core.still.StillFinding;
import loosehip.core.still.StillProblem;
import loosehip.core.still.StillValue;

/** What stills say, in words. */
public final class StillWords {
  private StillWords() {}

  /** What is wrong with a still. */
  public static String wrong(StillProblem problem) {
    return switch (problem.kind()) {
      case NO_SCALE -> "the two ends of the known length lie on one spot";
      case ONE_SPOT ->
          "the " + name(problem, 0) + " and the " + name(problem, 1) + " lie on one spot";
      case FACES_OTHER_WAY -> "the toes point the other way than this hand stands";
      case OTHER_LEG ->
          "the " + name(problem, 0) + " lies where the " + name(problem, 1) + " belongs";
      case UPSIDE_DOWN -> "the " + name(problem, 0) + " lies below the " + name(problem, 1);
      case BELT_TURNED -> "the belt's front lies behind its back";
      case TWO_CAMERAS ->
          "the two stills differ in size ("
              + Numbers.hundredth(problem.times())
              + " times): two cameras, or one that moved";
      case TWO_VIEWS -> "the two stills were taken from different sides";
    };
  }

  /** What would be right. */
  public static String right(StillProblem problem) {
    return switch (problem.kind()) {
      case NO_SCALE -> "place them on the two ends of the club";
      case ONE_SPOT -> "move one of them, or mark it as not seen";
      case FACES_OTHER_WAY ->
          "down the line a right-hander faces right, a left-hander left: check heel and toe, the"
              + " hand, or whether the picture is mirrored";
      case OTHER_LEG -> "lead is the side of the target: swap the two";
      case UPSIDE_DOWN -> "check these two, or turn the picture upright";
      case BELT_TURNED -> "swap the two";
      case TWO_CAMERAS -> "tie them by two fixed marks of the scene, or read the second alone";
      case TWO_VIEWS -> "give the address seen from the same side";
    };
  }

  private static String name(StillProblem problem, int which) {
    return problem.landmarks().get(which).title();
  }

  /** A figure with its error: {@code 27.3° ± 1.5}. */
  public static String value(StillValue value) {
    StillFigure figure = value.figure();
    String unit =
        figure.unit().equals("°") ? "°" : figure.unit().isEmpty() ? "" : " " + figure.unit();
    Shown shown = Shown.ofSign(unit);
    return number(figure, shown.of(value.value()))
        + shown.sign()
        + " ± "
        + number(figure, shown.of(value.plusMinus()));
  }

  /** A number of a figure, with its decimals and a minus sign. */
  public static String number(StillFigure figure, double value) {
    String digits =
        figure.decimals() == 1
            ? Numbers.tenth(Math.abs(value))
            : Numbers.hundredth(Math.abs(value));
    boolean zero = digits.chars().allMatch(c -> c == '0' || c == '.');
    return value < 0 && !zero ? "−" + digits : digits;
  }

  /** Why a level is suggested. */
  public static String because(StillFinding finding) {
    return finding.because().stream()
        .map(
            v ->
                Text.lower(v.figure().title())
                    + " "
                    + value(v)
                    + v.window()
                        .map(
                            w ->
                                ", right from "
                                    + number(v.figure(), w.low())
                                    + " to "
                                    + number(v.figure(), w.high()))
                        .orElse(""))
        .collect(Collectors.joining("; "));
  }
}
