package loosehip.app.words;

import java.util.Locale;
import java.util.Optional;
import loosehip.app.unit.Shown;
import loosehip.core.limit.Limit;
import loosehip.core.link.BackLoad;
import loosehip.core.link.CauseChance;
import loosehip.core.link.Factor;
import loosehip.core.link.Finding;
import loosehip.core.link.NeedReason;
import loosehip.core.link.NextTest;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SwingFigure;
import loosehip.core.link.Triage;
import loosehip.core.measure.Band;
import loosehip.core.measure.Measurement;
import loosehip.core.measure.Unit;
import loosehip.core.pivot.BudgetMargin;

/** Says why: findings, verdicts, needs, and what would settle a question. */
public final class LinkWords {
  private static final String BACK_FIRST =
      "loads the lower back: settle this before anything else, work in neutral range first, no"
          + " loaded or end-range bending and turning while pain is 4 or more of 10";

  private LinkWords() {}

  /** What one step of a sum rests on: {@code seated hip turn 25.0 ± 2.9: short}. */
  public static String finding(Finding finding) {
    if (finding instanceof Finding.SeenSlight) {
      return "seen slight, not clear";
    } else if (finding instanceof Finding.Tested tested) {
      return tested(tested);
    } else if (finding instanceof Finding.Budgeted budgeted) {
      return budgeted(budgeted);
    } else if (finding instanceof Finding.Rehearsed rehearsed) {
      return "slow rehearsal: " + rehearsed.result().word();
    } else if (finding instanceof Finding.SetupSeen setup) {
      return "set-up: " + setup.level().word();
    } else if (finding instanceof Finding.FollowedSeen followed) {
      return Text.lower(followed.fault().title()) + ": " + followed.level().word();
    } else if (finding instanceof Finding.StrongBodyCleared) {
      return "every strong body cause measured and enough";
    }
    return ((Finding.HabitNamed) finding).named() ? "named" : "not named";
  }

  private static String tested(Finding.Tested tested) {
    if (!tested.band().measured()) {
      return unmeasured(tested);
    }
    String what =
        tested
            .decisive()
            .map(LinkWords::number)
            .orElseGet(() -> Text.lower(tested.limit().tests().get(0).title()));
    return what + ": " + tested.band().word();
  }

  private static String unmeasured(Finding.Tested tested) {
    return tested.stoppedByPain() ? "stopped by pain: no evidence" : Band.NOT_MEASURED.word();
  }

  private static String budgeted(Finding.Budgeted budgeted) {
    String way = budgeted.which() == BudgetMargin.BACK ? "going back " : "coming through ";
    return way
        + PivotWords.spoken(budgeted.margin())
        + (budgeted.limiting() ? ", this hip limits" : "");
  }

  /** A number with its error: {@code seated hip turn 25.0 ± 2.9}. */
  public static String number(Measurement m) {
    return Text.lower(m.slot().test().title()) + " " + figure(m);
  }

  private static String figure(Measurement m) {
    Unit unit = m.slot().test().unit();
    return unit.decimals() == 0
        ? Math.round(m.mean()) + unit.sign()
        : Numbers.tenth(Shown.of(unit).of(m.mean()))
            + " ± "
            + Numbers.tenth(Shown.of(unit).of(m.standardError()));
  }

  /** A step of a sum as files carry it: {@code not measured (x1.00)}. */
  public static String factor(Factor factor) {
    return finding(factor.finding()) + " (x" + Numbers.hundredth(factor.value()) + ")";
  }

  /** The one finding of a cause that fits under its name; the list below has them whole. */
  public static String brief(CauseChance chance) {
    Optional<Finding> first =
        chance.factors().stream()
            .map(Factor::finding)
            .filter(f -> !(f instanceof Finding.SeenSlight))
            .findFirst();
    if (first.isEmpty()) {
      return "";
    }
    if (first.get() instanceof Finding.SetupSeen setup) {
      return "seen, " + setup.level().word();
    }
    if (first.get() instanceof Finding.Tested tested && tested.band().measured()) {
      return tested.decisive().map(m -> figure(m) + ": ").orElse("") + tested.band().word();
    }
    return finding(first.get());
  }

  /** Where to start, in words for a page. */
  public static String verdict(Triage triage) {
    return switch (triage.kind()) {
      case SETUP_FIRST -> triage.bodyToo() ? "set-up today, body in the block" : "set-up first";
      case SEE_OTHER -> "see " + Text.lower(triage.cause().orElseThrow().cause().title());
      default -> triage.id();
    };
  }

  /** Where a part of a need comes from. */
  public static String needReason(NeedReason reason) {
    if (reason instanceof NeedReason.Behind behind) {
      return Text.lower(behind.fault().title())
          + ": "
          + behind.likelihood().word()
          + (behind.servesComplaint() ? ", and it serves a complaint" : "");
    } else if (reason instanceof NeedReason.LimitsGoingBack) {
      return "limits the turn going back";
    } else if (reason instanceof NeedReason.LimitsComingThrough) {
      return "limits the turn coming through";
    } else if (reason instanceof NeedReason.ShouldersShort) {
      return "the hips have turn to spare, the shoulders fall short";
    }
    return "clearly less than the other hip";
  }

  /** What there is to do: {@code Seated hip turn}. */
  public static String title(NextTest.What what) {
    if (what instanceof NextTest.Take take) {
      return take.test().title();
    } else if (what instanceof NextTest.Rehearse rehearse) {
      return "Slow rehearsal, " + Text.lower(rehearse.fault().title());
    }
    return "Look at the set-up";
  }

  /** What a test decides: {@code decides trail hip, inward behind sway}. */
  public static String why(NextTest test) {
    return "decides "
        + Text.list(test.decides().stream().map(q -> question(test.what(), q)).toList());
  }

  private static String question(NextTest.What what, NextTest.Question question) {
    String subject =
        question
            .limit()
            .map(Limit::title)
            .map(Text::lower)
            .orElse(what instanceof NextTest.Rehearse ? "body or habit" : "set-up or not");
    return subject + " behind " + Text.lower(question.behind().title());
  }

  /** What loads the back. */
  public static String what(BackLoad load) {
    if (load instanceof BackLoad.ByFault by) {
      return by.fault().title();
    } else if (load instanceof BackLoad.ByStretch stretch) {
      return "Shoulders "
          + Math.round(stretch.degrees())
          + "° beyond the pelvis with a short trunk";
    }
    return "Arched lower back at address";
  }

  /** What follows from something that loads the back. */
  public static String follows(BackLoad load) {
    return BACK_FIRST;
  }

  /** From where a figure shows its fault: {@code slight above 3, clear above 5}. */
  public static String thresholds(SwingFigure.Edges edges, Shown unit) {
    if (Double.isInfinite(edges.clear())) {
      return "slight at "
          + Numbers.shown(unit.of(edges.slight()))
          + " or less; clear only with a light heel, by eye";
    }
    String beyond = edges.falling() ? "below " : "above ";
    String clear = !edges.falling() && edges.clearAtEdge() ? "from " : beyond;
    return "slight "
        + beyond
        + Numbers.shown(unit.of(edges.slight()))
        + ", clear "
        + clear
        + Numbers.shown(unit.of(edges.clear()));
  }

  /** A fault within a sentence. */
  public static String fault(PivotFault fault) {
    return fault.title().toLowerCase(Locale.ROOT);
  }
}
