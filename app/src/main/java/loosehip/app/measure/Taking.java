package loosehip.app.measure;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.floor.LaidAngle;
import loosehip.app.floor.LaidAngles;
import loosehip.app.golfer.Cases;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.store.Account;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Seen;
import loosehip.app.store.TakenTry;
import loosehip.app.words.Numbers;
import loosehip.app.words.SafetyWords;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.Pain;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.named.Named;
import loosehip.core.safety.Refusal;
import loosehip.core.safety.TestRule;
import loosehip.core.safety.TryRefusal;
import org.springframework.stereotype.Component;

/** Takes, corrects and voids tries for both modes, and says what became of them. */
@Component
class Taking {
  private final Workups workups;
  private final Journal journal;
  private final LaidAngles angles;

  Taking(Workups workups, Journal journal, LaidAngles angles) {
    this.workups = workups;
    this.journal = journal;
    this.angles = angles;
  }

  /**
   * What came with a typed try.
   *
   * @param value as typed
   * @param correcting row it corrects; blank for a new try
   * @param confirm unusual number confirmed; blank when none
   * @param submitKey one-time key of the form
   * @param method id of the method; blank takes the card's usual one
   * @param compensations ids of what was seen
   * @param blind whether the earlier tries were out of sight
   * @param laid the floor angle that was reached; blank when a number was read
   */
  record Form(
      String value,
      String correcting,
      String confirm,
      String submitKey,
      String method,
      List<String> compensations,
      boolean blind,
      String laid) {}

  /** Why nothing may be put in for this card now, in words, or empty when it may. */
  static Optional<String> refused(Workup workup, TestCard card) {
    return refused(workup, card, false);
  }

  private static Optional<String> refused(Workup workup, TestCard card, boolean old) {
    Optional<TryRefusal> pain =
        Optional.of(workup.pain(card))
            .filter(p -> p.stops() && !old)
            .map(TryRefusal.StoppedByPain::new);
    return TryRefusal.of(workup.guard(), old, workup.closed(), pain.or(() -> workup.blocked(card)))
        .map(SafetyWords::refusal);
  }

  /** Takes or corrects a try. */
  LastEntry take(Workup workup, Account by, TestCard card, Form form) {
    Optional<String> refused = refused(workup, card, !form.correcting().isBlank());
    if (refused.isPresent()) {
      return new LastEntry(form.value(), form.correcting(), "", refused.get());
    }
    if (card.numbers().isEmpty()) {
      return new LastEntry(
          form.value(), "", "", "This test is told in words; no number was kept. Tap a word.");
    }
    Optional<LaidAngle> laid =
        card.test() == ScreenTest.STANDING_TURN ? angles.find(by, form.laid()) : Optional.empty();
    String value = laid.map(LaidAngle::shown).orElse(form.value());
    TypedTry typed = TypedTry.of(card.test(), value, form.confirm());
    if (!typed.problem().isEmpty()) {
      String asking = typed.unusual() ? form.value().strip() : "";
      return new LastEntry(form.value(), form.correcting(), asking, typed.problem());
    }
    Set<Compensation> seen = EnumSet.noneOf(Compensation.class);
    form.compensations().forEach(c -> Named.parse(Compensation.class, c).ifPresent(seen::add));
    Journal.NewTry taken =
        new Journal.NewTry(
            card.numbers().orElseThrow(),
            typed.value(),
            Optional.empty(),
            laid.map(angle -> Method.CLUB_ANGLE)
                .or(() -> Named.parse(Method.class, form.method()))
                .or(() -> TestViews.method(workup, card)),
            seen,
            seen.stream().anyMatch(Compensation::voids),
            form.blind(),
            laid.map(LaidAngle::kept));
    String label = "try " + Numbers.plain(typed.value().orElseThrow());
    Journal.Outcome outcome =
        form.correcting().isBlank()
            ? journal.take(workup.file(), by, taken, form.submitKey(), label)
            : journal.correct(workup.file(), by, form.correcting(), taken, label);
    if (outcome == Journal.Outcome.SAVED && TestViews.stopsAtLimit(workup, card)) {
      markLimit(workup, by, card, typed.value().orElseThrow());
    }
    return after(outcome, by, workup.file().id(), card, form);
  }

  /** A hold under a caution's limit is marked by itself: at 10 s it was stopped, not lost. */
  private void markLimit(Workup workup, Account by, TestCard card, double seconds) {
    Slot slot = new Slot(card.test(), card.side(), Optional.of(Part.LIMIT));
    String before = workup.golfer().screen().word(slot).orElse("no");
    String now = seconds >= TestRule.HOLD_LIMIT ? "yes" : "no";
    if (!now.equals(before)) {
      say(workup, by, slot, now, Seen.ANYTHING);
    }
  }

  private LastEntry after(
      Journal.Outcome outcome, Account by, String golferId, TestCard card, Form form) {
    return switch (outcome) {
      case SAVED -> LastEntry.NONE;
      case ALREADY_TAKEN ->
          LastEntry.problem("That try was already taken; it was not added twice.");
      case FULL ->
          new LastEntry(
              form.value(),
              "",
              "",
              "Five tries are taken. Tap one to correct it, or void one (x).");
      case CHANGED_MEANWHILE -> {
        Optional<TakenTry> theirs =
            workups.open(by, golferId).file().tries(card.numbers().orElseThrow()).stream()
                .max(Comparator.comparing(TakenTry::at));
        yield new LastEntry(
            form.value(),
            theirs.map(TakenTry::rowId).orElse(""),
            "",
            theirs
                .map(
                    t ->
                        "Meanwhile this try was changed to "
                            + Numbers.plain(t.value().orElse(0.0))
                            + " by "
                            + t.by()
                            + ". Yours is still in the field: Enter puts it in its place, Esc"
                            + " leaves theirs.")
                .orElse("Meanwhile this try was taken back. Enter takes yours as a new one."));
      }
    };
  }

  /** Voids the last try, or a named one; a second time counts it again. */
  LastEntry toggleVoid(Workup workup, Account by, TestCard card, String row) {
    return taken(workup, card, row)
        .map(
            old -> {
              Set<Compensation> seen = seen(old);
              if (old.voided()) {
                seen.removeIf(Compensation::voids);
              }
              String what = old.voided() ? "count " : "void ";
              return turned(workup, by, card, old, seen, !old.voided(), what);
            })
        .orElseGet(() -> missing(row, "There is no try to void here."));
  }

  /**
   * Says that a compensation was seen in a taken try, or was not after all; said twice it counts
   * once. One that voids takes the try out of the result, unless a hand voided it before.
   *
   * @param row the try; blank for the last one
   * @param wasSeen false when it is taken back
   */
  LastEntry compensation(
      Workup workup, Account by, TestCard card, String row, String id, boolean wasSeen) {
    Optional<Compensation> named =
        Named.parse(Compensation.class, id).filter(card.test().compensations()::contains);
    if (named.isEmpty()) {
      return LastEntry.problem("This page offered something unknown. Reload it.");
    }
    return taken(workup, card, row)
        .map(
            old -> {
              boolean byHand =
                  old.voided() && old.compensations().stream().noneMatch(Compensation::voids);
              Set<Compensation> seen = seen(old);
              boolean changed = wasSeen ? seen.add(named.get()) : seen.remove(named.get());
              if (!changed) {
                return LastEntry.on(old.ordinal());
              }
              String what = (wasSeen ? "" : "no ") + named.get().word() + ": ";
              boolean voided = byHand || seen.stream().anyMatch(Compensation::voids);
              return turned(workup, by, card, old, seen, voided, what);
            })
        .orElseGet(() -> missing(row, "Take a try first, then say what was seen in it."));
  }

  /** A taken try: the one in this row, or the last when no row is named. */
  private static Optional<TakenTry> taken(Workup workup, TestCard card, String row) {
    List<TakenTry> tries = card.numbers().map(s -> workup.file().tries(s)).orElse(List.of());
    return row.isBlank()
        ? tries.stream().reduce((a, b) -> b)
        : tries.stream().filter(t -> t.rowId().equals(row)).findFirst();
  }

  private static LastEntry missing(String row, String none) {
    return LastEntry.problem(
        row.isBlank()
            ? none
            : "Meanwhile this try was changed. Tap again: it stands here as it is.");
  }

  private static Set<Compensation> seen(TakenTry old) {
    Set<Compensation> seen = EnumSet.noneOf(Compensation.class);
    seen.addAll(old.compensations());
    return seen;
  }

  /**
   * A taken try with something else about it; an old one may be turned whoever must not move now.
   */
  private LastEntry turned(
      Workup workup,
      Account by,
      TestCard card,
      TakenTry old,
      Set<Compensation> seen,
      boolean voided,
      String what) {
    Optional<String> refused =
        TryRefusal.of(workup.guard(), true, workup.closed(), Optional.empty())
            .map(SafetyWords::refusal);
    if (refused.isPresent()) {
      return LastEntry.problem(refused.get());
    }
    Journal.NewTry turned =
        new Journal.NewTry(
            old.slot(),
            old.value(),
            old.word(),
            old.method(),
            seen,
            voided,
            old.blind(),
            old.laidOut());
    String label = what + Numbers.plain(old.value().orElse(0.0));
    Journal.Outcome outcome = journal.correct(workup.file(), by, old.rowId(), turned, label);
    return outcome == Journal.Outcome.SAVED
        ? LastEntry.on(old.ordinal())
        : LastEntry.problem(
            "Meanwhile somebody else changed this try. Nothing was changed; tap again to change"
                + " what stands now.");
  }

  /** Takes a word: yes or no, a quality, how far it got. */
  LastEntry word(
      Workup workup, Account by, TestCard card, String slotKey, String value, Seen seen) {
    Optional<Slot> slot = Slot.parse(slotKey).filter(s -> s.test() == card.test());
    Optional<String> refused = refused(workup, card);
    if (slot.isEmpty() || !slot.get().test().words(slot.get().part()).contains(value)) {
      return LastEntry.problem("This page offered something unknown. Reload it.");
    }
    if (refused.isPresent()) {
      return LastEntry.problem(refused.get());
    }
    say(workup, by, slot.get(), value, seen);
    return LastEntry.NONE;
  }

  private void say(Workup workup, Account by, Slot slot, String value, Seen seen) {
    Journal.NewTry said =
        new Journal.NewTry(
            slot, Optional.empty(), Optional.of(value), Optional.empty(), Set.of(), false);
    String label = slot.part().map(p -> p.word() + ": ").orElse("") + value;
    Optional<TakenTry> old = workup.file().tries(slot).stream().findFirst();
    if (old.isPresent()) {
      journal.correct(workup.file(), by, old.get().rowId(), said, label, seen);
    } else {
      journal.take(workup.file(), by, said, UUID.randomUUID().toString(), label);
    }
  }

  /** Notes pain in a test; from 4 up the test ends on this side. */
  LastEntry pain(Workup workup, Account by, TestCard card, String level, String site, Seen seen) {
    Fact<Pain> pain = Facts.PAIN.about(Cases.painSlot(card).orElseThrow());
    String typed = level.equals("0") ? "" : (level + " " + site.strip()).strip();
    Optional<String> problem = pain.problem(typed, workup.today());
    if (problem.isEmpty() && (workup.closed() || !workup.consented())) {
      problem = refused(workup, card);
    }
    if (problem.isEmpty()) {
      note(workup, by, pain.noteTyped(typed).called("pain " + level), seen);
    }
    return LastEntry.problem(problem.orElse(""));
  }

  /** Keeps a note on a test; an empty one is taken away. */
  LastEntry testNote(Workup workup, Account by, TestCard card, String typed, Seen seen) {
    Fact<String> about = Facts.TEST_NOTE.about(card);
    Optional<String> problem =
        about.problem(typed, workup.today()).or(() -> closed(workup, workup.guard().gravest()));
    if (problem.isEmpty()) {
      note(workup, by, about.noteTyped(typed), seen);
    }
    return LastEntry.problem(problem.orElse(""));
  }

  private static Optional<String> closed(Workup workup, Optional<Refusal> refusal) {
    return refusal
        .map(SafetyWords::refusal)
        .or(
            () ->
                workup.closed()
                    ? Optional.of(SafetyWords.refusal(new TryRefusal.VisitClosed()))
                    : Optional.empty());
  }

  /** Notes something about the measuring of this visit. */
  void note(Workup workup, Account by, Note note, Seen seen) {
    journal.note(workup.file(), by, note, seen);
  }
}
