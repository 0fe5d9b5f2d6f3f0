package loosehip.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.fact.OutcomeTold;
import loosehip.app.follow.Sessions;
import loosehip.app.golfer.Glances;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Golfers;
import loosehip.app.store.Homework;
import loosehip.app.store.Journal;
import loosehip.app.store.PracticeValues;
import loosehip.app.store.Visits;
import loosehip.core.body.Handed;
import loosehip.core.follow.Done;
import loosehip.core.follow.ItemLog;
import loosehip.core.follow.Outcome;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import loosehip.core.safety.WarningSign;
import loosehip.core.shipped.ShippedText;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * Fills an empty demo data base with the Corrie Brae practice, through the ordinary rooms. It works
 * beside the start of the application; {@link CorrieBraeFirst} holds sign-ins until the golfers are
 * there; their pictures and the practice's past come after.
 */
@Component
@Lazy(false)
@ConditionalOnBooleanProperty("loose-hip.demo")
class CorrieBrae implements InitializingBean {
  private static final long LONGEST_SECONDS = 60;

  /** Of a password that the sign-in page shows: it guards nothing, so it may be quick to check. */
  private static final String LIGHT_HASH =
      "$2a$04$tUZHuPBEuzY2aVEPqklwA.xZJNg7cqO2zFBOv3D9Co0ZYG8eJ7dw2";

  private static final Pattern DAY = Pattern.compile("day([+-]\\d+)");

  private final CountDownLatch done = new CountDownLatch(1);
  private final List<Runnable> drawn = new ArrayList<>();
  private final Accounts accounts;
  private final Golfers golfers;
  private final Visits visits;
  private final Journal journal;
  private final PracticeValues values;
  private final Workups workups;
  private final Glances glances;
  private final Plans plans;
  private final Sessions sessions;
  private final Homework homework;
  private final DemoStills pictures;
  private final DemoRecordings recordings;
  private final DemoRecord past;
  private final Clock clock;

  CorrieBrae(
      Accounts accounts,
      Golfers golfers,
      Visits visits,
      Journal journal,
      PracticeValues values,
      Workups workups,
      Glances glances,
      Plans plans,
      Sessions sessions,
      Homework homework,
      DemoStills pictures,
      DemoRecordings recordings,
      DemoRecord past,
      Clock clock) {
    this.pictures = pictures;
    this.recordings = recordings;
    this.past = past;
    this.accounts = accounts;
    this.golfers = golfers;
    this.visits = visits;
    this.journal = journal;
    this.values = values;
    this.workups = workups;
    this.glances = glances;
    this.plans = plans;
    this.sessions = sessions;
    this.homework = homework;
    this.clock = clock;
  }

  @Override
  public void afterPropertiesSet() {
    Thread filling = new Thread(this::fillOnce, "corrie-brae");
    filling.setDaemon(true);
    filling.start();
  }

  private void fillOnce() {
    try {
      if (accounts.none()) {
        Account wren = accounts.addPractice("Corrie Brae", "Wren", "wren", LIGHT_HASH);
        accounts.addHelper(wren, "Moss", "moss", LIGHT_HASH);
        fill(wren);
        glances.all(wren);
        done.countDown();
        drawn.forEach(Runnable::run);
        drawn.clear();
        past.fill(wren);
      }
    } finally {
      done.countDown();
    }
  }

  /** Waits until the practice is there. */
  void await() {
    try {
      done.await(LONGEST_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void fill(Account wren) {
    String name = "";
    String id = "";
    GolferFile file = null;
    for (String line : ShippedText.read(CorrieBrae.class, "corrie-brae.txt").split("\n")) {
      String[] words = line.strip().split(" ", 2);
      switch (words[0]) {
        case "golfer" -> {
          finish(wren, id);
          name = words[1];
          id = "";
        }
        case "visit" -> {
          LocalDate on = LocalDate.now(clock).minusDays(Integer.parseInt(words[1]));
          if (!id.isEmpty()) {
            visits.close(file, wren);
          }
          if (id.isEmpty()) {
            id = golfers.add(wren, name, on);
          } else {
            visits.start(wren, workups.file(wren, id), on);
          }
          file = workups.file(wren, id);
        }
        case "bag" -> values.set(wren, "bag." + UUID.randomUUID(), Optional.of(words[1]));
        case "fact" -> fact(wren, file, words[1]);
        case "try" -> tries(wren, file, words[1]);
        case "word" -> word(wren, file, words[1]);
        case "still" -> drawnLater(file, wren, handed(wren, id), words[1]);
        case "recording" -> recordings.keep(file, wren, words[1]);
        case "plan" -> plan(wren, id, words[1]);
        case "outcome" -> outcome(wren, file, words[1].split(" "));
        case "told" -> told(wren, id, words[1].split(" "));
        case "done" -> done(wren, id, words[1].split(" "));
        case "felt" -> felt(wren, id, words[1].split(" ", 3));
        default -> {
          // remarks and blank lines
        }
      }
    }
    finish(wren, id);
  }

  /** Pictures take longest to make, and nobody looks at them first. */
  private void drawnLater(GolferFile file, Account by, Handed handed, String text) {
    drawn.add(() -> pictures.keep(file, by, handed, text));
  }

  /** {@code plan given}, or {@code plan given 20} for one given twenty days ago. */
  private void plan(Account wren, String id, String text) {
    String[] words = text.split(" ");
    Instant at =
        words.length < 2
            ? clock.instant()
            : clock.instant().minus(Duration.ofDays(Integer.parseInt(words[1])));
    plans.giveFrom(workups.open(wren, id), wren, LocalDate.EPOCH, at);
  }

  /**
   * {@code told 0 2 under 6 groin}: days ago or the session before, place in the session, how much,
   * pain, where.
   */
  private void told(Account wren, String id, String[] words) {
    LocalDate from = LocalDate.now(clock).minusDays(Integer.parseInt(words[0]));
    Workup workup = workups.open(wren, id);
    LocalDate on =
        Stream.iterate(from, day -> day.minusDays(1))
            .limit(7)
            .filter(day -> sessions.asked(workup, day).isPresent())
            .findFirst()
            .orElse(from);
    sessions
        .asked(workup, on)
        .ifPresent(
            asked ->
                homework.say(
                    workup.file(),
                    wren,
                    List.of(
                        new Homework.Said(
                            asked.plan(),
                            asked.session().items().get(Integer.parseInt(words[1])).id(),
                            new ItemLog(
                                on,
                                Named.require(Done.class, words[2]),
                                Optional.of(5),
                                Optional.of(Integer.parseInt(words[3])),
                                true,
                                false,
                                false),
                            Homework.Words.NONE.at(words[4]),
                            "")),
                    "told by phone"));
  }

  /** {@code outcome 30 carry 168 driver}: days ago, what, how much, which club. */
  private void outcome(Account wren, GolferFile file, String[] words) {
    OutcomeTold.About about =
        new OutcomeTold.About(
            Named.require(Outcome.class, words[1]),
            LocalDate.now(clock).minusDays(Integer.parseInt(words[0])),
            words.length > 3 ? words[3] : "");
    journal.note(
        file,
        wren,
        OutcomeTold.ON.about(about).note(new OutcomeTold(Double.parseDouble(words[2]))));
  }

  private Handed handed(Account wren, String id) {
    return Facts.HANDED.in(workups.file(wren, id)).orElse(Handed.RIGHT);
  }

  private void done(Account wren, String id, String[] words) {
    sessions.doneAsAsked(
        workups.open(wren, id),
        wren,
        LocalDate.now(clock).minusDays(Integer.parseInt(words[0])),
        Optional.of(Integer.parseInt(words[1])),
        Optional.of(Integer.parseInt(words[2])));
  }

  /** The words of a golfer about one thing on a day whose session is in the log already. */
  private void felt(Account wren, String id, String[] words) {
    LocalDate on = LocalDate.now(clock).minusDays(Integer.parseInt(words[0]));
    String[] said = words[2].split(" \\| ");
    homework.of(id).stream()
        .filter(k -> k.item().id().equals(words[1]) && k.log().on().equals(on))
        .findFirst()
        .ifPresent(
            k ->
                homework.say(
                    workups.file(wren, id),
                    wren,
                    List.of(
                        new Homework.Said(
                            k.plan(), k.item(), k.log(), Homework.Words.of(said[0], said[1]), "")),
                    "how it felt"));
  }

  private void finish(Account wren, String id) {
    if (!id.isEmpty() && !workups.file(wren, id).facts().isEmpty()) {
      workups.saved(wren, id);
    }
  }

  private void fact(Account wren, GolferFile file, String text) {
    String[] words = text.split(" ", 2);
    LocalDate today = LocalDate.now(clock);
    switch (words[0]) {
      case "warning.*" -> {
        for (WarningSign sign : WarningSign.values()) {
          journal.note(file, wren, Facts.WARNING.about(sign).noteTyped(words[1]));
        }
      }
      case "who.age" ->
          journal.note(
              file, wren, Facts.BIRTH_YEAR.note(today.getYear() - Integer.parseInt(words[1])));
      case "wish.start-in" ->
          journal.note(file, wren, Facts.START.note(today.plusDays(Integer.parseInt(words[1]))));
      default -> typed(wren, file, words[0], dated(words[1], today));
    }
  }

  private static String dated(String text, LocalDate today) {
    return DAY.matcher(text)
        .replaceAll(found -> today.plusDays(Integer.parseInt(found.group(1))).toString());
  }

  private void typed(Account wren, GolferFile file, String key, String value) {
    Fact<?> fact =
        Facts.parse(key).orElseThrow(() -> new IllegalStateException("No fact is kept as " + key));
    fact.problem(value, LocalDate.now(clock))
        .ifPresent(
            problem -> {
              throw new IllegalStateException(key + ": " + problem);
            });
    journal.note(file, wren, fact.noteTyped(value));
  }

  private void tries(Account wren, GolferFile file, String text) {
    String[] words = text.split(" ");
    Slot slot = Slot.parse(words[0]).orElseThrow();
    for (int i = 1; i < words.length; i++) {
      Optional<Method> method = slot.test().methods().stream().findFirst();
      journal.take(
          file,
          wren,
          new Journal.NewTry(
              slot,
              Optional.of(Double.parseDouble(words[i])),
              Optional.empty(),
              method,
              Set.of(),
              false),
          UUID.randomUUID().toString(),
          "try " + words[i]);
    }
  }

  private void word(Account wren, GolferFile file, String text) {
    String[] words = text.split(" ");
    journal.take(
        file,
        wren,
        new Journal.NewTry(
            Slot.parse(words[0]).orElseThrow(),
            Optional.empty(),
            Optional.of(words[1]),
            Optional.empty(),
            Set.of(),
            false),
        UUID.randomUUID().toString(),
        words[1]);
  }
}
