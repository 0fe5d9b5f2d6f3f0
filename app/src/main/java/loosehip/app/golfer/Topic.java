package loosehip.app.golfer;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.link.Complaint;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.Overrule;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.link.SwingFigure;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import loosehip.core.safety.WarningSign;

/**
 * A kind of fact that can be noted about a golfer. A topic's key is the kind, a dot and, for most,
 * the id of what it is about: {@code warning.night-pain}, {@code setup.trailFlare}.
 */
public enum Topic {
  WHO("who", false, "talk"),
  CONSENT("consent", false, "talk"),
  COMPLAINT("complaint", false, "talk"),
  CAUTION("caution", false, "talk"),
  CAUTION_NOTE("caution-note", false, "talk"),
  CLEARED_CAUTION("cleared-caution", false, "talk"),
  WISH("wish", false, "talk"),
  WARNING("warning", true, "talk"),
  CLEARED_WARNING("cleared-warning", true, "talk"),
  SETUP("setup", true, "set-up"),
  STANCE("stance", true, "set-up"),
  SHAPE("shape", true, "set-up"),
  SETUP_FAULT("setup-fault", true, "set-up"),
  SWING("swing", true, "swing"),
  FAULT("fault", true, "swing"),
  SWING_FIGURE("swing-figure", true, "swing"),
  AGAIN("again", true, "links"),
  REHEARSAL("rehearsal", true, "swing"),
  HABIT("habit", true, "swing"),
  SCHOOL("school", false, "set-up"),
  SCHOOL_WHY("school-why", false, "set-up"),
  SETUP_TODAY("setup-today", false, "plan"),
  LINK("link", false, "links"),
  PAIN("pain", true, "measure"),
  SKIP("skip", true, "measure"),
  BASELINE("baseline", true, "measure"),
  ORDER("order", true, "measure");

  private static final int TEXT_MOST = 400;

  private final String prefix;
  private final boolean ofVisit;
  private final String station;

  Topic(String prefix, boolean ofVisit, String station) {
    this.prefix = prefix;
    this.ofVisit = ofVisit;
    this.station = station;
  }

  /** Whether it belongs to one visit, or to the golfer for good. */
  public boolean ofVisit() {
    return ofVisit;
  }

  /** The station where it is noted. */
  public String station() {
    return station;
  }

  /** The key of this topic about something. */
  public String about(String id) {
    return prefix + "." + id;
  }

  /** The topic of a key, or empty when the key names none. */
  public static Optional<Topic> of(String key) {
    String prefix = key.contains(".") ? key.substring(0, key.indexOf('.')) : key;
    return Arrays.stream(values()).filter(t -> t.prefix.equals(prefix)).findFirst();
  }

  /** What the key is about, after the first dot; empty text when there is no dot. */
  public static String subject(String key) {
    return key.contains(".") ? key.substring(key.indexOf('.') + 1) : "";
  }

  /**
   * What is wrong with this value, in words for the one who typed it; empty when it can be kept. A
   * blank value takes a fact back and is always fine.
   */
  public Optional<String> problem(String key, String value, int thisYear) {
    if (value.length() > TEXT_MOST) {
      return Optional.of("Too long: at most " + TEXT_MOST + " letters are kept.");
    }
    String about = subject(key);
    boolean known = knows(about);
    if (!known) {
      return Optional.of("This page asked for something unknown. Reload it; nothing was lost.");
    }
    return value.isBlank() ? Optional.empty() : valueProblem(about, value.strip(), thisYear);
  }

  private boolean knows(String about) {
    return switch (this) {
      case WHO -> List.of("birth-year", "handed", "height", "guardian", "history").contains(about);
      case CONSENT, SCHOOL, SCHOOL_WHY, SETUP_TODAY, ORDER, BASELINE, SHAPE -> about.isEmpty();
      case COMPLAINT -> Complaint.parse(about).isPresent();
      case CAUTION, CAUTION_NOTE, CLEARED_CAUTION -> Caution.parse(about).isPresent();
      case WISH ->
          List.of("minutes", "days", "weeks", "start", "want", "blackout").contains(about)
              || about.startsWith("tool-") && Tool.parse(about.substring(5)).isPresent();
      case WARNING, CLEARED_WARNING -> WarningSign.parse(about).isPresent();
      case SETUP -> Setup.BOUNDS.containsKey(about);
      case STANCE -> SetupFigure.parse(about).filter(f -> !f.ofBudget()).isPresent();
      case SWING_FIGURE -> SwingFigure.parse(about).isPresent();
      case SETUP_FAULT -> SetupFault.parse(about).isPresent();
      case SWING ->
          List.of("trailKneeExtension", "leadRelease", "club", "downswing").contains(about);
      case FAULT, REHEARSAL, AGAIN -> PivotFault.parse(about).isPresent();
      case HABIT -> Habit.parse(about).isPresent();
      case PAIN -> Slot.parse(about).isPresent();
      case SKIP -> TestCard.parse(about).isPresent();
      case LINK -> PivotFault.parse(about.split("\\.", 2)[0]).isPresent();
    };
  }

  private Optional<String> valueProblem(String about, String value, int thisYear) {
    return switch (this) {
      case WHO ->
          switch (about) {
            case "birth-year" -> whole(value, thisYear - 105, thisYear - 5, "A birth year", "");
            case "height" -> number(value, 100, 230, "Height", " cm");
            case "handed" -> oneOf(Handed.parse(value));
            default -> Optional.empty();
          };
      case WISH ->
          switch (about) {
            case "minutes" -> whole(value, 1, 120, "Minutes a day", "");
            case "days" -> whole(value, 1, 7, "Days a week", "");
            case "weeks" -> whole(value, 4, 8, "Weeks", "");
            case "start" -> date(value);
            case "blackout" -> dates(value);
            default -> Optional.empty();
          };
      case SETUP -> {
        double[] bounds = Setup.BOUNDS.get(about);
        yield number(value, bounds[0], bounds[1], "This figure", "°");
      }
      case SWING ->
          switch (about) {
            case "leadRelease" -> oneOf(LeadRelease.parse(value));
            case "club" -> oneOf(Club.parse(value));
            case "downswing" -> oneOf(Downswing.parse(value));
            default -> {
              double[] bounds = Setup.BOUNDS.get(about);
              yield number(value, bounds[0], bounds[1], "Straightening", "°");
            }
          };
      case STANCE -> {
        SetupFigure f = SetupFigure.parse(about).orElseThrow();
        yield number(value, f.least(), f.most(), f.title(), f.unit());
      }
      case SWING_FIGURE -> {
        SwingFigure f = SwingFigure.parse(about).orElseThrow();
        String unit = f.unit().length() < 3 ? (f.unit().equals("°") ? "°" : " " + f.unit()) : "";
        yield number(value, f.least(), f.most(), f.title(), unit);
      }
      case SHAPE -> oneOf(SpineShape.parse(value));
      case CAUTION ->
          oneOf(
              Side.parse(value).isPresent() || value.equals("both") || value.equals("yes")
                  ? Optional.of(value)
                  : Optional.empty());
      case SETUP_FAULT, FAULT, AGAIN -> oneOf(Level.parse(value));
      case REHEARSAL -> oneOf(Rehearsal.parse(value));
      case SCHOOL -> oneOf(School.parse(value));
      case LINK -> oneOf(Overrule.Verdict.parse(value.split(" ", 2)[0]));
      case ORDER -> oneOf(Optional.of(value).filter(RunningOrder::known));
      case WARNING ->
          oneOf(value.equals("yes") || value.equals("no") ? Optional.of(value) : Optional.empty());
      case PAIN ->
          value.matches("(10|\\d)( .*)?")
              ? Optional.empty()
              : Optional.of("Pain is a whole number from 0 to 10.");
      default -> Optional.empty();
    };
  }

  private static Optional<String> oneOf(Optional<?> parsed) {
    return parsed.isPresent()
        ? Optional.empty()
        : Optional.of("This page offered something unknown. Reload it; nothing was lost.");
  }

  private static Optional<String> whole(String value, int low, int high, String what, String unit) {
    if (!value.matches("\\d{1,6}")) {
      return Optional.of(what + " is a whole number, such as " + Math.max(low, high / 2) + ".");
    }
    return number(value, low, high, what, unit);
  }

  private static Optional<String> number(
      String value, double low, double high, String what, String unit) {
    Optional<Double> number = Typed.number(value);
    if (number.isEmpty()) {
      return Optional.of(
          what + " is a number from " + plain(low) + " to " + plain(high) + unit + ".");
    }
    return number.get() < low || number.get() > high
        ? Optional.of(
            what
                + " goes from "
                + plain(low)
                + " to "
                + plain(high)
                + unit
                + "; you typed "
                + value
                + ".")
        : Optional.empty();
  }

  private static String plain(double number) {
    return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
  }

  private static Optional<String> dates(String value) {
    return Arrays.stream(value.strip().split("[\\s,;]+"))
        .map(Topic::date)
        .flatMap(Optional::stream)
        .findFirst();
  }

  private static Optional<String> date(String value) {
    try {
      LocalDate.parse(value);
      return Optional.empty();
    } catch (DateTimeParseException e) {
      return Optional.of("A date looks like 2027-01-11.");
    }
  }
}
