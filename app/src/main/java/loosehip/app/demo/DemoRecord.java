package loosehip.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.store.Account;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Homework;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Visits;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import loosehip.core.plan.PlanItem;
import loosehip.core.safety.WarningSign;
import org.springframework.stereotype.Component;

/**
 * Two finished blocks of each of seventeen made-up golfers, so that the demo has a record to look
 * at. What they gained grows with how much they did, and scatters as hips do; the figures are
 * invented and the same at every start.
 */
@Component
class DemoRecord {
  private static final List<String> NAMES =
      List.of(
          "Ailsa Crombie",
          "Blair Dunmore",
          "Catriona Fyfe",
          "Duncan Gillis",
          "Eilidh Harker",
          "Finlay Innes",
          "Greer Jardine",
          "Hamish Kerr",
          "Iona Lamond",
          "Jamie Menteith",
          "Kirsty Niven",
          "Lachlan Orr",
          "Mairi Pringle",
          "Neil Raeburn",
          "Oona Selkirk",
          "Ranald Tulloch",
          "Shona Urquhart");

  private static final int BLOCK_DAYS = 42;
  private static final int BLOCKS = 2;
  private static final String SWAY = "fault.sway";

  private final Golfers golfers;
  private final Visits visits;
  private final Journal journal;
  private final Workups workups;
  private final Plans plans;
  private final Homework homework;
  private final Clock clock;
  private final Random random = new Random(34);

  DemoRecord(
      Golfers golfers,
      Visits visits,
      Journal journal,
      Workups workups,
      Plans plans,
      Homework homework,
      Clock clock) {
    this.golfers = golfers;
    this.visits = visits;
    this.journal = journal;
    this.workups = workups;
    this.plans = plans;
    this.homework = homework;
    this.clock = clock;
  }

  void fill(Account wren) {
    for (int i = 0; i < NAMES.size(); i++) {
      golfer(wren, NAMES.get(i), LocalDate.now(clock).minusDays(120 + 9L * i));
    }
  }

  private void golfer(Account wren, String name, LocalDate first) {
    String id = golfers.add(wren, name, first);
    double trailIn = 22 + random.nextInt(14);
    double leadIn = trailIn + 4 + random.nextInt(5);
    double trunk = 34 + random.nextInt(8);
    boolean seen = true;
    for (int block = 0; block <= BLOCKS; block++) {
      LocalDate day = first.plusDays((long) block * BLOCK_DAYS);
      if (block > 0) {
        visits.start(wren, workups.file(wren, id), day);
      }
      GolferFile file = workups.file(wren, id);
      if (block == 0) {
        told(wren, file);
      }
      asked(wren, file);
      measured(wren, file, trailIn, leadIn, trunk);
      journal.note(file, wren, note(SWAY, seen ? "clear" : "none"));
      journal.note(file, wren, note("fault.early-stop", block == 0 ? "slight" : "none"));
      if (block < BLOCKS) {
        double share = 0.35 + 0.6 * random.nextDouble();
        journal.note(file, wren, Facts.START.note(day));
        worked(wren, id, day, share);
        trailIn += gain(share);
        leadIn += gain(share) / 2;
        trunk += gain(share) / 2;
        seen = seen && trailIn < 40 - 6 * random.nextDouble();
      }
      visits.close(workups.file(wren, id), wren);
    }
    workups.saved(wren, id);
  }

  private double gain(double share) {
    return Math.max(-2, 1 + 9 * share + 2.6 * random.nextGaussian());
  }

  private static Note note(String key, String typed) {
    return Facts.parse(key).orElseThrow().noteTyped(typed);
  }

  private void told(Account wren, GolferFile file) {
    for (String[] fact :
        new String[][] {
          {"consent", "wording 1"},
          {"who.handed", "right"},
          {"who.birth-year", String.valueOf(1950 + random.nextInt(35))},
          {"wish.minutes", "15"},
          {"wish.days", "5"},
          {"wish.tool-club", "yes"},
          {"wish.tool-wall", "yes"},
          {"setup.trailFlare", "10"},
          {"setup.leadFlare", "20"}
        }) {
      journal.note(file, wren, note(fact[0], fact[1]));
    }
  }

  private void asked(Account wren, GolferFile file) {
    for (WarningSign sign : WarningSign.values()) {
      journal.note(file, wren, Facts.WARNING.about(sign).noteTyped("no"));
    }
  }

  private void measured(
      Account wren, GolferFile file, double trailIn, double leadIn, double trunk) {
    taken(wren, file, "seated-rotation.right.internal", trailIn);
    taken(wren, file, "seated-rotation.left.internal", leadIn);
    taken(wren, file, "seated-rotation.left.external", 41);
    taken(wren, file, "trunk-turn.right", trunk);
  }

  private void taken(Account wren, GolferFile file, String slot, double truth) {
    for (int i = 0; i < 3; i++) {
      journal.take(
          file,
          wren,
          new Journal.NewTry(
              Slot.parse(slot).orElseThrow(),
              Optional.of((double) Math.round(truth + 1.6 * random.nextGaussian())),
              Optional.empty(),
              Optional.of(Method.INCLINOMETER),
              Set.of(),
              false),
          UUID.randomUUID().toString(),
          "try");
    }
  }

  /** A block given on its first day, and so much of it done. */
  private void worked(Account wren, String id, LocalDate day, double share) {
    Workup workup = workups.openToWrite(wren, id);
    plans.giveFrom(workup, wren, LocalDate.EPOCH, day.atTime(10, 0).toInstant(ZoneOffset.UTC));
    Workup given = workups.openToWrite(wren, id);
    Plans.Plan plan = plans.of(given).orElseThrow();
    List<Homework.Said> said = new ArrayList<>();
    Set<LocalDate> days = new HashSet<>(plan.block().sessionDays());
    for (LocalDate on : days.stream().sorted().toList()) {
      if (random.nextDouble() < share) {
        for (PlanItem item : plan.block().session(on).orElseThrow().items()) {
          said.add(
              new Homework.Said(
                  plan.kept().orElseThrow().number(),
                  item.id(),
                  new ItemLog(
                      on,
                      Done.asked(item.dose(), item.much()),
                      Optional.of(5),
                      Optional.of(0),
                      true,
                      false,
                      false),
                  Homework.Words.NONE,
                  ""));
        }
      }
    }
    if (!said.isEmpty()) {
      homework.say(given.file(), wren, said, "six weeks on paper");
    }
  }
}
