package loosehip.app.store;

import static loosehip.app.store.generated.Tables.READING_NOW;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.measure.AngleKind;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability;
import loosehip.core.measure.OwnRepeatability.TrySet;
import loosehip.core.measure.Slot;
import loosehip.core.named.Named;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The sets of tries one person took, for that person's own repeatability. */
@Repository
public class TrySets {
  /** Only so many newest tries are looked at: skill of years ago is not the hand of today. */
  public static final int NEWEST = 3000;

  /** Keys of readings that came in a file begin so; nobody's hand is known from them. */
  static final String FROM_FILE = "file:";

  /** Keys of tries that a joined phone measured begin so. */
  private static final String FROM_PHONE = "phone:";

  /** Whether a key is that of a try a joined phone measured. */
  static boolean byPhone(@Nullable String submitKey) {
    return submitKey != null && submitKey.startsWith(FROM_PHONE);
  }

  private final Database database;

  TrySets(Database database) {
    this.database = database;
  }

  /** Sets of angles among the newest tries this account took and did not void. */
  public List<TrySet> newestOf(String accountId) {
    Map<Key, List<Double>> values = new LinkedHashMap<>();
    Set<Key> seen = new HashSet<>();
    database
        .read()
        .select(
            READING_NOW.VISIT_ID,
            READING_NOW.SLOT,
            READING_NOW.METHOD,
            READING_NOW.VALUE,
            READING_NOW.BLIND)
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
              Optional<Slot> slot = Slot.parse(r.get(READING_NOW.SLOT));
              if (method.isPresent() && slot.flatMap(s -> AngleKind.of(s.test())).isPresent()) {
                Key key = new Key(r.get(READING_NOW.VISIT_ID), slot.get(), method.get());
                values.computeIfAbsent(key, k -> new ArrayList<>()).add(r.get(READING_NOW.VALUE));
                if (r.get(READING_NOW.BLIND) == 0) {
                  seen.add(key);
                }
              }
            });
    return values.entrySet().stream()
        .map(e -> new TrySet(e.getKey().of(), e.getValue(), !seen.contains(e.getKey())))
        .toList();
  }

  private record Key(String visit, Slot slot, Method method) {
    OwnRepeatability.Of of() {
      return new OwnRepeatability.Of(method, AngleKind.of(slot.test()).orElseThrow());
    }
  }
}
