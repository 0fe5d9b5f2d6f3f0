package loosehip.app.store;

import static loosehip.app.store.generated.Tables.READING;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability.TrySet;
import loosehip.core.measure.Slot;
import loosehip.core.measure.Unit;
import org.jooq.impl.DSL;
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
    var later = READING.as("later");
    Map<String, TrySet> sets = new LinkedHashMap<>();
    database
        .read()
        .select(READING.VISIT_ID, READING.SLOT, READING.METHOD, READING.VALUE)
        .from(READING)
        .where(READING.TAKEN_BY.eq(accountId))
        .and(READING.WITHDRAWN.eq(0))
        .and(READING.VOIDED.eq(0))
        .and(READING.VALUE.isNotNull())
        .and(READING.METHOD.isNotNull())
        .and(READING.SUBMIT_KEY.isNull().or(READING.SUBMIT_KEY.notLike(FROM_FILE + "%")))
        .andNotExists(DSL.selectOne().from(later).where(later.SUPERSEDES.eq(READING.ID)))
        .orderBy(READING.TAKEN_AT.desc())
        .limit(NEWEST)
        .forEach(
            r -> {
              Optional<Method> method = Method.parse(r.get(READING.METHOD));
              boolean angle =
                  Slot.parse(r.get(READING.SLOT))
                      .filter(s -> s.test().unit() == Unit.DEGREES)
                      .isPresent();
              if (angle && method.isPresent()) {
                String key =
                    r.get(READING.VISIT_ID) + " " + r.get(READING.SLOT) + " " + method.get().id();
                sets.computeIfAbsent(key, k -> new TrySet(method.get(), new ArrayList<>()))
                    .values()
                    .add(r.get(READING.VALUE));
              }
            });
    return List.copyOf(sets.values());
  }
}
