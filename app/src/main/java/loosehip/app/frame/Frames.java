package loosehip.app.frame;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.Settings;
import loosehip.app.fact.Facts;
import loosehip.app.fact.Station;
import loosehip.app.golfer.AtAGlance;
import loosehip.app.golfer.Presence;
import loosehip.app.golfer.Workup;
import loosehip.app.planview.HipGlyph;
import loosehip.app.planview.PlanViewDrawing;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.GolferFiles;
import loosehip.app.store.Journal;
import loosehip.app.store.Position;
import loosehip.app.words.Dates;
import loosehip.app.words.SafetyWords;
import loosehip.app.words.Text;
import loosehip.core.body.Leg;
import loosehip.core.link.Level;
import loosehip.core.link.Link;
import loosehip.core.link.Triage;
import loosehip.core.measure.Direction;
import loosehip.core.named.Named;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.Passage;
import loosehip.core.safety.Refusal;
import loosehip.core.safety.WarningSign;
import org.springframework.stereotype.Component;

/** Builds what surrounds every station from the golfer in hand. */
@Component
public class Frames {
  private final Settings settings;
  private final Presence presence;
  private final Accounts accounts;
  private final Journal journal;
  private final GolferFiles files;
  private final Clock clock;

  Frames(
      Settings settings,
      Presence presence,
      Accounts accounts,
      Journal journal,
      GolferFiles files,
      Clock clock) {
    this.files = files;
    this.journal = journal;
    this.accounts = accounts;
    this.settings = settings;
    this.presence = presence;
    this.clock = clock;
  }

  /** The frame of a page without a golfer. */
  public FrameView of(Account account) {
    return new FrameView(
        account.practiceName(),
        account.shownName(),
        account.owner(),
        !account.position().atLeast(Position.TRAINER),
        settings.demo(),
        clock.instant(),
        Optional.empty());
  }

  /** The frame around a station. */
  public FrameView of(Account account, Workup workup, Station here) {
    boolean refer = workup.golfer().health().refer();
    return new FrameView(
        account.practiceName(),
        account.shownName(),
        account.owner(),
        !account.position().atLeast(Position.TRAINER),
        settings.demo(),
        clock.instant(),
        Optional.of(
            new FrameView.GolferBar(
                workup.file().id(),
                workup.file().name(),
                who(workup),
                glyph(workup),
                cautions(workup),
                refer,
                stations(workup, here),
                workup
                    .judgement()
                    .budget()
                    .map(
                        b ->
                            PlanViewDrawing.of(
                                b, workup.judgement().hips(), workup.golfer().handed())),
                journal.next(workup.file().id(), account).map(Frames::undo),
                presence.others(workup.file().id(), account),
                colleagues(account),
                withdrawn(workup))));
  }

  /** Asked only where there is no consent, which is seldom. */
  private Optional<String> withdrawn(Workup workup) {
    return Facts.CONSENT.isIn(workup.file())
        ? Optional.empty()
        : files.factHistory(workup.file(), Facts.CONSENT.key()).stream()
            .findFirst()
            .map(
                last ->
                    "Consent was withdrawn on "
                        + Dates.day(Dates.of(last.at()))
                        + " (told to "
                        + last.by()
                        + "). Nothing new is kept.");
  }

  private static FrameView.Undo undo(Journal.UndoneStep step) {
    return new FrameView.Undo(said(step), where(step.station()));
  }

  /** A step as it is called; somebody else's is named. */
  public static String said(Journal.UndoneStep step) {
    return step.label() + step.whose().map(by -> " (by " + by + ")").orElse("");
  }

  /** A station as it is called. */
  public static String where(String station) {
    return Named.parse(Station.class, station).map(Station::title).orElse(Text.upper(station));
  }

  private List<FrameView.Colleague> colleagues(Account account) {
    return accounts.people(account.practiceId()).entrySet().stream()
        .filter(p -> !p.getKey().equals(account.id()))
        .map(p -> new FrameView.Colleague(p.getKey(), p.getValue()))
        .toList();
  }

  private static String who(Workup workup) {
    String hand = Text.hand(workup.golfer().who().handed());
    return workup.age().map(a -> a + ", " + hand).orElse(hand);
  }

  private static HipGlyph glyph(Workup workup) {
    return HipGlyph.of(
        workup.golfer().who().handed(),
        AtAGlance.turn(workup, Leg.TRAIL, Direction.INTERNAL),
        AtAGlance.turn(workup, Leg.TRAIL, Direction.EXTERNAL),
        AtAGlance.turn(workup, Leg.LEAD, Direction.INTERNAL),
        AtAGlance.turn(workup, Leg.LEAD, Direction.EXTERNAL));
  }

  private static List<FrameView.CautionWord> cautions(Workup workup) {
    List<FrameView.CautionWord> words = new ArrayList<>();
    for (WarningSign sign : workup.golfer().health().openWarnings()) {
      words.add(
          new FrameView.CautionWord(
              "warning sign: " + Text.spaced(sign),
              "no movement test, no plan, until a clinician clears it"));
    }
    for (NotedCaution noted : workup.golfer().health().cautions()) {
      String side = noted.side().map(s -> ", " + workup.spoken(s)).orElse("");
      words.add(
          new FrameView.CautionWord(
              noted.caution().asked().toLowerCase(Locale.ROOT) + side,
              noted.caution().consequence() + cleared(noted)));
    }
    return words;
  }

  private static String cleared(NotedCaution noted) {
    return noted
        .clearance()
        .map(
            c ->
                c.lifts().isEmpty()
                    ? "; cleared on record, nothing lifted by name"
                    : "; cleared for " + SafetyWords.demands(c.lifts()))
        .orElse("");
  }

  private static List<FrameView.StationTab> stations(Workup workup, Station here) {
    return Arrays.stream(Station.values())
        .map(
            s ->
                new FrameView.StationTab(
                    s.ordinal() + 1, s.id(), s.title(), state(workup, s), s == here))
        .toList();
  }

  private static String state(Workup workup, Station station) {
    Optional<Refusal> refusal = workup.guard().refuses(Passage.MOVES);
    boolean refer = workup.golfer().health().refer();
    return switch (station) {
      case TALK -> talk(workup);
      case MEASURE ->
          refusal.isPresent()
              ? waits(refusal.get())
              : workup.order().taken(workup.golfer().screen(), workup.golfer().handed())
                  + " of "
                  + workup.order().cards(workup.golfer().handed()).size();
      case SET_UP -> setUp(workup);
      case SWING -> swing(workup);
      case LINKS -> refer ? "waits" : links(workup.judgement().links());
      case PLAN -> refusal.map(Frames::waits).orElseGet(() -> plan(workup));
      case FOLLOW -> follow(workup);
    };
  }

  private static String waits(Refusal refusal) {
    if (refusal instanceof Refusal.HandFirst) {
      return "which hand?";
    }
    return refusal instanceof Refusal.AskFirst ? "ask first" : "waits";
  }

  private static String talk(Workup workup) {
    if (workup.golfer().health().refer()) {
      return "refer";
    }
    if (!workup.consented()) {
      return workup.guardianMissing() ? "guardian first" : "consent first";
    }
    if (workup.closed()) {
      return "visit closed";
    }
    int asked = Facts.WARNING.in(workup.file()).size();
    return asked == WarningSign.values().length
        ? "all clear"
        : asked + " of " + WarningSign.values().length + " asked";
  }

  private static String setUp(Workup workup) {
    if (!Facts.FROM_STILL.in(workup.file()).isEmpty()) {
      return "from a still";
    }
    if (!Facts.SETUP.in(workup.file()).isEmpty()) {
      return "figures typed";
    }
    return workup.golfer().seen().setup().isEmpty() ? "not looked at" : "by eye";
  }

  private static String swing(Workup workup) {
    if (workup.golfer().seen().pivot().isEmpty()) {
      return "not looked at";
    }
    long faults = workup.golfer().seen().pivot().values().stream().filter(Level::present).count();
    return faults == 0 ? "no fault" : faults == 1 ? "1 fault" : faults + " faults";
  }

  private static String links(List<Link> links) {
    if (links.isEmpty()) {
      return "nothing yet";
    }
    long open = links.stream().filter(l -> l.triage().kind() == Triage.Kind.NOT_SETTLED).count();
    return open == 0 ? "settled" : open + " not settled";
  }

  private static String plan(Workup workup) {
    return workup
        .file()
        .given()
        .map(given -> given(workup, given))
        .orElseGet(() -> workup.toGive() ? "to be given" : "none yet");
  }

  private static String follow(Workup workup) {
    return workup
        .file()
        .given()
        .map(g -> g.logged().map(d -> "log to " + Dates.day(d)).orElse("no log yet"))
        .orElse("after a plan");
  }

  private static String given(Workup workup, GolferFile.PlanGiven given) {
    if (!workup.struck().isEmpty()) {
      return "not safe now";
    }
    int week = given.span().week(workup.today());
    if (week < 1) {
      return "from " + Dates.day(given.span().start());
    }
    return week > given.span().weeks()
        ? "retest is due"
        : "week " + week + " of " + given.span().weeks();
  }
}
