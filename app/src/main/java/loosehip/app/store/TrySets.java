package loosehip.app.store;

import static loosehip.app.store.generated.Tables.READING_NOW;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability.TrySet;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Unit;
import loosehip.core.named.Named;
import org.springframework.stereotype.Repository;

/** The sets of tries one person took, for that person's own repeatability. */
@Repository
public class TrySets {
  /** Only so many newest tries are looked at: skill of years ago is not the hand of today. */
  public static final int NEWEST = 3000;

  /** Keys of readings that came in a file begin so; nobody's hand is known from them. */
  static final String FROM_FILE = "file:";

  private final Database database;

  TrySets(Database database) {
    this.database = database;
  }

  /** Sets of angles among the newest tries this account took and did not void. */
  public List<TrySet> newestOf(String accountId) {
    Map<String, TrySet> sets = new LinkedHashMap<>();
    database
        .read()
        .select(READING_NOW.VISIT_ID, READING_NOW.SLOT, READING_NOW.METHOD, READING_NOW.VALUE)
        .from(READING_NOW)
        .where(READING_NOW.TAKEN_BY.eq(accountId))
        .and(READING_NOW.VOIDED.eq(0))
        .and(READING_NOW.VALUE.isNotNull())
        .and(READING_NOW.METHOD.isNotNull())
        .and(READING_NOW.SUBMIT_KEY.isNull().or(READING_NOW.SUBMIT_KEY.notLike(FROM_FILE + "%")))
        .orderBy(READING_NOW.TAKEN_AT.desc())
        .limit(NEWEST)
        .forEach(
            r -> {
              Optional<Method> method = Named.parse(Method.class, r.get(READING_NOW.METHOD));
              boolean angle =
                  Slot.parse(r.get(READING_NOW.SLOT))
                      .filter(s -> s.test().unit() == Unit.DEGREES)
                      .isPresent();
              if (angle && method.isPresent()) {
                String key =
                    r.get(READING_NOW.VISIT_ID)
                        + " "
                        + r.get(READING_NOW.SLOT)
                        + " "
                        + method.get().id();
                sets.computeIfAbsent(key, k -> new TrySet(method.get(), new ArrayList<>()))
                    .values()
                    .add(r.get(READING_NOW.VALUE));
              }
            });
    return List.copyOf(sets.values());
  }
}
