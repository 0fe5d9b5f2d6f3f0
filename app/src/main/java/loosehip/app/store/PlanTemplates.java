package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.PLAN_TEMPLATE;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import loosehip.app.store.generated.tables.records.PlanTemplateRecord;
import loosehip.core.plan.ItemId;
import org.springframework.stereotype.Repository;

/** Blocks a practice saved to apply again: which items, never for whom. */
@Repository
public class PlanTemplates {
  private final Database database;
  private final Clock clock;

  PlanTemplates(Database database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** A template: its name, its items, who saved it. */
  public record Template(String id, String name, List<ItemId> items, String by) {}

  /** The templates of a practice, by name. */
  public List<Template> of(String practiceId) {
    return database
        .read()
        .select(PLAN_TEMPLATE.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(PLAN_TEMPLATE)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PLAN_TEMPLATE.MADE_BY))
        .where(PLAN_TEMPLATE.PRACTICE_ID.eq(practiceId))
        .and(PLAN_TEMPLATE.DROPPED_AT.isNull())
        .orderBy(PLAN_TEMPLATE.NAME)
        .fetch(
            r ->
                new Template(
                    r.get(PLAN_TEMPLATE.ID),
                    r.get(PLAN_TEMPLATE.NAME),
                    PlanVersions.items(r.get(PLAN_TEMPLATE.ITEMS)),
                    r.get(ACCOUNT.SHOWN_NAME)));
  }

  /** The template with this id, or empty. */
  public Optional<Template> find(String practiceId, String id) {
    return of(practiceId).stream().filter(t -> t.id().equals(id)).findFirst();
  }

  /** Saves a template under a name; one of that name is replaced. */
  public void save(Account by, String name, List<ItemId> items) {
    database.write(
        db -> {
          PlanTemplateRecord row =
              db.selectFrom(PLAN_TEMPLATE)
                  .where(PLAN_TEMPLATE.PRACTICE_ID.eq(by.practiceId()))
                  .and(PLAN_TEMPLATE.NAME.eq(name))
                  .fetchOptional()
                  .orElseGet(() -> db.newRecord(PLAN_TEMPLATE));
          if (row.getId() == null) {
            row.setId(Ids.fresh());
            row.setPracticeId(by.practiceId());
            row.setName(name);
          }
          row.setItems(items.stream().map(ItemId::id).collect(Collectors.joining(" ")));
          row.setMadeAt(Instant.now(clock).toString());
          row.setMadeBy(by.id());
          row.setDroppedAt(null);
          return row.store();
        });
  }

  /** Takes a template out of use. */
  public void drop(Account by, String id) {
    database.write(
        db ->
            db.update(PLAN_TEMPLATE)
                .set(PLAN_TEMPLATE.DROPPED_AT, Instant.now(clock).toString())
                .where(PLAN_TEMPLATE.ID.eq(id))
                .and(PLAN_TEMPLATE.PRACTICE_ID.eq(by.practiceId()))
                .execute());
  }
}
