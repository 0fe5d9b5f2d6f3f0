package loosehip.app.phone;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.fact.SessionTold;
import loosehip.app.follow.Sessions;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.store.Account;
import loosehip.app.store.Homework;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.words.Typed;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.PainAnswer;
import loosehip.core.follow.Skip;
import loosehip.core.named.Named;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.PlanItem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Takes what a golfer's phone sends into the log, entry by entry. */
@Component
class PhoneLog {
  /** So many entries are looked at in one sending; the phone sends the rest after the answer. */
  static final int ENTRIES_MOST = 100;

  private static final int LATE_MOST_DAYS = 60;
  private static final int WORDS_MOST = 200;
  private static final int KEY_MOST = 64;
  private static final int MINUTES_MOST = 240;

  private final Plans plans;
  private final Homework homework;
  private final Workups workups;
  private final Journal journal;
  private final Clock clock;

  PhoneLog(Plans plans, Homework homework, Workups workups, Journal journal, Clock clock) {
    this.plans = plans;
    this.homework = homework;
    this.workups = workups;
    this.journal = journal;
    this.clock = clock;
  }

  /** Why an entry is not kept. */
  private static final class Unkept extends Exception {
    private static final long serialVersionUID = 1L;

    Unkept(String words) {
      super(words, null, false, false);
    }
  }

  /**
   * Takes what was sent. While a sign waits for a clinician, or consent is missing, nothing is kept
   * and the phone keeps what it has.
   */
  SentLog.Answer take(Workup workup, Account by, SentLog sent) {
    List<String> got = new ArrayList<>();
    List<SentLog.Refused> refused = new ArrayList<>();
    if (workup.guard().gravest().isPresent()) {
      return new SentLog.Answer(clock.millis(), got, refused, List.of(), true);
    }
    List<Plans.Plan> versions = plans.earlier(workup);
    Map<String, Homework.Said> kept = new LinkedHashMap<>();
    List<Note> sessions = new ArrayList<>();
    for (SentLog.Entry entry : head(sent)) {
      String key = key(entry);
      try {
        if (key.isEmpty()) {
          throw new Unkept("An entry without a key of its own.");
        }
        LocalDate day = day(sent, entry, versions);
        if (entry.item() == null) {
          sessions.add(session(entry, day));
        } else {
          kept.put(key, said(workup, versions, entry, day));
        }
        got.add(key);
      } catch (Unkept why) {
        refused.add(new SentLog.Refused(key, why.getMessage()));
      }
    }
    homework.take(workup.file().id(), by, kept);
    if (!sessions.isEmpty()) {
      journal.keep(workup.file(), by, sessions);
    }
    Workup now = workups.sent(by, workup.file().id());
    return new SentLog.Answer(
        clock.millis(),
        got,
        refused,
        Stream.concat(now.struck().keySet().stream(), now.stopped().keySet().stream())
            .distinct()
            .map(ItemId::id)
            .toList(),
        PhonePages.shut(now).isPresent());
  }

  private static List<SentLog.Entry> head(SentLog sent) {
    return sent.entries() == null
        ? List.of()
        : sent.entries().stream().filter(e -> e != null).limit(ENTRIES_MOST).toList();
  }

  private static String key(SentLog.Entry entry) {
    String key = entry.key() == null ? "" : Typed.clean(entry.key());
    return key.length() > KEY_MOST ? "" : key;
  }

  /**
   * The day of the session. What the page called it stands where a session was asked on it and it
   * is not to come; else the day by how long ago it was said, which a wrong clock cannot spoil.
   */
  private LocalDate day(SentLog sent, SentLog.Entry entry, List<Plans.Plan> versions)
      throws Unkept {
    LocalDate today = LocalDate.now(clock);
    Optional<LocalDate> named =
        Optional.ofNullable(entry.day())
            .flatMap(Typed::day)
            .filter(d -> !d.isAfter(today) && !d.isBefore(today.minusDays(LATE_MOST_DAYS)))
            .filter(d -> Sessions.asked(versions, d).isPresent());
    if (named.isPresent()) {
      return named.get();
    }
    if (sent.sentAt() == null || entry.at() == null) {
      throw new Unkept("It does not say which day it was.");
    }
    Duration ago = Duration.ofMillis(Math.max(0, clamped(sent.sentAt() - entry.at())));
    LocalDate day = LocalDate.ofInstant(clock.instant().minus(ago), clock.getZone());
    if (day.isBefore(today.minusDays(LATE_MOST_DAYS))) {
      throw new Unkept("It is more than " + LATE_MOST_DAYS + " days old. Tell your trainer.");
    }
    return day;
  }

  private static long clamped(long millis) {
    long year = Duration.ofDays(366).toMillis();
    return Math.max(-year, Math.min(year, millis));
  }

  private Homework.Said said(
      Workup workup, List<Plans.Plan> versions, SentLog.Entry entry, LocalDate day) throws Unkept {
    ItemId item =
        ItemId.parse(entry.item()).orElseThrow(() -> new Unkept("No exercise has this name."));
    Optional<Integer> pain = figure(entry.pain(), "Pain");
    Optional<Integer> effort = figure(entry.effort(), "Effort");
    boolean worse = Boolean.TRUE.equals(entry.worse());
    Plans.Plan plan =
        Stream.concat(
                versions.stream().filter(v -> entry.plan() != null && number(v) == entry.plan()),
                version(versions, day).stream())
            .filter(v -> asked(v, day, item).isPresent())
            .findFirst()
            .or(() -> stopsBesideThePlan(workup, versions, item, pain, worse))
            .orElseThrow(() -> new Unkept("That was not in your plan on this day."));
    Optional<Skip> skipped = Named.parse(Skip.class, entry.skipped());
    boolean hurts = worse || pain.isPresent();
    if (Sessions.stopped(workup, item, day) && !hurts) {
      throw new Unkept("It is closed: stopped by pain. Your trainer decides first.");
    }
    Done done =
        skipped.isPresent()
            ? Done.UNDER
            : Named.parse(Done.class, entry.done()).orElse(worse ? null : Done.UNDER);
    ItemLog log =
        new ItemLog(
            day,
            done == null ? before(workup, plan, item, day).orElse(Done.UNDER) : done,
            effort,
            pain,
            !Boolean.TRUE.equals(entry.poorForm()),
            Boolean.TRUE.equals(entry.leaned()),
            worse);
    return new Homework.Said(
        number(plan),
        item,
        log,
        new Homework.Words(words(entry.felt()), "", words(entry.site()), skipped, true),
        "");
  }

  /**
   * Pain that stops is heard whatever it was in, as in a part of the reset that no session holds.
   */
  private static Optional<Plans.Plan> stopsBesideThePlan(
      Workup workup,
      List<Plans.Plan> versions,
      ItemId item,
      Optional<Integer> pain,
      boolean worse) {
    boolean stops = worse || pain.filter(p -> PainAnswer.of(p) == PainAnswer.STOP).isPresent();
    boolean known = workup.golfer().practice().catalogue().dose(item).isPresent();
    return stops && known ? versions.stream().findFirst() : Optional.empty();
  }

  /** How much was said to be done, where only that it was worse the day after is new. */
  private Optional<Done> before(Workup workup, Plans.Plan plan, ItemId item, LocalDate day) {
    return homework.of(workup.file().id()).stream()
        .filter(k -> k.plan() == number(plan) && k.item().equals(item))
        .filter(k -> k.log().on().equals(day))
        .map(k -> k.log().done())
        .findFirst();
  }

  /** An item of the day's session in this version; of any of its days when the day has none. */
  private static Optional<PlanItem> asked(Plans.Plan plan, LocalDate day, ItemId item) {
    return plan.block()
        .session(day)
        .flatMap(s -> s.item(item))
        .or(
            () ->
                plan.block().session(day).isPresent()
                    ? Optional.empty()
                    : plan.block().items(plan.week(day)).stream()
                        .filter(i -> i.id().equals(item))
                        .findFirst());
  }

  private static Optional<Plans.Plan> version(List<Plans.Plan> versions, LocalDate day) {
    return Sessions.asked(versions, day)
        .flatMap(a -> versions.stream().filter(v -> number(v) == a.plan()).findFirst());
  }

  private static int number(Plans.Plan plan) {
    return plan.kept().orElseThrow().number();
  }

  private static Optional<Integer> figure(@Nullable Integer sent, String what) throws Unkept {
    if (sent != null && (sent < 0 || sent > 10)) {
      throw new Unkept(what + " goes from 0 to 10.");
    }
    return Optional.ofNullable(sent);
  }

  private static String words(@Nullable String sent) {
    return sent == null ? "" : Typed.kept(sent, WORDS_MOST);
  }

  private static Note session(SentLog.Entry entry, LocalDate day) throws Unkept {
    Optional<Integer> effort = figure(entry.effort(), "Effort");
    Optional<Integer> minutes =
        Optional.ofNullable(entry.minutes()).filter(m -> m >= 0 && m <= MINUTES_MOST);
    return SessionTold.ON
        .about(day)
        .note(new SessionTold(effort, minutes, words(entry.felt()), true));
  }
}
