package loosehip.app.measure;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.figure.Drawing;
import loosehip.app.floor.LaidAngle;
import loosehip.app.words.Numbers;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Unit;

/**
 * One test, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param key the card's key
 * @param title test and part
 * @param meta position, minutes, what it feeds
 * @param side the side in trail and lead words; empty for tests without sides
 * @param leg {@code trail}, {@code lead} or empty
 * @param ofSides {@code side 1 of 2}, or empty
 * @param instruction what to say and do
 * @param drawing its drawing
 * @param mirrored whether the drawing is turned for the left side
 * @param unit what is written after numbers
 * @param stopwatch whether seconds are counted
 * @param context population context, never a verdict
 * @param order every card of the running order
 * @param previous key of the card before, if any
 * @param previousTitle its title
 * @param next key of the card after, if any
 * @param nextTitle its title
 * @param minutesLeft minutes of tests still to take
 * @param skipped why the card was skipped; empty when it was not, or was taken after all
 * @param blocked why it may not be taken
 * @param closed whether the visit is closed
 * @param cares what to mind while taking it
 * @param angles floor angles that "reached it" can mean
 * @param live what changes with every try
 */
public record TestView(
    String golfer,
    String key,
    String title,
    String meta,
    Optional<String> side,
    String leg,
    String ofSides,
    List<Instructions.Words> instruction,
    Optional<Drawing> drawing,
    boolean mirrored,
    String unit,
    boolean stopwatch,
    String context,
    List<OrderMark> order,
    Optional<String> previous,
    String previousTitle,
    Optional<String> next,
    String nextTitle,
    int minutesLeft,
    Optional<String> skipped,
    Optional<String> blocked,
    boolean closed,
    List<String> cares,
    List<LaidAngle> angles,
    Live live) {

  /** Whether it is an angle. */
  public boolean angle() {
    return unit.equals(Unit.DEGREES.sign());
  }

  /** Whether a device that measures angles helps. */
  public boolean inclinometer() {
    return angle() && live.numeric() && blocked.isEmpty() && !closed;
  }

  /** Seconds after which a stand is stopped, where one tap may say that it lasted; else empty. */
  public Optional<String> whole() {
    return key.startsWith(ScreenTest.ONE_LEG_STAND.id())
        ? Optional.of(Numbers.plain(ScreenTest.ONE_LEG_STAND.range().hardHigh()))
        : Optional.empty();
  }

  /** How long the tests left of the order take, in words. */
  public String timeLeft() {
    return minutesLeft == 0
        ? "all of this order is taken"
        : minutesLeft + (minutesLeft == 1 ? " minute" : " minutes") + " of tests left";
  }

  /** A card in the strip: its key, title, state, and whether a new position starts before it. */
  public record OrderMark(
      String key, String title, boolean done, boolean left, boolean now, boolean newPosition) {
    /** Its title with its state. */
    public String told() {
      return title + (done ? ", taken" : left ? ", left out" : "");
    }

    /** The styles it is shown with. */
    public String styles() {
      return (done ? "done" : left ? "left" : "") + (now ? " now" : "");
    }
  }

  /**
   * What changes with every try.
   *
   * @param numeric whether numbers are taken
   * @param tries the tries so far
   * @param full whether five tries are taken
   * @param entryLabel which try comes next, in words
   * @param typed what stands in the entry field
   * @param correcting row that the entry corrects; empty for a new try
   * @param confirm the unusual number being confirmed; empty when none
   * @param submitKey one-time key of the form
   * @param methods ways to read, the chosen one first
   * @param method the chosen one
   * @param compensations what to watch for
   * @param inView number of the try that a compensation tapped now belongs to, 1 to 5; 0 for the
   *     one in hand
   * @param painLevel pain noted, 0 for none
   * @param painSite where
   * @param note a note on it
   * @param unseen whether tries taken blind are still out of sight
   * @param words words told with this card
   * @param result the result so far
   * @param problem what went wrong with the last entry; empty when nothing
   * @param advice what to do next about the numbers; empty when nothing
   */
  public record Live(
      boolean numeric,
      List<TryBox> tries,
      boolean full,
      String entryLabel,
      String typed,
      String correcting,
      String confirm,
      String submitKey,
      List<Method> methods,
      Optional<Method> method,
      List<Compensation> compensations,
      int inView,
      int painLevel,
      String painSite,
      String note,
      boolean unseen,
      List<WordRow> words,
      Optional<Result> result,
      String problem,
      String advice) {
    /** The try a compensation tapped now belongs to; empty for the one in hand. */
    public Optional<TryBox> seenIn() {
      return inView == 0 ? Optional.empty() : Optional.of(tries.get(inView - 1));
    }

    /** Whether a compensation was seen in the try in view. */
    public boolean seen(Compensation compensation) {
      return seenIn().filter(t -> t.seen().contains(compensation)).isPresent();
    }

    /** What is said while there is no result. */
    public String nothingYet() {
      return numeric
          ? "Not measured yet. Two or three tries make a result worth trusting."
          : "Not measured yet. Answer each line.";
    }
  }

  /**
   * One try.
   *
   * @param rowId its row
   * @param label which
   * @param value the number
   * @param voided whether it is dropped
   * @param why what was seen in it, or that it is void
   * @param laidOut the floor angle that was reached, with what made it; empty when it was read
   * @param seen what was seen in it
   */
  public record TryBox(
      String rowId,
      String label,
      String value,
      boolean voided,
      String why,
      String laidOut,
      List<Compensation> seen) {
    /** The ids of what was seen in it, apart by spaces. */
    public String seenIds() {
      return seen.stream().map(Compensation::id).collect(Collectors.joining(" "));
    }

    /** Which try it is, whether a floor angle was reached, and why it is void. */
    public String labelled() {
      return label + (laidOut.isEmpty() ? "" : " · reached") + (why.isEmpty() ? "" : " · " + why);
    }

    /** The styles it is shown with. */
    public String styles(String correcting) {
      return (voided ? "voided" : "") + (rowId.equals(correcting) ? " editing" : "");
    }
  }

  /** A question answered by a word. */
  public record WordRow(String slot, String question, List<Answer> answers) {
    /** Whether it was answered. */
    public boolean answered() {
      return answers.stream().anyMatch(Answer::chosen);
    }

    /** Its id on the page. */
    public String id() {
      return "word-" + slot.replace('.', '-');
    }
  }

  /** An answer: as it is kept, as it is shown, and whether it was given. */
  public record Answer(String id, String words, boolean chosen) {
    /** The key that gives it. */
    public String letter() {
      return words.substring(0, 1);
    }
  }

  /**
   * The result so far, in words.
   *
   * @param band the band's id
   * @param mean with its unit
   * @param error plus or minus, one standard error
   * @param verdict the band in words, and the edge it is held against
   * @param ruler whose scatter the error rests on; empty when it is not an angle
   * @param otherSide the other side's mean
   * @param apart how far apart the sides are, against their own ruler
   * @param before the earlier result compared with
   * @param change how much changed, and whether that is real
   * @param chance the chance that the true change is more than 5 degrees
   * @param hips what the hip's readings say together, and what follows
   */
  public record Result(
      String band,
      String mean,
      String error,
      String verdict,
      String ruler,
      Optional<String> otherSide,
      Optional<String> apart,
      Optional<String> before,
      Optional<String> change,
      String chance,
      List<Said> hips) {}

  /** Something readings say together, and what follows from it. */
  public record Said(String words, String follows) {}
}
