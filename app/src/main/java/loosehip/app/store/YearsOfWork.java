package loosehip.app.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import loosehip.core.body.Handed;
import loosehip.core.measure.Method;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.Slot;
import loosehip.core.measure.TestCard;
import loosehip.core.safety.WarningSign;
import org.jspecify.annotations.Nullable;

/**
 * Makes up years of clinic days, for measuring speed only: full screens with one to three tries a
 * card, values spread over each test's usual range from a fixed seed.
 */
public final class YearsOfWork {
  private static final int VISITS_AT_ONCE = 500;

  private final Database database;
  private final Random random = new Random(36);
  private int readings;

  /** A generator for this data base. */
  public YearsOfWork(Database database) {
    this.database = database;
  }

  /** How much was made. */
  public record Made(int golfers, int visits, int readings) {}

  /**
   * Fills the practice of this account.
   *
   * @param golfers how many golfers share the visits
   * @param visits how many visits in all, spread evenly over ten years before the day
   * @param until the last day
   */
  public Made fill(Account by, int golfers, int visits, LocalDate until) {
    List<String> ids = new ArrayList<>();
    int made = 0;
    while (made < visits) {
      int from = made;
      int to = Math.min(visits, made + VISITS_AT_ONCE);
      database.write(
          db -> {
            db.connection(c -> some(c, by, ids, golfers, from, to, visits, until));
            return to;
          });
      made = to;
    }
    database.settle();
    return new Made(golfers, visits, readings);
  }

  private void some(
      Connection c,
      Account by,
      List<String> ids,
      int golfers,
      int from,
      int to,
      int visits,
      LocalDate until)
      throws SQLException {
    try (PreparedStatement golfer =
            c.prepareStatement(
                "INSERT INTO golfer (id, practice_id, name, name_key, created_at)"
                    + " VALUES (?, ?, ?, ?, ?)");
        PreparedStatement glance =
            c.prepareStatement(
                "INSERT INTO glance (golfer_id, handed, birth_year, trail_internal, standing,"
                    + " words, seen_on) VALUES (?, 'right', 1960, 30, 'quiet', 'half screened',"
                    + " ?)");
        PreparedStatement fact =
            c.prepareStatement(
                "INSERT INTO observation (id, golfer_id, topic, value, noted_at, noted_by, visit_id)"
                    + " VALUES (?, ?, ?, ?, ?, ?, ?)");
        PreparedStatement visit =
            c.prepareStatement(
                "INSERT INTO visit (id, golfer_id, number, started_at) VALUES (?, ?, ?, ?)");
        PreparedStatement reading =
            c.prepareStatement(
                "INSERT INTO reading (id, visit_id, slot, ordinal, value, word, method, taken_at,"
                    + " taken_by) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)")) {
      for (int v = from; v < to; v++) {
        LocalDate on = until.minusDays((long) ((visits - v) * 3650.0 / visits));
        int who = v % golfers;
        if (who == ids.size()) {
          String id = Ids.fresh();
          ids.add(id);
          String name = "Golfer " + Integer.toString(who * 7919 + 104_729, 36);
          set(golfer, id, by.practiceId(), name, Golfers.key(name), on + "T09:00:00Z");
          set(glance, id, on.toString());
          set(fact, Ids.fresh(), id, "consent", "wording 1", on + "T09:00:00Z", by.id(), null);
          set(fact, Ids.fresh(), id, "who.handed", "right", on + "T09:00:00Z", by.id(), null);
          set(fact, Ids.fresh(), id, "who.birth-year", "1960", on + "T09:00:00Z", by.id(), null);
        }
        String visitId = Ids.fresh();
        set(visit, visitId, ids.get(who), v / golfers + 1, on + "T09:00:00Z");
        if (v >= visits - golfers) {
          asked(fact, ids.get(who), visitId, on + "T09:00:00Z", by.id());
        }
        screen(reading, visitId, on + "T09:30:00Z", by.id());
      }
      for (PreparedStatement each : List.of(golfer, glance, visit, fact, reading)) {
        each.executeBatch();
      }
    }
  }

  /** The newest visit is one that can go on: its warning signs were asked. */
  private static void asked(
      PreparedStatement fact, String golferId, String visitId, String at, String by)
      throws SQLException {
    for (WarningSign sign : WarningSign.values()) {
      set(fact, Ids.fresh(), golferId, "warning." + sign.id(), "no", at, by, visitId);
    }
  }

  private void screen(PreparedStatement reading, String visitId, String at, String by)
      throws SQLException {
    for (TestCard card : RunningOrder.FULL.cards(Handed.RIGHT)) {
      if (card.numbers().isPresent()) {
        Slot slot = card.numbers().get();
        var range = slot.test().range();
        double middle =
            range.usualLow() + random.nextDouble() * (range.usualHigh() - range.usualLow());
        Optional<Method> method = slot.test().methods().stream().findFirst();
        int tries = slot.test().measuresHipTurn() ? 2 : 1;
        for (int i = 1; i <= tries; i++) {
          double value =
              Math.max(
                  range.hardLow(),
                  Math.min(range.hardHigh(), Math.rint(middle + random.nextGaussian() * 2)));
          row(reading, visitId, slot, i, value, null, method.map(Method::id).orElse(null), at, by);
        }
      }
      for (Slot slot : card.words()) {
        List<String> words = slot.test().words(slot.part());
        String word = words.get(random.nextInt(words.size()));
        row(reading, visitId, slot, 1, null, word, null, at, by);
      }
    }
  }

  private void row(
      PreparedStatement reading,
      String visitId,
      Slot slot,
      int ordinal,
      @Nullable Double value,
      @Nullable String word,
      @Nullable String method,
      String at,
      String by)
      throws SQLException {
    set(reading, Ids.fresh(), visitId, slot.key(), ordinal, value, word, method, at, by);
    readings++;
  }

  private static void set(PreparedStatement statement, @Nullable Object... values)
      throws SQLException {
    for (int i = 0; i < values.length; i++) {
      statement.setObject(i + 1, values[i]);
    }
    statement.addBatch();
  }
}
