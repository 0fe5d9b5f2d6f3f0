package loosehip.app.store;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;
import org.jooq.impl.DSL;
import org.jooq.impl.TableImpl;

/**
 * Rows that supersede one another: the one way to find the newest and to take a change back.
 * Nothing is overwritten; taking back adds a row that holds what stood before.
 *
 * @param table the table
 * @param id its key
 * @param supersedes the key of the row that a row takes the place of
 * @param <R> its rows
 */
record Lineage<R extends UpdatableRecord<R>>(
    TableImpl<R> table, TableField<R, String> id, TableField<R, String> supersedes) {

  /** The id of the row that stands at the end of the line of this one. */
  String newest(DSLContext db, String from) {
    String at = from;
    Optional<String> later = laterThan(db, at);
    while (later.isPresent()) {
      at = later.get();
      later = laterThan(db, at);
    }
    return at;
  }

  /** The rows that stand at the end of these lines; one question while nothing supersedes them. */
  List<R> newest(DSLContext db, Collection<String> from) {
    Table<R> later = table.as("later");
    Field<String> superseding =
        DSL.field(DSL.select(later.field(id)).from(later).where(later.field(supersedes).eq(id)))
            .as("superseding");
    List<R> newest = new ArrayList<>();
    Collection<String> at = from;
    while (!at.isEmpty()) {
      List<String> next = new ArrayList<>();
      db.select(table.asterisk(), superseding)
          .from(table)
          .where(id.in(at))
          .forEach(
              r -> {
                String by = r.get(superseding);
                if (by == null) {
                  newest.add(r.into(table));
                } else {
                  next.add(by);
                }
              });
      at = next;
    }
    return newest;
  }

  /** The id of the row that supersedes this one, when one does. */
  Optional<String> laterThan(DSLContext db, String rowId) {
    return db.select(id).from(table).where(supersedes.eq(rowId)).fetchOptional(id);
  }

  /**
   * Takes a row back: what stood before it stands again, at the end of the line.
   *
   * @param emptied makes a row say that nothing stands, where nothing stood before
   * @param stamp notes when and by whom
   */
  void takeBack(DSLContext db, R row, Consumer<R> emptied, Consumer<R> stamp) {
    String beforeId = row.get(supersedes);
    R before = beforeId == null ? null : db.fetchOne(table, id.eq(beforeId));
    R back = (before == null ? row : before).copy();
    if (before == null) {
      emptied.accept(back);
    }
    back.set(id, Ids.fresh());
    back.set(supersedes, newest(db, row.get(id)));
    stamp.accept(back);
    back.insert();
  }
}
