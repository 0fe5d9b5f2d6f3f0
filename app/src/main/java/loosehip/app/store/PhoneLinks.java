package loosehip.app.store;

import static loosehip.app.store.generated.Tables.ACCOUNT;
import static loosehip.app.store.generated.Tables.PHONE_LINK;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/**
 * Links that show one golfer the plan in their hand on a phone, without an account. What stands in
 * the address is 128 random bits; only its hash is kept.
 */
@Repository
public class PhoneLinks {
  private final Database database;
  private final Accounts accounts;
  private final Clock clock;

  PhoneLinks(Database database, Accounts accounts, Clock clock) {
    this.database = database;
    this.accounts = accounts;
    this.clock = clock;
  }

  /**
   * A link.
   *
   * @param id what it is cut by; it opens nothing
   * @param golferId whose plan it shows
   * @param endsOn its last day
   * @param madeAt when it was made
   * @param by who made it
   * @param openedAt when it was first opened; empty while it was not
   * @param cutAt when it was cut; empty while it was not
   */
  public record Link(
      String id,
      String golferId,
      LocalDate endsOn,
      Instant madeAt,
      String by,
      Optional<Instant> openedAt,
      Optional<Instant> cutAt) {
    /** Whether it opens on a day. */
    public boolean open(LocalDate on) {
      return cutAt.isEmpty() && !on.isAfter(endsOn);
    }
  }

  /** A link that was opened, with the account in whose name it answers. */
  public record Opened(Link link, Account by) {}

  /** Makes a link that ends after a day; answers what stands in its address, told only now. */
  public String make(GolferFile file, Account by, LocalDate endsOn) {
    String token = Ids.fresh();
    database.write(
        db ->
            db.insertInto(PHONE_LINK)
                .set(PHONE_LINK.ID, Ids.fresh())
                .set(PHONE_LINK.GOLFER_ID, file.id())
                .set(PHONE_LINK.TOKEN_HASH, Ids.hash(token))
                .set(PHONE_LINK.ENDS_ON, endsOn.toString())
                .set(PHONE_LINK.MADE_AT, now())
                .set(PHONE_LINK.MADE_BY, by.id())
                .execute());
    return token;
  }

  /** The link of an address, open or not; empty when there is none. */
  public Optional<Opened> find(String token) {
    return read(PHONE_LINK.TOKEN_HASH.eq(Ids.hash(token))).stream().findFirst();
  }

  /** Every link of a golfer, the newest first. */
  public List<Link> of(String golferId) {
    return read(PHONE_LINK.GOLFER_ID.eq(golferId)).stream().map(Opened::link).toList();
  }

  private List<Opened> read(Condition which) {
    return database
        .read()
        .select(PHONE_LINK.asterisk(), ACCOUNT.SHOWN_NAME)
        .from(PHONE_LINK)
        .join(ACCOUNT)
        .on(ACCOUNT.ID.eq(PHONE_LINK.MADE_BY))
        .where(which)
        .orderBy(PHONE_LINK.MADE_AT.desc())
        .fetch(r -> new Opened(link(r), accounts.byId(r.get(PHONE_LINK.MADE_BY)).orElseThrow()));
  }

  private static Link link(Record r) {
    return new Link(
        r.get(PHONE_LINK.ID),
        r.get(PHONE_LINK.GOLFER_ID),
        LocalDate.parse(r.get(PHONE_LINK.ENDS_ON)),
        Instant.parse(r.get(PHONE_LINK.MADE_AT)),
        r.get(ACCOUNT.SHOWN_NAME),
        moment(r.get(PHONE_LINK.OPENED_AT)),
        moment(r.get(PHONE_LINK.CUT_AT)));
  }

  private static Optional<Instant> moment(String kept) {
    return Optional.ofNullable(kept).map(Instant::parse);
  }

  /** Remembers that a link was opened for the first time. */
  public void opened(Link link) {
    if (link.openedAt().isEmpty()) {
      database.writeIfRoom(
          db ->
              db.update(PHONE_LINK)
                  .set(PHONE_LINK.OPENED_AT, now())
                  .where(PHONE_LINK.ID.eq(link.id()))
                  .execute());
    }
  }

  /** Cuts a golfer's link; answers whether it was open until now. */
  public boolean cut(GolferFile file, Account by, String linkId) {
    return database.write(
        db ->
            db.update(PHONE_LINK)
                    .set(PHONE_LINK.CUT_AT, now())
                    .set(PHONE_LINK.CUT_BY, by.id())
                    .where(PHONE_LINK.ID.eq(linkId))
                    .and(PHONE_LINK.GOLFER_ID.eq(file.id()))
                    .and(PHONE_LINK.CUT_AT.isNull())
                    .execute()
                == 1);
  }

  private String now() {
    return Instant.now(clock).toString();
  }
}
