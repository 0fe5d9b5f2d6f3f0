package loosehip.app.talk;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import loosehip.app.fact.CautionSide;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.field.NotedField;
import loosehip.app.golfer.Workup;
import loosehip.app.plan.Consequences;
import loosehip.app.practice.ConsentWording;
import loosehip.app.practice.Room;
import loosehip.app.store.GolferFile;
import loosehip.app.words.Dates;
import loosehip.app.words.NoticeWords;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.ToolWords;
import loosehip.core.body.Handed;
import loosehip.core.link.Complaint;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.Movement;
import loosehip.core.safety.WarningSign;

/**
 * The talk, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param name the golfer's name
 * @param visit which visit it is and of what day, in words
 * @param mayStart whether a new visit can be started today
 * @param lastOpened who opened this golfer last and when; empty when nobody did
 * @param minor whether the golfer is under 18 by the birth year
 * @param guardianMissing whether a guardian must consent and none is named
 * @param consented whether consent is on record
 * @param wording the wording consent is given to
 * @param earlierWording the one this golfer consented to, when it was another
 * @param who the fields of the first sentence
 * @param consent the consent itself
 * @param refer what is said when a warning sign waits
 * @param signs the warning-sign questions
 * @param complaints what goes wrong
 * @param want what they want
 * @param history what hurts or once did
 * @param noCautions that there is nothing of the kind
 * @param cautions what must be respected
 * @param pattern a caution nobody has said anything of
 * @param consequences what follows from it
 * @param guardian who consents for a minor
 * @param wishes what they can give
 * @param gives minutes, days and weeks as a row of taps
 * @param away how many days they are away, in words
 * @param tools what is at hand at home
 * @param aid what every reader is told
 * @param eraseProblem why nothing was erased; empty when nothing was asked
 */
public record TalkPage(
    String golfer,
    String name,
    String visit,
    boolean mayStart,
    String lastOpened,
    boolean minor,
    boolean guardianMissing,
    boolean consented,
    ConsentWording wording,
    Optional<String> earlierWording,
    Who who,
    NotedField consent,
    ReferBlock refer,
    List<Sign> signs,
    List<NotedField> complaints,
    NotedField want,
    NotedField history,
    NotedField noCautions,
    List<CautionRow> cautions,
    CautionRow pattern,
    List<Consequences.Consequence> consequences,
    NotedField guardian,
    Wishes wishes,
    List<Give> gives,
    String away,
    List<NotedField> tools,
    List<String> usualTools,
    String aid,
    String eraseProblem) {
  private static final List<Integer> MINUTES = List.of(5, 10, 15, 20, 30, 45);
  private static final List<Integer> DAYS = List.of(2, 3, 4, 5, 6, 7);
  private static final List<Integer> WEEKS = List.of(4, 5, 6, 7, 8);

  private static final List<CautionSide> SIDES =
      List.of(CautionSide.LEFT, CautionSide.RIGHT, CautionSide.BOTH);
  private static final List<CautionSide> WHOLE = List.of(CautionSide.YES);

  /** Whether a warning sign is still to be asked. */
  public boolean signsOpen() {
    return signs.stream().anyMatch(s -> s.field().value().isEmpty());
  }

  /** What the folded questions were answered with. */
  public String signsAsked() {
    long yes = signs.stream().filter(s -> s.field().value().equals("yes")).count();
    return signsOpen()
        ? "The eight questions"
        : yes == 0 ? "All eight asked: no." : "All eight asked: yes to " + yes + ".";
  }

  /** Whether they want no base work, which is rare enough to stand folded otherwise. */
  public boolean baseWorkRefused() {
    return !wishes.noBaseWork().value().isEmpty();
  }

  /** Something they give, as a row of taps, with a field for any other number. */
  public record Give(String words, NotedField steps, NotedField other) {}

  /** Who it is. */
  public record Who(
      NotedField birthYear, NotedField birthDate, NotedField height, NotedField handed) {}

  /** A warning-sign question. */
  public record Sign(String id, String question, NotedField field) {}

  /**
   * A caution asked after.
   *
   * @param further what is asked further about it
   * @param cleared the clearance on record, in words; empty when there is none
   * @param typed a clearance as typed so far
   * @param liftable what a clinician can allow although the caution blocks it
   * @param degrees whether limits in degrees are asked for
   */
  public record CautionRow(
      Caution caution,
      NotedField field,
      NotedField note,
      List<NotedField> further,
      Optional<String> cleared,
      TypedClearance typed,
      List<Demand> liftable,
      boolean degrees) {
    /** Whether something is on record of it, or about to be. */
    public boolean touched() {
      return !field.value().isEmpty()
          || !note.value().isEmpty()
          || cleared.isPresent()
          || typed.refused();
    }

    /** What any other untouched one gets when it is tapped, but for the caution's own name. */
    CautionRow untouched() {
      return new CautionRow(
          caution,
          field,
          note.emptied(),
          List.of(),
          Optional.empty(),
          TypedClearance.NONE,
          List.of(),
          false);
    }
  }

  /** What they can give. */
  public record Wishes(
      NotedField minutes,
      NotedField days,
      NotedField weeks,
      NotedField start,
      NotedField blackout,
      NotedField weight,
      NotedField noBaseWork) {
    /** All of them, for their problems. */
    public List<NotedField> all() {
      return List.of(minutes, days, weeks, start, blackout, weight, noBaseWork);
    }
  }

  static TalkPage of(
      Workup workup,
      Room room,
      String lastOpened,
      List<Consequences.Consequence> consequences,
      TypedClearance typed,
      String eraseProblem) {
    GolferFile file = workup.file();
    return new TalkPage(
        file.id(),
        file.name(),
        "Visit "
            + file.visitNumber()
            + ", "
            + Dates.day(file.visitOn())
            + (workup.closed() ? ", closed." : "."),
        file.visitOn().isBefore(workup.today()) && !workup.golfer().health().refer(),
        lastOpened,
        workup.minor(),
        workup.guardianMissing(),
        workup.consented(),
        room.consent(),
        Facts.CONSENT.in(file).filter(id -> !id.equals(room.consent().id())),
        new Who(
            NotedField.typed(file, Facts.BIRTH_YEAR),
            NotedField.typed(file, Facts.BIRTH_DATE),
            NotedField.typed(file, Facts.HEIGHT),
            NotedField.oneOf(
                file, Facts.HANDED, List.of(Handed.values()), h -> h.id() + "-handed")),
        NotedField.typed(file, Facts.CONSENT),
        ReferBlock.of(workup, typed),
        Arrays.stream(WarningSign.values())
            .map(
                s ->
                    new Sign(
                        s.id(), s.question(), NotedField.yesOrNo(file, Facts.WARNING.about(s))))
            .toList(),
        Arrays.stream(Complaint.values())
            .map(c -> NotedField.mark(file, Facts.COMPLAINT.about(c), c.title()))
            .toList(),
        NotedField.typed(file, Facts.WANT),
        NotedField.typed(file, Facts.HISTORY),
        NotedField.mark(file, Facts.NO_CAUTIONS, "none of these")
            .locked(!Facts.CAUTION.in(file).isEmpty()),
        Arrays.stream(Caution.values())
            .filter(c -> c != Caution.UNDER_18)
            .map(c -> caution(file, c, typed, workup.today()))
            .toList(),
        caution(file, Caution.HIP_REPLACEMENT, typed, workup.today()).untouched(),
        consequences,
        NotedField.typed(file, Facts.GUARDIAN),
        new Wishes(
            NotedField.typed(file, Facts.MINUTES),
            NotedField.typed(file, Facts.DAYS),
            NotedField.typed(file, Facts.WEEKS),
            NotedField.typed(file, Facts.START),
            NotedField.typed(file, Facts.BLACKOUT),
            NotedField.typed(file, Facts.BODY_KG),
            NotedField.mark(file, Facts.NO_BASE_WORK, "no base work in minutes that stay free")),
        List.of(
            give(file, "Minutes a day", Facts.MINUTES, MINUTES, ""),
            give(file, "Days a week", Facts.DAYS, DAYS, ""),
            give(
                file,
                "Weeks",
                Facts.WEEKS,
                WEEKS,
                String.valueOf(loosehip.core.plan.Wishes.USUAL_WEEKS))),
        DaysAway.said(file),
        Arrays.stream(Tool.values())
            .map(t -> NotedField.mark(file, Facts.TOOL.about(t), ToolWords.of(t)))
            .toList(),
        Facts.TOOL.in(file).isEmpty()
            ? room.tools().stream().map(ToolWords::of).toList()
            : List.of(),
        NoticeWords.DECISION_AID,
        eraseProblem);
  }

  private static Give give(
      GolferFile file, String words, Fact<Integer> fact, List<Integer> steps, String usual) {
    return new Give(
        words,
        NotedField.steps(file, fact, steps, String::valueOf, usual),
        NotedField.typed(file, fact));
  }

  static CautionRow caution(
      GolferFile file, Caution caution, TypedClearance typed, LocalDate today) {
    return new CautionRow(
        caution,
        NotedField.oneOrNone(
            file,
            Facts.CAUTION.about(caution),
            caution.sided() ? SIDES : WHOLE,
            TalkPage::letter,
            Facts.CAUTION.about(caution).typed(file)),
        NotedField.typed(file, Facts.CAUTION_NOTE.about(caution)),
        further(file, caution),
        Facts.CLEARED_CAUTION.about(caution).in(file).map(c -> cleared(c, today)),
        typed.of(caution.id()),
        Movement.blockedBy(caution).stream().sorted().toList(),
        caution == Caution.HIP_REPLACEMENT);
  }

  private static List<NotedField> further(GolferFile file, Caution caution) {
    return switch (caution) {
      case BACK -> List.of(NotedField.typed(file, Facts.BACK_PAIN));
      case PREGNANCY ->
          List.of(
              NotedField.typed(file, Facts.PREGNANCY_WEEK),
              NotedField.typed(file, Facts.WEEKS_AFTER));
      case KNEE -> List.of(NotedField.mark(file, Facts.NEW_KNEE, "a new knee"));
      case SCIATICA -> List.of(NotedField.mark(file, Facts.NEW_SCIATICA, "new, not long known"));
      default -> List.of();
    };
  }

  private static String cleared(Clearance clearance, LocalDate today) {
    return SafetyWords.clearance(clearance)
        + (clearance.lapsed(today) ? ". That day has passed: it is in force no more." : "");
  }

  private static String letter(CautionSide side) {
    return switch (side) {
      case LEFT -> "L";
      case RIGHT -> "R";
      case BOTH, YES -> side.id();
    };
  }
}
