package loosehip.app.words;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import loosehip.app.unit.Shown;
import loosehip.core.follow.Done;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Need;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Drill;
import loosehip.core.plan.Gate;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.PlanNote;
import loosehip.core.plan.PlanRefusal;
import loosehip.core.plan.PreRoundReset;
import loosehip.core.plan.Reason;
import loosehip.core.plan.Tools;
import loosehip.core.plan.Why;
import loosehip.core.safety.NotedCaution;

/** Says what is in a plan, why, and why not. */
public final class PlanWords {
  private final Function<ItemId, String> name;

  /**
   * @param name what an exercise or drill is called within a sentence
   */
  public PlanWords(Function<ItemId, String> name) {
    this.name = name;
  }

  /** Words that call everything by its id, for files. */
  public static PlanWords ofIds() {
    return new PlanWords(ItemId::id);
  }

  /** Why something is in. */
  public static String why(Why why) {
    String purpose = purpose(why.purpose());
    boolean saysHeld = why.purpose() instanceof Why.ByHand || !why.held();
    return purpose
        + (saysHeld ? "" : "; held in by the trainer")
        + why.weakerFirst()
            .map(leg -> "; " + leg.id() + " side first, with one extra set")
            .orElse("");
  }

  private static String purpose(Why.Purpose purpose) {
    if (purpose instanceof Why.Serves serves) {
      boolean ground = serves.needs().stream().allMatch(n -> n.from() == Need.Family.GROUNDWORK);
      return (ground ? "groundwork, no fault asks for it: " : "serves ")
          + serves.needs().stream().map(PlanWords::served).collect(Collectors.joining(" and "));
    } else if (purpose instanceof Why.FreesFirst) {
      return "frees the front of the hip before the seat works";
    } else if (purpose instanceof Why.ForFaults drill) {
      return "the drill for "
          + Text.list(drill.faults().stream().map(f -> Text.lower(f.title())).toList());
    } else if (purpose instanceof Why.ForSetup routine) {
      return "puts right: "
          + Text.list(routine.faults().stream().map(f -> Text.lower(f.title())).toList());
    } else if (purpose instanceof Why.Base) {
      return "base work: nothing measured asks for it, the minutes are there";
    } else if (purpose instanceof Why.Settles) {
      return "easy and first, so that nothing is met cold";
    } else if (purpose instanceof Why.ByHand) {
      return "held in by the trainer";
    }
    return ((Why.AsWritten) purpose).words();
  }

  private static String served(Why.Served served) {
    return Text.lower(served.kind().title())
        + " ("
        + served.band().word()
        + (served.fully() ? ")" : ", by half)");
  }

  /** Why something is not in. */
  public static String reason(Reason reason) {
    if (reason instanceof Reason.ByCaution by) {
      return "caution: "
          + caution(by.noted())
          + by.demand().map(d -> " (" + d.words() + ")").orElse("");
    } else if (reason instanceof Reason.ShiftedArc arc) {
      return arc.leg().id()
          + " hip has "
          + arc.arc().named()
          + ": stretching is not likely to help here, the set-up serves better";
    } else if (reason instanceof Reason.MissingTools missing) {
      return "needs " + Tools.words(missing.tools());
    } else if (reason instanceof Reason.OtherSchool other) {
      return "belongs to "
          + Text.list(other.schools().stream().sorted().map(s -> Text.lower(s.title())).toList());
    } else if (reason instanceof Reason.ByLimit limit) {
      return "by the clearance of " + limit.clearance().by() + ": no " + limit.demand().words();
    } else if (reason instanceof Reason.NotYet notYet) {
      return "not yet: " + gate(notYet.gate());
    } else if (reason instanceof Reason.TooShort gate) {
      return "needs "
          + Text.lower(gate.needs().title())
          + " at least close; it is "
          + gate.is().word();
    } else if (reason instanceof Reason.NoTime time) {
      return noTime(time);
    } else if (reason instanceof Reason.SevenASession) {
      return "a session has seven exercises already, and those serve more";
    } else if (reason instanceof Reason.NeedTooSmall small) {
      return Text.lower(small.need().title()) + " is needed too little";
    } else if (reason instanceof Reason.OtherRung other) {
      return "another of the same ladder is in: " + other.in();
    } else if (reason instanceof Reason.NoRestDay) {
      return "no day leaves 48 hours to other hard work on the same";
    } else if (reason instanceof Reason.DownTwice) {
      return "it would mean getting down to the floor twice in a session";
    } else if (reason instanceof Reason.NothingWarm) {
      return "it is deep, and nothing warm would come before it";
    } else if (reason instanceof Reason.FirstNeedFirst first) {
      return Text.lower(first.first().title()) + " comes first and would get less time";
    } else if (reason instanceof Reason.FromWeek later) {
      return "from week " + later.week() + " on";
    } else if (reason instanceof Reason.OtherStyle other) {
      return "belongs to another way to start down: " + Text.lower(other.style().title());
    } else if (reason instanceof Reason.NotWhile beside) {
      return "not while this stands: " + Text.lower(beside.stands().title());
    } else if (reason instanceof Reason.Learnt) {
      return "it held for a week; the next of its line has come";
    } else if (reason instanceof Reason.Eased) {
      return "made easier by the trainer, or by the log";
    } else if (reason instanceof Reason.Stopped stopped) {
      return "stopped by pain on " + Dates.day(stopped.on());
    } else if (reason instanceof Reason.TrainersHand) {
      return "taken out by the trainer";
    }
    return ((Reason.AsWritten) reason).words();
  }

  private static String caution(NotedCaution noted) {
    return Text.lower(noted.caution().asked()) + noted.side().map(s -> ", " + s.id()).orElse("");
  }

  private static String gate(Gate gate) {
    return switch (gate) {
      case STAND_5 -> "needs 5 s on each leg first (One-leg stand, eyes open)";
      case STAND_10 -> "needs 10 s on each leg first (One-leg stand, eyes open)";
      case HINGE -> "needs the hinge close first (Hinge with three contacts)";
      case TILT -> "needs tilt control close first (Tilt control)";
      case SQUAT -> "needs the squat close first (Squat depth)";
      case SWITCH_TALL ->
          "needs the seat to switch on standing tall first (Seat muscles switch on)";
      case BRIDGE_10 -> "needs 10 s on each side first (One-leg bridge)";
      case FRONT_10 -> "needs 10 s first (Straight-body hold), or the rung below held";
      case RUNG_BELOW -> "needs the rung below held first";
      case SIDE_HIP -> "needs the side of both hips close first (Level pelvis on one leg)";
      case SWITCH -> "needs the seat to switch on, tall and hinged, first (Seat muscles switch on)";
    };
  }

  private static String noTime(Reason.NoTime time) {
    return time.alone()
        ? "no time left: it alone takes " + time.seconds() + " s of " + time.minutes() + " minutes"
        : "no time left: "
            + time.seconds()
            + " s would go past "
            + time.minutes()
            + " minutes, and the rest serves more";
  }

  /** What had to go, or stays open. */
  public String note(PlanNote note) {
    if (note instanceof PlanNote.CouldNotHold held) {
      return "Could not be held in: " + name.apply(held.item()) + ", " + reason(held.because());
    } else if (note instanceof PlanNote.NoRoom none) {
      return "No room for "
          + name.apply(none.item())
          + ": it breaks the minutes, the seven exercises or the 48 hours of its days";
    } else if (note instanceof PlanNote.TooManyDrills many) {
      return "No room for " + name.apply(many.item()) + ": at most two drills a week";
    } else if (note instanceof PlanNote.NotServed unserved) {
      return "Not served in these minutes, with these tools and cautions: "
          + titles(unserved.needs());
    } else if (note instanceof PlanNote.NoFreeDay) {
      return "Every day of the block is blacked out";
    } else if (note instanceof PlanNote.NoBodyWork) {
      return "No body work: nothing measured falls short behind these faults";
    } else if (note instanceof PlanNote.MinutesFree free) {
      return free.free() + " of the " + free.minutes() + " minutes stay free: " + because(free);
    } else if (note instanceof PlanNote.FewDays few) {
      return (few.days() == 1 ? "One day" : few.days() + " days")
          + " a week: range and control want five to seven, so it will take longer";
    } else if (note instanceof PlanNote.AtPractice at) {
      return "Besides the minutes, before practice or at it: "
          + Text.list(at.items().stream().map(name).toList());
    } else if (note instanceof PlanNote.FirstNeedIsShortWork first) {
      return "The work for "
          + Text.lower(first.first().title())
          + " is short, so others get more time";
    }
    return ((PlanNote.AsWritten) note).words();
  }

  private static String because(PlanNote.MinutesFree free) {
    return switch (free.because()) {
      case NOTHING_SHORT -> "nothing more that was measured is short";
      case NOT_MEASURED -> "not measured, so not trained yet: " + titles(free.untested());
      case CAUTION -> "cautions keep out what would fill them";
      case SHIFTED_ARC -> "a shifted arc keeps out what would fill them";
      case STOPPED -> "pain has stopped what would fill them";
      case NOT_YET -> "what would fill them waits for a test, or for the rung below";
      case NO_TOOL -> "what would fill them needs tools that are not at hand";
      case SEVEN -> "a session has its seven exercises";
      case RULES ->
          "what is left fits no day beside the rest: once down to the floor, 48 hours between hard"
              + " work, the first need first";
    };
  }

  private static String titles(List<LimitKind> kinds) {
    return Text.list(kinds.stream().map(LimitKind::title).map(Text::lower).toList());
  }

  /** Why a change cannot be. */
  public String refusal(PlanRefusal refusal) {
    if (refusal instanceof PlanRefusal.NoSuchDay) {
      return "There is no such day. Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.ThereAlready there) {
      return name.apply(there.item()) + " is on that day already. Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.RestDay) {
      return "That is a rest day. For more days, raise the days a week on Talk. Nothing was"
          + " changed.";
    } else if (refusal instanceof PlanRefusal.TooNear near) {
      return name.apply(near.item()) + " needs 48 hours between its days. Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.NoSuchItem) {
      return "There is no such exercise. Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.Blocked blocked) {
      return name.apply(blocked.item())
          + " cannot be added, "
          + reason(blocked.because())
          + ". Only a recorded clearance lifts it. Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.NoOtherRung) {
      return "There is no other rung. Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.NoOtherDrill drill) {
      return name.apply(drill.item())
          + " has no other form and no drill after it that may be given."
          + " Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.CueTooLong) {
      return "A cue has at most " + PlanEdits.CUE_MOST + " letters; the one before stays.";
    } else if (refusal instanceof PlanRefusal.EndOfDose) {
      return "That is the end of what its dose allows. Nothing was changed.";
    } else if (refusal instanceof PlanRefusal.NotHeld held) {
      return note(held.because()) + ". Nothing was changed.";
    }
    return "Nothing could be planned: the minutes and days on Talk are missing. The plan stays.";
  }

  /** A whole dose: {@code 2–3 sets of 10–15, hold 5 s, each side}. */
  public static String dose(Dose dose) {
    StringBuilder words = new StringBuilder();
    if (dose.setsTop() > 1) {
      words.append(range(dose.setsLow(), dose.setsTop())).append(" sets of ");
    }
    words.append(range(dose.repsLow(), dose.repsTop()));
    if (dose.holdTop() > 0) {
      words.append(", hold ").append(range(dose.holdLow(), dose.holdTop())).append(" s");
    }
    if (dose.ways() > 1) {
      words.append(", ").append(dose.ways()).append(" ways");
    }
    return words + (dose.perSide() ? ", each side" : "") + tempo(dose);
  }

  private static String tempo(Dose dose) {
    return dose.tempo()
        .map(t -> ", tempo " + t.out() + "–" + t.hold() + "–" + t.back() + " s (out, hold, back)")
        .orElse("");
  }

  private static String range(int low, int top) {
    return low == top ? String.valueOf(low) : low + "–" + top;
  }

  /** How much of an item: with the one leg it is done on, the form, the most weight. */
  public static String dose(PlanItem item) {
    if (item.role() == PlanItem.Role.ROUTINE) {
      return "two minutes, before practice";
    }
    String words = dose(item.dose(), item.much());
    Shown weight = Shown.ofSign(" kg");
    String sided =
        item.only()
            .map(leg -> words.replace(", each side", ", " + leg.id() + " side only"))
            .orElse(words);
    return sided
        + item.mostKg()
            .map(kg -> ", " + Numbers.plain(weight.of(kg)) + weight.sign() + " at most")
            .orElse("")
        + item.form()
            .filter(Drill.Form.REDUCED::equals)
            .map(f -> ", in its easier form")
            .orElse("");
  }

  /** How much of it: {@code 15 times, each side, hold 3 s}. */
  public static String dose(Dose dose, Dose.Prescribed much) {
    StringBuilder words = new StringBuilder();
    if (much.sets() > 1) {
      words.append(much.sets()).append(" sets of ");
    }
    boolean holdsOnly = much.reps() == 1 && much.holdSeconds() > 0;
    if (holdsOnly) {
      words.append(much.holdSeconds()).append(" s");
    } else {
      words.append(much.reps()).append(much.sets() > 1 ? "" : " times");
    }
    if (dose.ways() > 1) {
      words.append(holdsOnly ? " in each position" : " each way");
    }
    if (dose.perSide()) {
      words.append(", each side");
    }
    if (!holdsOnly && much.holdSeconds() > 0) {
      words.append(", hold ").append(much.holdSeconds()).append(" s");
    }
    words.append(tempo(dose));
    if (much.extraSets() > 0) {
      words.append(", one more set on the weaker side");
    }
    return words.toString();
  }

  /** How a dose rises: {@code , rising to 20}; empty when it stays. */
  public static String rising(Dose.Prescribed from, Dose.Prescribed to) {
    List<String> parts = new ArrayList<>();
    if (to.sets() != from.sets()) {
      parts.add(to.sets() + " sets");
    }
    if (to.reps() != from.reps()) {
      parts.add(String.valueOf(to.reps()));
    }
    if (to.holdSeconds() != from.holdSeconds()) {
      parts.add(to.holdSeconds() + " s");
    }
    return parts.isEmpty() ? "" : ", rising to " + Text.list(parts);
  }

  /**
   * The amounts a dose tells apart: repetitions, else seconds of a hold, else sets. A dose without
   * a range tells only all of it from less.
   */
  public static Map<Done, String> amounts(Dose dose) {
    if (dose.repsLow() < dose.repsTop()) {
      return amounts(dose.repsLow(), dose.repsTop(), "");
    }
    if (dose.holdLow() < dose.holdTop()) {
      return amounts(dose.holdLow(), dose.holdTop(), " s");
    }
    if (dose.setsLow() < dose.setsTop()) {
      return amounts(dose.setsLow(), dose.setsTop(), " sets");
    }
    Map<Done, String> told = new EnumMap<>(Done.class);
    told.put(Done.TOP, "all of it");
    told.put(Done.UNDER, "less");
    return told;
  }

  private static Map<Done, String> amounts(int low, int top, String unit) {
    Map<Done, String> told = new EnumMap<>(Done.class);
    told.put(Done.TOP, top + unit);
    told.put(Done.BETWEEN, low == top - 1 ? low + unit : low + "–" + (top - 1) + unit);
    told.put(Done.UNDER, "under " + low + unit);
    return told;
  }

  /** How much of a part of the pre-round reset: {@code 10 each side}. */
  public static String much(PreRoundReset.Part part) {
    return part.reps()
        + switch (part.counted()) {
          case TIMES -> " times";
          case BREATHS -> " breaths";
          case EACH_SIDE -> " each side";
        };
  }

  /** A length: {@code 12:05}. */
  public static String length(int seconds) {
    return "%d:%02d".formatted(seconds / 60, seconds % 60);
  }
}
