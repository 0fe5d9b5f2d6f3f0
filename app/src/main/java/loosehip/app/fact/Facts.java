package loosehip.app.fact;

import static loosehip.app.fact.Fact.Scope.GOLFER;
import static loosehip.app.fact.Fact.Scope.VISIT;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import loosehip.app.words.Text;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.link.Complaint;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.SetupFault;
import loosehip.core.link.SetupFigure;
import loosehip.core.link.SpineShape;
import loosehip.core.link.SwingFigure;
import loosehip.core.measure.Pain;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.WarningSign;

/** Every fact that can be noted about a golfer. */
public final class Facts {
  private static final Codec<Level> LEVEL = Codecs.id(Level.class);
  private static final int OLDEST = 105;
  private static final int YOUNGEST = 5;

  /** Year of birth. */
  public static final Fact<Integer> BIRTH_YEAR =
      talk(
          "who.birth-year",
          "birth year",
          Codecs.whole(d -> d.getYear() - OLDEST, d -> d.getYear() - YOUNGEST, "A birth year"));

  /** Date of birth; asked of whoever could be under 18 by the year. */
  public static final Fact<LocalDate> BIRTH_DATE =
      talk("who.birth-date", "date of birth", Codecs.dayOfBirth(OLDEST));

  /** Which way the golfer stands. */
  public static final Fact<Handed> HANDED = talk("who.handed", "hand", Codecs.id(Handed.class));

  /** Height standing tall, in centimetres. */
  public static final Fact<Double> HEIGHT =
      talk("who.height", "height", Codecs.tall(100, 230, "Height"));

  /** Who may consent for a minor. */
  public static final Fact<String> GUARDIAN = talk("who.guardian", "guardian", Codecs.text());

  /** What hurt or once did, in the golfer's words. */
  public static final Fact<String> HISTORY = talk("who.history", "history", Codecs.text());

  /** Consent to keep health data: the wording it was given to. */
  public static final Fact<String> CONSENT = talk("consent", "consent", Codecs.text());

  /** Consent to pictures, of its own: the wording it was given to. */
  public static final Fact<String> PICTURES = talk("consent-pictures", "pictures", Codecs.text());

  /** What goes wrong, in ball-flight words. */
  public static final FactFamily<Complaint, String> COMPLAINT =
      family("complaint.", GOLFER, Station.TALK, Complaint.class, c -> c.title(), Codecs.mark());

  /** That cautions were asked after at this visit and there are none. */
  public static final Fact<String> NO_CAUTIONS =
      new Fact<>("cautions.none", VISIT, Station.TALK, "none of these cautions", Codecs.mark());

  /** A caution, with the side it concerns. */
  public static final FactFamily<Caution, CautionSide> CAUTION =
      new FactFamily<>(
          "caution.",
          GOLFER,
          Station.TALK,
          Named::id,
          Named.parser(Caution.class),
          c -> "caution: " + c.asked(),
          Codecs::side);

  /** What was said about a caution. */
  public static final FactFamily<Caution, String> CAUTION_NOTE =
      family(
          "caution-note.",
          GOLFER,
          Station.TALK,
          Caution.class,
          c -> "note: " + c.asked(),
          Codecs.text());

  /** Back pain at this visit, 0 to 10. */
  public static final Fact<Integer> BACK_PAIN =
      new Fact<>(
          "pain-now.back",
          VISIT,
          Station.TALK,
          "back pain now, 0 to 10",
          Codecs.whole(0, 10, "Back pain now"));

  /** Week of pregnancy on the day it is noted; it counts on by itself. */
  public static final Fact<Integer> PREGNANCY_WEEK =
      talk("pregnancy.week", "week of pregnancy", Codecs.whole(1, 42, "The week of pregnancy"));

  /** Weeks since a birth on the day it is noted; they count on by themselves. */
  public static final Fact<Integer> WEEKS_AFTER =
      talk("pregnancy.weeks-after", "weeks after", Codecs.whole(0, 52, "Weeks after a birth"));

  /** That the knee with a caution is a new one. */
  public static final Fact<String> NEW_KNEE = talk("knee.replacement", "a new knee", Codecs.mark());

  /** That pain below the knee is new rather than long known. */
  public static final Fact<String> NEW_SCIATICA =
      talk("sciatica.new", "new pain below the knee", Codecs.mark());

  /** A clinician's clearance of a caution. */
  public static final FactFamily<Caution, Clearance> CLEARED_CAUTION =
      family(
          "cleared-caution.",
          GOLFER,
          Station.TALK,
          Caution.class,
          c -> "clearance: " + c.asked(),
          Codecs.json(Clearance.class));

  /** The answer to a warning-sign question. */
  public static final FactFamily<WarningSign, Boolean> WARNING =
      family(
          "warning.",
          VISIT,
          Station.TALK,
          WarningSign.class,
          s -> "warning sign: " + Text.spaced(s),
          Codecs.yesOrNo());

  /** A clinician's clearance of a warning sign. */
  public static final FactFamily<WarningSign, Clearance> CLEARED_WARNING =
      family(
          "cleared-warning.",
          VISIT,
          Station.TALK,
          WarningSign.class,
          s -> "clearance: " + Text.spaced(s),
          Codecs.json(Clearance.class));

  /** Minutes a day for homework. */
  public static final Fact<Integer> MINUTES =
      talk("wish.minutes", "minutes a day", Codecs.whole(1, 120, "Minutes a day"));

  /** Days a week for homework. */
  public static final Fact<Integer> DAYS =
      talk("wish.days", "days a week", Codecs.whole(1, 7, "Days a week"));

  /** Whether minutes that stay free are left free, rather than filled with base work. */
  public static final Fact<String> NO_BASE_WORK =
      talk("wish.no-base-work", "no base work", Codecs.mark());

  /** The golfer's weight in kilograms, for what swings a weight. */
  public static final Fact<Double> BODY_KG =
      talk("wish.body-kg", "weight", Codecs.measure(25, 250, "Weight", " kg"));

  /** Hips whose shifted arc the trainer does not believe in. */
  public static final FactFamily<Side, String> ARC_OVERRULED =
      family(
          "arc-overruled.",
          GOLFER,
          Station.PLAN,
          Side.class,
          s -> "shifted arc not believed, " + s.id(),
          Codecs.mark());

  /** Weeks of a block. */
  public static final Fact<Integer> WEEKS =
      talk("wish.weeks", "weeks", Codecs.whole(4, 8, "Weeks"));

  /** First day of a block. */
  public static final Fact<LocalDate> START = talk("wish.start", "start", Codecs.day());

  /** What the golfer wants, in their words. */
  public static final Fact<String> WANT = talk("wish.want", "wish", Codecs.text());

  /** Days on which nothing can be done. */
  public static final Fact<Set<LocalDate>> BLACKOUT =
      talk("wish.blackout", "days off", Codecs.days());

  /** A tool at hand. */
  public static final FactFamily<Tool, String> TOOL =
      family("wish.tool-", GOLFER, Station.TALK, Tool.class, t -> t.word(), Codecs.mark());

  /** A figure of the stance that the turn budget works with. */
  public static final FactFamily<BudgetFigure, Double> SETUP =
      new FactFamily<>(
          "setup.",
          VISIT,
          Station.SET_UP,
          BudgetFigure::id,
          id -> Named.parse(BudgetFigure.class, id).filter(f -> f != BudgetFigure.STRAIGHTENING),
          BudgetFigure::title,
          f -> Codecs.number(f.least(), f.most(), f.title(), "°"));

  /** A figure of the stance that the turn budget leaves alone. */
  public static final FactFamily<SetupFigure, Double> STANCE =
      new FactFamily<>(
          "stance.",
          VISIT,
          Station.SET_UP,
          SetupFigure::id,
          id -> Named.parse(SetupFigure.class, id).filter(f -> f.ofBudget().isEmpty()),
          SetupFigure::title,
          f -> Codecs.number(f.least(), f.most(), f.title(), f.unit()));

  /** The shape of the back this golfer is judged by. */
  public static final Fact<SpineShape> SHAPE =
      new Fact<>("shape", VISIT, Station.SET_UP, "shape of the back", Codecs.id(SpineShape.class));

  /** How strongly a set-up fault is seen. */
  public static final FactFamily<SetupFault, Level> SETUP_FAULT =
      family("setup-fault.", VISIT, Station.SET_UP, SetupFault.class, f -> f.title(), LEVEL);

  /** How much the trail knee straightens going back. */
  public static final Fact<Double> STRAIGHTENING =
      new Fact<>(
          "swing." + BudgetFigure.STRAIGHTENING.id(),
          VISIT,
          Station.SWING,
          BudgetFigure.STRAIGHTENING.title(),
          Codecs.number(
              BudgetFigure.STRAIGHTENING.least(),
              BudgetFigure.STRAIGHTENING.most(),
              "Straightening",
              "°"));

  /** What the lead leg allows going back. */
  public static final Fact<LeadRelease> RELEASE =
      new Fact<>(
          "swing.leadRelease", VISIT, Station.SWING, "lead leg", Codecs.id(LeadRelease.class));

  /** The club the budget is for. */
  public static final Fact<Club> CLUB =
      new Fact<>("swing.club", VISIT, Station.SWING, "club", Codecs.id(Club.class));

  /** The way to start down. */
  public static final Fact<Downswing> DOWNSWING =
      new Fact<>("swing.downswing", VISIT, Station.SWING, "start down", Codecs.id(Downswing.class));

  /** How strongly a pivot fault is seen. */
  public static final FactFamily<PivotFault, Level> FAULT =
      family("fault.", VISIT, Station.SWING, PivotFault.class, f -> f.title(), LEVEL);

  /** A figure of the swing. */
  public static final FactFamily<SwingFigure, Double> SWING_FIGURE =
      new FactFamily<>(
          "swing-figure.",
          VISIT,
          Station.SWING,
          SwingFigure::id,
          Named.parser(SwingFigure.class),
          SwingFigure::title,
          f -> Codecs.measure(f.least(), f.most(), f.title(), f.sign()));

  /** How strongly a fault is seen after the set-up was put right. */
  public static final FactFamily<PivotFault, Level> AGAIN =
      family(
          "again.",
          VISIT,
          Station.LINKS,
          PivotFault.class,
          f -> "second look: " + f.title(),
          LEVEL);

  /** How the slow rehearsal of a fault's right movement went. */
  public static final FactFamily<PivotFault, Rehearsal> REHEARSAL =
      family(
          "rehearsal.",
          VISIT,
          Station.SWING,
          PivotFault.class,
          f -> "rehearsal: " + f.title(),
          Codecs.id(Rehearsal.class));

  /** A habit named by golfer or trainer. */
  public static final FactFamily<Habit, String> HABIT =
      family("habit.", VISIT, Station.SWING, Habit.class, h -> h.title(), Codecs.mark());

  /** The pivot worked towards. */
  public static final Fact<School> SCHOOL =
      new Fact<>("school", GOLFER, Station.SET_UP, "school", Codecs.id(School.class));

  /** Why this pivot was chosen. */
  public static final Fact<String> SCHOOL_WHY =
      new Fact<>("school-why", GOLFER, Station.SET_UP, "why this school", Codecs.text());

  /** The set-up change taken into the plan. */
  public static final Fact<SetupTaken> SETUP_TODAY =
      new Fact<>(
          "setup-today", GOLFER, Station.PLAN, "set-up in the plan", Codecs.json(SetupTaken.class));

  /** What the trainer decided about one cause of one fault. */
  public static final FactFamily<TrainersVerdict.About, TrainersVerdict> LINK =
      new FactFamily<>(
          "link.",
          GOLFER,
          Station.LINKS,
          TrainersVerdict.About::id,
          TrainersVerdict.About::parse,
          about -> about.fault().title(),
          about -> TrainersVerdict.CODEC);

  /** Pain named in a slot. */
  public static final FactFamily<Slot, Pain> PAIN =
      new FactFamily<>(
          "pain.",
          VISIT,
          Station.MEASURE,
          Slot::key,
          Slot::parse,
          slot -> "pain in " + slot.test().title(),
          slot -> PainCodec.CODEC);

  /** Why a card was skipped. */
  public static final FactFamily<TestCard, String> SKIP = ofCard("skip.", "skip: ");

  /** A note on a test, in the words of whoever measured. */
  public static final FactFamily<TestCard, String> TEST_NOTE = ofCard("test-note.", "note: ");

  /** The earlier visit to compare with, by its id. */
  public static final Fact<String> BASELINE =
      new Fact<>("baseline", VISIT, Station.MEASURE, "visit to compare with", Codecs.text());

  /** The running order of this visit, by its id. */
  public static final Fact<String> ORDER =
      new Fact<>(
          "order",
          VISIT,
          Station.MEASURE,
          "running order",
          Codec.of(id -> Optional.of(id).filter(RunningOrder::known), id -> id));

  /** That a figure of set-up or swing was taken from a still, with how far it may be off. */
  public static final FactFamily<String, FromStill> FROM_STILL = FromStill.family();

  private static final List<Fact<?>> SINGLE =
      List.of(
          BIRTH_YEAR,
          BIRTH_DATE,
          NO_CAUTIONS,
          BACK_PAIN,
          PREGNANCY_WEEK,
          WEEKS_AFTER,
          NEW_KNEE,
          NEW_SCIATICA,
          HANDED,
          HEIGHT,
          GUARDIAN,
          HISTORY,
          CONSENT,
          PICTURES,
          MINUTES,
          DAYS,
          NO_BASE_WORK,
          BODY_KG,
          WEEKS,
          START,
          WANT,
          BLACKOUT,
          SHAPE,
          STRAIGHTENING,
          RELEASE,
          CLUB,
          DOWNSWING,
          SCHOOL,
          SCHOOL_WHY,
          SETUP_TODAY,
          BASELINE,
          ORDER);
  private static final List<FactFamily<?, ?>> FAMILIES =
      List.of(
          COMPLAINT,
          ARC_OVERRULED,
          CAUTION,
          CAUTION_NOTE,
          CLEARED_CAUTION,
          WARNING,
          CLEARED_WARNING,
          TOOL,
          SETUP,
          STANCE,
          SETUP_FAULT,
          FAULT,
          SWING_FIGURE,
          FROM_STILL,
          AGAIN,
          REHEARSAL,
          HABIT,
          LINK,
          PAIN,
          TEST_NOTE,
          SKIP);

  private Facts() {}

  /** The fact kept under a key, or empty when there is none. */
  public static Optional<Fact<?>> parse(String key) {
    return Stream.concat(
            SINGLE.stream().filter(f -> f.key().equals(key)),
            FAMILIES.stream().map(f -> f.parse(key)).flatMap(Optional::stream))
        .findFirst()
        .<Fact<?>>map(f -> f)
        .or(() -> FollowFacts.parse(key));
  }

  private static FactFamily<TestCard, String> ofCard(String prefix, String label) {
    return new FactFamily<>(
        prefix,
        VISIT,
        Station.MEASURE,
        TestCard::key,
        TestCard::parse,
        card -> label + card.test().title(),
        card -> Codecs.text());
  }

  private static <T> Fact<T> talk(String key, String label, Codec<T> codec) {
    return new Fact<>(key, GOLFER, Station.TALK, label, codec);
  }

  private static <E extends Enum<E> & Named, T> FactFamily<E, T> family(
      String prefix,
      Fact.Scope scope,
      Station station,
      Class<E> about,
      Function<E, String> label,
      Codec<T> codec) {
    return new FactFamily<>(
        prefix, scope, station, Named::id, Named.parser(about), label, what -> codec);
  }
}
