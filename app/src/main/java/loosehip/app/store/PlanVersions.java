package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.PLAN_VERSION;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import loosehip.app.store.generated.tables.records.PlanVersionRecord;
import loosehip.core.plan.ItemId;
import org.jooq.Record;
import org.jooq.SelectLimitStep;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** Plans given to golfers. Nothing is overwritten: a change makes a new version. */
@Repository
public class PlanVersions {
  private final Database database;

  PlanVersions(Database database) {
    this.database = database;
  }

  /**
   * A version.
   *
   * @param number 1 for the first
   * @param label what was changed
   * @param edits what the trainer had decided, as text
   * @param content the plan itself, as text
   */
  public record Version(
      int number, String label, String edits, String content, Instant at, String by) {}

  /** The ids kept in one text. */
  static List<ItemId> items(String kept) {
    return Arrays.stream(kept.split(" ")).map(ItemId::parse).flatMap(Optional::stream).toList();
  }

  /** The days kept in one text. */
  static List<LocalDate> days(String kept) {
    return Arrays.stream(kept.split(" ")).filter(d -> !d.isEmpty()).map(LocalDate::parse).toList();
  }

  /** The version in force, the newest; empty when none was given yet. */
  public Optional<Version> current(String golferId) {
    return newestFirst(golferId).limit(1).fetchOptional(PlanVersions::kept);
  }

  /** Every version, the newest first. */
  public List<Version> all(String golferId) {
    return newestFirst(golferId).fetch(PlanVersions::kept);
  }

  private SelectLimitStep<? extends Record> newestFirst(String golferId) {
    return database
        .read()
        .select(PLAN_VERSION.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(PLAN_VERSION)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PLAN_VERSION.MADE_BY))
        .where(PLAN_VERSION.GOLFER_ID.eq(golferId))
        .orderBy(PLAN_VERSION.NUMBER.desc());
  }

  private static Version kept(Record r) {
    return new Version(
        r.get(PLAN_VERSION.NUMBER),
        r.get(PLAN_VERSION.LABEL),
        r.get(PLAN_VERSION.EDITS),
        r.get(PLAN_VERSION.CONTENT),
        Instant.parse(r.get(PLAN_VERSION.MADE_AT)),
        r.get(ACCOUNT.SHOWN_NAME));
  }

  /**
   * What is kept of a plan when it is given.
   *
   * @param label what was changed
   * @param edits what the trainer had decided, as text
   * @param content the plan itself, as text
   * @param start its first day
   * @param retest the day of the retest
   * @param items the ids of everything in it
   * @param sessions the days on which it asks for a session
   * @param at when it is given
   */
  public record New(
      String label,
      String edits,
      String content,
      LocalDate start,
      LocalDate retest,
      List<ItemId> items,
      List<LocalDate> sessions,
      Instant at) {}

  /**
   * Gives a golfer a new version; answers its number.
   *
   * @param still asked while nobody else can write: whether it may be given as things stand now
   * @return empty when it may not; then nothing was given
   */
  public Optional<Integer> give(GolferFile file, Account by, New plan, BooleanSupplier still) {
    return database.record(
        db -> {
          if (!still.getAsBoolean()) {
            return Optional.empty();
          }
          Integer newest =
              db.select(DSL.max(PLAN_VERSION.NUMBER))
                  .from(PLAN_VERSION)
                  .where(PLAN_VERSION.GOLFER_ID.eq(file.id()))
                  .fetchOne(0, Integer.class);
          PlanVersionRecord row = db.newRecord(PLAN_VERSION);
          row.setId(Ids.fresh());
          row.setGolferId(file.id());
          row.setNumber(newest == null ? 1 : newest + 1);
          row.setLabel(plan.label());
          row.setEdits(plan.edits());
          row.setContent(plan.content());
          row.setStartsOn(plan.start().toString());
          row.setRetestOn(plan.retest().toString());
          row.setItems(plan.items().stream().map(ItemId::id).collect(Collectors.joining(" ")));
          row.setSessionDays(
              plan.sessions().stream().map(LocalDate::toString).collect(Collectors.joining(" ")));
          row.setMadeAt(plan.at().toString());
          row.setMadeBy(by.id());
          row.insert();
          return Optional.of(row.getNumber());
        });
  }
}
