package loosehip.app.research;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import loosehip.app.fact.Facts;
import loosehip.app.fact.OutcomeTold;
import loosehip.app.firsthour.FirstHour;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.progress.Moments;
import loosehip.app.store.Account;
import loosehip.app.store.Glance;
import loosehip.app.store.Golfers;
import loosehip.app.store.Homework;
import loosehip.app.words.Numbers;
import loosehip.core.link.Fault;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Part;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Try;
import loosehip.core.plan.PlanItem;
import org.springframework.stereotype.Component;

/**
 * The tables for a researcher: readings, faults, plans, work and outcomes of grown-up golfers whose
 * consent stands; the made-up golfer of the first hour is none. Days are told as weeks after a
 * golfer's first visit; nothing anybody typed in words goes out.
 */
@Component
class ResearchTables {
  private final Golfers golfers;
  private final Workups workups;
  private final Moments moments;
  private final Plans plans;
  private final Homework homework;
  private final FirstHour hour;
  private final Clock clock;

  ResearchTables(
      Golfers golfers,
      Workups workups,
      Moments moments,
      Plans plans,
      Homework homework,
      FirstHour hour,
      Clock clock) {
    this.hour = hour;
    this.golfers = golfers;
    this.workups = workups;
    this.moments = moments;
    this.plans = plans;
    this.homework = homework;
    this.clock = clock;
  }

  private static final Column GOLFER =
      Column.text("golfer", "a code by lot, another one at each export");
  private static final Column WEEK =
      Column.whole("week", "weeks", "whole weeks since the golfer's first visit");

  private static ResearchTable people() {
    return new ResearchTable(
        "golfers",
        "One row a golfer. Age band and hand are empty where under five golfers share them.",
        GOLFER,
        Column.text("age_band", "age in years at the first visit"),
        Column.text("handed", "right or left"),
        Column.whole("visits", "", "visits that measured something, the newest 24 at most"));
  }

  private static ResearchTable readings() {
    return new ResearchTable(
        "readings",
        "One row a try, the ones that do not count included.",
        GOLFER,
        WEEK,
        Column.shared("test", "the test, by its id"),
        Column.shared("part", "the part of the test; empty for a whole test"),
        Column.text("side", "left or right of the body; empty where a test has none"),
        Column.whole("try", "", "1 to 5; empty for a word"),
        Column.number("value", "see unit", "the number; empty for a word"),
        Column.text("unit", "deg, s, cm or landings; empty for a word"),
        Column.text("word", "what was seen, where a test is told in words"),
        Column.text("method", "how an angle was read"),
        Column.number("sem", "see unit", "standard error of the mean of the tries that count"),
        Column.text("compensations", "seen in the tries, ids with blanks between"),
        new Column("counts", "boolean", "", "false for a try that was voided", false));
  }

  private static ResearchTable faults() {
    return new ResearchTable(
        "faults",
        "One row a fault looked at on a visit.",
        GOLFER,
        WEEK,
        Column.shared("fault", "the fault, by its id"),
        Column.text("level", "none, slight or clear"),
        Column.text("rehearsal", "whether it can be done right slowly; empty when not tried"));
  }

  private static ResearchTable planned() {
    return new ResearchTable(
        "plans",
        "One row an exercise or drill of a plan as it was given.",
        GOLFER,
        WEEK,
        Column.whole("plan", "", "version of the plan, 1 for the first"),
        Column.whole("minutes_a_day", "minutes", "what the golfer could give a day"),
        Column.whole("weeks", "weeks", "how long it was to last"),
        Column.shared("item", "the exercise, drill or routine, by its id"),
        Column.whole("sessions", "", "in how many of its sessions it stands"));
  }

  private static ResearchTable work() {
    return new ResearchTable(
        "work",
        "One row what was told of an item of a session.",
        GOLFER,
        WEEK,
        Column.whole("plan", "", "version of the plan"),
        Column.shared("item", "the exercise, drill or routine, by its id"),
        Column.text("done", "top, between or under the dose asked for"),
        Column.whole("effort", "0 to 10", "how hard it was; empty when not said"),
        Column.whole("pain", "0 to 10", "the worst pain in it; empty when not said"));
  }

  private static ResearchTable outcomes() {
    return new ResearchTable(
        "outcomes",
        "One row a figure of the golfer's own game.",
        GOLFER,
        WEEK,
        Column.shared("outcome", "carry, fairways, score or soreness"),
        Column.number("value", "see unit", "the figure"),
        Column.text("unit", "m, % or none"));
  }

  /** The tables of a practice, small groups held back; empty when there are under five golfers. */
  List<ResearchTable> of(Account account) {
    List<Workup> willing = new ArrayList<>();
    for (Glance glance : golfers.all(account.practiceId())) {
      Workup now = workups.openToWrite(account, glance.golferId());
      boolean grownUp = !now.golfer().who().couldBeMinor(LocalDate.now(clock));
      boolean real = !hour.madeUp(account, glance.golferId());
      if (real && grownUp && Facts.CONSENT.isIn(now.file())) {
        willing.add(now);
      }
    }
    Collections.shuffle(willing, new Random());
    List<ResearchTable> tables =
        List.of(people(), readings(), faults(), planned(), work(), outcomes());
    if (willing.size() < ResearchTable.FEWEST) {
      return List.of();
    }
    List<ResearchGolfer> known = new ArrayList<>();
    List<Integer> visits = new ArrayList<>();
    for (int i = 0; i < willing.size(); i++) {
      Workup now = willing.get(i);
      List<Workup> past = moments.of(now);
      LocalDate first = past.isEmpty() ? now.file().visitOn() : past.get(0).file().visitOn();
      ResearchGolfer golfer = ResearchGolfer.of("G" + (i + 1), now, first);
      known.add(golfer);
      visits.add(past.size());
      past.forEach(visit -> of(visit, golfer, tables));
      plans.earlier(now).forEach(plan -> of(plan, golfer, tables.get(3)));
      homework.of(now.file().id()).forEach(said -> of(said, golfer, tables.get(4)));
      OutcomeTold.ON
          .in(now.file())
          .forEach(
              (about, told) ->
                  tables
                      .get(5)
                      .add(
                          golfer.code(),
                          golfer.weeks(about.on()),
                          about.what().id(),
                          Numbers.exact(told.value()),
                          about.what().unit()));
    }
    people(known, visits, tables.get(0));
    tables.forEach(ResearchTable::holdSmallGroupsBack);
    return tables;
  }

  private static void people(
      List<ResearchGolfer> known, List<Integer> visits, ResearchTable table) {
    Map<String, Integer> groups = new HashMap<>();
    known.forEach(g -> groups.merge(g.ageBand() + "/" + g.handed(), 1, Integer::sum));
    for (int i = 0; i < known.size(); i++) {
      ResearchGolfer g = known.get(i);
      boolean few = groups.get(g.ageBand() + "/" + g.handed()) < ResearchTable.FEWEST;
      ResearchGolfer told = few ? g.untold() : g;
      table.add(told.code(), told.ageBand(), told.handed(), String.valueOf(visits.get(i)));
    }
  }

  private static void of(Workup visit, ResearchGolfer golfer, List<ResearchTable> tables) {
    String week = golfer.weeks(visit.file().visitOn());
    Screen screen = visit.golfer().screen();
    for (Reading reading : screen.readings()) {
      of(reading, screen, golfer, week, tables.get(1));
    }
    screen
        .words()
        .forEach(
            (slot, word) ->
                tables
                    .get(1)
                    .add(
                        golfer.code(),
                        week,
                        slot.test().id(),
                        part(slot),
                        side(slot),
                        "",
                        "",
                        "",
                        word,
                        "",
                        "",
                        "",
                        "true"));
    Map<Fault, Level> seen = new LinkedHashMap<>(visit.golfer().seen().setup());
    seen.putAll(visit.golfer().seen().pivot());
    seen.forEach(
        (fault, level) -> {
          if (level != Level.NOT_LOOKED_AT) {
            String rehearsal =
                fault instanceof PivotFault pivot
                        && visit.golfer().seen().rehearsals().containsKey(pivot)
                    ? visit.golfer().seen().rehearsal(pivot).id()
                    : "";
            tables.get(2).add(golfer.code(), week, fault.id(), level.id(), rehearsal);
          }
        });
  }

  private static void of(
      Reading reading, Screen screen, ResearchGolfer golfer, String week, ResearchTable to) {
    Slot slot = reading.slot();
    String sem = screen.measurement(slot).map(m -> Numbers.tenth(m.standardError())).orElse("");
    String compensations =
        reading.compensations().stream()
            .map(Compensation::id)
            .sorted()
            .collect(Collectors.joining(" "));
    int number = 0;
    for (Try one : reading.tries()) {
      to.add(
          golfer.code(),
          week,
          slot.test().id(),
          part(slot),
          side(slot),
          String.valueOf(++number),
          Numbers.exact(one.value()),
          unit(slot),
          "",
          reading
              .method()
              .filter(m -> !slot.test().methods().isEmpty())
              .map(m -> m.id())
              .orElse(""),
          sem,
          compensations,
          String.valueOf(!one.voided()));
    }
  }

  private static String unit(Slot slot) {
    return switch (slot.test().unit()) {
      case DEGREES -> "deg";
      case SECONDS -> "s";
      case CENTIMETRES -> "cm";
      case LANDINGS -> "landings";
      case WORD -> "";
    };
  }

  private static String part(Slot slot) {
    return slot.part().map(Part::id).orElse("");
  }

  private static String side(Slot slot) {
    return slot.side().map(s -> s.id()).orElse("");
  }

  private static void of(Plans.Plan plan, ResearchGolfer golfer, ResearchTable to) {
    Map<String, Integer> sessions = new LinkedHashMap<>();
    plan.block().weeks().stream()
        .flatMap(w -> w.sessions().stream())
        .forEach(
            s ->
                s.items().stream()
                    .map(PlanItem::id)
                    .distinct()
                    .forEach(id -> sessions.merge(id.id(), 1, Integer::sum)));
    sessions.forEach(
        (item, times) ->
            to.add(
                golfer.code(),
                golfer.weeks(plan.start()),
                String.valueOf(plan.kept().map(k -> k.number()).orElse(0)),
                String.valueOf(plan.minutes()),
                String.valueOf(plan.block().weeks().size()),
                item,
                String.valueOf(times)));
  }

  private static void of(Homework.Said said, ResearchGolfer golfer, ResearchTable to) {
    to.add(
        golfer.code(),
        golfer.weeks(said.log().on()),
        String.valueOf(said.plan()),
        said.item().id(),
        said.log().done().id(),
        said.log().effort().map(String::valueOf).orElse(""),
        said.log().pain().map(String::valueOf).orElse(""));
  }
}
