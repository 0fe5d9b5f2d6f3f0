package loosehip.app.store;

import static loosehip.app.store.generated.Tables.COLUMN_MEANING;
import static loosehip.app.store.generated.Tables.GOLFER;

import java.util.Collection;
import java.util.Map;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** What the columns of a practice's own tables mean, by their heads. */
@Repository
public class ColumnMeanings {
  private final Database database;

  ColumnMeanings(Database database) {
    this.database = database;
  }

  /** The meaning last given to each of these heads, by head. */
  public Map<String, String> of(String practiceId, Collection<String> heads) {
    return database
        .read()
        .select(COLUMN_MEANING.HEAD, COLUMN_MEANING.MEANING)
        .from(COLUMN_MEANING)
        .where(COLUMN_MEANING.PRACTICE_ID.eq(practiceId))
        .and(COLUMN_MEANING.HEAD.in(heads))
        .fetchMap(COLUMN_MEANING.HEAD, COLUMN_MEANING.MEANING);
  }

  /** Remembers meanings by head. */
  public void keep(String practiceId, Map<String, String> meanings) {
    database.write(
        db -> {
          meanings.forEach(
              (head, meaning) ->
                  db.insertInto(COLUMN_MEANING)
                      .set(COLUMN_MEANING.PRACTICE_ID, practiceId)
                      .set(COLUMN_MEANING.HEAD, head)
                      .set(COLUMN_MEANING.MEANING, meaning)
                      .onDuplicateKeyUpdate()
                      .set(COLUMN_MEANING.MEANING, meaning)
                      .execute());
          return meanings.size();
        });
  }

  /** Forgets heads that somebody's name stands in. */
  static void forget(DSLContext db, GolferFile golfer) {
    for (String word : golfer.name().strip().split("\\s+")) {
      db.deleteFrom(COLUMN_MEANING)
          .where(
              COLUMN_MEANING.PRACTICE_ID.eq(
                  DSL.select(GOLFER.PRACTICE_ID).from(GOLFER).where(GOLFER.ID.eq(golfer.id()))))
          .and(COLUMN_MEANING.HEAD.containsIgnoreCase(word))
          .execute();
    }
  }
}
